import { formatMoment } from '../../../core/units/moments.ts';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { DateTime } from 'luxon';

/** Stands for no week in particular. */
export const ALL_WEEKS = 'all';

/** The Monday of the week of a day; both as ISO dates. */
export const weekOf = (day: string): string => DateTime.fromISO(day).startOf('week').toISODate() ?? day;

/** Of weeks in order, that of a day, or else the next one, or the last. */
export function usualWeek(weeks: readonly string[], day: string): string {
  return weeks.find((week) => week >= weekOf(day)) ?? weeks.at(-1) ?? ALL_WEEKS;
}

/** Chooses one of several weeks, or all of them. */
export function WeekStrip({
  weeks,
  chosen,
  onChoose,
}: {
  weeks: readonly string[];
  chosen: string;
  onChoose(week: string): void;
}) {
  return (
    <ToggleButtonGroup
      exclusive
      aria-label="Week"
      value={chosen}
      sx={{ mb: 2, flexWrap: 'wrap' }}
      onChange={(_event, week: string | null) => week !== null && onChoose(week)}
    >
      {weeks.map((week) => (
        <ToggleButton key={week} value={week}>
          {weekWords(week)}
        </ToggleButton>
      ))}
      <ToggleButton value={ALL_WEEKS}>All weeks</ToggleButton>
    </ToggleButtonGroup>
  );
}

/** From its Monday to its Sunday. */
function weekWords(week: string): string {
  const [from, until] = [DateTime.fromISO(week), DateTime.fromISO(week).plus({ days: 6 })];
  return `${formatMoment(from, from.month === until.month ? 'dayOfMonth' : 'date')}–${formatMoment(until, 'date')}`;
}
