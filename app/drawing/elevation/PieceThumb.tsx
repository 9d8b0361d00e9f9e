import Box from '@mui/material/Box';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import { FaceDrawing } from './FaceDrawing.tsx';
import { THUMB_MARGIN, thumbSize, type Drawn } from './thumb-size.ts';

/** A small elevation of a piece's front, scaled with its neighbours: `mmPerPixel` is the same for all. */
export function PieceThumb({ piece, fill, mmPerPixel }: { piece: Drawn; fill: string; mmPerPixel: number }) {
  const [face] = elevationOf(piece).faces;
  if (!face) return null;
  const size = thumbSize(piece, 1);
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox={`${-THUMB_MARGIN} ${-THUMB_MARGIN} ${size.width} ${size.height}`}
      style={{ width: size.width / mmPerPixel, height: size.height / mmPerPixel }}
      sx={{ display: 'block', flex: 'none' }}
    >
      <FaceDrawing face={face} fill={fill} faint={!piece.scope.faces.includes('front')} />
    </Box>
  );
}
