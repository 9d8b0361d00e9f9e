import { TableHead } from '../../parts/TableHead.tsx';
import { formatMoment } from '../../../core/units/moments.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import { comparePlans, type ComparedPlan } from '../../../core/planning/revising/compare-plans.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { taskWords } from '../../../core/planning/reading/task-words.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { ListTable } from '../../parts/ListTable.tsx';
import { Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { Consequences } from './Consequences.tsx';

interface ChangesPanelProps {
  /** What is shown. */
  plan: ComparedPlan;
  t0: string;
  problem: JobProblem;
  /** Plans that were accepted, the last first. */
  accepted: readonly AcceptedPlan[];
  /** Takes an earlier plan up again; null where the job has changed since it was made. */
  onTakeUp(plan: AcceptedPlan): void;
  canTakeUp(plan: AcceptedPlan): boolean;
}

/** Rows before the rest is asked for. */
const FEW = 10;

/** What the plan that is shown does otherwise than one that was accepted before. */
export function ChangesPanel({ plan, t0, problem, accepted, onTakeUp, canTakeUp }: ChangesPanelProps) {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const [against, setAgainst] = useState(0);
  const [showsAll, setShowsAll] = useState(false);
  const zone = job.site.timeZone;
  const before = accepted[against] ?? accepted[0];
  if (before === undefined) return <Typography>No earlier plan to compare with.</Typography>;
  const when = (minutes: number): string => formatMoment(localTime(t0, minutes, zone), 'dayTime');
  const changes = comparePlans(problem, before, plan, minutesSince(t0, now, zone));
  const rows = showsAll ? changes.moved : changes.moved.slice(0, FEW);
  return (
    <Sheet>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
        <ChoiceField
          label="Against"
          value={Math.min(against, accepted.length - 1)}
          sx={{ minWidth: 300 }}
          choices={accepted.map(({ madeAt, reason }, index) => ({
            value: index,
            words: `${formatMoment(localTime(madeAt, 0, zone), 'dayTime')}: ${reason}`,
          }))}
          onChange={setAgainst}
        />
        <Box sx={{ flex: '1 1 300px' }}>
          <Consequences changes={changes} t0={t0} besides={[]} />
        </Box>
        {canTakeUp(before) && <Button onClick={() => onTakeUp(before)}>Restore that plan</Button>}
      </Box>
      {changes.pieces.length > 0 && (
        <Box
          component="ul"
          aria-label="Pieces with a new finish time"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mb: 1.5, fontSize: 14 }}
        >
          {changes.pieces.slice(0, showsAll ? undefined : FEW).map(({ piece, from, to }) => (
            <Box component="li" key={piece.id} sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}>
              <Tag mark={piece.mark} />
              {formatDuration(Math.abs(to - from))} {to > from ? 'later' : 'earlier'}
            </Box>
          ))}
        </Box>
      )}
      {rows.length > 0 && (
        <ListTable>
          <TableHead columns={['Step', 'Before', 'After', 'Change']} />
          <tbody>
            {rows.map(({ taskId, from, to, handed }) => (
              <tr key={taskId}>
                <td>{localise(taskWords(job, problem, taskId))}</td>
                <td>{when(from)}</td>
                <td>{when(to)}</td>
                <td>
                  {to === from
                    ? 'same time'
                    : `${formatDuration(Math.abs(to - from))} ${to > from ? 'later' : 'earlier'}`}
                  {handed && ', other painter'}
                </td>
              </tr>
            ))}
          </tbody>
        </ListTable>
      )}
      {changes.moved.length > FEW && (
        <Button size="small" onClick={() => setShowsAll(!showsAll)} sx={{ mt: 1 }}>
          {showsAll ? 'Show fewer' : `Show all ${changes.moved.length}`}
        </Button>
      )}
      {changes.moved.length === 0 && <Typography>No changes.</Typography>}
    </Sheet>
  );
}
