import { airWords, meanAir } from '../forecasting/drying-account.ts';
import { TIN_AIR } from '../shelf/drying/tin-air.ts';
import { capital } from '../units/sentence.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { CONDITIONER_FACTOR, DAMPING } from './open-time.ts';
import type { TimedStroke } from './simulate.ts';
import type { PassInput, PassResult, StrokeSetting } from './simulated-pass.ts';
import { CLOSE_FROM } from './wet-edge.ts';

/** How the verdict on a pass came about: the tin's open time in this air, then both strokes of the oldest lap. */
export function edgeAccount(
  { coating, clocks, climateId }: Pick<PassInput, 'coating' | 'clocks' | 'climateId'>,
  setting: Pick<StrokeSetting, 'conditioner' | 'isDamped' | 'start'>,
  { worst, openTime, until }: Pick<PassResult, 'worst' | 'openTime' | 'until'>,
  units: UnitSystem,
): string[] {
  const { start } = setting;
  const percent = Math.round((CONDITIONER_FACTOR - 1) * 100);
  return [
    `Tin: wet for ${coating.openTime} min at ${airWords(TIN_AIR, units)}.`,
    ...(setting.conditioner ? [`Conditioner: ${percent}% longer.`] : []),
    `Here: ${airWords(meanAir(clocks, climateId, start, until), units)}${setting.isDamped ? `, damped by up to ${DAMPING} points` : ''}.`,
    openTime === Infinity ? 'Too cold to set.' : `So wet for ${openTime.toFixed(1)} min.`,
    ...(worst
      ? [
          strokeWords(worst.earlier, start),
          strokeWords(worst.later, start),
          `From middle to middle ${worst.age.toFixed(1)} min, which is ${Math.round(worst.share * 100)}% of its open time. Up to ${CLOSE_FROM * 100}% it counts as fresh.`,
        ]
      : ['Nothing laps here.']),
  ];
}

/** A stroke with its minutes from the first one on: “No. 3, top rail: from 4.5 to 6.0 min.” */
const strokeWords = ({ stroke, number, from, until }: TimedStroke, start: number): string =>
  `${capital(stroke.name)}, no. ${number}: from ${(from - start).toFixed(1)} to ${(until - start).toFixed(1)} min.`;
