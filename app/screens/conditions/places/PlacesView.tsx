import { BesideList } from '../../../parts/BesideList.tsx';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import useMediaQuery from '@mui/material/useMediaQuery';
import { nanoid } from 'nanoid';
import { PLAIN_CLIMATE, type Climate } from '../../../../core/air/climate.ts';
import { dewPoint } from '../../../../core/air/humidity.ts';
import { TEMPERATURE } from '../../../../core/units/measures.ts';
import { useCommands, useJob } from '../../../open-job/use-job.ts';
import { goTo, useRoute } from '../../../device/route.ts';
import type { AirNow } from '../../../open-job/use-air.ts';
import { Place } from './Place.tsx';

/** Every place with an air of its own, and one of them in full. */
export function PlacesView({ air }: { air: AirNow }) {
  const job = useJob();
  const { apply } = useCommands();
  const { placeId } = useRoute();
  const rack = job.places.find(({ kind }) => kind === 'rack')?.climateId;
  const climate = job.climates.find(({ id }) => id === (placeId ?? rack)) ?? job.climates[0];
  const show = (id: string): void =>
    goTo({ stage: 'conditions', jobId: job.id, view: 'places', placeId: id }, 'replace');
  const isNarrow = useMediaQuery('(max-width: 899px)', { noSsr: true });
  const add = (): void => {
    const id = nanoid(8);
    const name = `Room ${job.climates.length + 1}`;
    const usual = job.climates[0]?.usual;
    if (usual && apply('add-climate', { entry: { ...PLAIN_CLIMATE, id, name, usual } }).ok) show(id);
  };
  if (!climate) return null;
  return (
    <BesideList
      width={230}
      list={
        isNarrow ? (
          <ChoiceField
            fullWidth
            label="Room"
            value={climate.id}
            choices={job.climates.map(({ id, name }) => ({ value: id, words: name }))}
            onChange={show}
          />
        ) : (
          <Box>
            <Box component="ul" aria-label="Rooms" sx={{ display: 'grid', gap: 0.75 }}>
              {job.climates.map((other) => (
                <li key={other.id}>
                  <PlaceButton climate={other} here={other.id === climate.id} air={air} onShow={() => show(other.id)} />
                </li>
              ))}
            </Box>
            <Button sx={{ mt: 1 }} onClick={add}>
              Add a room
            </Button>
          </Box>
        )
      }
    >
      <Place key={climate.id} climate={climate} air={air} />
    </BesideList>
  );
}

function PlaceButton(props: { climate: Climate; here: boolean; air: AirNow; onShow(): void }) {
  const { climate, here, air, onShow } = props;
  const job = useJob();
  const { units } = job.settings;
  const now = air.clocks.air(climate.id).at(Math.floor(air.now / 60));
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={here}
      onClick={onShow}
      sx={{
        width: '100%',
        textAlign: 'left',
        font: 'inherit',
        color: 'inherit',
        cursor: 'pointer',
        background: here ? 'var(--sheet)' : 'transparent',
        border: '1px solid',
        borderColor: here ? 'var(--ink)' : 'var(--line)',
        borderRadius: '6px',
        px: 1.5,
        py: 1,
        minHeight: 58,
      }}
    >
      <Box sx={{ fontWeight: 650, lineHeight: 1.25 }}>{climate.name}</Box>
      {now && (
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          <Box component="span" className="condensed" sx={{ fontSize: 18, color: 'var(--ink)', mr: 0.75 }}>
            {TEMPERATURE.format(now.temperature, units)}
          </Box>
          {Math.round(now.humidity)}% RH · dew {TEMPERATURE.format(dewPoint(now.temperature, now.humidity), units)}
        </Box>
      )}
    </Box>
  );
}
