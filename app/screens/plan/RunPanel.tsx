import { goTo } from '../../device/route.ts';
import { formatMoment, type MomentStyle } from '../../../core/units/moments.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { DateTimePicker } from '../../parts/fields/date-pickers.tsx';
import { useState } from 'react';
import type { DateTime } from 'luxon';
import type { Pin } from '../../../core/job/document/plan-schema.ts';
import { localIso, localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { PlanReading, Run } from '../../../core/planning/reading/read-plan.ts';
import { workAccount } from '../../../core/steps/work-account.ts';
import { minutesOfSteps } from '../../../core/planning/reading/run-days.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { How } from '../../parts/How.tsx';
import { Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { PinIcon } from '../../drawing/icons.tsx';
import { Consequences } from './Consequences.tsx';
import type { Aim } from './held-run.ts';
import type { MovingState } from './use-moving.ts';

interface RunPanelProps {
  run: Run;
  reading: PlanReading;
  pins: readonly Pin[];
  moving: MovingState;
  /** The piece that is followed, if one is. */
  followed: string | null;
  onFollow(pieceId: string | null): void;
  onPin(pins: readonly Pin[]): void;
  onUnpin(taskIds: readonly string[]): void;
  onClose(): void;
}

/** The run that is looked at: what it is, pinned or not, and another time or other hands for it. */
export function RunPanel({ run, reading, pins, moving, followed, onFollow, onPin, onUnpin, onClose }: RunPanelProps) {
  const job = useJob();
  const localise = useLocalise();
  const now = useNow();
  const [movesIt, setMovesIt] = useState(false);
  const zone = job.site.timeZone;
  const [step] = run.steps;
  const taskIds = run.steps.map(({ id }) => id);
  const minutes = minutesOfSteps(run, run.steps, reading);
  const isPinned = pins.some(({ taskId }) => taskIds.includes(taskId));
  const isPast = run.start < minutesSince(reading.t0, now, zone);
  const when = (minutes: number, style: MomentStyle): string =>
    formatMoment(localTime(reading.t0, minutes, zone), style);
  const names = job.crew.filter(({ id }) => run.painters.includes(id)).map(({ name }) => name);
  const pieces = [...new Map(run.steps.map(({ piece }) => [piece.id, piece])).values()];
  if (!step) return null;
  return (
    <Sheet>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'start', flexWrap: 'wrap' }}>
        <Box sx={{ flex: '1 1 300px' }}>
          <Typography variant="h3">{localise(stepWords(step))}</Typography>
          <Typography sx={{ color: 'var(--ink-soft)' }}>
            {when(run.start, 'longDayTime')}–{when(run.end, 'time')}
            {names.length > 0 && `, ${names.join(' and ')}`}
            {run.setupMinutes > 0 && `, after ${formatDuration(run.setupMinutes)} set-up`}
            {isPinned && ', pinned'}{' '}
            {!isPast && (
              <How
                of={`${formatDuration(minutes)} for this job`}
                lines={() => workAccount(job, run.steps, minutes)}
                page="plan#minutes-of-a-job"
              />
            )}
          </Typography>
        </Box>
        {!isPast && (
          <>
            <Button
              startIcon={<PinIcon />}
              variant={isPinned ? 'contained' : 'outlined'}
              aria-pressed={isPinned}
              onClick={() => (isPinned ? onUnpin(taskIds) : onPin(pinsOf(run, reading, zone)))}
            >
              {isPinned ? 'Unpin' : 'Pin'}
            </Button>
            <Button variant="outlined" aria-expanded={movesIt} onClick={() => setMovesIt(!movesIt)}>
              Move…
            </Button>
          </>
        )}
        <Button onClick={() => goTo({ stage: 'plan', jobId: job.id, view: 'why' })}>Why not earlier?</Button>
        <Button onClick={onClose}>Close</Button>
      </Box>
      <Box
        component="ul"
        aria-label="Pieces in this job"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5, maxHeight: 92, overflowY: 'auto' }}
        tabIndex={0}
      >
        {pieces.map((piece) => (
          <li key={piece.id}>
            <Button
              size="small"
              aria-pressed={followed === piece.id}
              aria-label={`Follow ${piece.mark}`}
              onClick={() => onFollow(followed === piece.id ? null : piece.id)}
              sx={{ p: 0.4, minWidth: 0, outline: followed === piece.id ? '3px solid var(--vial-deep)' : 'none' }}
            >
              <Tag mark={piece.mark} />
            </Button>
          </li>
        ))}
      </Box>
      {movesIt && <MoveForm key={run.id} run={run} reading={reading} moving={moving} />}
      {moving.aim && <AimWords aim={moving.aim} t0={reading.t0} onPutBack={moving.putBack} />}
    </Sheet>
  );
}

/** Pins of a run, each of its steps where the plan has it. */
function pinsOf(run: Run, reading: PlanReading, timeZone: string): Pin[] {
  return run.steps.map(({ id }) => ({
    taskId: id,
    start: localIso(localTime(reading.t0, reading.starts.get(id) ?? run.start, timeZone)),
    painters: [...run.painters],
  }));
}

