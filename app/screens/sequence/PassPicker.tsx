import { inSentence } from '../../../core/units/sentence.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import { TEMPERATURE } from '../../../core/units/measures.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { DateTimePicker } from '../../parts/fields/date-pickers.tsx';
import { climateOf, outsideClimateId, roomOf } from '../../../core/job/queries/places.ts';
import { localIso, minutesSince } from '../../../core/job/site-time.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo, useRoute } from '../../device/route.ts';
import { Tag } from '../../parts/Tag.tsx';
import type { StrokesView } from './use-strokes.ts';

/** Which piece, which coat on which faces, where and when. */
export function PassPicker({ view }: { view: StrokesView }) {
  const job = useJob();
  const localise = useLocalise();
  const route = useRoute();
  const { piece, pass, passes, air, setting, input } = view;
  const outside = (['front', 'back'] as const).flatMap((face) => {
    const id = piece.exposure[face] === 'outside' ? outsideClimateId(job, piece, face) : null;
    return id === null ? [] : [{ id, name: `Outdoors, ${definitionOf(piece.kind).faceNames[face] ?? face}` }];
  });
  const places = [
    ...job.climates.map(({ id, name }) => ({ id, name })),
    ...new Map(outside.map((place) => [place.id, place])).values(),
  ];
  const isPast = setting.start < 0;
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      <Autocomplete
        disableClearable
        options={job.pieces}
        value={piece}
        isOptionEqualToValue={(one, other) => one.id === other.id}
        getOptionLabel={({ mark, kind, note }) =>
          localise(`${mark} ${inSentence(definitionOf(kind).name)}${note ? `, ${note}` : ''}`)
        }
        groupBy={(entry) => roomOf(job, entry)?.name ?? ''}
        onChange={(_event, next) =>
          goTo({ stage: 'sequence', jobId: job.id, view: route.view, pieceId: next.id }, 'replace')
        }
        renderOption={({ key, ...props }, { mark, kind, note }) => (
          <Box component="li" key={key} {...props} sx={{ gap: 1.5 }}>
            <Tag mark={mark} />
            {localise(definitionOf(kind).name)}
            {note && `, ${note}`}
          </Box>
        )}
        renderInput={(params) => <TextField {...params} label="Piece" />}
        sx={{ flex: '1 1 260px' }}
      />
      <ChoiceField
        label="Coat and faces"
        value={pass.id}
        sx={{ flex: '1 1 270px' }}
        choices={passes.map(({ id, words }) => ({ value: id, words }))}
        onChange={(chosen) => view.choosePass(chosen)}
      />
      <ChoiceField
        label="Painted in"
        value={places.some(({ id }) => id === input.climateId) ? input.climateId : (places[0]?.id ?? '')}
        sx={{ flex: '1 1 180px' }}
        choices={places.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={(chosen) => view.choosePlace(chosen)}
      />
      <DateTimePicker
        label="Start"
        ampm={false}
        value={air.at(setting.start)}
        onChange={(value) =>
          value?.isValid && view.change({ start: minutesSince(air.clocks.t0, localIso(value), job.site.timeZone) })
        }
        slotProps={{
          textField: {
            size: 'small',
            error: isPast,
            helperText: isPast ? 'Choose today or later.' : '',
            sx: { width: 205, mt: '5px' },
          },
        }}
      />
    </Box>
  );
}

/** The air of a pass in words: where, how warm and how damp when it begins. */
export function useAirWords({ input, setting, air }: StrokesView): string {
  const job = useJob();
  const there = air.clocks.air(input.climateId).at(Math.floor(setting.start / 60));
  const name = climateOf(job, input.climateId)?.name ?? 'Outdoors';
  const when = formatMoment(air.at(setting.start), 'weekdayTime');
  return there
    ? `${name}, ${when}, ${TEMPERATURE.format(there.temperature, job.settings.units)}, ${there.humidity.toFixed(0)}% RH${setting.isDamped ? ', damped' : ''}${setting.conditioner ? ', with conditioner' : ''}`
    : name;
}
