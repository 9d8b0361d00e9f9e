import Box from '@mui/material/Box';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import type { Drawn } from '../../drawing/elevation/thumb-size.ts';

/** The pieces of a job in a row, to one scale. */
export function Thumbs({ pieces }: { pieces: readonly (Drawn & { id: string; fill: string })[] }) {
  return (
    <Box
      aria-hidden
      sx={{
        display: 'flex',
        alignItems: 'flex-end',
        gap: '5px',
        height: 74,
        overflow: 'hidden',
        maskImage: 'linear-gradient(90deg, #000 86%, transparent)',
      }}
    >
      {pieces.map(({ id, fill, ...piece }) => (
        <PieceThumb key={id} piece={piece} fill={fill} mmPerPixel={29} />
      ))}
    </Box>
  );
}
