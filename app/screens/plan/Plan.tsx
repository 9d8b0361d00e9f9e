import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useJob } from '../../open-job/use-job.ts';
import { goTo, useRoute } from '../../device/route.ts';
import { EmptyState } from '../../parts/Section.tsx';
import { RunSheetView } from './RunSheetView.tsx';
import { usePlanScreen } from './use-plan-screen.ts';
import { PlanNotices } from './PlanNotices.tsx';
import { PlanHead } from './PlanHead.tsx';
import { PlanViews } from './PlanViews.tsx';
import { LeftOut } from './LeftOut.tsx';

/** The days of the job: solved, verified, and shown as painters' runs above the rack. */
export default function Plan() {
  const job = useJob();
  const { view, day } = useRoute();
  const screen = usePlanScreen();
  const { problem, reading } = screen;
  const plannable = problem.steps.size > 0;
  if ((view === 'day-sheet' || view === 'run-sheet') && reading)
    return <RunSheetView reading={reading} problem={problem} day={day} />;
  if (!plannable && problem.tooLong.length + problem.noPlace.length > 0) return <LeftOut problem={problem} />;
  if (!plannable) {
    const next = job.pieces.length === 0 ? 'walk' : 'build-up';
    return (
      <EmptyState
        title="Nothing to plan yet"
        action={
          <Button variant="contained" onClick={() => goTo({ stage: next, jobId: job.id })}>
            {next === 'walk' ? 'Walk the job' : 'Choose a build-up'}
          </Button>
        }
      >
        A plan needs pieces with a build-up.
      </EmptyState>
    );
  }
  return (
    <Box>
      <PlanNotices screen={screen} />
      <PlanHead screen={screen} />
      <PlanViews screen={screen} />
    </Box>
  );
}
