import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { rectSortingStrategy, SortableContext, sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import DragIcon from '@mui/icons-material/DragIndicator';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { memo, useMemo } from 'react';
import { definitionOf } from '../../../core/pieces/registry.ts';
import type { Piece } from '../../../core/job/piece-schema.ts';
import { elevationOf, groupOf } from '../../../core/job/queries.ts';
import { formatSize } from '../../../core/units/length.ts';
import type { UnitSystem } from '../../../core/units/system.ts';
import { useJob } from '../../ui/job-context.tsx';
import { PieceThumb } from '../../ui/elevation/PieceThumb.tsx';
import { Tag } from '../../ui/Tag.tsx';
import { Section } from '../../ui/Section.tsx';

interface PieceWallProps {
  chosen: string | null;
  onChoose(id: string): void;
}

/** All pieces as they hang, to one scale, room by room; dragged into another order by their handles. */
export function PieceWall({ chosen, onChoose }: PieceWallProps) {
  const { job, apply, say } = useJob();
  // Kept as long as the order stays, so that the sorter does not wake every piece.
  const order = JSON.stringify(job.pieces.map(({ id, roomId }) => [roomId, id]));
  const idsIn = useMemo(() => {
    const lists = new Map<string, string[]>();
    for (const [roomId, id] of JSON.parse(order) as [string, string][]) {
      lists.set(roomId, [...(lists.get(roomId) ?? []), id]);
    }
    return lists;
  }, [order]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const highest = Math.max(...job.pieces.map((piece) => elevationOf(piece).faces[0]?.height ?? 0));
  const mmPerPixel = Math.max(5, highest / 190);
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    apply('move-piece', { id: String(active.id), to: job.pieces.findIndex((piece) => piece.id === over.id) });
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      {job.rooms.map((room) => {
        const pieces = job.pieces.filter((piece) => piece.roomId === room.id);
        if (pieces.length === 0) return null;
        return (
          <Section
            key={room.id}
            title={room.name}
            aside={
              <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
                {pieces.length} {pieces.length === 1 ? 'piece' : 'pieces'}
                {room.maxOff !== null && `, at most ${room.maxOff} off at once`}
              </Typography>
            }
          >
            <SortableContext items={idsIn.get(room.id) ?? []} strategy={rectSortingStrategy}>
              <Box
                component="ul"
                sx={{
                  display: 'flex',
                  flexWrap: 'wrap',
                  gap: 2,
                  alignItems: 'flex-end',
                }}
              >
                {pieces.map((piece) => (
                  <WallPiece
                    key={piece.id}
                    piece={piece}
                    name={say(definitionOf(piece.kind).name)}
                    fill={groupOf(job, piece)?.colour.hex ?? '#efece2'}
                    units={job.settings.units}
                    mmPerPixel={mmPerPixel}
                    isChosen={piece.id === chosen}
                    onChoose={onChoose}
                  />
                ))}
              </Box>
            </SortableContext>
          </Section>
        );
      })}
    </DndContext>
  );
}

interface WallPieceProps {
  piece: Piece;
  name: string;
  fill: string;
  units: UnitSystem;
  mmPerPixel: number;
  isChosen: boolean;
  onChoose(id: string): void;
}

/** Drawn again only when something of its own changes: a wall of sixty doors follows every stroke that is typed. */
const WallPiece = memo(function WallPiece(props: WallPieceProps) {
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
      sx={{ display: 'flex', flexDirection: 'column', alignItems: 'center', gap: 0.75, minWidth: 104 }}
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
      <Box sx={{ display: 'flex', alignItems: 'center', fontSize: 13, color: 'var(--ink-soft)' }}>
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
