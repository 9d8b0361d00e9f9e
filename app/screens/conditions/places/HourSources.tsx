import { formatMoment } from '../../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { z } from 'zod';
import { statedHourSchema, type Climate, type HourSource } from '../../../../core/air/climate.ts';
import { hourKey } from '../../../../core/air/local-hours.ts';
import { readHoursCsv, writeHoursCsv, type ReadHours } from '../../../../core/exchange/hours-csv.ts';
import { BadRows } from '../BadRows.tsx';
import { download } from '../../../device/download.ts';
import { FileButton } from '../../../parts/FileButton.tsx';
import { useCommands, useJob, useNow } from '../../../open-job/use-job.ts';
import type { AirNow } from '../../../open-job/use-air.ts';
import { SiteFields } from '../SiteFields.tsx';
import { TypedHour } from './TypedHour.tsx';

/** Days that the weather service is asked for. */
const FORECAST_DAYS = 10;
const answerSchema = z.lazy(() => z.object({ service: z.string().max(80), hours: z.array(statedHourSchema) }));

/** Where the hours of a climate come from: the weather service, a list, or a hand; and back out as a list. */
export function HourSources({ climate, air }: { climate: Climate; air: AirNow }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const [waiting, setWaiting] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const [read, setRead] = useState<(ReadHours & { name: string }) | null>(null);
  const { latitude, longitude, timeZone } = job.site;
  const isOpenAir = climate.whereabouts === 'outdoors';
  const [last] = climate.stated.taken.slice(-1);

  const take = (hours: ReadHours['hours'], source: HourSource, name: string): void => {
    if (apply('take-hours', { climateId: climate.id, hours, source, name, at: now }).ok) setRead(null);
  };
  const askService = async (): Promise<void> => {
    setWaiting(true);
    setFault(null);
    const query = new URLSearchParams({
      latitude: String(latitude),
      longitude: String(longitude),
      zone: timeZone,
      from: now.slice(0, 10),
      days: String(FORECAST_DAYS),
    });
    try {
      const answer = await fetch(`/api/weather?${query.toString()}`);
      if (!answer.ok) throw new Error(`error ${answer.status}`);
      const { hours, service } = answerSchema.parse(await answer.json());
      take(hours, 'service', service);
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      setFault(`Can’t reach the weather service (${why}). Keeping the last forecast.`);
    } finally {
      setWaiting(false);
    }
  };
  const readFile = async (chosen: File): Promise<void> => {
    const outcome = readHoursCsv(await chosen.text(), timeZone);
    setFault(outcome.ok ? null : `${chosen.name}: ${outcome.message}`);
    if (!outcome.ok) return;
    if (outcome.value.faults.length === 0) take(outcome.value.hours, 'file', chosen.name);
    else setRead({ ...outcome.value, name: chosen.name });
  };
  const writeFile = (): void => {
    const { clocks } = air;
    const hours = Array.from({ length: Math.min(clocks.hours, 15 * 24) }, (_unused, index) => {
      const hour = clocks.localHour(index);
      const weather = isOpenAir ? clocks.weather(climate.id, index) : undefined;
      const inside = clocks.air(climate.id).at(index);
      if (!hour || !inside) return [];
      const { wind = null, cloud = null, rain = null } = weather ?? {};
      return [{ at: hourKey(hour), ...inside, wind, cloud, rain }];
    }).flat();
    download(`${climate.name}.csv`, writeHoursCsv(hours), 'text/csv');
  };

  return (
    <Box component="section" aria-label="Hourly data" sx={{ display: 'grid', gap: 1.5, mb: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Typography sx={{ flex: '1 1 260px' }}>
          {last ? (
            <>
              Hourly data for {climate.stated.hours.length} h ({last.source === 'typed' ? 'typed' : last.name},{' '}
              {formatMoment(last.at, 'dayTime')}). After that: a typical day.
            </>
          ) : (
            'No hourly data: every day is typical.'
          )}
        </Typography>
        {isOpenAir && (
          <Button
            variant="contained"
            disabled={latitude === null || longitude === null || waiting}
            onClick={() => void askService()}
          >
            {waiting ? 'Loading…' : 'Get forecast'}
          </Button>
        )}
        <FileButton
          words="Import CSV"
          label={`Hours of ${climate.name}, CSV`}
          onChoose={(chosen) => void readFile(chosen)}
        />
        <Button onClick={writeFile}>Export CSV</Button>
      </Box>
      {isOpenAir && <SiteFields />}
      {isOpenAir && (
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          <strong>Demo</strong> weather service: made-up forecasts. For real weather, import a CSV.
        </Typography>
      )}
      {fault !== null && <Alert severity="error">{fault}</Alert>}
      {read && (
        <BadRows
          file={read.name}
          faults={read.faults}
          good={`${read.hours.length} good hours`}
          onTake={() => take(read.hours, 'file', read.name)}
          onLeave={() => setRead(null)}
        />
      )}
      <TypedHour climate={climate} />
    </Box>
  );
}
