import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { DatePicker } from '../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import { hangsByNight } from '../../../core/job/queries/pieces.ts';
import type { Piece, StatedPiece } from '../../../core/job/document/piece-schema.ts';
import type { Outcome } from '../../../core/units/outcome.ts';
import { Fold } from '../../parts/Fold.tsx';
import { StatedField } from '../../parts/fields/StatedField.tsx';

type Change = (facts: Partial<StatedPiece>, options?: { strokes?: string; quiet?: boolean }) => Outcome<unknown>;

function summaryOf(piece: Piece): string {
  const { access, zone, fireRated, upHigh } = piece;
  const said = [
    access.who,
    access.closesAtNight ? (hangsByNight(piece) ? 'hung every night' : 'closes at night') : '',
    zone === '' ? '' : `zone ${zone}`,
    access.neededBy ? `back by ${formatMoment(access.neededBy, 'date')}` : '',
    fireRated ? 'fire door' : '',
    upHigh ? 'up high' : '',
  ].filter(Boolean);
  return said.join(', ') || 'nothing special';
}

/** Used by and when, and what makes the piece dangerous to take off or to change. */
export function AccessFields({ piece, draft, change }: { piece: Piece; draft: string; change: Change }) {
  const { access } = piece;
  const flag = (label: string, is: boolean, facts: (is: boolean) => Partial<StatedPiece>) => (
    <FormControlLabel
      label={label}
      control={<Checkbox checked={is} onChange={(event) => change(facts(event.target.checked))} />}
    />
  );
  return (
    <Fold title="Access" summary={summaryOf(piece)}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
        <StatedField
          label="Used by"
          text={access.who}
          draft={`${draft}/who`}
          take={(who) => change({ access: { ...access, who } }, { strokes: `${piece.id}/who`, quiet: true })}
        />
        <StatedField
          label="Zone"
          text={piece.zone}
          helper={piece.zone === '' ? 'blank = whole room' : ''}
          draft={`${draft}/zone`}
          take={(zone) => change({ zone }, { strokes: `${piece.id}/zone` })}
        />
        <DatePicker
          label="Back by"
          value={access.neededBy === null ? null : DateTime.fromISO(access.neededBy)}
          onChange={(day) => {
            if (day === null || day.isValid) change({ access: { ...access, neededBy: day?.toISODate() ?? null } });
          }}
          slotProps={{ field: { clearable: true }, textField: { size: 'small' } }}
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1 }}>
        {flag('Closes at night', access.closesAtNight, (closesAtNight) => ({ access: { ...access, closesAtNight } }))}
        {access.closesAtNight &&
          piece.comesOff &&
          flag('Temporary door or boards', access.standIn, (standIn) => ({ access: { ...access, standIn } }))}
        {flag('Fire door', piece.fireRated, (fireRated) => ({ fireRated }))}
        {flag('From a ladder or over a stair', piece.upHigh, (upHigh) => ({ upHigh }))}
      </Box>
    </Fold>
  );
}
