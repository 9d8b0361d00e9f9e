import Box from '@mui/material/Box';
import type { Coating } from '../../../../core/shelf/coating.ts';
import { fitHours, fittedHours } from '../../../../core/shelf/drying/fitted.ts';
import { formatDuration, TEMPERATURE } from '../../../../core/units/measures.ts';
import { useJob } from '../../../open-job/use-job.ts';

const WIDTH = 320;
const HEIGHT = 96;
const [COLDEST, WARMEST] = [5, 30];

/** The line through the hours that a tin states at several temperatures, with its points. */
export function FittedHours({ coating }: { coating: Coating }) {
  const job = useJob();
  const { recoatAt } = coating;
  const fit = fitHours(recoatAt);
  if (fit === null) {
    return (
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', mt: 1 }}>
        Tin gives recoat hours at two or more temperatures? Enter them: Nivel uses those instead.
      </Box>
    );
  }
  const at = (temperature: number): number => fittedHours(fit, temperature);
  const most = Math.max(at(COLDEST), ...recoatAt.map(({ hours }) => hours));
  const x = (temperature: number): number => 8 + ((temperature - COLDEST) / (WARMEST - COLDEST)) * (WIDTH - 16);
  const y = (hours: number): number => HEIGHT - 18 - (hours / most) * (HEIGHT - 30);
  const temperatures = Array.from({ length: WARMEST - COLDEST + 1 }, (_unused, index) => COLDEST + index);
  const { units } = job.settings;
  const told = [8, 15, 23].map(
    (temperature) => `${formatDuration(at(temperature) * 60)} at ${TEMPERATURE.format(temperature, units)}`,
  );
  return (
    <Box sx={{ mt: 1, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
      <Box
        component="svg"
        role="img"
        aria-label={`Fitted: recoat after ${told.join(', ')}`}
        width={WIDTH}
        height={HEIGHT}
      >
        <line x1={0} x2={WIDTH} y1={HEIGHT - 18} y2={HEIGHT - 18} stroke="var(--line)" />
        <path
          d={temperatures
            .map((temperature, index) => `${index === 0 ? 'M' : 'L'}${x(temperature)} ${y(at(temperature))}`)
            .join('')}
          fill="none"
          stroke="var(--bottle)"
          strokeWidth={2}
        />
        {recoatAt.map(({ temperature, hours }) => (
          <circle key={temperature} cx={x(temperature)} cy={y(hours)} r={5} fill="var(--vial)" stroke="#18292b" />
        ))}
        {[10, 20, 30].map((temperature) => (
          <text key={temperature} x={x(temperature) - 8} y={HEIGHT - 3} fontSize={13} fill="var(--ink-soft)">
            {TEMPERATURE.format(temperature, units)}
          </text>
        ))}
      </Box>
      <Box sx={{ fontSize: 14 }}>Fitted: recoat after {told.join(', ')}.</Box>
    </Box>
  );
}
