import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { z } from 'zod';
import {
  racked,
  TOUCH_IDS,
  TOUCHES,
  type TouchAnswer,
  type TouchTask,
} from '../../../../core/practising/exercises/touch.ts';
import { localTime, minutesSince } from '../../../../core/job/site-time.ts';
import { shortName } from '../../../../core/shelf/entry.ts';
import { jobSteps } from '../../../../core/steps/job-steps.ts';
import { coatClimateId } from '../../../../core/steps/wetness/coat-climate.ts';
import { stepPhrase } from '../../../../core/steps/step-words.ts';
import { formatDuration } from '../../../../core/units/measures.ts';
import { formatMoment } from '../../../../core/units/moments.ts';
import { capital } from '../../../../core/units/sentence.ts';
import type { DryingPiece } from '../../../../core/running/drying-status.ts';
import { PieceThumb } from '../../../drawing/elevation/PieceThumb.tsx';
import { useLocalise } from '../../../open-job/use-job.ts';
import { Sheet } from '../../../parts/Section.tsx';
import { ToggleChoice } from '../../../parts/fields/ToggleChoice.tsx';
import type { ExerciseViewProps } from '../exercise-views.ts';
import { useStarted } from '../use-started.ts';
import { Thermometer } from '../Thermometer.tsx';

/** Hours of air that are shown. */
const SHOWN_HOURS = 48;
const THUMB_SCALE = 44;
const CHOICES = TOUCH_IDS.map((id) => ({ value: id, words: TOUCHES[id] }));

const touchAnswerSchema = z.record(z.string(), z.enum(TOUCH_IDS));
const NOTHING_SAID: TouchAnswer = {};

/** A rack of drying pieces: for each what may be done with it. */
export function TouchView({ task, given, onAnswer }: ExerciseViewProps<TouchTask, TouchAnswer>) {
  const [chosen, setStarted] = useStarted(touchAnswerSchema, NOTHING_SAID);
  const { job, now } = task;
  const { clocks } = jobSteps(job, now);
  const lying = racked(task);
  const at = minutesSince(clocks.t0, now, job.site.timeZone);
  const hour = Math.floor(at / 60);
  const air = lying[0] ? clocks.air(coatClimateId(job, lying[0].coated)) : null;
  const hours = Array.from({ length: SHOWN_HOURS }, (_unused, back) => air?.at(hour - SHOWN_HOURS + 1 + back) ?? []);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Sheet>
        <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
          <Box className="condensed" sx={{ fontSize: 24 }}>
            {formatMoment(now, 'dayTime')}
          </Box>
          <Thermometer hours={hours.flat()} units={job.settings.units} />
        </Box>
      </Sheet>
      <Box component="ul" aria-label="Rack" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {lying.map((drying) => (
          <RackedPiece
            key={drying.piece.id}
            drying={drying}
            since={formatMoment(localTime(clocks.t0, drying.since, job.site.timeZone), 'dayTime')}
            ago={formatDuration(at - drying.since)}
          >
            <ToggleChoice
              label={drying.piece.mark}
              value={(given ?? chosen)[drying.piece.id] ?? null}
              choices={CHOICES}
              isDisabled={given !== null}
              onChange={(touch) => setStarted({ ...chosen, [drying.piece.id]: touch })}
            />
          </RackedPiece>
        ))}
      </Box>
      {given === null && (
        <Button
          variant="contained"
          disabled={lying.some(({ piece }) => chosen[piece.id] === undefined)}
          onClick={() => onAnswer(chosen)}
          sx={{ minHeight: 48, justifySelf: 'start' }}
        >
          Check answers
        </Button>
      )}
    </Box>
  );
}

interface RackedPieceProps {
  drying: DryingPiece;
  /** When its coat was put on, and how long ago. */
  since: string;
  ago: string;
  children: React.ReactNode;
}

/** A piece of the rack: what is on it since when, and what comes next. */
function RackedPiece({ drying: { piece, coated, next }, since, ago, children }: RackedPieceProps) {
  const localise = useLocalise();
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '56px minmax(0, 1fr)',
        gap: 1.5,
        p: 1.5,
        border: '1px solid var(--line)',
        borderRadius: '8px',
        background: 'var(--sheet)',
      }}
    >
      <PieceThumb piece={piece} fill="var(--bare)" mmPerPixel={THUMB_SCALE} />
      <Box sx={{ display: 'grid', gap: 0.75, alignContent: 'start' }}>
        <div>
          <strong>{piece.mark}</strong> {localise(`${capital(shortName(coated.coat.coating))}, ${since}, ${ago} ago.`)}
        </div>
        {next && <Box sx={{ color: 'var(--ink-soft)' }}>{localise(`Next: ${stepPhrase(next)}.`)}</Box>}
        {children}
      </Box>
    </Box>
  );
}
