import type { Piece } from '../../job/document/piece-schema.ts';
import type { OpenPlan } from '../../scheduling/plan.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { touchDryOf } from '../../planning/drafting/problem-draft.ts';
import { problemIn, workIn, type DayTask } from './day-task.ts';

/** A stretch of a piece’s time, in minutes. */
export interface Stretch {
  /** `wet` until touch dry, `hardening` until something is done to it. */
  is: 'work' | 'wet' | 'hardening';
  from: number;
  until: number;
}

/** When a piece is worked on and when it dries, in the order of time. */
export interface PieceTime {
  piece: Piece;
  stretches: Stretch[];
}

/** Every piece of a task with what happens to it in a plan, whole or begun. */
export function pieceTimes(task: Pick<DayTask, 'job' | 'now'>, { tasks }: Pick<OpenPlan, 'tasks'>): PieceTime[] {
  const { steps } = problemIn(task);
  const ends = new Map(tasks.map(({ id, end }) => [id, end]));
  const isWork = new Set(workIn(task));
  return task.job.pieces.map((piece) => {
    const own = tasks
      .filter(({ id }) => isWork.has(id) && steps.get(id)?.piece.id === piece.id)
      .toSorted((one, other) => one.start - other.start);
    const stretches = own.flatMap(({ id, start, end }, index): Stretch[] => {
      const step = steps.get(id);
      const next = own[index + 1]?.start ?? null;
      const dry = step && isCoat(step) ? ends.get(touchDryOf(id)) : undefined;
      return [
        { is: 'work', from: start, until: end },
        ...(dry === undefined ? [] : [{ is: 'wet', from: end, until: dry } satisfies Stretch]),
        ...(dry === undefined || next === null ? [] : [{ is: 'hardening', from: dry, until: next } satisfies Stretch]),
      ];
    });
    return { piece, stretches };
  });
}

/** From when until when a batch is worked on, and how many of its tasks have no place; null from where none has. */
export function batchSpan(
  { tasks }: Pick<OpenPlan, 'tasks'>,
  batch: readonly string[],
): { from: number | null; until: number | null; unplaced: string[] } {
  const planned = new Map(tasks.map((task) => [task.id, task]));
  const placed = batch.flatMap((id) => planned.get(id) ?? []);
  return {
    from: placed.length === 0 ? null : Math.min(...placed.map(({ start }) => start)),
    until: placed.length === 0 ? null : Math.max(...placed.map(({ end }) => end)),
    unplaced: batch.filter((id) => !planned.has(id)),
  };
}
