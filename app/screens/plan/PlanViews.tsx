import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { minutesSince } from '../../../core/job/site-time.ts';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { goTo } from '../../device/route.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { Section } from '../../parts/Section.tsx';
import { Agenda } from './Agenda.tsx';
import { BoardSection } from './BoardSection.tsx';
import { ChangesPanel } from './ChangesPanel.tsx';
import { CrewHoursTable } from './CrewHoursTable.tsx';
import { HangTable } from './HangTable.tsx';
import { PlanFiles } from './PlanFiles.tsx';
import { PlanSettings } from './PlanSettings.tsx';
import { RiskPanel } from './RiskPanel.tsx';
import { SpeedUpPanel } from './SpeedUpPanel.tsx';
import { WhyPanel } from './WhyPanel.tsx';
import type { PlanScreen } from './use-plan-screen.ts';

const VIEWS = {
  board: 'Board',
  days: 'Days',
  dates: 'Dates',
  why: 'Hold-ups',
  sooner: 'Finish sooner',
  risk: 'Risk',
  changes: 'Changes',
  settings: 'Settings',
} as const;

/** What the painter asks of a plan, a view each: the board, the days, the dates, what holds it up, how safe it is. */
export function PlanViews({ screen }: { screen: PlanScreen }) {
  const { shown, reading, comparable } = screen;
  const { changes: _changes, ...always } = VIEWS;
  const view = useView<keyof typeof VIEWS>(VIEWS, 'board');
  // Who looks at the changes stays there while a plan is accepted, with nothing to compare for a moment.
  const views: Partial<typeof VIEWS> = comparable.length > 0 || view === 'changes' ? VIEWS : always;
  if (!shown || !reading) {
    return (
      <Section title="Plan settings">
        <PlanSettings />
      </Section>
    );
  }
  return (
    <>
      <StageViews stage="plan" views={views} view={view} />
      <PlanView screen={{ ...screen, shown, reading }} view={view} />
    </>
  );
}

/** The screen once a plan is shown. */
type StandingPlan = PlanScreen & { shown: NonNullable<PlanScreen['shown']>; reading: PlanReading };

function PlanView({ screen, view }: { screen: StandingPlan; view: keyof typeof VIEWS }) {
  const job = useJob();
  const { problem, shown, reading, chosen, comparable, setAsked, takeUp } = screen;
  switch (view) {
    case 'board':
      return <BoardSection screen={screen} reading={reading} />;
    case 'days':
      return (
        <Section title="Days" aside={<PlanFiles reading={reading} plan={shown} />}>
          <Agenda
            reading={reading}
            onAsk={(asked) => {
              setAsked(asked);
              goTo({ stage: 'plan', jobId: job.id, view: 'why' });
            }}
          />
        </Section>
      );
    case 'dates':
      return (
        <Section title="Hang, close and wash dates">
          <HangTable reading={reading} problem={problem} />
        </Section>
      );
    case 'why':
      return <HoldUps screen={screen} />;
    case 'sooner':
      return (
        <Section title="Finish sooner">
          <SpeedUpPanel plan={shown} />
        </Section>
      );
    case 'risk':
      return (
        <Section title="How safe is the date?">
          <RiskPanel problem={problem} plan={shown} />
        </Section>
      );
    case 'changes':
      return (
        <Section title="Changes">
          {job.plan && <Typography sx={{ mb: 1 }}>Current plan: {job.plan.reason}</Typography>}
          <ChangesPanel
            key={chosen?.id}
            plan={shown}
            t0={reading.t0}
            problem={problem}
            accepted={comparable}
            canTakeUp={(plan) => plan !== job.plan && plan.fingerprint === planFingerprint(job)}
            onTakeUp={takeUp}
          />
        </Section>
      );
    case 'settings':
      return (
        <Section title="Plan settings">
          <PlanSettings />
        </Section>
      );
  }
}

/** What a job of the plan, or its finish, waits for; and whose hours stay idle. */
function HoldUps({ screen }: { screen: StandingPlan }) {
  const job = useJob();
  const now = useNow();
  const { problem, shown, reading, asked, setAsked, links } = screen;
  return (
    <Section title="What’s holding it up">
      <Box sx={{ display: 'grid', gap: 2 }}>
        <WhyPanel
          key={asked?.taskId}
          title={asked ? asked.what : 'Waits before the finish'}
          links={links}
          t0={reading.t0}
          onClose={asked && (() => setAsked(null))}
        />
        <CrewHoursTable problem={problem} plan={shown} from={minutesSince(reading.t0, now, job.site.timeZone)} />
      </Box>
    </Section>
  );
}
