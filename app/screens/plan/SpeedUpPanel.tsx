import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { DatePicker } from '../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import { CHANGES } from '../../../core/choosing/changes.ts';
import type { SpeedUp } from '../../../core/choosing/speed-ups.ts';
import { capital, listed } from '../../../core/units/sentence.ts';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';
import { useSpeedUps } from './use-speed-ups.ts';

/** What it would take to be done by a day: changes, each planned anew, with the day that it buys. */
export function SpeedUpPanel({ plan }: { plan: Pick<AcceptedPlan, 't0' | 'finish'> }) {
  const job = useJob();
  const { apply } = useCommands();
  const { timeZone } = job.site;
  const { isRunning, bought, estimate, failure, ask, cancel } = useSpeedUps(planFingerprint(job));
  const finish = localTime(plan.t0, plan.finish, timeZone);
  const [day, setDay] = useState<DateTime | null>(null);
  const { promised } = job.planning;
  const usual =
    promised !== null && promised < formatMoment(finish, 'isoDate')
      ? DateTime.fromISO(promised)
      : finish.minus({ days: 1 });
  const asked = day ?? usual;
  const take = ({ changes, calls }: SpeedUp): void => {
    for (const { name, args } of calls) apply(name, args, { strokes: `take/${changes.join('+')}`, quiet: true });
  };
  return (
    <Sheet>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
        <DatePicker
          label="Finish by"
          value={asked}
          onAccept={(value) => value?.isValid && setDay(value)}
          slotProps={{ textField: { size: 'small' } }}
        />
        <Button
          variant="outlined"
          disabled={isRunning}
          onClick={() =>
            ask({
              due: minutesSince(plan.t0, `${formatMoment(asked, 'isoDate')}T23:59`, timeZone),
              finish: plan.finish,
            })
          }
        >
          Find ways
        </Button>
        <span style={{ color: 'var(--ink-soft)', fontSize: 14 }}>
          Now: {formatMoment(finish, 'day')}. Each change is fully replanned.
        </span>
      </Box>
      {isRunning && (
        <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
          <LinearProgress aria-label="Trying changes" sx={{ flex: 1 }} />
          <Button size="small" onClick={cancel}>
            Stop
          </Button>
        </Box>
      )}
      {failure !== null && <Alert severity="error">Can’t search right now: {failure}</Alert>}
      {estimate !== '' && (
        <p style={{ margin: '8px 0' }}>
          <strong>Estimated:</strong> {estimate}
        </p>
      )}
      <Box component="ol" aria-label="Ways to finish sooner">
        {bought.map((entry) => (
          <Offer key={entry.changes.join()} bought={entry} plan={plan} onTake={isRunning ? null : take} />
        ))}
      </Box>
    </Sheet>
  );
}

interface OfferProps {
  bought: SpeedUp;
  plan: Pick<AcceptedPlan, 't0' | 'finish'>;
  /** Makes the changes; null while others are still being tried. */
  onTake: ((bought: SpeedUp) => void) | null;
}

/** One change, or two together, with the day that it buys. */
function Offer({ bought, plan, onTake }: OfferProps) {
  const job = useJob();
  const changes = bought.changes.flatMap((id) => CHANGES.find((change) => change.id === id) ?? []);
  const { finish, meets } = bought;
  const day =
    finish === null
      ? 'no plan possible'
      : finish >= plan.finish
        ? 'no earlier finish found'
        : formatMoment(localTime(plan.t0, finish, job.site.timeZone), 'day');
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '88px 1fr 220px 96px' },
        alignItems: 'center',
        columnGap: 2,
        py: 0.75,
        borderTop: '1px solid var(--line)',
      }}
    >
      <Box
        component="span"
        sx={{
          justifySelf: 'start',
          px: 1,
          borderRadius: '4px',
          fontSize: 13.5,
          fontWeight: 700,
          background: meets ? 'var(--vial)' : 'transparent',
          color: meets ? '#18292b' : 'var(--ink-soft)',
        }}
      >
        {meets ? 'in time' : 'late'}
      </Box>
      <strong>{capital(listed(changes.map((change) => change.words(job))))}</strong>
      <span style={{ color: meets ? 'var(--ink)' : 'var(--ink-soft)' }}>{day}</span>
      <Button size="small" disabled={onTake === null || finish === null} onClick={() => onTake?.(bought)}>
        Apply
      </Button>
    </Box>
  );
}
