import { How } from '../../parts/How.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { coatsToHide, hidingAccount } from '../../../core/colour/hiding.ts';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { ColourFigures } from '../../parts/ColourFigures.tsx';
import { isHex } from '../../parts/fields/hex.ts';
import { PhotoPicker } from './PhotoPicker.tsx';

interface OldColourProps {
  group: FinishGroup;
  pieces: readonly Piece[];
  finding: FindingStamp | null;
  onStamp(result: string, more: Partial<FindingStamp>): void;
}

/** The old colour beside the new one: typed, mixed, or picked out of a photo, with what it means for the coats. */
export function OldColour({ group, pieces, finding, onStamp }: OldColourProps) {
  const [hex, setHex] = useState(finding?.hex ?? '#e6dcc4');
  const isColour = isHex(hex);
  return (
    <Box sx={{ display: 'grid', gap: 1.25, mb: 1.25 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}>
        <Box
          component="input"
          type="color"
          aria-label="Old colour swatch"
          value={isColour ? hex : '#000000'}
          onChange={(event: React.ChangeEvent<HTMLInputElement>) => setHex(event.target.value)}
          sx={{ width: 56, height: 44, p: 0, border: '1px solid var(--line)', borderRadius: '6px', background: 'none' }}
        />
        <TextField
          label="Old colour"
          value={hex}
          error={!isColour}
          helperText={isColour ? undefined : 'Write it as # and six digits, such as #e6dcc4.'}
          onChange={(event) => setHex(event.target.value.trim())}
          sx={{ width: 130 }}
        />
        <PhotoPicker pieces={pieces} onPick={setHex} />
        <Button
          variant="contained"
          disabled={!isColour}
          sx={{ minHeight: 44 }}
          onClick={() => onStamp('seen', { hex: hex.toLowerCase() })}
        >
          {finding ? 'Log again' : 'Log'}
        </Button>
      </Box>
      {isColour && (
        <Box
          sx={{
            display: 'flex',
            alignItems: 'stretch',
            fontSize: 14,
            border: '1px solid var(--line)',
            borderRadius: '6px',
            overflow: 'hidden',
          }}
        >
          <Box sx={{ width: 72, background: hex }} aria-hidden />
          <Box sx={{ width: 72, background: group.colour.hex }} aria-hidden />
          <Box sx={{ px: 1.5, py: 0.75 }}>
            <ColourFigures hex={hex} />
            <div>
              {coatsToHide(hex, group.colour.hex)} coats of {group.colour.name} hide it without a primer{' '}
              <How
                of={`${coatsToHide(hex, group.colour.hex)} coats to hide the old colour`}
                lines={() => hidingAccount(hex, group.colour.hex)}
                page="how-nivel-knows#film-and-hiding"
              />
            </div>
          </Box>
        </Box>
      )}
    </Box>
  );
}
