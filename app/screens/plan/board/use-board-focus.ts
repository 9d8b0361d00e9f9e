import { useState, type KeyboardEvent, type RefObject } from 'react';
import type { Run } from '../../../../core/planning/reading/read-plan.ts';
import { neighbour, type BoardItem } from './layout.ts';
import type { TimeAxis } from './time-axis.ts';

const KEYS: Readonly<Record<string, Parameters<typeof neighbour>[2]>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
  Home: 'first',
  End: 'last',
};

interface BoardFocusOptions {
  items: readonly BoardItem[];
  axis: TimeAxis;
  scroll: RefObject<HTMLDivElement | null>;
  drawing: RefObject<SVGSVGElement | null>;
  followed: string | null;
  onChoose(run: Run): void;
  onFollow(pieceId: string | null): void;
}

/** Which item of the board has the keyboard, and what keys and taps do with it. */
export interface BoardFocus {
  focused: string | null;
  setFocused(id: string | null): void;
  choose(item: BoardItem): void;
  /** What an event on the drawing is about. */
  itemAt(target: EventTarget): BoardItem | null;
  onKey(event: KeyboardEvent): void;
}

/** Arrow keys go from item to item, Enter chooses, Escape stops following a piece. */
export function useBoardFocus(options: BoardFocusOptions): BoardFocus {
  const { items, axis, scroll, drawing, followed, onChoose, onFollow } = options;
  const [focused, setFocused] = useState<string | null>(null);
  const choose = (item: BoardItem): void => {
    const { shows } = item;
    if (shows.kind === 'run') onChoose(shows.run);
    else if (shows.kind === 'bench') onChoose(shows.use.run);
    else if (shows.kind === 'lying') onFollow(followed === shows.lying.piece.id ? null : shows.lying.piece.id);
  };

  const focus = (item: BoardItem): void => {
    setFocused(item.id);
    const box = scroll.current;
    const left = axis.x(item.from);
    if (box && (left < box.scrollLeft + 20 || left > box.scrollLeft + box.clientWidth - 80)) {
      box.scrollTo({ left: Math.max(0, left - box.clientWidth * 0.3) });
    }
    requestAnimationFrame(() =>
      drawing.current?.querySelector<SVGElement>(`[data-item="${CSS.escape(item.id)}"]`)?.focus(),
    );
  };

  /** What an event on the drawing is about. */
  const itemAt = (target: EventTarget): BoardItem | null => {
    const id = target instanceof Element ? target.closest('[data-item]')?.getAttribute('data-item') : null;
    return items.find((item) => item.id === id) ?? null;
  };

  const onKey = (event: KeyboardEvent): void => {
    const direction = KEYS[event.key];
    const item = items.find(({ id }) => id === focused);
    if (direction) {
      const next = neighbour(items, focused, direction);
      if (next) focus(next);
    } else if (event.key === 'Escape') onFollow(null);
    else if (item && (event.key === 'Enter' || event.key === ' ')) choose(item);
    else return;
    event.preventDefault();
  };
  return { focused, setFocused, choose, itemAt, onKey };
}