/** Another time and other hands for a run, typed: what dragging it does, for those who would rather say it. */
function MoveForm({ run, reading, moving }: Pick<RunPanelProps, 'run' | 'reading' | 'moving'>) {
  const job = useJob();
  const zone = job.site.timeZone;
  const [at, setAt] = useState<DateTime | null>(localTime(reading.t0, run.start, zone));
  const [painter, setPainter] = useState(run.painters[0] ?? '');
  const isForTwo = run.painters.length > 1;
  const look = (): void => {
    if (!at?.isValid) return;
    const start = minutesSince(reading.t0, localIso(at), zone);
    moving.aimAt({ taskIds: run.steps.map(({ id }) => id), start, painters: isForTwo ? run.painters : [painter] });
  };
  const { aim } = moving;
  const canLand = aim?.moved != null && 'plan' in aim.moved;
  return (
    <Box
      component="form"
      aria-label="Move the job"
      onSubmit={(event) => {
        event.preventDefault();
        look();
      }}
      sx={{ display: 'flex', gap: 1.25, mt: 2, flexWrap: 'wrap', alignItems: 'center' }}
    >
      <DateTimePicker
        label="Starts"
        value={at}
        onChange={setAt}
        ampm={false}
        timeSteps={{ minutes: 5 }}
        timezone={zone}
        slotProps={{ textField: { size: 'small' } }}
      />
      {!isForTwo && job.crew.length > 1 && (
        <ChoiceField
          label="Painter"
          value={painter}
          sx={{ minWidth: 170 }}
          choices={job.crew.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setPainter}
        />
      )}
      <Button type="submit" variant="outlined">
        Check effect
      </Button>
      {canLand && (
        <Button variant="contained" onClick={moving.drop}>
          Move
        </Button>
      )}
    </Box>
  );
}

/** What comes of letting a run go where it is held. */
function AimWords({ aim, t0, onPutBack }: { aim: Aim; t0: string; onPutBack(): void }) {
  const job = useJob();
  const localise = useLocalise();
  const when = formatMoment(localTime(t0, aim.start, job.site.timeZone), 'dayTime');
  const who = job.crew.filter(({ id }) => aim.painters.includes(id)).map(({ name }) => name);
  const refused =
    'refused' in aim.landing ? aim.landing.refused : aim.moved && 'refused' in aim.moved ? aim.moved.refused : null;
  return (
    <Box
      role="status"
      aria-label="Effect of the move"
      sx={{
        mt: 1.5,
        px: 1.5,
        py: 1,
        borderLeft: `5px solid ${refused === null ? 'var(--ready)' : 'var(--late)'}`,
        background: `color-mix(in srgb, ${refused === null ? 'var(--ready)' : 'var(--late)'} 9%, var(--sheet))`,
        borderRadius: '0 6px 6px 0',
        display: 'flex',
        gap: 2,
        alignItems: 'center',
      }}
    >
      <Box sx={{ flex: 1 }}>
        <strong>
          {when}, {who.join(' and ')}.
        </strong>{' '}
        {refused !== null ? (
          <>Can’t go there. {localise(refused)}</>
        ) : aim.moved && 'plan' in aim.moved ? (
          <Consequences changes={aim.moved.changes} t0={t0} besides={aim.taskIds} />
        ) : (
          'Checking…'
        )}
      </Box>
      <Button size="small" onClick={onPutBack}>
        {refused === null ? 'Cancel' : 'OK'}
      </Button>
    </Box>
  );
}

/** A piece that is followed: everything that is done to it, in order. */
export function JourneyPanel({
  pieceId,
  reading,
  onClose,
}: {
  pieceId: string;
  reading: PlanReading;
  onClose(): void;
}) {
  const job = useJob();
  const localise = useLocalise();
  const zone = job.site.timeZone;
  const runs = reading.runs.filter(({ steps }) => steps.some(({ piece }) => piece.id === pieceId));
  const steps = runs
    .flatMap((run) => run.steps.filter(({ piece }) => piece.id === pieceId).map((step) => ({ run, step })))
    .sort((one, other) => (reading.starts.get(one.step.id) ?? 0) - (reading.starts.get(other.step.id) ?? 0));
  const piece = steps[0]?.step.piece;
  if (!piece) return null;
  return (
    <Sheet>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 1 }}>
        <Tag mark={piece.mark} />
        <Typography variant="h3" sx={{ flex: 1 }}>
          {piece.mark} step by step
        </Typography>
        <Button onClick={onClose}>Close</Button>
      </Box>
      <Box
        component="ol"
        aria-label={`${piece.mark} step by step`}
        sx={{ columns: { sm: '300px' }, columnGap: 4, fontSize: 14.5 }}
      >
        {steps.map(({ step }) => (
          <Box component="li" key={step.id} sx={{ display: 'flex', gap: 1.5, py: 0.3, breakInside: 'avoid' }}>
            <Box
              component="span"
              sx={{ color: 'var(--ink-soft)', whiteSpace: 'nowrap', fontVariantNumeric: 'tabular-nums' }}
            >
              {formatMoment(localTime(reading.t0, reading.starts.get(step.id) ?? 0, zone), 'monthDayTime')}
            </Box>
            <span>{localise(stepWords(step))}</span>
          </Box>
        ))}
      </Box>
    </Sheet>
  );
}
