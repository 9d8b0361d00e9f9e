import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import { memo } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import { formatSize } from '../../../core/units/length.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { DragIcon } from '../../drawing/icons.tsx';
import { MIN_WIDTH } from './wall-rows.ts';

interface WallPieceProps {
  piece: Piece;
  name: string;
  fill: string;
  units: UnitSystem;
  mmPerPixel: number;
  isChosen: boolean;
  onChoose(id: string): void;
}

/** One piece as it hangs, with its tag. Drawn again only when something of its own changes. */
export const WallPiece = memo(function WallPiece(props: WallPieceProps) {
  const { piece, name, fill, units, mmPerPixel, isChosen, onChoose } = props;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: piece.id,
  });
  const { width = 0, height = 0 } = elevationOf(piece).faces[0] ?? {};
  return (
    <Box
      component="li"
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition, zIndex: isDragging ? 2 : 'auto' }}
      sx={{ display: 'flex', flexDirection: 'column', alignItems: 'center', gap: 0.75, minWidth: MIN_WIDTH }}
    >
      <Box
        component="button"
        type="button"
        onClick={() => onChoose(piece.id)}
        aria-pressed={isChosen}
        aria-label={`${piece.mark}, ${name}, ${formatSize(width, height, units)}`}
        sx={{
          background: 'none',
          border: 0,
          p: 0,
          cursor: 'pointer',
          color: 'inherit',
          font: 'inherit',
          display: 'grid',
          justifyItems: 'center',
          gap: 0.75,
          '&:hover svg': { filter: 'brightness(1.04)' },
        }}
      >
        <PieceThumb piece={piece} fill={fill} mmPerPixel={mmPerPixel} />
        <Tag mark={piece.mark} tone={isChosen ? 'chosen' : 'plain'} />
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', fontSize: 13, color: 'var(--ink-soft)', height: 20 }}>
        <Box
          component="button"
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move ${piece.mark}`}
          sx={{
            border: 0,
            background: 'none',
            p: 0,
            cursor: 'grab',
            color: 'inherit',
            display: 'flex',
            touchAction: 'none',
          }}
        >
          <DragIcon sx={{ fontSize: 18 }} />
        </Box>
        {formatSize(width, height, units).replace(' mm', '')}
      </Box>
    </Box>
  );
});
