import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { rectSortingStrategy, SortableContext, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useEffectEvent, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { RoomHeading } from './RoomHeading.tsx';
import { GAP, wallRows, type WallRow } from './wall-rows.ts';
import { WallPiece } from './WallPiece.tsx';

interface PieceWallProps {
  chosen: string | null;
  onChoose(id: string): void;
}

/** All pieces as they hang, room by room, each room to one scale; dragged into another order by their handles. */
export function PieceWall({ chosen, onChoose }: PieceWallProps) {
  const job = useJob();
  const { apply } = useCommands();
  const wall = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    if (!wall.current) return undefined;
    const watch = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)));
    watch.observe(wall.current);
    setWidth(wall.current.clientWidth);
    return () => watch.disconnect();
  }, []);
  // Kept as long as the order stays, so that the sorter does not wake every piece.
  const order = job.pieces.map(({ id }) => id).join();
  const ids = useMemo(() => order.split(','), [order]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const rows = width === 0 ? [] : wallRows(job, width);
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    apply('move-piece', { id: String(active.id), to: job.pieces.findIndex((piece) => piece.id === over.id) });
  };
  return (
    <div ref={wall}>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={ids} strategy={rectSortingStrategy}>
          {rows.length > 0 && <WallRows rows={rows} chosen={chosen} onChoose={onChoose} />}
        </SortableContext>
      </DndContext>
    </div>
  );
}

/** Only the rows near the window stand in the document, however many pieces there are. */
function WallRows({ rows, chosen, onChoose }: PieceWallProps & { rows: readonly WallRow[] }) {
  const list = useRef<HTMLDivElement>(null);
  const [margin, setMargin] = useState(0);
  // What stands above the wall grows and shrinks, as the preview of a line does.
  useLayoutEffect(() => {
    const measure = (): void => setMargin((list.current?.getBoundingClientRect().top ?? 0) + window.scrollY);
    const watch = new ResizeObserver(measure);
    watch.observe(document.body);
    measure();
    return () => watch.disconnect();
  }, []);
  const heights = rows.map(({ height }) => height).join();
  // oxlint-disable-next-line react/incompatible-library -- what it answers is used here alone, and kept by nobody
  const virtualizer = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (index) => rows[index]?.height ?? 0,
    getItemKey: (index) => rows[index]?.key ?? index,
    overscan: 5,
    scrollMargin: margin,
  });
  // Heights are known, not measured: when the rows are others, so are the places.
  useEffect(() => virtualizer.measure(), [virtualizer, heights]);
  const bringIntoView = useEffectEvent((id: string) => {
    const index = rows.findIndex((row) => row.kind === 'pieces' && row.placed.some(({ piece }) => piece.id === id));
    if (index >= 0) virtualizer.scrollToIndex(index, { align: 'auto' });
  });
  useEffect(() => {
    if (chosen !== null) bringIntoView(chosen);
  }, [chosen]);
  return (
    <Box ref={list} sx={{ position: 'relative' }} style={{ height: virtualizer.getTotalSize() }}>
      {virtualizer.getVirtualItems().map((item) => {
        const row = rows[item.index];
        if (!row) return null;
        return (
          <Box
            key={item.key}
            style={{ transform: `translateY(${item.start - margin}px)`, height: row.height }}
            sx={{ position: 'absolute', left: 0, right: 0, top: 0 }}
          >
            {row.kind === 'room' ? (
              <RoomHeading room={row.room} count={row.count} />
            ) : (
              <PiecesRow row={row} chosen={chosen} onChoose={onChoose} />
            )}
          </Box>
        );
      })}
    </Box>
  );
}

function PiecesRow({ row, chosen, onChoose }: PieceWallProps & { row: Extract<WallRow, { kind: 'pieces' }> }) {
  const job = useJob();
  const localise = useLocalise();
  return (
    <Box
      component="ul"
      aria-label={`Pieces of ${row.room.name}`}
      sx={{ display: 'flex', gap: `${GAP}px`, alignItems: 'flex-end' }}
    >
      {row.placed.map(({ piece, mmPerPixel }) => (
        <WallPiece
          key={piece.id}
          piece={piece}
          name={localise(definitionOf(piece.kind).name)}
          fill={groupOf(job, piece)?.colour.hex ?? '#efece2'}
          units={job.settings.units}
          mmPerPixel={mmPerPixel}
          isChosen={piece.id === chosen}
          onChoose={onChoose}
        />
      ))}
    </Box>
  );
}
