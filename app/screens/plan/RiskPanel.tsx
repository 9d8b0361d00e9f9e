import { GuideLink } from '../../parts/GuideLink.tsx';
import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useCallback, useMemo } from 'react';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { chanceBy, finishBy, type Risk } from '../../../core/scheduling/chance/risk.ts';
import { stepPhrase } from '../../../core/steps/step-words.ts';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { Chart, type Ink } from '../../drawing/Chart.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Fold } from '../../parts/Fold.tsx';
import { Sheet } from '../../parts/Section.tsx';
import { riskChart } from './risk-chart.ts';
import { useRisk } from './use-risk.ts';

interface RiskPanelProps {
  problem: JobProblem;
  plan: Pick<AcceptedPlan, 'tasks' | 't0' | 'finish'>;
}

/** The chance with which a date can be promised, in percent. */
const SAFE = 0.8;
const SHOWN_WAITS = 5;
/** Days that the chart reaches at most. */
const MAX_DAYS = 60;

/** How the plan turns out when the air and the pace are not as supposed: chances of dates, and what decides. */
export function RiskPanel({ problem, plan }: RiskPanelProps) {
  const { risk, isRunning, failure, run, cancel } = useRisk(plan);
  return (
    <Sheet>
      <Typography sx={{ mb: 1.5, maxWidth: 760 }}>
        Runs the plan 500 times with typical swings in pace and drying.
      </Typography>
      {risk === null && !isRunning && (
        <Button variant="outlined" onClick={run}>
          Test the plan
        </Button>
      )}
      {isRunning && (
        <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
          <LinearProgress aria-label="Testing the plan" sx={{ flex: 1 }} />
          <Button size="small" onClick={cancel}>
            Cancel
          </Button>
        </Box>
      )}
      {failure !== null && <Alert severity="error">Can’t test right now: {failure}</Alert>}
      {risk && <RiskReading risk={risk} problem={problem} plan={plan} />}
      <Box sx={{ mt: 2 }}>
        <Fold title="How it works" summary="spreads assumed, not measured">
          <Box component="ul" sx={{ display: 'grid', gap: 0.5, fontSize: 14.5 }}>
            <li>Pace: off by about 12% overall, and 25% from task to task.</li>
            <li>Drying: about 15% faster or slower from day to day, in spells.</li>
            <li>Work never starts before the plan says.</li>
            <li>Each painter stays on up to 15 min to finish a task.</li>
            <li>
              <GuideLink page="how-nivel-knows#the-plan" words="More in the guide" />
            </li>
          </Box>
        </Fold>
      </Box>
    </Sheet>
  );
}

/** Where the day of a tick stands among those that are shown; null when it is none of them. */
function placeOf(days: readonly { day: number }[], tick: number | null): number | null {
  const found = tick === null ? -1 : days.findIndex(({ day }) => day === Math.floor(tick / 1440));
  return found < 0 ? null : found;
}

function RiskReading({ risk, problem, plan }: RiskPanelProps & { risk: Risk }) {
  const job = useJob();
  const localise = useLocalise();
  const { timeZone } = job.site;
  const { promised } = job.planning;
  const safe = finishBy(risk, SAFE);
  const due = promised === null ? null : minutesSince(plan.t0, `${promised}T23:59`, timeZone);
  const days = useMemo(() => {
    const known = risk.finishes.filter((finish) => finish < Infinity);
    const first = Math.floor((known[0] ?? plan.finish) / 1440);
    const last = Math.min(first + MAX_DAYS, Math.floor(Math.max(known.at(-1) ?? 0, due ?? 0) / 1440));
    return Array.from({ length: last - first + 1 }, (_unused, index) => {
      const end = (first + index + 1) * 1440 - 1;
      return {
        day: first + index,
        words: formatMoment(localTime(plan.t0, end - 720, timeZone), 'day'),
        share: chanceBy(risk, end),
      };
    });
  }, [risk, plan, due, timeZone]);
  const option = useCallback(
    (ink: Ink) => riskChart(days, { safe: placeOf(days, safe) ?? days.length - 1, promised: placeOf(days, due) }, ink),
    [days, safe, due],
  );
  const words = (tick: number): string =>
    tick === Infinity ? 'not within this plan' : formatMoment(localTime(plan.t0, tick, timeZone), 'longDay');
  return (
    <Box>
      <Box
        component="dl"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 5,
          rowGap: 1,
          m: 0,
          mb: 1,
          dt: { color: 'var(--ink-soft)', fontSize: 14 },
          dd: { m: 0, fontWeight: 700, fontSize: 18 },
        }}
      >
        <div>
          <dt>Safe to promise (80%)</dt>
          <dd>{words(safe)}</dd>
        </div>
        <div>
          <dt>50:50</dt>
          <dd>{words(finishBy(risk, 0.5))}</dd>
        </div>
        {due !== null && (
          <div>
            <dt>Chance of the promised day</dt>
            <dd>{Math.round(chanceBy(risk, due) * 100)}%</dd>
          </div>
        )}
        <div>
          <dt>Chance of the planned day</dt>
          <dd>{Math.round(chanceBy(risk, (Math.floor(plan.finish / 1440) + 1) * 1440) * 100)}%</dd>
        </div>
      </Box>
      <Chart label="Chance that all is done, day by day" height={240} option={option} />
      <Typography variant="h3" sx={{ mt: 2, mb: 0.5 }}>
        Drying waits most likely to hold you up
      </Typography>
      <Box component="ol" aria-label="Drying waits most likely to hold you up" sx={{ fontSize: 14.5 }}>
        {risk.decisive.slice(0, SHOWN_WAITS).map(({ from, to, share }) => {
          const [before, after] = [from, to].map((id) => problem.steps.get(id.replace(/\/touch-dry$/, '')));
          return (
            <Box
              component="li"
              key={`${from}>${to}`}
              sx={{ display: 'grid', gridTemplateColumns: '64px 1fr', py: 0.4 }}
            >
              <strong>{Math.round(share * 100)}%</strong>
              <span>
                {before && <strong>{before.piece.mark}</strong>} {localise(before ? stepPhrase(before) : from)}, until{' '}
                {localise(after ? stepPhrase(after) : to)}
              </span>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
