import { formatMoment } from '../../../../core/units/moments.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import { useCallback, useMemo, useState } from 'react';
import { dewPoint } from '../../../../core/air/humidity.ts';
import { PAINTING_BLOCKERS, type PaintingBlocker } from '../../../../core/air/painting-blockers.ts';
import type { OutsideFaces } from '../../../../core/forecasting/outside-faces.ts';
import { hindrancesIn } from '../../../../core/forecasting/painting-hours.ts';
import { TEMPERATURE, TEMPERATURE_DIFFERENCE, WIND, RAIN } from '../../../../core/units/measures.ts';
import { Chart, type Ink } from '../../../drawing/Chart.tsx';
import { useJob } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { TableHead, figures } from '../../../parts/TableHead.tsx';
import { Caution, Section, Sheet } from '../../../parts/Section.tsx';
import { airChart, chartHeight } from '../places/air-chart.ts';
import { LineKey } from '../places/LineKey.tsx';
import type { AirNow } from '../../../open-job/use-air.ts';
import { bearingWords } from './BearingDrawing.tsx';

const right = { textAlign: 'right' } as const;

/** One day of an outside face, hour by hour: the air, the face, the sun, what is against painting, and how it would dry. */
export function DayHours({ face, day, air }: { face: OutsideFaces; day: number; air: AirNow }) {
  const job = useJob();
  const { units } = job.settings;
  const { clocks, now, at } = air;
  const [product, setProduct] = useState<string | null>(null);
  const coat = face.coats.find(({ coating }) => coating.id === product) ?? face.coats.at(-1);
  const date = clocks.days[day];
  const hindrances = useMemo(
    () => (coat ? hindrancesIn(clocks, face.climateId, coat.coating, coat.tool) : []),
    [clocks, face.climateId, coat],
  );
  const hours = useMemo(() => clocks.face(face.climateId), [clocks, face.climateId]);
  const option = useCallback(
    (ink: Ink) =>
      airChart(
        {
          from: 24,
          until: 24 + 7 * 24,
          now,
          units,
          at,
          air: {
            temperature: hours.map(({ outdoor }) => outdoor.temperature),
            humidity: hours.map(({ outdoor }) => outdoor.humidity),
          },
          surface: hours.map(({ surface }) => surface),
          rain: hours.map(({ outdoor }) => outdoor.rain),
          lanes: coat ? [{ name: coat.coating.name, hindrances }] : [],
          midnights: clocks.days.map(({ startsAt }) => startsAt),
          isDark: (hour) => (hours[hour]?.sun.altitude ?? 0) <= 0,
        },
        ink,
      ),
    [clocks, now, at, units, hours, coat, hindrances],
  );
  if (!date || !coat) return null;
  return (
    <Section
      title={`${face.room.name}, ${face.face}: ${formatMoment(at(date.startsAt + 720), 'longDay')}`}
      aside={
        face.coats.length > 1 && (
          <ChoiceField
            label="Coat"
            value={coat.coating.id}
            choices={face.coats.map(({ coating, tool }) => ({
              value: coating.id,
              words: (
                <>
                  {coating.name}, {tool}
                </>
              ),
            }))}
            onChange={setProduct}
          />
        )
      }
    >
      <Box sx={{ display: 'grid', gap: 2 }}>
        <Sheet>
          <Box sx={{ display: 'flex', justifyContent: 'flex-end' }}>
            <LineKey hasSurface hasRain />
          </Box>
          <Chart
            label={`${face.room.name}, ${bearingWords(face.bearing)}: air, surface, dew point and humidity for 7 days, and when to paint ${coat.coating.name}`}
            height={chartHeight(1)}
            option={option}
          />
        </Sheet>
        {face.pieces.some(({ upHigh }) => upHigh) && (
          <Caution>Ladder work: firm ground, tied or footed, never in wind.</Caution>
        )}
        <HourTable face={face} coat={coat} date={date} air={air} hindrances={hindrances} />
      </Box>
    </Section>
  );
}

interface HourTableProps {
  face: OutsideFaces;
  coat: OutsideFaces['coats'][number];
  date: AirNow['clocks']['days'][number];
  air: AirNow;
  hindrances: readonly (readonly PaintingBlocker[])[];
}

/** The hours of a day, from 05:00 to 21:00. */
function HourTable({ face, coat, date, air: { clocks, at }, hindrances }: HourTableProps) {
  const { units } = useJob().settings;
  const hours = clocks.face(face.climateId);
  const first = Math.round(date.startsAt / 60);
  const shown = Array.from({ length: Math.round(date.minutes / 60) }, (_unused, index) => first + index).filter(
    (hour) => {
      const clock = clocks.localHour(hour)?.hour ?? 0;
      return clock >= 5 && clock <= 21;
    },
  );
  const time = (minutes: number | null): string =>
    minutes === null || minutes === Infinity
      ? 'not in 3 months'
      : formatMoment(at(minutes), minutes < date.startsAt + date.minutes ? 'time' : 'weekdayTime');
  return (
    <ListTable>
      <TableHead
        columns={[
          'Hour',
          ...['Air', 'Humidity', 'Surface', 'Above dew', 'Sun W/m²', 'Wind', 'Rain'].map(figures),
          'OK to paint?',
          'Touch dry',
          'Rain-safe',
        ]}
      />
      <tbody>
        {shown.map((hour) => {
          const state = hours[hour];
          if (!state) return null;
          const { outdoor, surface, light } = state;
          const against = hindrances[hour] ?? [];
          const done = hour * 60 + 60;
          const above = surface - dewPoint(outdoor.temperature, outdoor.humidity);
          return (
            <tr key={hour}>
              <th scope="row">{formatMoment(at(hour * 60), 'time')}</th>
              <td style={right}>{TEMPERATURE.format(outdoor.temperature, units)}</td>
              <td style={right}>{Math.round(outdoor.humidity)}%</td>
              <td style={right}>{TEMPERATURE.format(surface, units)}</td>
              <td style={right}>{TEMPERATURE_DIFFERENCE.format(above, units)}</td>
              <td style={right}>{Math.round(light.direct)}</td>
              <td style={right}>{WIND.format(outdoor.wind, units)}</td>
              <td style={right}>{outdoor.rain === 0 ? '–' : RAIN.format(outdoor.rain, units)}</td>
              <td>
                <MayPaint against={against} />
              </td>
              <td>{against.length === 0 && time(clocks.reached(coat.coating, 'touch', done, face.climateId))}</td>
              <td>{against.length === 0 && time(done + coat.coating.rainSafe * 60)}</td>
            </tr>
          );
        })}
      </tbody>
    </ListTable>
  );
}

function MayPaint({ against }: { against: readonly PaintingBlocker[] }) {
  const [first] = against;
  if (first === undefined) return <strong style={{ color: 'var(--ready)' }}>yes</strong>;
  return (
    <span title={against.map((reason) => PAINTING_BLOCKERS[reason].words).join(', ')}>
      no: {PAINTING_BLOCKERS[first].short}
      {against.length > 1 && <span style={{ color: 'var(--ink-soft)' }}>, and {against.length - 1} more</span>}
    </span>
  );
}
