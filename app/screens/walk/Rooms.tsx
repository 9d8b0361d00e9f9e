import { counted } from '../../../core/units/sentence.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import useMediaQuery from '@mui/material/useMediaQuery';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { LEAD_BEFORE } from '../../../core/job/cautions.ts';
import type { Room } from '../../../core/job/document/room-schema.ts';
import { accepted, type Outcome } from '../../../core/units/outcome.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { anyNumber, wholeNumber } from '../../../core/units/typed-number.ts';
import { Caution } from '../../parts/Section.tsx';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../drawing/icons.tsx';
import { RoomTasks } from './RoomTasks.tsx';

/** The site and its rooms: when it was built, what may be off at once, and what each room asks for. */
export function Rooms() {
  const job = useJob();
  const { apply } = useCommands();
  const isPhone = useMediaQuery('(max-width: 600px)');
  const [open, setOpen] = useState(false);
  const climateId = job.rooms[0]?.climateId ?? '';
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)}>
        Rooms
      </Button>
      <Dialog
        open={open}
        onClose={() => setOpen(false)}
        maxWidth="md"
        fullWidth
        fullScreen={isPhone}
        aria-labelledby="rooms-title"
      >
        <DialogTitle id="rooms-title">Rooms</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
          <Address />
          <YearBuilt />
          {job.rooms.map((room) => (
            <RoomFields key={room.id} room={room} />
          ))}
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2, justifyContent: 'space-between' }}>
          <Button
            onClick={() =>
              apply('add-room', {
                entry: {
                  id: nanoid(8),
                  name: `Room ${job.rooms.length + 1}`,
                  climateId,
                  maxOff: null,
                  zonesAtOnce: null,
                  bearing: null,
                  tasks: [],
                },
              })
            }
          >
            Add a room
          </Button>
          <Button variant="contained" onClick={() => setOpen(false)}>
            Done
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

/** Where the job is: it stands on the quotation, on the handover and in calendars. */
function Address() {
  const job = useJob();
  const { apply } = useCommands();
  return (
    <StatedField
      label="Address"
      text={job.site.place}
      draft={`${job.id}/address`}
      take={(place) => apply('change-site', { place: place.trim() }, { strokes: 'address', quiet: true })}
    />
  );
}

/** When the building was built: before the bans on lead its paint is suspect. */
function YearBuilt() {
  const job = useJob();
  const { apply } = useCommands();
  const { yearBuilt } = job.site;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '170px minmax(0, 1fr)' }, gap: 1.5, alignItems: 'start' }}>
      <StatedField
        label="Year built"
        text={yearBuilt === null ? '' : String(yearBuilt)}
        helper={yearBuilt === null ? 'blank if unknown' : ''}
        draft={`${job.id}/year-built`}
        take={(typed): Outcome<unknown> => {
          const year = typed.trim() === '' ? accepted(null) : wholeNumber(typed, 1200, 2200);
          return year.ok
            ? apply('change-site', { yearBuilt: year.value }, { strokes: 'year-built', quiet: true })
            : year;
        }}
      />
      {(yearBuilt === null || yearBuilt < LEAD_BEFORE) && (
        <Caution>
          {yearBuilt === null
            ? `Add the year if you know it: paint from before about ${LEAD_BEFORE} may contain lead.`
            : 'Old paint here may contain lead: test before sanding or scraping. Local rules and licensed practice decide.'}
        </Caution>
      )}
    </Box>
  );
}

function RoomFields({ room }: { room: Room }) {
  const job = useJob();
  const { apply } = useCommands();
  const state = (facts: Facts<Room>, strokes: string) =>
    apply('change-room', { id: room.id, facts }, { strokes: `${room.id}/${strokes}`, quiet: true });
  const open = room.tasks.filter(({ doneAt }) => doneAt === null).length;
  const pieces = job.pieces.filter(({ roomId }) => roomId === room.id).length;
  return (
    <Box component="section" aria-label={room.name}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr) 44px', sm: 'minmax(0, 1fr) 160px 112px 124px 156px 44px' },
          gap: 1.25,
          alignItems: 'start',
        }}
      >
        <StatedField
          label="Room name"
          text={room.name}
          helper={counted(pieces, 'piece')}
          draft={`${job.id}/${room.id}/name`}
          take={(name) => state({ name }, 'name')}
        />
        <ChoiceField
          label="Conditions"
          value={room.climateId}
          choices={job.climates.map((climate) => ({ value: climate.id, words: climate.name }))}
          onChange={(chosen) => apply('change-room', { id: room.id, facts: { climateId: chosen } })}
        />
        <StatedField
          label="Max. off at once"
          text={room.maxOff === null ? '' : String(room.maxOff)}
          helper={room.maxOff === null ? 'blank = no limit' : ''}
          draft={`${job.id}/${room.id}/off`}
          take={(typed) => {
            const limit = typed.trim() === '' ? accepted(null) : wholeNumber(typed, 1, 99);
            return limit.ok ? state({ maxOff: limit.value }, 'off') : limit;
          }}
        />
        <StatedField
          label="Max. zones at once"
          text={room.zonesAtOnce === null ? '' : String(room.zonesAtOnce)}
          helper={room.zonesAtOnce === null ? 'blank = no limit' : ''}
          draft={`${job.id}/${room.id}/zones`}
          take={(typed) => {
            const limit = typed.trim() === '' ? accepted(null) : wholeNumber(typed, 1, 99);
            return limit.ok ? state({ zonesAtOnce: limit.value }, 'zones') : limit;
          }}
        />
        <StatedField
          label="Faces (compass)"
          unit="°"
          text={room.bearing === null ? '' : String(room.bearing)}
          helper={room.bearing === null ? 'north 0, east 90' : ''}
          draft={`${job.id}/${room.id}/bearing`}
          take={(typed) => {
            const bearing = typed.trim() === '' ? accepted(null) : anyNumber(typed, 0, 359);
            return bearing.ok ? state({ bearing: bearing.value }, 'bearing') : bearing;
          }}
        />
        <IconButton
          aria-label={`Remove ${room.name}`}
          disabled={job.rooms.length === 1}
          onClick={() => apply('remove-room', { id: room.id })}
        >
          <DeleteIcon />
        </IconButton>
      </Box>
      <Fold title="Tasks" summary={room.tasks.length === 0 ? 'none' : `${room.tasks.length} tasks, ${open} to do`}>
        <RoomTasks room={room} />
      </Fold>
    </Box>
  );
}
