import { formatMoment } from '../../../../core/units/moments.ts';
import type { EChartsCoreOption } from 'echarts/core';
import type { DateTime } from 'luxon';
import { dewPoint } from '../../../../core/air/humidity.ts';
import { PAINTING_BLOCKERS, type PaintingBlocker } from '../../../../core/air/painting-blockers.ts';
import { stretchesOf } from '../../../../core/forecasting/painting-hours.ts';
import { RAIN, TEMPERATURE } from '../../../../core/units/measures.ts';
import type { UnitSystem } from '../../../../core/units/unit-systems.ts';
import type { Ink } from '../../../drawing/Chart.tsx';

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

const FAMILY = "'Archivo Variable', system-ui, sans-serif";
const LANE = 38;
const TOP = 210;
/** Height of the chart with so many lanes below it, in px. */
export const chartHeight = (lanes: number): number => TOP + 58 + lanes * LANE + (lanes > 0 ? 14 : 0);

/** Days of a place: temperature, dew point, humidity and surface above, and below when each product may be painted. */
export function airChart(shown: DaysShown, ink: Ink): EChartsCoreOption {
  const { from, until, now, air, surface, rain, lanes, at, units } = shown;
  const hours = Array.from({ length: until - from }, (_unused, index) => from + index);
  const x = { min: from * 60, max: until * 60 };
  const middle = (hour: number): number => (hour + 0.5) * 60;
  const degrees = (celsius: number): number => TEMPERATURE.fieldValue(celsius, units);
  const series = (of: (hour: number) => number): [number, number][] => hours.map((hour) => [middle(hour), of(hour)]);
  const line = (name: string, colour: string, data: [number, number][], more: object = {}): object => ({
    name,
    type: 'line',
    showSymbol: false,
    data,
    lineStyle: { color: colour, width: 2 },
    itemStyle: { color: colour },
    ...more,
  });
  const dew = (hour: number): number => dewPoint(air.temperature[hour] ?? 0, Math.max(1, air.humidity[hour] ?? 50));
  const axis = { axisLine: { lineStyle: { color: ink('--line') } }, axisTick: { show: false } };
  const midnights = shown.midnights.filter((time) => time >= x.min && time < x.max);
  const nights = nightsOf(hours, shown.isDark);
  return {
    textStyle: { fontFamily: FAMILY, color: ink('--ink') },
    grid: [
      { left: 46, right: 46, top: 14, height: TOP - 14 },
      { left: 46, right: 46, top: TOP + 44, height: Math.max(1, lanes.length * LANE) },
    ],
    tooltip: {
      trigger: 'axis',
      axisPointer: { type: 'line', lineStyle: { color: ink('--ink-soft') } },
      backgroundColor: '#18292b',
      borderWidth: 0,
      textStyle: { color: '#f6f7ef', fontSize: 13 },
      formatter: (points: { axisValue: number }[]) => told(Math.floor((points[0]?.axisValue ?? 0) / 60)),
    },
    xAxis: [0, 1].map((gridIndex) => ({
      ...axis,
      ...x,
      gridIndex,
      type: 'value',
      splitLine: { show: false },
      axisLabel: {
        show: gridIndex === 0,
        customValues: midnights.map((time) => Math.min(time + 720, x.max)),
        formatter: (time: number) => formatMoment(at(time), 'day'),
        color: ink('--ink'),
        fontSize: 13,
      },
    })),
    yAxis: [
      {
        ...axis,
        type: 'value',
        scale: true,
        axisLabel: { formatter: '{value}°', color: ink('--ink-soft'), fontSize: 13 },
        splitLine: { lineStyle: { color: ink('--line') } },
      },
      {
        ...axis,
        type: 'value',
        min: 0,
        max: 100,
        interval: 25,
        axisLabel: { formatter: '{value} %', color: ink('--ink-soft'), fontSize: 13 },
        splitLine: { show: false },
      },
      { gridIndex: 1, type: 'value', min: 0, max: Math.max(1, lanes.length), inverse: true, show: false },
    ],
    series: [
      line(
        'air',
        ink('--tacky'),
        series((hour) => degrees(air.temperature[hour] ?? 0)),
        {
          lineStyle: { color: ink('--tacky'), width: 3 },
          markArea: {
            silent: true,
            itemStyle: { color: ink('--night'), opacity: 0.75 },
            data: nights.map(([start, end]) => [{ xAxis: start * 60 }, { xAxis: end * 60 }]),
          },
          markLine: {
            silent: true,
            symbol: 'none',
            label: { formatter: 'now', color: ink('--ink'), fontSize: 13, position: 'end', distance: 2 },
            lineStyle: { color: ink('--ink'), type: 'solid', width: 1.5 },
            data: [{ xAxis: now }],
          },
        },
      ),
      ...(surface === null
        ? []
        : [
            line(
              'surface',
              ink('--late'),
              series((hour) => degrees(surface[hour] ?? 0)),
              { lineStyle: { color: ink('--late'), width: 2, type: [6, 3] } },
            ),
          ]),
      line(
        'dew point',
        ink('--wet'),
        series((hour) => degrees(dew(hour))),
        {
          lineStyle: { color: ink('--wet'), width: 2, type: [2, 3] },
        },
      ),
      line(
        'humidity',
        ink('--cured'),
        series((hour) => air.humidity[hour] ?? 0),
        {
          yAxisIndex: 1,
          lineStyle: { color: ink('--cured'), width: 1.5, opacity: 0.8 },
        },
      ),
      ...(rain === null ? [] : [showers(rain, { from, until }, ink)]),
      bands(lanes, { from, until }, ink),
      names(lanes, from, ink),
    ],
  };

  function told(hour: number): string {
    const when = formatMoment(at(hour * 60), 'dayTime');
    const warm = TEMPERATURE.format(air.temperature[hour] ?? 0, units);
    const face = surface === null ? '' : `<br>surface ${TEMPERATURE.format(surface[hour] ?? 0, units)}`;
    const wet = (rain?.[hour] ?? 0) > 0 ? `<br>rain ${RAIN.format(rain?.[hour] ?? 0, units)}` : '';
    const rows = lanes.map(({ name, hindrances }) => {
      const [first] = hindrances[hour] ?? [];
      return `<br>${first === undefined ? '●' : '○'} ${escaped(name)}${first === undefined ? '' : `: ${PAINTING_BLOCKERS[first].words}`}`;
    });
    return `<b>${when}</b><br>air ${warm}, ${Math.round(air.humidity[hour] ?? 0)} %, dew point ${TEMPERATURE.format(dew(hour), units)}${face}${wet}${rows.join('')}`;
  }
}

