import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCallback, useMemo } from 'react';
import type { Climate } from '../../../../core/air/climate.ts';
import { coatsDryingIn } from '../../../../core/forecasting/coats-in.ts';
import { hindrancesIn } from '../../../../core/forecasting/painting-hours.ts';
import { Chart, type Ink } from '../../../drawing/Chart.tsx';
import { Fold } from '../../../parts/Fold.tsx';
import { useJob } from '../../../open-job/use-job.ts';
import { Sheet } from '../../../parts/Section.tsx';
import type { AirNow } from '../../../open-job/use-air.ts';
import { airChart, chartHeight } from './air-chart.ts';
import { ClimateEditor } from './ClimateEditor.tsx';
import { HourSources } from './HourSources.tsx';
import { LineKey } from './LineKey.tsx';
import { WhatIf } from './WhatIf.tsx';

/** Days that are shown ahead. */
const AHEAD = 7;

/** One place: its days ahead and when each product may be painted there, what could be done about its air, and what it follows from. */
export function Place({ climate, air }: { climate: Climate; air: AirNow }) {
  const job = useJob();
  const { units } = job.settings;
  const { clocks, now, at } = air;
  const coats = useMemo(() => coatsDryingIn(job, climate.id), [job, climate.id]);
  const from = 24;
  const isOpenAir = climate.whereabouts === 'outdoors';
  const until = Math.min(clocks.hours, from + AHEAD * 24);
  const lanes = useMemo(
    () =>
      coats.map(({ coating, tool }) => ({
        name: `${coating.name}, ${tool}`,
        hindrances: hindrancesIn(clocks, climate.id, coating, tool),
      })),
    [clocks, climate.id, coats],
  );
  const option = useCallback(
    (ink: Ink) => {
      const suns = clocks.suns();
      return airChart(
        {
          from,
          until,
          now,
          units,
          lanes,
          air: clocks.air(climate.id),
          surface: null,
          rain: isOpenAir
            ? Array.from({ length: clocks.hours }, (_unused, hour) => clocks.weather(climate.id, hour)?.rain ?? 0)
            : null,
          midnights: clocks.days.map(({ startsAt }) => startsAt),
          isDark: (hour) => (suns[hour]?.altitude ?? 0) <= 0,
          at,
        },
        ink,
      );
    },
    [clocks, now, at, units, lanes, until, climate.id, isOpenAir],
  );
  return (
    <Box sx={{ display: 'grid', gap: 2, minWidth: 0 }}>
      <Sheet>
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap', mb: 1 }}>
          <Typography variant="h2" sx={{ flex: 1 }}>
            {climate.name}
          </Typography>
          <LineKey hasSurface={false} hasRain={isOpenAir} />
        </Box>
        <Chart
          label={`${climate.name}: temperature, dew point and humidity for ${AHEAD} days, and when to paint`}
          height={chartHeight(lanes.length)}
          option={option}
        />
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          {isOpenAir && 'For each face’s own sun and hours, see Outside.'}
          {!isOpenAir && coats.length === 0 && 'No coats dry here yet. Choose a build-up to see when you can paint.'}
          {lanes.length > 0 && 'Bands: OK to paint.'}
        </Typography>
      </Sheet>
      {climate.whereabouts === 'indoors' && <WhatIf climate={climate} air={air} coats={coats} />}
      <Sheet>
        <HourSources climate={climate} air={air} />
        <Fold title="Room settings" summary={followsFrom(climate)}>
          <ClimateEditor climate={climate} />
        </Fold>
      </Sheet>
    </Box>
  );
}

function followsFrom({ shelter, heating, whereabouts, stated }: Climate): string {
  const base =
    whereabouts === 'outdoors'
      ? 'a typical day'
      : shelter === null
        ? 'its own typical day'
        : `outdoors, ${shelter.lag} h later`;
  const known = stated.hours.length > 0 ? `${stated.hours.length} h of data, then ` : '';
  return `${known}${base}${heating === null ? '' : ', heated'}`;
}
