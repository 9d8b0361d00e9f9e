import Box from '@mui/material/Box';
import { airAt, type Climate } from '../../../core/air/climate.ts';
import { evaporating } from '../../../core/shelf/drying/evaporating.ts';
import { formatTemperature } from '../../../core/units/quantity.ts';
import { useJob } from '../../ui/job-context.tsx';

const WIDTH = 480;
const HEIGHT = 92;

/** The usual day of a climate: temperature as a line, and below it how fast waterborne paint dries, hour by hour. */
export function DayAir({ climate, date }: { climate: Climate; date: string }) {
  const { job } = useJob();
  const usual = { ...climate, exceptions: [] };
  const hours = Array.from({ length: 24 }, (_unused, hour) => airAt(usual, date, date, hour));
  const low = Math.min(...hours.map((air) => air.temperature)) - 1;
  const high = Math.max(...hours.map((air) => air.temperature)) + 1;
  const x = (hour: number): number => (hour / 24) * WIDTH;
  const y = (temperature: number): number => 58 - ((temperature - low) / (high - low)) * 46;
  const conditions = {
    minTemperature: 8,
    ventilation: climate.ventilation,
    reference: { temperature: 23, humidity: 50 },
    fittedSlope: null,
  };
  const rates = hours.map((air) => evaporating.rate(air, conditions));
  const { units } = job.settings;
  return (
    <Box>
      <Box
        component="svg"
        role="img"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        aria-label={`Usual day: ${formatTemperature(low + 1, units)} to ${formatTemperature(high - 1, units)}; waterborne paint dries at ${Math.round(Math.min(...rates) * 100)} to ${Math.round(Math.max(...rates) * 100)} % of the tin's speed`}
        sx={{ width: '100%', display: 'block' }}
      >
        {rates.map((rate, hour) => (
          <rect
            key={hour}
            x={x(hour) + 1}
            y={78 - Math.min(16, rate * 14)}
            width={WIDTH / 24 - 2}
            height={Math.max(1, Math.min(16, rate * 14))}
            fill="var(--vial-deep)"
          />
        ))}
        <path
          d={`M${hours.map((air, hour) => `${x(hour + 0.5)} ${y(air.temperature)}`).join('L')}`}
          fill="none"
          stroke="var(--tacky)"
          strokeWidth={2.5}
        />
        {[5, 15].map((hour) => (
          <text
            key={hour}
            x={x(hour + 0.5)}
            y={y(hours[hour]?.temperature ?? 0) + (hour === 5 ? -7 : 16)}
            textAnchor="middle"
            fontSize={13}
            fill="var(--ink)"
          >
            {formatTemperature(hours[hour]?.temperature ?? 0, units)} · {Math.round(hours[hour]?.humidity ?? 0)} %
          </text>
        ))}
        {[0, 6, 12, 18].map((hour) => (
          <text key={hour} x={x(hour) + 2} y={HEIGHT - 1} fontSize={13} fill="var(--ink-soft)">
            {hour}
          </text>
        ))}
      </Box>
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
        Bars: how fast waterborne paint dries; over this day{' '}
        {Math.round((rates.reduce((sum, rate) => sum + rate, 0) / 24) * 100)} % of the tin’s speed
      </Box>
    </Box>
  );
}
