import { TEMPERATURE } from '../../../../core/units/measures.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { formatMoment } from '../../../../core/units/moments.ts';
import { memo } from 'react';
import { localTime } from '../../../../core/job/site-time.ts';
import type { JobProblem } from '../../../../core/planning/drafting/job-to-problem.ts';
import type { TimeAxis } from './time-axis.ts';

/** Pixels of the days above, and of the air below them. */
export const HEAD = 46;
export const AIR = 64;

interface BackdropProps {
  t0: string;
  timeZone: string;
  axis: TimeAxis;
  height: number;
  problem: JobProblem;
  /** Where the temperature is drawn of. */
  climateId: string;
}

/** Days and hours, the hours when nobody works darker and folded, and the air in which pieces dry. */
export const Backdrop = memo(function Backdrop({ t0, timeZone, axis, height, problem, climateId }: BackdropProps) {
  const { first, days, x, perHour } = axis;
  const every = perHour >= 60 ? 1 : perHour >= 20 ? 2 : 4;
  return (
    <g aria-hidden>
      {Array.from({ length: days * 24 }, (_unused, hour) => {
        const start = x(first + hour * 60);
        const end = x(first + (hour + 1) * 60);
        return axis.isWorking(hour) ? null : (
          <rect key={hour} x={start} y={HEAD - 2} width={end - start + 0.5} height={height} fill="var(--night)" />
        );
      })}
      {Array.from({ length: days }, (_unused, day) => {
        const start = first + day * 1440;
        const date = localTime(t0, start + 60, timeZone);
        const isNarrow = x(start + 1440) - x(start) < 84;
        return (
          <g key={day}>
            <line x1={x(start)} x2={x(start)} y1={0} y2={height} stroke="var(--ink-soft)" strokeOpacity={0.45} />
            <text x={x(start) + 6} y={19} className="condensed" fontSize={16} fill="var(--ink)">
              {formatMoment(date, isNarrow ? 'monthDay' : 'day')}
            </text>
            {Array.from({ length: 24 }, (_hour, hour) => hour)
              .filter((hour) => hour % every === 0 && axis.isWorking(day * 24 + hour))
              .map((hour) => (
                <text
                  key={hour}
                  x={x(start + hour * 60)}
                  y={38}
                  textAnchor="middle"
                  fontSize={13}
                  fill="var(--ink-soft)"
                >
                  {hour}
                </text>
              ))}
          </g>
        );
      })}
      <AirCurve problem={problem} climateId={climateId} axis={axis} />
    </g>
  );
});

/** The temperature where the pieces dry, hour by hour, with the coldest of every day in figures. */
function AirCurve({ problem, climateId, axis }: Pick<BackdropProps, 'problem' | 'climateId' | 'axis'>) {
  const { first, days, x } = axis;
  const air = problem.clocks.air(climateId).slice(first / 60, first / 60 + days * 24);
  const { units } = useJob().settings;
  const temperatures = air.map((hour) => hour.temperature);
  const low = Math.min(...temperatures) - 1;
  const high = Math.max(...temperatures) + 1;
  const y = (temperature: number): number => HEAD + AIR - 8 - ((temperature - low) / (high - low)) * (AIR - 18);
  const points = temperatures.map((temperature, hour) => `${x(first + hour * 60 + 30)} ${y(temperature)}`);
  const nights = Array.from({ length: days }, (_unused, day) => {
    const hours = temperatures.slice(day * 24, day * 24 + 9);
    const coldest = Math.min(...hours);
    return { hour: day * 24 + hours.indexOf(coldest), coldest };
  });
  return (
    <g>
      <path d={`M${points.join('L')}`} fill="none" stroke="var(--tacky)" strokeWidth={2} />
      {nights.map(({ hour, coldest }) => (
        <text
          key={hour}
          x={x(first + hour * 60 + 30)}
          y={y(coldest) - 6}
          textAnchor="middle"
          fontSize={13}
          fill="var(--ink)"
          stroke="var(--sheet)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {TEMPERATURE.fieldValue(coldest, units, 0)}°
        </text>
      ))}
      <line x1={0} x2={x(first + days * 1440)} y1={HEAD + AIR} y2={HEAD + AIR} stroke="var(--line)" />
    </g>
  );
}
