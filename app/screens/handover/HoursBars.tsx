import Box from '@mui/material/Box';
import { hoursAccount } from '../../../core/handover/hours-account.ts';
import type { HoursRow } from '../../../core/handover/planned-against-real.ts';
import { How } from '../../parts/How.tsx';

const hours = (figure: number): string => `${figure.toFixed(1)} h`;

/** Planned hours as an open bar, real ones as a full one under it, to one scale. */
export function HoursBars({ title, rows }: { title: string; rows: readonly HoursRow[] }) {
  const most = Math.max(...rows.flatMap(({ planned, real }) => [planned, real]));
  return (
    <Box>
      <Box sx={{ fontWeight: 700, mb: 1 }}>{title}</Box>
      <Box component="ul" aria-label={title} sx={{ display: 'grid', gap: 1.25 }}>
        {rows.map((row) => {
          const { key, name, planned, real, timed } = row;
          const off = Math.round((real / planned - 1) * 100);
          return (
            <Box component="li" key={key}>
              <Box sx={{ display: 'flex', justifyContent: 'space-between', fontSize: 14.5, gap: 1 }}>
                <span>
                  {name} <span style={{ color: 'var(--ink-soft)' }}>({timed.length} timed)</span>{' '}
                  <How
                    of={`${name}: ${hours(planned)} → ${hours(real)}`}
                    lines={() => hoursAccount(row)}
                    page="handover#planned-v-actual"
                  />
                </span>
                <strong style={{ color: off > 8 ? 'var(--late)' : off < -8 ? 'var(--ready)' : 'inherit' }}>
                  {hours(planned)} → {hours(real)}
                </strong>
              </Box>
              <Box
                aria-hidden
                sx={{
                  height: 9,
                  width: `${(planned / most) * 100}%`,
                  border: '1.5px solid var(--ink)',
                  borderRadius: '3px 3px 0 0',
                }}
              />
              <Box
                aria-hidden
                sx={{
                  height: 9,
                  width: `${(real / most) * 100}%`,
                  background: off > 8 ? 'var(--late)' : 'var(--bottle)',
                  borderRadius: '0 0 3px 3px',
                }}
              />
            </Box>
          );
        })}
      </Box>
      <Box sx={{ fontSize: 13.5, color: 'var(--ink-soft)', mt: 1 }}>Outline: standard pace. Solid: your time.</Box>
    </Box>
  );
}
