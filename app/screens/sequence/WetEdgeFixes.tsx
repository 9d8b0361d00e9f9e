import { lapWords } from '../../../core/sequence/order-words.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { StrokeSetting } from '../../../core/sequence/simulated-pass.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Vial } from '../../drawing/Vial.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';
import { useAnswerTo } from '../../asking/use-answer-to.ts';
import { startWays, type AskedPass, type WaySummary } from '../../asking/sequence.ts';
import type { StrokesView } from './use-strokes.ts';

/** So many ways are told at first. */
const SHOWN_AT_FIRST = 3;
const STATE_WORDS = { fresh: 'wet edge kept', close: 'only just', 'gone-off': 'still dries' } as const;
const COLOURS = { fresh: 'var(--ready)', close: 'var(--tacky)', 'gone-off': 'var(--late)' } as const;

/** Ways out of a pass, asked of a worker whenever what it is asked about has changed. */
function useWays(asked: AskedPass): { ways: WaySummary[] | null; failed: string | null; cancel(): void } {
  const job = useJob();
  const key = JSON.stringify(asked);
  // Another job, asked the same, is another question.
  const question = useMemo(() => ({ job, key }), [job, key]);
  const [cancelled, setCancelled] = useState('');
  const { answered, failure } = useAnswerTo(cancelled === key ? null : question, (to) =>
    startWays(to.job, JSON.parse(to.key) as AskedPass),
  );
  return {
    ways: answered?.to.key === key ? answered.answer : null,
    failed: cancelled === key ? 'Stopped. Change a setting to search again.' : failure,
    cancel: () => setCancelled(key),
  };
}

/** What can be done about the oldest lap, each of it simulated, the best first. */
export function WaysOut({ view, onTry }: { view: StrokesView; onTry(change: Partial<StrokeSetting>): void }) {
  const localise = useLocalise();
  const { ways, failed, cancel } = useWays(view.asked);
  const [isLong, setIsLong] = useState(false);
  if (failed !== null) return <Typography role="alert">{failed}</Typography>;
  if (ways === null) {
    return (
      <Box sx={{ display: 'grid', gap: 1 }}>
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Trying fixes…</Typography>
        <LinearProgress aria-label="Trying fixes" />
        <Button size="small" onClick={cancel} sx={{ justifySelf: 'start' }}>
          Stop
        </Button>
      </Box>
    );
  }
  if (ways.length === 0) {
    return (
      <Typography sx={{ fontSize: 15 }}>
        {view.result.worst?.state === 'gone-off'
          ? 'No fix found. Split the piece or stop at a corner.'
          : 'No fix needed: edges stay wet.'}
      </Typography>
    );
  }
  const shown = isLong ? ways : ways.slice(0, SHOWN_AT_FIRST);
  const more = ways.length - shown.length;
  return (
    <Box component="ol" aria-label="Fixes, best first" sx={{ display: 'grid', gap: 1 }}>
      {shown.map((way, index) => (
        <Box
          component="li"
          key={way.id}
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 1fr) auto',
            gap: 1,
            alignItems: 'center',
            p: 1.25,
            border: '1px solid',
            borderColor: index === 0 && way.state !== 'gone-off' ? 'var(--ink)' : 'var(--line)',
            borderRadius: '6px',
            background: 'var(--sheet)',
          }}
        >
          <Box>
            <Box sx={{ fontWeight: 650, lineHeight: 1.3 }}>{localise(way.does)}</Box>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', my: 0.5, flexWrap: 'wrap' }}>
              <Vial
                size="rung"
                reading={vialReading(way.age, {
                  since: 0,
                  opens: 0,
                  closes: way.limit === Infinity ? null : way.limit,
                })}
                words={lapWords(way)}
              />
              <Box component="span" sx={{ color: COLOURS[way.state], fontWeight: 650, fontSize: 14 }}>
                {STATE_WORDS[way.state]}
              </Box>
              <Box component="span" sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {lapWords(way)} · takes {formatDuration(way.minutes)}
              </Box>
            </Box>
            <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', lineHeight: 1.35 }}>{localise(way.costs)}</Box>
          </Box>
          <Button
            variant={index === 0 ? 'contained' : 'outlined'}
            aria-label={`Try: ${localise(way.does)}`}
            onClick={() => onTry(way.change)}
          >
            Try
          </Button>
        </Box>
      ))}
      {more > 0 && (
        <li>
          <Button size="small" onClick={() => setIsLong(true)}>
            Show {more} more
          </Button>
        </li>
      )}
    </Box>
  );
}
