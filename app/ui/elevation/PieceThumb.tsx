import Box from '@mui/material/Box';
import { elevationOf } from '../../../core/job/queries.ts';
import type { Piece } from '../../../core/job/piece-schema.ts';
import { FaceDrawing } from './FaceDrawing.tsx';
import { shownPart } from './shown-part.ts';

/** Blank around a thumb's face, in mm. */
const MARGIN = 8;

/** Size of a piece's thumb in px at a scale. */
export function thumbSize(piece: Piece, mmPerPixel: number): { width: number; height: number } {
  const [face] = elevationOf(piece).faces;
  if (!face) return { width: 0, height: 0 };
  const wide = shownPart(face).width;
  return { width: (wide + 2 * MARGIN) / mmPerPixel, height: (face.height + 2 * MARGIN) / mmPerPixel };
}

/** A small elevation of a piece's front, scaled with its neighbours: `mmPerPixel` is the same for all. */
export function PieceThumb({ piece, fill, mmPerPixel }: { piece: Piece; fill: string; mmPerPixel: number }) {
  const [face] = elevationOf(piece).faces;
  if (!face) return null;
  const size = thumbSize(piece, mmPerPixel);
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox={`${-MARGIN} ${-MARGIN} ${shownPart(face).width + 2 * MARGIN} ${face.height + 2 * MARGIN}`}
      style={size}
      sx={{ display: 'block', flex: 'none' }}
    >
      <FaceDrawing face={face} fill={fill} faint={!piece.scope.faces.includes('front')} />
    </Box>
  );
}
