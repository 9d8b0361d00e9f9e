import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { standingStamps } from '../../../core/job/progress.ts';
import type { LogEntry } from '../../../core/job/document/log-schema.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { TEMPERATURE } from '../../../core/units/measures.ts';
import { useJob } from '../../open-job/use-job.ts';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

const SAID: Readonly<Record<LogEntry['event'], string>> = {
  started: 'started',
  done: 'done',
  partly: 'part done',
  tacky: 'still tacky',
  withdrawn: 'undone',
};

/** The stamps on steps, with what they noted by themselves; each can be corrected or taken back. */
export function StampList({ steps, stamps }: { steps: readonly PieceStep[]; stamps: Stamps }) {
  const job = useJob();
  const marks = new Map(steps.map(({ id, piece }) => [id, piece.mark]));
  const stamped = standingStamps(job.log).filter(({ taskId }) => marks.has(taskId));
  if (stamped.length === 0) return <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Not started.</Box>;
  return (
    <Box component="ul" aria-label="Log" sx={{ display: 'grid', gap: 0.5 }}>
      {stamped.map((stamp) => (
        <StampRow key={stamp.id} stamp={stamp} mark={marks.get(stamp.taskId) ?? ''} stamps={stamps} />
      ))}
    </Box>
  );
}

function StampRow({ stamp, mark, stamps }: { stamp: LogEntry; mark: string; stamps: Stamps }) {
  const job = useJob();
  const [time, setTime] = useState<string | null>(null);
  const tin = job.tins.find(({ id }) => id === stamp.tinId);
  const who = job.crew.find(({ id }) => id === stamp.by)?.name;
  const noted = [
    who,
    stamp.air
      ? `${TEMPERATURE.format(stamp.air.temperature, job.settings.units)}, ${Math.round(stamp.air.humidity)}% RH`
      : null,
    tin ? `tin ${tin.batch === '' ? 'with no batch' : tin.batch}` : null,
    stamp.replaces ? 'corrected' : null,
  ].filter(Boolean);
  return (
    <Box component="li" sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', fontSize: 15 }}>
      <Box sx={{ flex: '1 1 170px' }}>
        <strong>{mark}</strong> {SAID[stamp.event]}
        {stamp.share !== undefined && `, ${Math.round(stamp.share * 100)}%`} {formatMoment(stamp.at, 'time')}
        <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
          {noted.join(' · ')}
        </Box>
      </Box>
      {time === null ? (
        <>
          <Button
            sx={{ minHeight: 44 }}
            aria-label={`Correct the time of ${mark} ${SAID[stamp.event]}`}
            onClick={() => setTime(formatMoment(stamp.at, 'time'))}
          >
            Correct
          </Button>
          <Button
            sx={{ minHeight: 44 }}
            aria-label={`Undo ${mark} ${SAID[stamp.event]}`}
            onClick={() => stamps.withdraw(stamp)}
          >
            Undo
          </Button>
        </>
      ) : (
        <>
          <TextField
            type="time"
            size="small"
            label="Actual time"
            value={time}
            onChange={(event) => setTime(event.target.value)}
            sx={{ width: 130 }}
          />
          <Button
            variant="contained"
            sx={{ minHeight: 44 }}
            disabled={!/^\d\d:\d\d$/.test(time)}
            onClick={() => {
              stamps.correct(stamp, `${stamp.at.slice(0, 10)}T${time}`);
              setTime(null);
            }}
          >
            Save
          </Button>
        </>
      )}
    </Box>
  );
}
