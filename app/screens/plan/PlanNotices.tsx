import Alert from '@mui/material/Alert';
import { marksInWords } from '../../../core/job/marks.ts';
import { type AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { OutdatedBuildUpBar } from '../../parts/OutdatedBuildUpBar.tsx';
import { LiftedBar } from '../../parts/LiftedBar.tsx';
import { TooEarlyBar } from '../../parts/replanning/TooEarlyBar.tsx';
import { useTooEarly } from '../../parts/replanning/use-too-early.ts';
import { BrokenPins } from './BrokenPins.tsx';
import { NightOpenings } from './NightOpenings.tsx';
import { WeatherBar } from './WeatherBar.tsx';
import type { PlanScreen } from './use-plan-screen.ts';
import { ShortHoursBar } from './ShortHoursBar.tsx';
import { LeftOut } from './LeftOut.tsx';

/** What stands against the plan as it is shown, before anything else. */
export function PlanNotices({ screen }: { screen: PlanScreen }) {
  const { problem, reading, chosen, replan } = screen;
  return (
    <>
      <LiftedBar />
      {problem.unplanned.length > 0 && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Not planned: {marksInWords(problem.unplanned.map((piece) => piece.mark))}. No build-up chosen, or nothing to
          paint.
        </Alert>
      )}
      <LeftOut problem={problem} />
      <ShortHoursBar problem={problem} />
      <OutdatedBuildUpBar rests="The plan uses" />
      {reading && <NightOpenings reading={reading} />}
      {reading && <WeatherBar problem={problem} reading={reading} />}
      <BrokenPins problem={problem} />
      {chosen?.id === 'accepted' && <AcceptedTooEarly problem={problem} plan={chosen.plan} onReplan={replan} />}
    </>
  );
}

/** Whether the accepted plan would touch wet paint, as the problem at hand says. */
function AcceptedTooEarly({
  problem,
  plan,
  onReplan,
}: {
  problem: JobProblem;
  plan: Pick<AcceptedPlan, 'tasks'>;
  onReplan(): void;
}) {
  return <TooEarlyBar problem={problem} early={useTooEarly(problem, plan)} onReplan={onReplan} />;
}
