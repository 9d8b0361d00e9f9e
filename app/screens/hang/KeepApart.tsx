import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { FIRE_DOOR } from '../../../core/pieces/while-wet.ts';
import type { Readiness } from '../../../core/hanging/readiness.ts';
import { useCommands, useNow } from '../../open-job/use-job.ts';
import { Caution } from '../../parts/Section.tsx';

/** A soft coat against a stop sticks and tears: what keeps it off, and until when. */
export function KeepApart({ row, at, when }: { row: Readiness; at: number; when(minutes: number): string }) {
  const now = useNow();
  const { apply } = useCommands();
  const { piece, from, lastCoat, hung } = row;
  const { keptApart } = piece;
  if (from.close === null || lastCoat === null) return null;
  const isSoft = from.close > at;
  if (!isSoft && keptApart === null) return null;
  // What lies on the rack without a screw in it has no stop to stick to.
  const isBack = !piece.comesOff || hung?.isDone === true || piece.hardware.some(({ fitted }) => fitted > 0);
  // Its dates stand above it; while it is painted, there is nothing to keep apart.
  if (!row.isDone && !isBack && keptApart === null) return null;
  const set = (by: 'wedge' | 'bumpers' | null): void =>
    void apply('keep-apart', { id: piece.id, keptApart: by === null ? null : { by, since: now } });
  const shut = piece.comesOff ? 'Keep off the stop' : 'Keep anything from closing on it';
  const words = isSoft ? `${shut} until ${when(from.close)}` : `Free to close since ${when(from.close)}`;
  return (
    <Box sx={{ display: 'grid', gap: 1, mt: 2 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <strong>{words}</strong>
      </Box>
      {piece.fireRated && isSoft && <Caution>{FIRE_DOOR.join(' ')}</Caution>}
      {hung?.isDone && isSoft && keptApart === null && !piece.fireRated && (
        <Caution>
          {piece.comesOff
            ? 'No wedge or bumpers: soft paint will stick to the stop and tear.'
            : 'Nothing keeps it apart: soft paint will stick and tear.'}
        </Caution>
      )}
      {keptApart ? (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <span>
            {keptApart.by === 'wedge' ? 'Wedge in' : 'Bumpers on'} since {formatMoment(keptApart.since, 'dateTime')}
            {isSoft ? '.' : '. Remove it now.'}
          </span>
          <Button variant={isSoft ? 'text' : 'contained'} sx={{ minHeight: 48 }} onClick={() => set(null)}>
            {keptApart.by === 'wedge' ? 'Wedge out' : 'Bumpers off'}
          </Button>
        </Box>
      ) : isBack && !piece.fireRated ? (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => set('wedge')}>
            Wedge in
          </Button>
          <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => set('bumpers')}>
            Bumpers on
          </Button>
        </Box>
      ) : null}
    </Box>
  );
}
