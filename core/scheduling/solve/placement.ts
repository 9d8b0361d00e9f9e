import { firstStart, type Shifts } from './calendar.ts';
import type { PreparedTask, PreparedWait } from './prepared.ts';

/** Where a task could go in the schedule as it stands. */
export interface Placement {
  start: number;
  end: number;
  painters: readonly number[];
  setups: readonly { painter: number; start: number; end: number }[];
  late: boolean;
}

/** Why a task has no place. */
export type Refusal =
  | { kind: 'space'; space: number }
  | { kind: 'too-late'; wait: PreparedWait; earliest: number }
  | { kind: 'calendar' }
  | { kind: 'latest'; end: number }
  | { kind: 'window' }
  | { kind: 'never-dry'; wait: PreparedWait }
  /** Whoever could do it is wanted first, for a task that is pinned or has to follow another in time, until then. */
  | { kind: 'appointment'; task: number; until: number };

export type Answer = { placed: Placement } | { refused: Refusal };

/** The earlier of two answers; a place before none, fewer set-ups before more, a later start before an earlier one. */
export function better(best: Answer, answer: Answer): Answer {
  if ('refused' in answer) return 'refused' in best ? answer : best;
  if ('refused' in best) return answer;
  const [one, other] = [answer.placed, best.placed];
  if (one.end !== other.end) return one.end < other.end ? answer : best;
  if (one.setups.length !== other.setups.length) return one.setups.length < other.setups.length ? answer : best;
  return one.start > other.start ? answer : best;
}

/** The first start from which the task's length lies in one interval of its window; null if there is none. */
export const windowAt = ({ window }: PreparedTask, place: { start: number; end: number }): number | null =>
  firstOpening(window, place);

/** The first start from which the length of a place lies in one interval of a window; null if there is none. */
export function firstOpening(window: Shifts | null, { start, end }: { start: number; end: number }): number | null {
  return window === null ? start : firstStart(window, start, end - start);
}

/** Slots of a space that a task gives back when it starts: what lies there until this task takes it up. */
export function credit(task: PreparedTask, space: number): number {
  let slots = 0;
  for (const hold of task.closes) if (hold.space === space) slots += hold.slots;
  return slots;
}

/** All ways to choose `size` painters of those who may, the usual one or two; larger crews are few. */
export function teams(by: readonly number[], size: number): number[][] {
  if (size === 0) return [[]];
  if (size === 1) return by.map((painter) => [painter]);
  return by.flatMap((painter, index) => teams(by.slice(index + 1), size - 1).map((rest) => [painter, ...rest]));
}
