import { counted } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Room } from '../../../core/job/document/room-schema.ts';

/** A room as a place: its name, how much is in it, what limits it, and how far its tasks are. */
export function RoomHeading({ room, count }: { room: Room; count: number }) {
  const open = room.tasks.filter(({ doneAt }) => doneAt === null);
  const before = open.filter(({ when }) => when === 'before').length;
  const after = open.length - before;
  const said = [
    counted(count, 'piece'),
    room.maxOff === null ? '' : `max ${room.maxOff} off`,
    room.zonesAtOnce === null ? '' : `${room.zonesAtOnce} zones`,
    before > 0 ? `${before} to do first` : '',
    after > 0 ? `${after} to do after` : '',
  ].filter(Boolean);
  return (
    <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, pt: 1.5, flexWrap: 'nowrap', overflow: 'hidden' }}>
      <Typography variant="h2" noWrap sx={{ flex: 'none', maxWidth: '70%' }}>
        {room.name}
      </Typography>
      <Typography noWrap sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
        {said.join(', ')}
      </Typography>
    </Box>
  );
}
