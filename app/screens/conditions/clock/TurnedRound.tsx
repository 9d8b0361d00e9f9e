import { formatForecast, formatMoment } from '../../../../core/units/moments.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import type { UnitSystem } from '../../../../core/units/unit-systems.ts';
import Box from '@mui/material/Box';
import { DateTimePicker } from '../../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import { useMemo, useState } from 'react';
import { warmthNeeded, type DryingCoat, type WarmthNeeded } from '../../../../core/forecasting/what-if.ts';
import { climateOf } from '../../../../core/job/queries/places.ts';
import { localIso, minutesSince } from '../../../../core/job/site-time.ts';
import { DRYING_STAGES, type DryingStage } from '../../../../core/shelf/coating.ts';
import { TEMPERATURE } from '../../../../core/units/measures.ts';
import { useJob, useNow } from '../../../open-job/use-job.ts';
import { Sheet } from '../../../parts/Section.tsx';
import { STAGE_WORDS } from '../stage-words.ts';
import type { AirNow } from '../../../open-job/use-air.ts';

/** When must it be painted so that …? How warm must it be so that …? */
export function TurnedRound({ coat, placeId, air }: { coat: DryingCoat; placeId: string; air: AirNow }) {
  const job = useJob();
  const now = useNow();
  const [stage, setStage] = useState<DryingStage>('handle');
  const [wanted, setWanted] = useState<string | null>(null);
  const stages = DRYING_STAGES.filter((id) => coat.coating.hours[id] !== null);
  const asked = stages.includes(stage) ? stage : 'handle';
  const { coating, from } = coat;
  const { filmRatio = 1, factor = 1 } = coat.condition ?? {};
  const { clocks, now: at } = air;
  const { by, until, latest, warmth } = useMemo(() => {
    const wish = wanted ?? nextAfternoon(now);
    const until = minutesSince(clocks.t0, wish, job.site.timeZone);
    const condition = { filmRatio, factor };
    const climate = climateOf(job, placeId);
    return {
      by: wish,
      until,
      latest: clocks.latest(coating, asked, until, placeId, condition),
      warmth:
        climate?.whereabouts === 'indoors'
          ? warmthNeeded(job, clocks, climate, { coating, from, condition, stage: asked, until }, at)
          : null,
    };
  }, [job, clocks, at, placeId, coating, from, filmRatio, factor, asked, wanted, now]);
  return (
    <Sheet>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 1.5 }}>
        <Box sx={{ fontSize: 16 }}>I want to</Box>
        <ChoiceField
          label="Ready to"
          value={asked}
          sx={{ width: 170 }}
          choices={stages.map((id) => ({ value: id, words: STAGE_WORDS[id] }))}
          onChange={setStage}
        />
        <DateTimePicker
          label="By"
          ampm={false}
          value={DateTime.fromISO(by)}
          onChange={(value) => value?.isValid && setWanted(localIso(value))}
          slotProps={{ textField: { size: 'small', sx: { width: 215, mt: '5px' } } }}
        />
      </Box>
      <Box component="ul" sx={{ display: 'grid', gap: 1, fontSize: 16 }}>
        <li aria-label="Paint by">{latestWords(latest, air)}</li>
        {warmth && <li aria-label="Heat needed">{warmthWords(warmth, job.settings.units, air, until)}</li>}
      </Box>
    </Sheet>
  );
}

/** Four in the afternoon, today, or tomorrow when that has gone. Local ISO. */
function nextAfternoon(now: string): string {
  const today = DateTime.fromISO(now);
  const day = today.hour < 16 ? today : today.plus({ days: 1 });
  return localIso(day.set({ hour: 16, minute: 0 }));
}

function latestWords(latest: number | null, { now, at }: AirNow) {
  if (latest === null) return 'Not on the tin.';
  if (latest < 0) return 'Too late: it needed painting before yesterday.';
  const time = formatMoment(at(Math.floor(latest)), 'longDayTime');
  return latest < now ? (
    <>
      Too late: it needed painting by <strong>{time}</strong>.
    </>
  ) : (
    <>
      Paint by: <strong>{time}</strong>
    </>
  );
}

function warmthWords(warmth: WarmthNeeded, units: UnitSystem, { now, at }: AirNow, until: number) {
  const when = (minutes: number): string =>
    minutes === Infinity ? 'not in 3 months' : formatForecast(at(Math.ceil(minutes)), at(now));
  if (warmth.kind === 'none') return <>No extra heat needed. Ready: {when(warmth.at)}</>;
  if (warmth.kind === 'never') {
    return (
      <>
        Heating won’t do it: even at {TEMPERATURE.format(warmth.warmest, units)} it’s ready {when(warmth.at)}.
      </>
    );
  }
  const degrees = TEMPERATURE.format(warmth.setPoint, units, 1);
  return (
    <>
      Keep the room at <strong>{degrees}</strong> or above until {formatMoment(at(until), 'weekdayTime')}. Ready:{' '}
      {when(warmth.at)}
    </>
  );
}
