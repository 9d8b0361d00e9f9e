import { setPointAt, type Climate, type Heating } from './climate.ts';

/** Hours of a day's clock. */
const HOURS = Array.from({ length: 24 }, (_hour, index) => index);

/** Hours of heating until a climate has its warmest set-point on the coldest morning of a usual day; 0 for one unheated. */
export function warmingHours({ heating, usual }: Pick<Climate, 'heating' | 'usual'>): number {
  if (heating === null) return 0;
  const warmest = Math.max(...heating.spans.map(({ setPoint }) => setPoint));
  return Math.max(0, (warmest - usual.coldest) / heating.warmUp);
}

/** Whether the heating is on, by clock hour: 1 in the hours of its spans, 0 in others. */
export function heatedHours(heating: Pick<Heating, 'spans'>): number[] {
  return HOURS.map((hour) => (setPointAt(heating, hour) > -Infinity ? 1 : 0));
}
