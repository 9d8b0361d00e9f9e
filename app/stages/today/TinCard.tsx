import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { bucketWords, type Bucket } from '../../../core/running/tins-in-use.ts';
import { formatVolume } from '../../../core/units/quantity.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Vial } from '../../ui/Vial.tsx';
import { completeness } from '../../ui/vial-reading.ts';

const US_QUARTS_PER_LITRE = 1.05668821;

/** One bucket: its batches, what is left against what is still to be painted with it, and what somebody saw in it. */
export function TinCard({ bucket }: { bucket: Bucket }) {
  const { job, say, now, apply } = useJob();
  const [typed, setTyped] = useState<string | null>(null);
  const { units } = job.settings;
  const { tins, hex, opened, left, isSeen, ahead } = bucket;
  const [first] = tins;
  if (!first) return null;
  const name = capital(say(bucketWords(bucket)));
  const batches = tins.map(({ batch }) => (batch === '' ? 'no batch' : batch)).join(' + ');
  const runsOut = ahead.runsOutAt;
  const lasts =
    ahead.steps.length === 0
      ? 'Nothing more is painted with it.'
      : runsOut === null
        ? `Enough for all ${ahead.steps.length} coats to come.`
        : `Runs out ${ahead.isMidRun ? 'in the middle of a run, ' : ''}on ${runsOut.piece.mark}: ${formatVolume(ahead.litres, units)} are still to come.`;
  const scale = units === 'metric' ? 1 : US_QUARTS_PER_LITRE;
  const seen = Number(typed?.replace(',', '.')) / scale;
  const fault =
    typed !== null && typed.trim() !== '' && !(seen >= 0 && seen <= opened + 0.001)
      ? `Between 0 and ${formatVolume(opened, units)}: more than was opened can’t be left.`
      : null;
  const see = (litres: number): void => {
    const last = tins.at(-1) ?? first;
    apply('state-tin', { tin: { ...last, seen: { litres, at: now }, ...(litres === 0 ? { emptiedAt: now } : {}) } });
    for (const tin of litres === 0 ? tins.filter(({ id }) => id !== last.id) : []) {
      apply('state-tin', { tin: { ...tin, emptiedAt: now } });
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
        {hex && (
          <Box
            aria-hidden
            sx={{ width: 26, height: 26, borderRadius: '5px', border: '1.5px solid var(--ink)', background: hex }}
          />
        )}
        <Box sx={{ flex: '1 1 150px' }}>
          <strong>{name}</strong>
          <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
            {tins.length > 1 ? `boxed: ${batches}` : batches} · opened {first.openedAt.slice(8, 10)}/
            {first.openedAt.slice(5, 7)}
          </Box>
        </Box>
        <Vial
          reading={completeness(ahead.litres === 0 ? 1 : left / ahead.litres)}
          words={`${name}: ${formatVolume(left, units)} left`}
          detail={`${formatVolume(opened, units)} opened, ${formatVolume(bucket.used, units)} drawn by the stamps.`}
        />
        <strong>
          {formatVolume(left, units)} {isSeen ? 'seen' : 'reckoned'}
        </strong>
      </Box>
      <Box sx={{ fontSize: 15, color: runsOut ? 'var(--late)' : 'var(--ink-soft)', fontWeight: runsOut ? 650 : 400 }}>
        {say(lasts)} {runsOut && 'Box the next tin in before, between two faces.'}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}>
        {typed === null ? (
          <>
            <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => setTyped('')}>
              I looked into it
            </Button>
            <Button sx={{ minHeight: 44 }} onClick={() => see(0)} aria-label={`${name} is empty`}>
              It is empty
            </Button>
          </>
        ) : (
          <>
            <TextField
              size="small"
              autoFocus
              label={units === 'metric' ? 'Litres left' : 'Quarts left'}
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
              Set
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
