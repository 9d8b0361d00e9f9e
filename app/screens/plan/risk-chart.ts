import type { EChartsCoreOption } from 'echarts/core';
import type { Ink } from '../../drawing/Chart.tsx';

/** One working day, and the share of the runs that are finished by its end. */
export interface DayChance {
  words: string;
  share: number;
}

/** The chance that all is done, day by day, with the day that can be promised and the day that was. */
export function riskChart(
  days: readonly DayChance[],
  marks: { safe: number; promised: number | null },
  ink: Ink,
): EChartsCoreOption {
  const line = (index: number, words: string, colour: string): object => ({
    xAxis: index,
    lineStyle: { color: ink(colour), width: 2, type: 'solid' },
    label: { formatter: words, color: ink('--ink'), fontSize: 13, fontWeight: 700, rotate: 0, position: 'end' },
  });
  return {
    grid: { left: 48, right: 44, top: 28, bottom: 34 },
    textStyle: { fontFamily: 'inherit' },
    xAxis: {
      type: 'category',
      boundaryGap: false,
      data: days.map(({ words }) => words),
      axisLabel: { color: ink('--ink-soft'), fontSize: 13, hideOverlap: true },
      axisLine: { lineStyle: { color: ink('--line') } },
      axisTick: { show: false },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 100,
      interval: 20,
      axisLabel: { color: ink('--ink-soft'), fontSize: 13, formatter: '{value}%' },
      splitLine: { lineStyle: { color: ink('--line') } },
    },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: number) => `${value}% chance of being done`,
      backgroundColor: ink('--sheet'),
      textStyle: { color: ink('--ink') },
    },
    series: [
      {
        type: 'line',
        step: 'middle',
        data: days.map(({ share }) => Math.round(share * 100)),
        symbol: 'none',
        lineStyle: { color: ink('--bottle'), width: 3 },
        areaStyle: { color: ink('--vial'), opacity: 0.35 },
        markLine: {
          silent: true,
          symbol: 'none',
          data: [
            line(marks.safe, marks.promised === marks.safe ? '80%, promised' : '80%', '--bottle'),
            ...(marks.promised === null || marks.promised === marks.safe
              ? []
              : [line(marks.promised, 'promised', '--late')]),
          ],
        },
      },
    ],
  };
}
