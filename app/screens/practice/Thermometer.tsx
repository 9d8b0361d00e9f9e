import Box from '@mui/material/Box';
import type { Air } from '../../../core/air/climate.ts';
import { TEMPERATURE } from '../../../core/units/measures.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';

interface ThermometerProps {
  /** The air of each hour until now, the oldest first. */
  hours: readonly Air[];
  units: UnitSystem;
}

const [WIDTH, HEIGHT] = [220, 44];

/** How warm it was hour by hour until now, with the coldest hour and this one in figures. */
export function Thermometer({ hours, units }: ThermometerProps) {
  const degrees = hours.map(({ temperature }) => temperature);
  const [coldest, warmest] = [Math.min(...degrees), Math.max(...degrees)];
  const span = Math.max(1, warmest - coldest);
  const points = degrees.map(
    (each, index) =>
      `${(index / Math.max(1, degrees.length - 1)) * WIDTH},${HEIGHT - 3 - ((each - coldest) / span) * (HEIGHT - 6)}`,
  );
  const say = (temperature: number): string => TEMPERATURE.format(temperature, units, 0);
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
      <svg width={WIDTH} height={HEIGHT} aria-hidden style={{ maxWidth: '100%' }}>
        <polyline points={points.join(' ')} fill="none" stroke="var(--bottle)" strokeWidth={2} />
      </svg>
      <span>
        Now {say(degrees.at(-1) ?? 0)}. Coldest in 2 days: {say(coldest)}.
      </span>
    </Box>
  );
}
