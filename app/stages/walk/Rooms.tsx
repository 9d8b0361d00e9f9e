import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { accepted } from '../../../core/units/outcome.ts';
import { useJob } from '../../ui/job-context.tsx';
import { wholeNumber } from '../../ui/number-field.ts';
import { StatedField } from '../../ui/StatedField.tsx';

/** The rooms of the job, and how many of each may be off their hinges at once. */
export function Rooms() {
  const { job, apply } = useJob();
  const [open, setOpen] = useState(false);
  const climateId = job.rooms[0]?.climateId ?? '';
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)}>
        Rooms
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} maxWidth="sm" fullWidth aria-labelledby="rooms-title">
        <DialogTitle id="rooms-title">Rooms</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '8px !important' }}>
          {job.rooms.map((room) => (
            <Box
              key={room.id}
              sx={{ display: 'grid', gridTemplateColumns: '1fr 190px 44px', gap: 1.25, alignItems: 'start' }}
            >
              <StatedField
                label="Room"
                text={room.name}
                draft={`${job.id}/${room.id}/name`}
                take={(name) =>
                  apply('state-room', { room: { ...room, name } }, { strokes: `${room.id}/name`, quiet: true })
                }
              />
              <StatedField
                label="Off at once, at most"
                text={room.maxOff === null ? '' : String(room.maxOff)}
                helper={room.maxOff === null ? 'empty: no limit' : ''}
                draft={`${job.id}/${room.id}/off`}
                take={(typed) => {
                  const limit = typed.trim() === '' ? accepted(null) : wholeNumber(typed, 1, 99);
                  return limit.ok
                    ? apply(
                        'state-room',
                        { room: { ...room, maxOff: limit.value } },
                        { strokes: `${room.id}/off`, quiet: true },
                      )
                    : limit;
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
          ))}
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2, justifyContent: 'space-between' }}>
          <Button
            onClick={() =>
              apply('state-room', {
                room: { id: nanoid(8), name: `Room ${job.rooms.length + 1}`, climateId, maxOff: null },
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
