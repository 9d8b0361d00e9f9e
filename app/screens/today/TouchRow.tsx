import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { How } from '../../parts/How.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { dryingWords, type When } from './touch-words.ts';
import { WindowVial } from './WindowVial.tsx';

interface TouchRowProps {
  drying: DryingPiece;
  at: number;
  when: When;
  onTacky(coated: PieceStep): void;
  /** How its next time came about. */
  how(drying: DryingPiece): readonly string[];
}

/** On a phone the vial stands under the words, so that neither is squeezed. */
const ROW_AREAS = { xs: '"tag words act" "vial vial act"', sm: '"tag vial words act"' };

/** One drying piece: its tag, what it is ready for, the window that closes soon, and “still tacky”. */
export function TouchRow({ drying, at, when, onTacky, how }: TouchRowProps) {
  const [headline, detail] = dryingWords(drying, at, when);
  const mayBeTacky = drying.state === 'hardening' || drying.state === 'ready' || drying.state === 'late';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateAreas: ROW_AREAS,
        gridTemplateColumns: { xs: 'auto minmax(0, 1fr) auto', sm: 'auto auto minmax(0, 1fr) auto' },
        alignItems: 'center',
        columnGap: { xs: 1.5, sm: 2 },
        rowGap: 0.75,
        px: 2,
        py: 1,
        borderBottom: '1px solid var(--line)',
        '&:last-child': { borderBottom: 0 },
        minHeight: 60,
      }}
    >
      <Box sx={{ gridArea: 'tag' }}>
        <Tag mark={drying.piece.mark} tone={drying.state === 'ready' ? 'ready' : 'plain'} />
      </Box>
      <Box sx={{ gridArea: 'vial', '&:empty': { display: 'none' } }}>
        <WindowVial drying={drying} at={at} when={when} words={`${drying.piece.mark}: ${headline}`} />
      </Box>
      <Box sx={{ gridArea: 'words' }}>
        <Box sx={{ fontWeight: 700 }}>{headline}</Box>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          {detail} <How of={`${drying.piece.mark}: ${headline}`} lines={() => how(drying)} page="conditions" />
        </Box>
      </Box>
      {mayBeTacky && (
        <Button
          variant={drying.state === 'ready' ? 'outlined' : 'text'}
          onClick={() => onTacky(drying.coated)}
          aria-label={`${drying.piece.mark} still tacky`}
          sx={{ gridArea: 'act', minHeight: 48, px: 1.25, minWidth: 0, lineHeight: 1.15 }}
        >
          Still tacky
        </Button>
      )}
    </Box>
  );
}
