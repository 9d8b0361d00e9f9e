import { ProgressMark } from '../../drawing/ProgressMark.tsx';
import { formatMoment } from '../../../core/units/moments.ts';
import { leftAccount } from '../../../core/running/bucket-account.ts';
import { How } from '../../parts/How.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import { bucketWords, type Bucket } from '../../../core/running/tins-in-use.ts';
import { VOLUME } from '../../../core/units/measures.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { Swatch } from '../../parts/Swatch.tsx';

/** Minutes before a tin runs out that it is a warning: the day, and the night to fetch another one. */
const SOON = 24 * 60;

/** How far a bucket goes. */
function lasts(
  { steps, runsOut }: Bucket['ahead'],
  at: number,
  when: (minutes: number) => string,
  litres: string,
): string {
  if (steps.length === 0) return 'No more coats from this tin.';
  if (runsOut === null) return `Enough for the ${steps.length} coats left.`;
  const { start, step, isMidRun } = runsOut;
  const moment = start <= at ? ' now' : start < Infinity ? ` ${when(start)}` : '';
  return `Runs out${moment} at ${step.piece.mark}${isMidRun ? ', part-way through' : ''}. ${litres} still to paint.`;
}

/** One bucket: its batches, what is left against what is still to be painted with it, and what somebody saw in it. */
export function TinCard({ bucket, t0 }: { bucket: Bucket; t0: string }) {
  const job = useJob();
  const localise = useLocalise();
  const now = useNow();
  const { apply } = useCommands();
  const [typed, setTyped] = useState<string | null>(null);
  const { units } = job.settings;
  const { tins, hex, opened, left, isSeen, ahead } = bucket;
  const [first] = tins;
  if (!first) return null;
  const name = capital(localise(bucketWords(bucket)));
  const batches = tins.map(({ batch }) => (batch === '' ? 'no batch' : batch)).join(' + ');
  const at = minutesSince(t0, now, job.site.timeZone);
  const isSoon = ahead.runsOut !== null && ahead.runsOut.start < at + SOON;
  const when = (minutes: number): string => forecastAt(t0, minutes, job.site.timeZone, at);
  const seen = VOLUME.fromField(Number(typed?.replace(',', '.')), units);
  const fault =
    typed !== null && typed.trim() !== '' && !(seen >= 0 && seen <= opened + 0.001)
      ? `Enter 0 to ${VOLUME.format(opened, units)}. You only opened ${VOLUME.format(opened, units)}.`
      : null;
  const see = (litres: number): void => {
    const last = tins.at(-1) ?? first;
    apply('change-tin', {
      id: last.id,
      facts: { seen: { litres, at: now }, ...(litres === 0 ? { emptiedAt: now } : {}) },
    });
    for (const tin of litres === 0 ? tins.filter(({ id }) => id !== last.id) : []) {
      apply('change-tin', { id: tin.id, facts: { emptiedAt: now } });
    }
    setTyped(null);
  };
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{ px: 2, py: 1.5, borderBottom: '1px solid var(--line)', display: 'grid', gap: 0.75 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25, flexWrap: 'wrap' }}>
        {hex && <Swatch hex={hex} size={26} />}
        <Box sx={{ flex: '1 1 150px' }}>
          <strong>{name}</strong>
          <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
            {tins.length > 1 ? `boxed: ${batches}` : batches} · opened {formatMoment(first.openedAt, 'date')}
          </Box>
        </Box>
        <ProgressMark
          width={96}
          share={opened === 0 ? 0 : Math.min(0.999, left / opened)}
          words={`${VOLUME.format(opened, units)} opened, ${VOLUME.format(bucket.used, units)} used (from the log).`}
        />
        <strong>
          {VOLUME.format(left, units)} left {isSeen ? '(checked)' : '(estimated)'}
        </strong>
        <How
          of={`${name}: ${VOLUME.format(left, units)} left`}
          lines={() => leftAccount(bucket, units)}
          page="quantities#how-litres-come-about"
        />
      </Box>
      <Box sx={{ fontSize: 15, color: isSoon ? 'var(--late)' : 'var(--ink-soft)', fontWeight: isSoon ? 650 : 400 }}>
        {localise(lasts(ahead, at, when, VOLUME.format(ahead.litres, units)))}{' '}
        {isSoon && localise('Box in the next tin first. Change over between faces.')}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}>
        {typed === null ? (
          <>
            <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => setTyped('')}>
              Log what’s left
            </Button>
            <Button sx={{ minHeight: 44 }} onClick={() => see(0)} aria-label={`${name} is empty`}>
              Mark empty
            </Button>
          </>
        ) : (
          <>
            <TextField
              size="small"
              autoFocus
              label={`${capital(VOLUME.unitName(units))} left`}
              value={typed}
              error={fault !== null}
              helperText={fault}
              onChange={(event) => setTyped(event.target.value)}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
              sx={{ width: 190 }}
            />
            <Button
              variant="contained"
              sx={{ minHeight: 44 }}
              disabled={typed.trim() === '' || fault !== null}
              onClick={() => see(Math.round(seen * 1000) / 1000)}
            >
              Save
            </Button>
            <Button sx={{ minHeight: 44 }} onClick={() => setTyped(null)}>
              Cancel
            </Button>
          </>
        )}
      </Box>
    </Box>
  );
}
