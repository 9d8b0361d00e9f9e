import { formatMoment } from '../../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { PAINTING_BLOCKERS, type PaintingBlocker } from '../../../../core/air/painting-blockers.ts';
import { lastCoat, type OutsideFaces } from '../../../../core/forecasting/outside-faces.ts';
import { bestWindow, hindrancesIn, stretchesOf } from '../../../../core/forecasting/painting-hours.ts';
import { marksInWords } from '../../../../core/job/marks.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
import { accepted } from '../../../../core/units/outcome.ts';
import type { AirNow } from '../../../open-job/use-air.ts';
import { BearingDrawing, bearingWords } from './BearingDrawing.tsx';
import { DayVial } from './DayVial.tsx';

const DAYS = 7;

interface FaceWeekProps {
  face: OutsideFaces;
  air: AirNow;
  /** The day that is chosen, by its place among the clocks' days; null when another face is. */
  chosen: number | null;
  onChoose(day: number): void;
}

/** One outside face: where it looks, and seven vials for the days ahead. */
export function FaceWeek({ face, air, chosen, onChoose }: FaceWeekProps) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { clocks, now } = air;
  const coat = lastCoat(face);
  const hindrances = useMemo(
    () => (coat ? hindrancesIn(clocks, face.climateId, coat.coating, coat.tool) : []),
    [clocks, face.climateId, coat],
  );
  const today = clocks.days.findIndex(({ startsAt, minutes }) => now < startsAt + minutes);
  const side = face.face === 'front' ? face.group.colour : (face.group.backColour ?? face.group.colour);
  const name = `${face.room.name}, ${face.face}, ${bearingWords(face.bearing)}`;
  return (
    <Box
      component="li"
      aria-label={localise(name)}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '292px minmax(0, 1fr)' },
        gap: 2,
        alignItems: 'center',
        background: 'var(--sheet)',
        border: '1px solid',
        borderColor: chosen === null ? 'var(--line)' : 'var(--ink)',
        borderRadius: '8px',
        p: 1.5,
      }}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: '62px minmax(0, 1fr)', gap: 1.5, alignItems: 'center' }}>
        <BearingDrawing bearing={face.bearing} hex={side.hex} />
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ fontWeight: 700, lineHeight: 1.2 }}>
            {face.room.name}, {face.face}
          </Box>
          <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {marksInWords(face.pieces.map(({ mark }) => mark))}, {side.name}
            {face.areInPlace ? '' : ', painted off, on the rack'}
          </Box>
          <Box sx={{ fontSize: 14 }}>{coat ? `${coat.coating.name}, ${coat.tool}` : 'no build-up yet'}</Box>
          {face.bearing === null && (
            <StatedField
              label="Faces (compass)"
              unit="°"
              text=""
              helper="north 0, east 90, south 180, west 270"
              draft={`${job.id}/${face.room.id}/bearing`}
              take={(typed) => {
                const bearing = anyNumber(typed, 0, 359);
                return bearing.ok
                  ? apply('change-room', { id: face.room.id, facts: { bearing: bearing.value } }, { quiet: true })
                  : typed.trim() === ''
                    ? accepted(null)
                    : bearing;
              }}
            />
          )}
        </Box>
      </Box>
      {coat && (
        <Box
          component="ol"
          sx={{
            display: 'grid',
            gridTemplateColumns: `repeat(${DAYS}, minmax(62px, 1fr))`,
            gap: 1,
            overflowX: 'auto',
            pb: 0.5,
          }}
        >
          {clocks.days.slice(today, today + DAYS).map((day, index) => {
            const first = Math.round(day.startsAt / 60);
            const stretches = stretchesOf(hindrances, first, first + Math.round(day.minutes / 60));
            const best = bestWindow(stretches);
            const hourOf = (hour: number): number => clocks.localHour(hour)?.hour ?? 24;
            return (
              <li key={day.date}>
                <DayVial
                  title={formatMoment(air.at(day.startsAt + 720), 'monthDay')}
                  stretches={stretches.map((stretch) => ({
                    ...stretch,
                    from: hourOf(stretch.from),
                    until: hourOf(stretch.until - 1) + 1,
                  }))}
                  words={
                    best === null
                      ? mostOf(hindrances.slice(first + 6, first + 20))
                      : `${hourOf(best.from)}:00–${hourOf(best.until - 1) + 1}:00`
                  }
                  isPaintable={best !== null}
                  isChosen={chosen === today + index}
                  onChoose={() => onChoose(today + index)}
                />
              </li>
            );
          })}
        </Box>
      )}
    </Box>
  );
}

/** What is most against painting in these hours. */
function mostOf(hours: readonly (readonly PaintingBlocker[])[]): string {
  const counts = new Map<PaintingBlocker, number>();
  for (const [first] of hours) if (first && first !== 'dark') counts.set(first, (counts.get(first) ?? 0) + 1);
  const [most] = [...counts].sort((one, other) => other[1] - one[1]);
  return PAINTING_BLOCKERS[most?.[0] ?? 'dark'].short;
}
