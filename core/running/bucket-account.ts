import { VOLUME } from '../units/measures.ts';
import { formatMoment } from '../units/moments.ts';
import { counted } from '../units/sentence.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import type { Bucket, Drawn } from './tins-in-use.ts';

/** Explains the litres left in a bucket: opened or last checked, less coats and tools since. */
export function leftAccount(
  { opened, seen, drawn, left }: Pick<Bucket, 'opened' | 'seen' | 'drawn' | 'left'>,
  units: UnitSystem,
): string[] {
  const show = (litres: number): string => VOLUME.format(litres, units);
  return [
    seen ? `Checked ${formatMoment(seen.at, 'dateTime')}: ${show(seen.litres)}.` : `Opened: ${show(opened)}.`,
    ...drawnLines(drawn.lately, units),
    `So ${show(left)} left.`,
  ];
}

/** Explains the litres that a bucket should have given. */
export const usedAccount = ({ used, drawn }: Pick<Bucket, 'used' | 'drawn'>, units: UnitSystem): string[] => [
  ...drawnLines(drawn.inAll, units),
  `So ${VOLUME.format(used, units)}. What was actually used comes from what you saw left in the tin.`,
];

const drawnLines = ({ coats, onPieces, inTools }: Drawn, units: UnitSystem): string[] => [
  coats === 0
    ? 'No coats logged since.'
    : `${counted(coats, 'coat')} from the log: ${VOLUME.format(onPieces, units)}, by area and coverage.`,
  ...(inTools > 0 ? [`Lost in tools, once a day each: ${VOLUME.format(inTools, units)}.`] : []),
];
