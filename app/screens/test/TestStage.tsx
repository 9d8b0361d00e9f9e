import Button from '@mui/material/Button';
import { BesideList } from '../../parts/BesideList.tsx';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { openQuestions, testsOn } from '../../../core/surface-tests/known-surface.ts';
import { GroupList, type GroupState } from '../../parts/GroupList.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { goTo, useRoute } from '../../device/route.ts';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { Surer } from './Surer.tsx';
import { GroupTests } from './GroupTests.tsx';

/** Prove what is there: the tests that matter for each group of like pieces, and what they showed. */
export default function TestStage() {
  const job = useJob();
  const { groupId, view } = useRoute();
  const stateOf = (group: FinishGroup): GroupState => {
    const tests = testsOn(job, group.id);
    const open = openQuestions(job, group.id).size;
    const answered = tests.length - open;
    return {
      share: tests.length === 0 ? 1 : answered / tests.length,
      words: `${answered} of ${tests.length} tests done`,
      call: open === 0 ? null : `${open} to test`,
    };
  };
  const group =
    job.groups.find(({ id }) => id === groupId) ??
    job.groups.find((other) => stateOf(other).call !== null) ??
    job.groups[0];
  if (!group) {
    return (
      <WalkFirst title="Nothing to test yet">
        Add pieces first. Pieces with the same surface are tested together.
      </WalkFirst>
    );
  }
  return (
    <>
      {view === 'surer' ? (
        <Surer />
      ) : (
        job.groups.some(({ id }) => openQuestions(job, id).size > 0) && (
          <Button
            variant="outlined"
            sx={{ mb: 2, minHeight: 44 }}
            onClick={() => goTo({ stage: 'test', jobId: job.id, groupId, view: 'surer' })}
          >
            Show the tests that matter most
          </Button>
        )
      )}
      <BesideList list={<GroupList stage="test" chosen={group.id} stateOf={stateOf} />}>
        <GroupTests key={group.id} group={group} />
      </BesideList>
    </>
  );
}
