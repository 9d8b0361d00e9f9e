import Box from '@mui/material/Box';
import { sketchOf, usualPiece } from '../../../core/job/document/usual-piece.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../../../core/pieces/registry.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { thumbSize } from '../../drawing/elevation/thumb-size.ts';

/** Width and height of a tile's drawing in px. */
const DRAWING = { width: 84, height: 78 } as const;

/** Every kind of piece by its drawing and name. */
export function KindPicker({ onChoose }: { onChoose(kind: PieceKind): void }) {
  const localise = useLocalise();
  return (
    <Box
      component="ul"
      aria-label="Kind of piece"
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(128px, 1fr))', gap: 1 }}
    >
      {PIECE_KINDS.map((kind) => {
        const piece = sketchOf(kind, usualPiece(kind, ''), '');
        const { width, height } = thumbSize(piece, 1);
        return (
          <li key={kind}>
            <Box
              component="button"
              type="button"
              onClick={() => onChoose(kind)}
              sx={{
                width: '100%',
                height: '100%',
                font: 'inherit',
                fontSize: 14,
                lineHeight: 1.25,
                color: 'inherit',
                cursor: 'pointer',
                background: 'var(--sheet)',
                border: '1px solid var(--line)',
                borderRadius: '8px',
                p: 1,
                display: 'grid',
                gridTemplateRows: '82px auto',
                justifyItems: 'center',
                alignItems: 'center',
                gap: 0.75,
                '&:hover': { borderColor: 'var(--bottle)', boxShadow: 'var(--shadow)' },
              }}
            >
              <PieceThumb
                piece={piece}
                fill="#e4dcc6"
                mmPerPixel={Math.max(width / DRAWING.width, height / DRAWING.height)}
              />
              {localise(definitionOf(kind).name)}
            </Box>
          </li>
        );
      })}
    </Box>
  );
}
