import { dewPoint } from '../../../../core/air/humidity.ts';
import { PAINTING_BLOCKERS, type PaintingBlocker } from '../../../../core/air/painting-blockers.ts';
import { RAIN, TEMPERATURE } from '../../../../core/units/measures.ts';
import { formatMoment } from '../../../../core/units/moments.ts';
import type { UnitSystem } from '../../../../core/units/unit-systems.ts';
import type { DateTime } from 'luxon';

/** What a chart of days shows: hours `from` until before `until` of a place. */
export interface DaysShown {
  from: number;
  until: number;
  now: number;
  /** By hour of the clocks. */
  air: { temperature: ArrayLike<number>; humidity: ArrayLike<number> };
  /** The surface of a face in the open; null where it is as warm as the air. */
  surface: ArrayLike<number> | null;
  /** mm in each hour; null for a place with a roof. */
  rain: ArrayLike<number> | null;
  lanes: readonly { name: string; hindrances: readonly (readonly PaintingBlocker[])[] }[];
  midnights: readonly number[];
  isDark(hour: number): boolean;
  at(minutes: number): DateTime;
  units: UnitSystem;
}

type Points = [minutes: number, value: number][];

export const hoursOf = ({ from, until }: Pick<DaysShown, 'from' | 'until'>): number[] =>
  Array.from({ length: until - from }, (_unused, index) => from + index);

const dewPointIn = ({ air }: DaysShown, hour: number): number =>
  dewPoint(air.temperature[hour] ?? 0, Math.max(1, air.humidity[hour] ?? 50));

/** The lines of the chart, each hour at its middle: degrees in the job's unit, humidity in %; no surface where it is the air's. */
export function linesOf(
  shown: DaysShown,
): Record<'air' | 'dewPoint' | 'humidity', Points> & { surface: Points | null } {
  const { air, surface, units } = shown;
  const hours = hoursOf(shown);
  const points = (of: (hour: number) => number): Points => hours.map((hour) => [(hour + 0.5) * 60, of(hour)]);
  const degrees = (of: (hour: number) => number): Points => points((hour) => TEMPERATURE.fieldValue(of(hour), units));
  return {
    air: degrees((hour) => air.temperature[hour] ?? 0),
    surface: surface && degrees((hour) => surface[hour] ?? 0),
    dewPoint: degrees((hour) => dewPointIn(shown, hour)),
    humidity: points((hour) => air.humidity[hour] ?? 0),
  };
}

/** All of an hour as HTML, for the tooltip: when, the air, the face, rain, and whether each product may be painted. */
export function hourInWords(shown: DaysShown, hour: number): string {
  const { air, surface, rain, lanes, at, units } = shown;
  const fallen = rain?.[hour] ?? 0;
  const lines = [
    `<b>${formatMoment(at(hour * 60), 'dayTime')}</b>`,
    `air ${TEMPERATURE.format(air.temperature[hour] ?? 0, units)}, ${Math.round(air.humidity[hour] ?? 0)}% RH, dew point ${TEMPERATURE.format(dewPointIn(shown, hour), units)}`,
    ...(surface === null ? [] : [`surface ${TEMPERATURE.format(surface[hour] ?? 0, units)}`]),
    ...(fallen > 0 ? [`rain ${RAIN.format(fallen, units)}`] : []),
    ...lanes.map(({ name, hindrances }) => {
      const [first] = hindrances[hour] ?? [];
      return first === undefined ? `● ${escaped(name)}` : `○ ${escaped(name)}: ${PAINTING_BLOCKERS[first].words}`;
    }),
  ];
  return lines.join('<br>');
}

/** Names come from the painter; a tooltip is HTML. */
const escaped = (text: string): string => text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);

/** Spans of hours without the sun, from the first hour until before the last. */
export function nightsOf(shown: DaysShown): [from: number, until: number][] {
  const nights: [number, number][] = [];
  for (const hour of hoursOf(shown)) {
    const last = nights.at(-1);
    if (!shown.isDark(hour)) continue;
    if (last?.[1] === hour) last[1] = hour + 1;
    else nights.push([hour, hour + 1]);
  }
  return nights;
}