/** What ECharts hands to a drawing of one's own: the entry's values, and where a point lies. */
interface Drawing {
  value(index: number): number;
  coord(point: number[]): number[];
}
const onLanes = { type: 'custom', xAxisIndex: 1, yAxisIndex: 2, silent: true };

/** Rain as bars from the foot of the chart, taller for more of it. */
function showers(rain: ArrayLike<number>, { from, until }: { from: number; until: number }, ink: Ink): object {
  const hours = Array.from({ length: until - from }, (_unused, index) => from + index);
  return {
    type: 'custom',
    silent: true,
    data: hours.flatMap((hour) => ((rain[hour] ?? 0) > 0 ? [[hour * 60, rain[hour]]] : [])),
    encode: { x: 0, y: [] },
    renderItem({ coordSys }: { coordSys: { y: number; height: number } }, api: Drawing) {
      const [left = 0] = api.coord([api.value(0), 0]);
      const [right = 0] = api.coord([api.value(0) + 60, 0]);
      const height = Math.min(coordSys.height / 3, 6 + 14 * api.value(1));
      return {
        type: 'rect',
        shape: { x: left, y: coordSys.y + coordSys.height - height, width: Math.max(1, right - left - 1), height },
        style: { fill: ink('--wet'), opacity: 0.55 },
      };
    },
  };
}

/** The hours of each product: a bar as round as a vial where it may be painted, a thin line elsewhere. */
function bands(lanes: DaysShown['lanes'], { from, until }: { from: number; until: number }, ink: Ink): object {
  return {
    ...onLanes,
    clip: true,
    data: lanes.flatMap(({ hindrances }, lane) =>
      stretchesOf(hindrances, from, until).map((stretch) => [
        stretch.from * 60,
        stretch.until * 60,
        lane,
        stretch.hindrance === null ? 1 : 0,
      ]),
    ),
    renderItem(_params: unknown, api: Drawing) {
      const lane = api.value(2);
      const isOpen = api.value(3) === 1;
      const [left = 0] = api.coord([api.value(0), lane]);
      const [right = 0, bottom = 0] = api.coord([api.value(1), lane + 1]);
      const tall = isOpen ? 13 : 3;
      const shape = {
        x: left,
        y: bottom - 9 - tall / 2,
        width: Math.max(1, right - left - 1),
        height: tall,
        r: tall / 2,
      };
      return {
        type: 'rect',
        shape,
        style: isOpen ? { fill: ink('--vial'), stroke: '#18292b', lineWidth: 1 } : { fill: ink('--line') },
      };
    },
  };
}

function names(lanes: DaysShown['lanes'], from: number, ink: Ink): object {
  return {
    ...onLanes,
    data: lanes.map((_lane, index) => [from * 60, index]),
    renderItem(_params: unknown, api: Drawing) {
      const index = api.value(1);
      const [x = 0, y = 0] = api.coord([api.value(0), index]);
      const style = { text: lanes[index]?.name ?? '', fill: ink('--ink'), fontSize: 13, fontFamily: FAMILY };
      return { type: 'text', x, y: y + 4, style };
    },
  };
}

/** Names come from the painter; a tooltip is HTML. */
const escaped = (text: string): string => text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);

/** Spans of hours without the sun. */
function nightsOf(hours: readonly number[], isDark: (hour: number) => boolean): [number, number][] {
  const nights: [number, number][] = [];
  for (const hour of hours) {
    const last = nights.at(-1);
    if (!isDark(hour)) continue;
    if (last?.[1] === hour) last[1] = hour + 1;
    else nights.push([hour, hour + 1]);
  }
  return nights;
}
