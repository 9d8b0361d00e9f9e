import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type Modifier,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { ReactNode } from 'react';

/** Keeps what is dragged in a list on its vertical line. */
const onItsLine: Modifier = ({ transform }) => ({ ...transform, x: 0 });

interface SortableListProps {
  /** What is sorted, in its order. */
  ids: string[];
  /** What one of them is: “stroke”. */
  what: string;
  nameOf(id: string): string;
  isDisabled: boolean;
  onOrder(ids: string[]): void;
  /** The list, of rows that are sortable by these ids. */
  children: ReactNode;
}

/** A list whose rows are dragged into another order, by pointer, thumb or keys. */
export function SortableList({ ids, what, nameOf, isDisabled, onOrder, children }: SortableListProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const howTo = `To move a ${what}, press Space, use the arrow keys, then Space again. Escape cancels.`;
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[onItsLine]}
      accessibility={{ announcements: movesTold(ids, nameOf), screenReaderInstructions: { draggable: howTo } }}
      onDragEnd={({ active, over }) => {
        if (!over || active.id === over.id) return;
        onOrder(arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))));
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy} disabled={isDisabled}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** What a screen reader is told while a row is moved. */
function movesTold(ids: readonly string[], name: (id: string) => string): Announcements {
  const nameOf = (id: string | number): string => name(String(id));
  const placeOf = (id: string | number): string => `${ids.indexOf(String(id)) + 1} of ${ids.length}`;
  return {
    onDragStart: ({ active }) => `${nameOf(active.id)} picked up at ${placeOf(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${nameOf(active.id)} at ${placeOf(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => (over ? `${nameOf(active.id)} moved to ${placeOf(over.id)}.` : undefined),
    onDragCancel: ({ active }) => `${nameOf(active.id)} stays ${placeOf(active.id)}.`,
  };
}
