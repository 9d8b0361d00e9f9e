import { slowerWords } from '../../../../core/units/comparison.ts';
import { counted, capital } from '../../../../core/units/sentence.ts';
import { FILM, TEMPERATURE } from '../../../../core/units/measures.ts';
import { accepted } from '../../../../core/units/outcome.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { DateTimePicker } from '../../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import { useMemo, useState } from 'react';
import { outsideFaces } from '../../../../core/forecasting/outside-faces.ts';
import { stagesOf } from '../../../../core/forecasting/what-if.ts';
import { clocksOf } from '../../../../core/clocks/job-clocks.ts';
import { shelfOf } from '../../../../core/job/queries/shelf.ts';
import { localIso, minutesSince } from '../../../../core/job/site-time.ts';
import { learntDrying } from '../../../../core/steps/wetness/learnt-drying.ts';
import { DRYING_KINDS } from '../../../../core/shelf/drying/registry.ts';
import { wetFilm } from '../../../../core/shelf/film.ts';
import { useJob, useNow, useLocalise } from '../../../open-job/use-job.ts';
import { Section, Sheet } from '../../../parts/Section.tsx';
import type { AirNow } from '../../../open-job/use-air.ts';
import { ObservedStages } from './ObservedStages.tsx';
import { StageRows } from './StageRows.tsx';
import { TurnedRound } from './TurnedRound.tsx';

/** Days that clocks for what was learnt reach beyond the first day of the plan. */
const LEARNT_DAYS = 365;
/** What a wet film may be, in µm. */
const WET_FILM = [5, 1000] as const;

/** A coat of any product, anywhere, at any time: when it reaches each stage; and the question turned round. */
export function ClockView({ air }: { air: AirNow }) {
  const localise = useLocalise();
  const job = useJob();
  const now = useNow();
  const coatings = shelfOf(job).coatings.filter(({ archived }) => !archived);
  const used = new Set(job.groups.flatMap(({ buildUp }) => buildUp?.coats.map(({ product }) => product) ?? []));
  const sorted = [...coatings].sort((one, other) => Number(used.has(other.id)) - Number(used.has(one.id)));
  const places = useMemo(() => {
    const inPlace = outsideFaces(job).filter(({ areInPlace }) => areInPlace);
    const faces = inPlace.map(({ climateId, room, face, group }) => ({
      id: climateId,
      name: `${room.name}, ${face}, outdoors, ${group.colour.name}`,
    }));
    return [...job.climates, ...new Map(faces.map((face) => [face.id, face])).values()];
  }, [job]);
  const rack = dryingPlace(job.places, job.climates);
  const [productId, setProductId] = useState(sorted.find(({ role }) => role === 'topcoat')?.id ?? sorted[0]?.id ?? '');
  const [placeId, setPlaceId] = useState(rack);
  const [painted, setPainted] = useState<string | null>(null);
  const [film, setFilm] = useState('');
  const coating = coatings.find(({ id }) => id === productId) ?? sorted[0];
  const allLearnt = useMemo(() => learntDrying(job, clocksOf(job, LEARNT_DAYS)), [job]);
  const learnt = coating && allLearnt.get(coating.id);
  if (!coating) return null;
  const stated = wetFilm(coating.volumeSolids, coating.dryFilm);
  const { units } = job.settings;
  const typedFilm = film.trim() === '' ? accepted(stated) : FILM.read(film, WET_FILM, units);
  const paintedAt = painted ?? now;
  const coat = {
    coating,
    from: minutesSince(air.clocks.t0, paintedAt, job.site.timeZone),
    condition: { filmRatio: typedFilm.ok ? typedFilm.value / stated : 1, factor: learnt?.factor ?? 1 },
  };
  const place = places.find(({ id }) => id === placeId) ?? places[0];
  if (!place) return null;
  const isBefore = coat.from < 0;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 3, maxWidth: 1080 }}>
      <Sheet>
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <ChoiceField
            label="Product"
            value={coating.id}
            sx={{ flex: '1 1 250px' }}
            choices={sorted.map(({ id, name }) => ({
              value: id,
              words: (
                <>
                  {name}
                  {used.has(id) ? ' (chosen)' : ''}
                </>
              ),
            }))}
            onChange={setProductId}
          />
          <ChoiceField
            label="Dries in"
            value={place.id}
            sx={{ flex: '1 1 230px' }}
            choices={places.map(({ id, name }) => ({ value: id, words: name }))}
            onChange={setPlaceId}
          />
          <DateTimePicker
            label="Painted"
            ampm={false}
            value={DateTime.fromISO(paintedAt)}
            onChange={(value) => value?.isValid && setPainted(localIso(value))}
            slotProps={{ textField: { size: 'small', sx: { width: 215, mt: '5px' } } }}
          />
          <TextField
            label={`Wet film, ${FILM.unit(units)}`}
            value={film}
            placeholder={FILM.format(stated, units)}
            error={!typedFilm.ok}
            helperText={typedFilm.ok ? localise(`tin: ${FILM.format(stated, units)}`) : typedFilm.message}
            onChange={(event) => setFilm(event.target.value)}
            sx={{ width: 160 }}
          />
        </Box>
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)', mt: 0.5 }}>
          Dries by {coating.drying.map((kind) => DRYING_KINDS[kind].words).join(', then ')}. Won’t dry below{' '}
          {TEMPERATURE.brief(coating.minTemperature, units)}.
          {learnt
            ? ` ${capital(slowerWords(learnt.factor))} than the tin on this job (${counted(learnt.observations.length, 'check')}) – allowed for.`
            : ''}
        </Typography>
      </Sheet>
      {isBefore ? (
        <Typography role="alert" sx={{ color: 'var(--late)', fontWeight: 650 }}>
          Only covers the last day. See Today for older coats.
        </Typography>
      ) : (
        <>
          <Section title="Ready when">
            <StageRows
              stages={stagesOf(air.clocks, place.id, coat)}
              from={coat.from}
              coating={coating}
              air={air}
              climateId={place.id}
              condition={coat.condition}
            />
          </Section>
          <Section title="Work back">
            <TurnedRound coat={coat} placeId={place.id} air={air} />
          </Section>
        </>
      )}
      <Section title="Your checks">
        <ObservedStages learnt={learnt ?? null} />
      </Section>
    </Box>
  );
}

function dryingPlace(
  places: readonly { kind: string; climateId: string }[],
  climates: readonly { id: string }[],
): string {
  return places.find(({ kind }) => kind === 'rack')?.climateId ?? climates[0]?.id ?? '';
}
