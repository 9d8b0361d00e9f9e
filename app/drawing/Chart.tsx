import Box from '@mui/material/Box';
import { CustomChart, LineChart } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components';
import { init, use as register, type EChartsCoreOption, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

register([
  LineChart,
  CustomChart,
  GridComponent,
  TooltipComponent,
  MarkAreaComponent,
  MarkLineComponent,
  AriaComponent,
  SVGRenderer,
]);

/** The colours of the page, by their names in tokens.css. */
export type Ink = (token: string) => string;

interface ChartProps {
  /** What it shows, for those who do not see it. */
  label: string;
  height: number;
  /** The chart in the colours of the page; asked again when those change. */
  option(ink: Ink): EChartsCoreOption;
}

/** A chart that is drawn in the page's own colours, by day, night and in sunlight. */
export function Chart({ label, height, option }: ChartProps) {
  const place = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | null>(null);
  const latest = useRef(option);
  latest.current = option;

  const draw = (): void => {
    const style = getComputedStyle(document.documentElement);
    const ink: Ink = (token) => style.getPropertyValue(token).trim();
    chart.current?.setOption({ animation: false, ...latest.current(ink) }, { notMerge: true });
  };

  useEffect(() => {
    if (place.current === null) return;
    const made = init(place.current, undefined, { renderer: 'svg' });
    chart.current = made;
    const size = new ResizeObserver(() => made.resize());
    size.observe(place.current);
    // Light, dark and site mode are attributes of the page.
    const scheme = new MutationObserver(draw);
    scheme.observe(document.documentElement, { attributes: true });
    return () => {
      size.disconnect();
      scheme.disconnect();
      made.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(draw, [option]);

  // What is drawn must not hold its frame open when the window gets narrower.
  return (
    <Box sx={{ position: 'relative', height }}>
      <Box ref={place} role="img" aria-label={label} sx={{ position: 'absolute', inset: 0 }} />
    </Box>
  );
}
