import { formatMoment } from '../../../core/units/moments.ts';
import { operationOf } from '../../../core/steps/operations.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import { NIGHT_HUNG } from '../../../core/job/cautions.ts';
import { compareMarks, marksInWords } from '../../../core/job/marks.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { hazardsOf } from '../../../core/steps/step-hazards.ts';
import { progressByTask } from '../../../core/job/progress.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { placeOf, roomOf } from '../../../core/job/queries/places.ts';
import { localTime } from '../../../core/job/site-time.ts';
import type { PlanReading, Run } from '../../../core/planning/reading/read-plan.ts';
import { minutesAtWork } from '../../../core/planning/reading/run-days.ts';
import { isBenchWork } from '../../../core/steps/step-needs.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import type { SheetRun } from '../../../core/running/day-sheet.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { openSteps } from '../../../core/running/stamps.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { goTo } from '../../device/route.ts';
import { Caution, Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { Vial } from '../../drawing/Vial.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';
import { NowMenu } from './NowMenu.tsx';
import { StrokesLine } from './StrokesLine.tsx';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

interface NowCardProps {
  next: SheetRun | null;
  reading: PlanReading;
  at: number;
  stamps: Stamps;
  ripening: readonly DryingPiece[];
  /** The run of this painter that comes after it today; null when none does. */
  after: Run | null;
}

const VERBS = { turn: 'turned', hang: 'hung', recoat: 'recoated', 'put-right': 'put right', use: 'used' } as const;
/** What comes of doing it before the coat is ready. */
const TOO_EARLY = {
  turn: 'A soft back takes the marks of whatever it lies on.',
  hang: 'A soft coat sticks to stops and hands, and tears.',
  recoat: 'Paint over a soft coat stays soft and blisters.',
  'put-right': 'Sanded too early it tears.',
  use: 'A soft coat sticks to stops and hands, and tears.',
} as const;

/** From more pieces than this on, tags alone stand for them, so that the buttons stay in reach. */
const LONG_RUN = 8;

/** Whoever looks for a tag looks for its number. */
const inMarkOrder = (steps: readonly PieceStep[]): PieceStep[] =>
  [...steps].sort((one, other) => compareMarks(one.piece.mark, other.piece.mark));

const big = { minHeight: 64, fontSize: 20 } as const;

/** The run that is on: which pieces, where, how long; start it, stamp pieces one by one or all at once. */
export const NowCard = memo(function NowCard({ next, reading, at, stamps, ripening, after }: NowCardProps) {
  const job = useJob();
  const localise = useLocalise();
  if (next === null) {
    return (
      <Sheet>
        <Typography variant="h2">Everything is hung.</Typography>
        <Typography sx={{ color: 'var(--ink-soft)', mb: 2 }}>Nothing of this painter’s is left in the plan.</Typography>
        <Button variant="outlined" onClick={() => goTo({ stage: 'hang', jobId: job.id })}>
          See when each may be closed and washed
        </Button>
      </Sheet>
    );
  }
  const { run } = next;
  const open = openSteps(job, run);
  const [step] = open;
  if (!step) return null;
  const isRunning = progressByTask(job.log).get(step.id)?.startedAt != null;
  const isLong = run.steps.length > LONG_RUN;
  // Of a long run only those are shown that are still to be tapped.
  const shown = isLong ? open : run.steps;
  const isDone = (entry: PieceStep): boolean => !open.includes(entry);
  const zone = job.site.timeZone;
  const begins = localTime(reading.t0, run.start, zone);
  const isLater = run.start > at + 5;
  const sameDay = Math.floor(run.start / 1440) === Math.floor(at / 1440);
  const word = isRunning
    ? 'Now'
    : isLater
      ? sameDay
        ? `Next, at ${formatMoment(begins, 'time')}`
        : `Next, ${formatMoment(begins, 'longDayTime')}`
      : 'Now';
  const where = isBenchWork(step) ? placeOf(job, 'bench').name : roomOf(job, step.piece)?.name;
  const minutes = open.reduce(
    (sum, { id }) => sum + minutesAtWork(run, reading.starts.get(id) ?? 0, reading.ends.get(id) ?? 0),
    0,
  );
  const early = ripening.findLast((ripe) => open.some((entry) => entry.id === ripe.next?.id) && ripe.opens > at);
  const opens = early && localTime(reading.t0, Math.ceil(early.opens), zone);
  const readyFrom =
    early &&
    opens &&
    `${early.piece.mark} can be ${VERBS[early.verb]} from ${formatMoment(opens, sameDay ? 'time' : 'weekdayTime')}`;
  return (
    <Sheet pad={2.5}>
      <Box component="section" aria-label="Now">
        <Typography
          sx={{ fontWeight: 700, color: isLater && !isRunning ? 'var(--ink-soft)' : 'var(--ready)', fontSize: 16 }}
        >
          {word}
        </Typography>
        <Typography variant="h1" component="p" sx={{ fontSize: { xs: 24, sm: 28 }, my: 0.5 }}>
          {localise(stepWords(step))}
        </Typography>
        <Typography sx={{ color: 'var(--ink-soft)', fontSize: 16 }}>
          {where} · {open.length} {open.length === 1 ? 'piece' : 'pieces'} · {formatDuration(minutes)}
          {run.setupMinutes > 0 && !isRunning && `, and ${formatDuration(run.setupMinutes)} to set up`}
        </Typography>
        <Box
          component="ul"
          aria-label="Pieces of this run"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, my: 2, alignItems: 'flex-end' }}
        >
          {inMarkOrder(shown).map((entry) => {
            const isOpen = !isDone(entry);
            return (
              <Box
                component="li"
                key={entry.id}
                sx={{ display: 'grid', justifyItems: 'center', gap: 0.5, opacity: isOpen ? 1 : 0.45 }}
              >
                {!isLong && (
                  <PieceThumb
                    piece={entry.piece}
                    fill={groupOf(job, entry.piece)?.colour.hex ?? '#efece2'}
                    mmPerPixel={24}
                  />
                )}
                <Box
                  component="button"
                  type="button"
                  disabled={!isOpen}
                  onClick={() => stamps.done([entry])}
                  aria-label={isOpen ? `${entry.piece.mark} done` : `${entry.piece.mark} is done`}
                  sx={{
                    minHeight: 48,
                    minWidth: 76,
                    border: 0,
                    background: 'none',
                    p: 0,
                    font: 'inherit',
                    cursor: isOpen ? 'pointer' : 'default',
                    display: 'grid',
                    placeItems: 'center',
                  }}
                >
                  <Tag mark={entry.piece.mark} tone={isOpen ? 'plain' : 'ready'} size={isLong ? 'small' : 'large'} />
                </Box>
              </Box>
            );
          })}
        </Box>
        {shown.length < run.steps.length && (
          <Typography sx={{ color: 'var(--ink-soft)', mb: 2 }}>
            Done: {marksInWords(run.steps.filter(isDone).map(({ piece }) => piece.mark))}
          </Typography>
        )}
        <StrokesLine step={step} />
        {early && readyFrom && (
          <Box sx={{ mb: 2, display: 'grid', gap: 1.5 }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
              <Vial reading={vialReading(at, early)} words={readyFrom} />
              <strong>{readyFrom}</strong>
            </Box>
            <Caution>{TOO_EARLY[early.verb]}</Caution>
          </Box>
        )}
        {hazardsOf(job, step).map((hazard) => (
          <Box key={hazard.name} sx={{ mb: 1.5 }}>
            <Caution>
              {[hazard.name, hazard.mask, hazard.gloves, hazard.air, hazard.fire].filter(Boolean).join(' · ')}
            </Caution>
          </Box>
        ))}
        {operationOf(step).moves === 'night' && (
          <Box sx={{ mb: 1.5 }}>
            <Caution>{NIGHT_HUNG}</Caution>
          </Box>
        )}
        {run.needsTwo && (
          <Box sx={{ mb: 1.5 }}>
            <Caution>
              {step.painters === 2 ? 'Two painters work on it together.' : 'Heavy: two people to lift and hang.'}
            </Caution>
          </Box>
        )}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: isRunning ? '1fr 64px' : '1fr 1.4fr 64px',
            gap: 1.5,
            // On a phone they stand above the foot bar, wherever the card is scrolled to: one thumb.
            position: { xs: 'sticky', md: 'static' },
            bottom: 'calc(66px + env(safe-area-inset-bottom))',
            background: 'var(--sheet)',
            mx: -1,
            px: 1,
            py: 1,
            zIndex: 2,
          }}
        >
          {!isRunning && (
            <Button variant="outlined" sx={big} onClick={() => stamps.start(open)}>
              Start
            </Button>
          )}
          <Button variant={early ? 'outlined' : 'contained'} sx={big} onClick={() => stamps.done(open)}>
            {open.length > 1 ? `All ${open.length} done` : 'Done'}
          </Button>
          <NowMenu steps={open} after={after} stamps={stamps} />
        </Box>
        {open.length > 1 && (
          <Typography sx={{ mt: 1, fontSize: 14, color: 'var(--ink-soft)' }}>
            Or tap a tag when that piece is done.
          </Typography>
        )}
      </Box>
    </Sheet>
  );
});
