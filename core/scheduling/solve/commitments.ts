import { fitWholeBefore } from './calendar.ts';
import type { Prepared, PreparedTask, PreparedWait } from './prepared.ts';

/** A task that has to follow one that is placed already, and when it has to start at last. */
interface Commitment {
  task: PreparedTask;
  latest: number;
}

/** What has been begun in a schedule and must be followed in time: a door that is off hangs again by night. */
export class Commitments {
  readonly #prepared: Prepared;
  readonly #open = new Map<number, Commitment>();

  constructor(prepared: Prepared) {
    this.#prepared = prepared;
  }

  /** Counts with what a task that ends at `end` obliges to, and that it has itself been done. */
  placed(task: PreparedTask, end: number): void {
    this.#open.delete(task.index);
    for (const wait of task.after) {
      const follower = this.#prepared.tasks[wait.to];
      if (wait.atMost === null || wait.lateWork !== null || follower === undefined) continue;
      const latest = this.#latestStart(follower, end, wait);
      const known = this.#open.get(wait.to);
      this.#open.set(wait.to, { task: follower, latest: Math.min(latest, known?.latest ?? Infinity) });
    }
  }

  /** The last start in the hours of those who may do it. */
  #latestStart(follower: PreparedTask, end: number, { atMost }: PreparedWait): number {
    const { work, painters } = follower.task;
    let low = end;
    let high = this.#prepared.problem.horizon;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (atMost?.passed(end, middle)) high = middle - 1;
      else low = middle;
    }
    const teams = painters === 1 ? follower.by.map((painter) => [painter]) : [follower.by];
    const starts = teams.map((team) => fitWholeBefore(this.#prepared.jointShifts(team), low + work, work) ?? low);
    return Math.max(...starts, end);
  }

  /** Whether there were any; then there are none. */
  forget(): boolean {
    const had = this.#open.size > 0;
    this.#open.clear();
    return had;
  }

  /**
   * What would not be done in time if a team were busy with a task until `end`; `freeFrom` tells when others are free.
   * Tasks that are themselves on such a way are let through: they would wait for each other.
   */
  brokenBy(
    task: PreparedTask,
    team: readonly number[],
    end: number,
    freeFrom: (painter: number) => number,
  ): { task: number; until: number } | null {
    if (this.#open.size === 0 || task.hurries) return null;
    let others = 0;
    for (const { task: open } of this.#open.values()) others += open.task.work;
    for (const { task: follower, latest } of this.#open.values()) {
      const by = latest - (others - follower.task.work);
      if (end <= by) continue;
      let free = 0;
      for (const painter of follower.by) if (!team.includes(painter) && freeFrom(painter) <= by) free++;
      if (free < follower.task.painters) return { task: follower.index, until: latest };
    }
    return null;
  }
}
