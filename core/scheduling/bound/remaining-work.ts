import type { Prepared, PreparedTask } from '../solve/prepared.ts';
import { CrewHours } from './crew-hours.ts';
import { needed, setupNeeds, type SetupNeed } from './crew-work.ts';

/** What a painter brings along: from when on they are free, and the index of the set-up in hand; −1 for none. */
export interface FreeHands {
  freeFrom: number;
  inHand: number;
  /** Whether some set-up could still be made in idle time before. */
  hasIdled: boolean;
}

/** The work that a partial plan leaves, against the hours that its painters have left. */
export class RemainingWork {
  readonly #prepared: Prepared;
  readonly #ends: Float64Array;
  readonly #hours: readonly CrewHours[];
  readonly #needs: ReadonlyMap<string, SetupNeed>;
  /** Crews, and who does something in one of them only. */
  readonly #crews: readonly { members: readonly number[]; tasks: readonly PreparedTask[] }[];

  /** `ends` says when each task has to end at last. */
  constructor(prepared: Prepared, ends: Float64Array) {
    this.#prepared = prepared;
    this.#hours = prepared.shifts.map((shifts) => new CrewHours([shifts]));
    this.#needs = setupNeeds(prepared);
    const groups = new Set(prepared.tasks.filter(({ task }) => task.painters > 0).map(({ by }) => by));
    this.#crews = [...groups].map((members) => ({
      members,
      tasks: prepared.tasks
        .filter(
          ({ task, by }) => task.painters > 0 && task.work > 0 && by.every((painter) => members.includes(painter)),
        )
        .sort((one, other) => (ends[one.index] ?? 0) - (ends[other.index] ?? 0)),
    }));
    this.#ends = ends;
  }

  /** Whether what is open is more than those who may do it have hours for, each task by its end, set-ups included. */
  isTooMuch(isOpen: (task: number) => boolean, hands: readonly FreeHands[]): boolean {
    return this.#crews.some(({ members, tasks }) => this.#isTooMuchFor(members, tasks, isOpen, hands));
  }

  #isTooMuchFor(
    members: readonly number[],
    tasks: readonly PreparedTask[],
    isOpen: (task: number) => boolean,
    hands: readonly FreeHands[],
  ): boolean {
    const served = new Map<string, number>();
    let [work, setups, longest] = [0, 0, 0];
    for (const task of tasks) {
      if (!isOpen(task.index)) continue;
      const own = task.task.work * task.task.painters;
      work += own;
      const need = task.setup === null ? undefined : this.#needs.get(task.setup.key);
      if (task.setup !== null && need !== undefined) {
        const before = served.get(task.setup.key) ?? 0;
        served.set(task.setup.key, before + own);
        setups += (needed(before + own, need, 0) - needed(before, need, 0)) * need.work;
        longest = Math.max(longest, need.work);
      }
      const until = this.#ends[task.index] ?? 0;
      let hours = 0;
      let spared = 0;
      for (const painter of members) {
        const { freeFrom = 0, inHand = -1, hasIdled = false } = hands[painter] ?? {};
        const calendar = this.#hours[painter];
        if (calendar !== undefined && until > freeFrom) hours += calendar.worked(until) - calendar.worked(freeFrom);
        const key = this.#prepared.setups[inHand]?.key;
        if (hasIdled) spared += longest;
        else if (key !== undefined && served.has(key)) spared += this.#needs.get(key)?.work ?? 0;
      }
      if (work + Math.max(0, setups - spared) > hours) return true;
    }
    return false;
  }
}
