import Box from '@mui/material/Box';
import { USES, type Readiness } from '../../../core/hanging/readiness.ts';
import { forecastAt } from '../../../core/job/site-time.ts';
import { useJob } from '../../open-job/use-job.ts';
import { USE_WORDS } from './use-words.ts';

/** From when a piece may be handled, hung, closed, washed and used in full, in a row. */
export function UseDates({ row, at, t0 }: { row: Readiness; at: number; t0: string }) {
  const job = useJob();
  const { piece, from } = row;
  const uses = USES.filter((use) => from[use] !== null && (use !== 'rehang' || piece.comesOff));
  return (
    <Box
      component="dl"
      aria-label={`Dates of ${piece.mark}`}
      sx={{
        m: 0,
        display: 'grid',
        gridTemplateColumns: { xs: 'repeat(3, minmax(0, 1fr))', sm: `repeat(${uses.length}, minmax(0, 1fr))` },
        borderTop: { sm: '3px solid var(--line)' },
      }}
    >
      {uses.map((use) => {
        const minutes = from[use] ?? 0;
        const isPast = minutes <= at;
        return (
          <Box
            key={use}
            sx={{
              borderTop: isPast
                ? '3px solid var(--ready)'
                : { xs: '3px solid var(--line)', sm: '3px solid transparent' },
              mt: { sm: '-3px' },
              pb: { xs: 1, sm: 0 },
              pt: 0.75,
              pr: 0.5,
            }}
          >
            <Box component="dt" sx={{ fontWeight: 700, fontSize: 14 }}>
              {USE_WORDS[use]}
            </Box>
            <Box component="dd" sx={{ m: 0, fontSize: 13.5, color: isPast ? 'var(--ready)' : 'var(--ink-soft)' }}>
              {isPast ? 'now' : forecastAt(t0, minutes, job.site.timeZone, at)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
