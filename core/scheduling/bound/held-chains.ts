import { groupBy } from '../../units/maps.ts';
import type { Prepared, PreparedHold } from '../solve/prepared.ts';
import type { Span } from './hold-lengths.ts';

/** Holds of a space that follow each other: what is taken away for a task and comes back when it is done. */
export interface Chain extends Span {
  slots: number;
  holds: PreparedHold[];
  /** For how many ticks of work at most it is away in between. */
  away: number;
}

/** The chains of a space, each of two holds or more. */
export function chainsOf(prepared: Prepared, space: number): Chain[] {
  const here = prepared.holds.filter((hold) => hold.space === space && hold.slots > 0);
  const beginning = groupBy(here, ({ after }) => after);
  const ending = new Map<number, number>();
  for (const hold of here) {
    ending.set(hold.until, (ending.get(hold.until) ?? 0) + 1);
  }
  /** The hold that takes up what this one lets go, when it is back on its own account before any night. */
  const next = (hold: PreparedHold): PreparedHold | null => {
    const [follower, ...more] = beginning.get(hold.until) ?? [];
    const isAlone = more.length === 0 && ending.get(hold.until) === 1;
    const task = prepared.tasks[hold.until]?.task;
    return follower && isAlone && follower.slots === hold.slots && task && task.painters > 0 && !task.pausable
      ? follower
      : null;
  };
  const followers = new Set(here.map(next));
  return here
    .filter((hold) => !followers.has(hold))
    .flatMap((first): Chain[] => {
      const holds = [first];
      let away = 0;
      for (let hold = next(first); hold !== null; hold = next(hold)) {
        const task = prepared.tasks[hold.after];
        away += (task?.task.work ?? 0) + (task?.before ?? []).reduce((sum, wait) => sum + (wait.lateWork ?? 0), 0);
        holds.push(hold);
      }
      const until = holds.at(-1)?.until ?? first.until;
      return holds.length > 1 ? [{ after: first.after, until, slots: first.slots, holds, away }] : [];
    });
}
