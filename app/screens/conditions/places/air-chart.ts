import { formatMoment } from '../../../../core/units/moments.ts';
import type { EChartsCoreOption } from 'echarts/core';
import { stretchesOf } from '../../../../core/forecasting/painting-hours.ts';
import type { Ink } from '../../../drawing/Chart.tsx';
import { hourInWords, hoursOf, linesOf, nightsOf, type DaysShown } from './days-shown.ts';

const FAMILY = "'Archivo Variable', system-ui, sans-serif";
const LANE = 38;
const TOP = 210;
/** Height of the chart with so many lanes below it, in px. */
export const chartHeight = (lanes: number): number => TOP + 58 + lanes * LANE + (lanes > 0 ? 14 : 0);

/** Days of a place: temperature, dew point, humidity and surface above, and below when each product may be painted. */
export function airChart(shown: DaysShown, ink: Ink): EChartsCoreOption {
  const { now, rain, lanes } = shown;
  const { air, surface, dewPoint, humidity } = linesOf(shown);
  const line = (name: string, colour: string, data: [number, number][], style: object, more: object = {}): object => ({
    name,
    type: 'line',
    showSymbol: false,
    data,
    lineStyle: { color: ink(colour), width: 2, ...style },
    itemStyle: { color: ink(colour) },
    ...more,
  });
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
      formatter: (points: { axisValue: number }[]) => hourInWords(shown, Math.floor((points[0]?.axisValue ?? 0) / 60)),
    },
    ...axes(shown, ink),
    series: [
      line('air', '--tacky', air, { width: 3 }, { markArea: nightArea(shown, ink), markLine: nowLine(now, ink) }),
      ...(surface === null ? [] : [line('surface', '--late', surface, { type: [6, 3] })]),
      line('dew point', '--wet', dewPoint, { type: [2, 3] }),
      line('humidity', '--cured', humidity, { width: 1.5, opacity: 0.8 }, { yAxisIndex: 1 }),
      ...(rain === null ? [] : [showers(rain, shown, ink)]),
      bands(shown, ink),
      names(shown, ink),
    ],
  };
}

/** Days below; degrees on the left, humidity on the right, and lanes without figures. */
function axes(shown: DaysShown, ink: Ink): EChartsCoreOption {
  const axis = { axisLine: { lineStyle: { color: ink('--line') } }, axisTick: { show: false } };
  const label = { color: ink('--ink-soft'), fontSize: 13 };
  const days = { min: shown.from * 60, max: shown.until * 60 };
  const midnights = shown.midnights.filter((time) => time >= days.min && time < days.max);
  return {
    xAxis: [0, 1].map((gridIndex) => ({
      ...axis,
      ...days,
      gridIndex,
      type: 'value',
      splitLine: { show: false },
      axisLabel: {
        show: gridIndex === 0,
        // On a phone the days would lie on each other.
        hideOverlap: true,
        customValues: midnights.map((time) => Math.min(time + 720, days.max)),
        formatter: (time: number) => formatMoment(shown.at(time), 'day'),
        color: ink('--ink'),
        fontSize: 13,
      },
    })),
    yAxis: [
      {
        ...axis,
        type: 'value',
        scale: true,
        axisLabel: { formatter: '{value}°', ...label },
        splitLine: { lineStyle: { color: ink('--line') } },
      },
      {
        ...axis,
        type: 'value',
        min: 0,
        max: 100,
        interval: 25,
        axisLabel: { formatter: '{value}%', ...label },
        splitLine: { show: false },
      },
      { gridIndex: 1, type: 'value', min: 0, max: Math.max(1, shown.lanes.length), inverse: true, show: false },
    ],
  };
}

const nightArea = (shown: DaysShown, ink: Ink): object => ({
  silent: true,
  itemStyle: { color: ink('--night'), opacity: 0.75 },
  data: nightsOf(shown).map(([start, end]) => [{ xAxis: start * 60 }, { xAxis: end * 60 }]),
});

const nowLine = (now: number, ink: Ink): object => ({
  silent: true,
  symbol: 'none',
  label: { formatter: 'now', color: ink('--ink'), fontSize: 13, position: 'end', distance: 2 },
  lineStyle: { color: ink('--ink'), type: 'solid', width: 1.5 },
  data: [{ xAxis: now }],
});

/** What ECharts hands to a drawing of one's own: the entry's values, and where a point lies. */
interface Drawing {
  value(index: number): number;
  coord(point: number[]): number[];
}
const onLanes = { type: 'custom', xAxisIndex: 1, yAxisIndex: 2, silent: true };

/** Rain as bars from the foot of the chart, taller for more of it. */
function showers(rain: ArrayLike<number>, shown: DaysShown, ink: Ink): object {
  return {
    type: 'custom',
    silent: true,
    data: hoursOf(shown).flatMap((hour) => ((rain[hour] ?? 0) > 0 ? [[hour * 60, rain[hour]]] : [])),
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
function bands({ lanes, from, until }: DaysShown, ink: Ink): object {
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

function names({ lanes, from }: DaysShown, ink: Ink): object {
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
