import { definitionOf } from '../../pieces/registry.ts';
import { TRADE_ORDERS, type Trade } from '../../pieces/trades.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { groupBy } from '../../units/maps.ts';
import type { ProblemDraft } from './problem-draft.ts';

/** The trade of a coat in its room; null for what comes off, stands in the open, or has none. */
function tradeOf({ piece, rework, coat }: CoatStep): Trade | null {
  const isOpen = coat.faces.every((face) => piece.exposure[face] === 'outside');
  if (piece.comesOff || rework !== null || isOpen) return null;
  return definitionOf(piece.kind).trade?.(piece.shape) ?? null;
}

/**
 * Has the trades of a room follow each other in the order of the chosen method: no coat of a later one before the last
 * coat of those before it. Preparation, which makes the dust, is free. Between two trades stands a moment that waits for
 * all of the one and for which all of the other wait.
 */
export function orderTrades(draft: ProblemDraft): void {
  const open = draft.open();
  const order: readonly Trade[] = TRADE_ORDERS[draft.job.planning.trades];
  const coats = [...draft.steps.values()].filter(
    (step: PieceStep): step is CoatStep => isCoat(step) && open.has(step.id) && tradeOf(step) !== null,
  );
  for (const [roomId, own] of groupBy(coats, ({ piece }) => piece.roomId)) {
    const byTrade = order.flatMap((trade) => {
      const steps = own.filter((step) => tradeOf(step) === trade);
      return steps.length === 0 ? [] : [{ trade, steps }];
    });
    let before: string | null = null;
    byTrade.forEach(({ trade, steps }, index) => {
      for (const { id } of before === null ? [] : ofEachPiece(steps, 'first'))
        draft.waits.push({ from: before ?? '', to: id, atLeast: { ticks: 0 } });
      if (index === byTrade.length - 1) return;
      const done = `trades/${roomId}/${trade}`;
      draft.tasks.push({ id: done, work: 0, painters: 0, spaces: [], pausable: false });
      if (before !== null) draft.waits.push({ from: before, to: done, atLeast: { ticks: 0 } });
      for (const { id } of ofEachPiece(steps, 'last')) draft.waits.push({ from: id, to: done, atLeast: { ticks: 0 } });
      before = done;
    });
  }
}

/** Of each piece its first, or its last, of some steps. */
const ofEachPiece = (steps: readonly CoatStep[], which: 'first' | 'last'): CoatStep[] =>
  [...groupBy(steps, ({ piece }) => piece.id).values()].flatMap((own) => own.at(which === 'first' ? 0 : -1) ?? []);
