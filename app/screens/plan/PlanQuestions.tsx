import Box from '@mui/material/Box';
import { minutesSince } from '../../../core/job/site-time.ts';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { Section } from '../../parts/Section.tsx';
import { Agenda } from './Agenda.tsx';
import { ChangesPanel } from './ChangesPanel.tsx';
import { CrewHoursTable } from './CrewHoursTable.tsx';
import { HangTable } from './HangTable.tsx';
import { PlanFiles } from './PlanFiles.tsx';
import { PlanSettings } from './PlanSettings.tsx';
import { RiskPanel } from './RiskPanel.tsx';
import { SpeedUpPanel } from './SpeedUpPanel.tsx';
import { WhyPanel } from './WhyPanel.tsx';
import type { PlanScreen } from './use-plan-screen.ts';

/** What is asked of a plan once it stands: what has changed, why not earlier, what it would take, day by day. */
export function PlanQuestions({ screen }: { screen: PlanScreen }) {
  const job = useJob();
  const now = useNow();
  const { problem, chosen, shown, reading, asked, setAsked, links, takeUp, comparable } = screen;
  return (
    <>
      {shown && reading && comparable.length > 0 && (
        <Section title="What changed">
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
      )}
      {shown && reading && (
        <Section title="Why not earlier?">
          <Box sx={{ display: 'grid', gap: 2 }}>
            <WhyPanel
              key={asked?.taskId}
              title={asked ? asked.what : 'Chain to the finish'}
              links={links}
              t0={reading.t0}
              onClose={asked && (() => setAsked(null))}
            />
            <CrewHoursTable problem={problem} plan={shown} from={minutesSince(reading.t0, now, job.site.timeZone)} />
          </Box>
        </Section>
      )}
      {shown && reading && (
        <Section title="What would it take?">
          <SpeedUpPanel plan={shown} />
        </Section>
      )}
      {shown && reading && (
        <Section title="What could go wrong">
          <RiskPanel problem={problem} plan={shown} />
        </Section>
      )}
      <Section title="What the plan works with">
        <PlanSettings />
      </Section>
      {shown && reading && (
        <>
          <Section title="Day by day" aside={<PlanFiles reading={reading} plan={shown} />}>
            <Agenda reading={reading} onAsk={setAsked} />
          </Section>
          <Section title="When each piece can be used">
            <HangTable reading={reading} problem={problem} />
          </Section>
        </>
      )}
    </>
  );
}
