import Box from '@mui/material/Box';
import { pieceDates, type PieceDate } from '../../../core/hanging/piece-dates.ts';
import { USES, type Readiness, type Use } from '../../../core/hanging/readiness.ts';
import { forecastAt, localTime } from '../../../core/job/site-time.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import { useJob } from '../../open-job/use-job.ts';
import { How } from '../../parts/How.tsx';
import { USE_WORDS } from './use-words.ts';

interface PieceTimelineProps {
  row: Readiness;
  at: number;
  t0: string;
  /** How a use's date came about. */
  how(use: Use): readonly string[];
}

/** Last coat, handle, hang, close, wash, full use as points of one line, those that are reached filled. */
export function PieceTimeline({ row, at, t0, how }: PieceTimelineProps) {
  const job = useJob();
  const { piece } = row;
  const dates = pieceDates(row, at);
  const whenOf = ({ at: moment, isLogged, isReached }: PieceDate): string => {
    if (isLogged) return formatMoment(localTime(t0, moment, job.site.timeZone), 'dayTime');
    if (isReached) return 'now';
    return forecastAt(t0, moment, job.site.timeZone, at);
  };
  return (
    <Box component="dl" aria-label={`Dates of ${piece.mark}`} sx={{ m: 0, display: 'grid' }}>
      {dates.map((date, index) => {
        const { event, isReached } = date;
        const use = isUse(event) && !isReached ? event : null;
        const isLast = index === dates.length - 1;
        const leadsOn = dates[index + 1]?.isReached === true;
        const ink = isReached ? 'var(--ready)' : 'var(--ink-soft)';
        return (
          <Box
            key={date.event}
            sx={{
              position: 'relative',
              display: 'grid',
              gridTemplateColumns: '132px minmax(0, 1fr)',
              pl: 3.5,
              pb: isLast ? 0 : 1,
              // The line to the next point, and the point on it.
              '&::before': {
                content: '""',
                display: isLast ? 'none' : 'block',
                position: 'absolute',
                background: leadsOn ? 'var(--ready)' : 'var(--line)',
                left: 6,
                top: 10,
                width: 3,
                height: '100%',
              },
              '&::after': {
                content: '""',
                position: 'absolute',
                left: 0,
                top: 3,
                width: 15,
                height: 15,
                borderRadius: '50%',
                border: '3px solid',
                borderColor: ink,
                background: isReached ? 'var(--ready)' : 'var(--sheet)',
              },
            }}
          >
            <Box component="dt" sx={{ fontWeight: 700, fontSize: 14 }}>
              {eventWords(date, row)}
            </Box>
            <Box component="dd" sx={{ m: 0, fontSize: 14, color: ink }}>
              {whenOf(date)}{' '}
              {use !== null && (
                <How of={`${piece.mark}: ${eventWords(date, row)}`} lines={() => how(use)} page="hang" />
              )}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** Whether an event is the beginning of a use. */
const isUse = (event: PieceDate['event']): event is Use => USES.some((use) => use === event);

/** “last coat”, “hang from”, “to be hung” or “hung”. */
function eventWords({ event, isLogged }: PieceDate, { piece }: Readiness): string {
  switch (event) {
    case 'last-coat':
      return isLogged ? 'last coat' : 'last coat due';
    case 'hung':
      if (piece.comesOff) return isLogged ? 'hung' : 'due to hang';
      return isLogged ? 'refitted' : 'due to refit';
    default:
      return `${USE_WORDS[event]} from`;
  }
}
