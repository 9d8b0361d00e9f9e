import { BesideList } from '../../parts/BesideList.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Suspense } from 'react';
import { fetchedLater } from '../../device/fetched-later.ts';
import { isChosen } from '../../../core/build-up/coat-stack.ts';
import { reviewBuildUp } from '../../../core/build-up/build-up-review.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { GroupList, type GroupState } from '../../parts/GroupList.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { goTo, useRoute } from '../../device/route.ts';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { GroupBuildUp } from './GroupBuildUp.tsx';

const ShelfView = fetchedLater(async () => ({ default: (await import('./shelf/ShelfView.tsx')).ShelfView }));
const ProtectionSheet = fetchedLater(async () => ({
  default: (await import('./ProtectionSheet.tsx')).ProtectionSheet,
}));

const VIEWS = { choose: 'Build-ups', shelf: 'Shelf', protection: 'Protection' } as const;

/** Choose the build-up of each group of like pieces; what there is to choose from; and what protects while one does it. */
export default function BuildUpStage() {
  const route = useRoute();
  const view = useView(VIEWS, 'choose');
  return (
    <Box>
      <StageViews stage="build-up" views={VIEWS} view={view} />
      <Suspense fallback={null}>
        {view === 'shelf' && <ShelfView />}
        {view === 'protection' && <ProtectionSheet />}
      </Suspense>
      {view === 'choose' && <Groups groupId={route.groupId} />}
    </Box>
  );
}

function Groups({ groupId }: { groupId: string | null }) {
  const job = useJob();
  const stateOf = (group: FinishGroup): GroupState => {
    const standing = reviewBuildUp(job, group);
    if (standing === null) return { share: 0, words: 'no build-up yet', call: 'to choose' };
    return {
      share: standing.isInDoubt ? 0.7 : 1,
      words: standing.isInDoubt ? 'check again' : 'build-up chosen',
      call: standing.isInDoubt ? 'check again' : null,
    };
  };
  const group =
    job.groups.find(({ id }) => id === groupId) ?? job.groups.find((other) => !isChosen(other)) ?? job.groups[0];
  if (!group) {
    return (
      <WalkFirst title="Nothing to coat yet">
        Add pieces first. Pieces with the same surface share a build-up.
      </WalkFirst>
    );
  }
  return (
    <BesideList
      list={
        <Box>
          <GroupList stage="build-up" chosen={group.id} stateOf={stateOf} />
          <Button sx={{ mt: 1 }} onClick={() => goTo({ stage: 'test', jobId: job.id, groupId: group.id })}>
            See tests
          </Button>
        </Box>
      }
    >
      <GroupBuildUp key={group.id} group={group} />
    </BesideList>
  );
}
