import type { Prepared } from '../solve/prepared.ts';
import { CrewWork, type CrewOverload } from './crew-work.ts';
import { SpaceEnergy, type SpaceOverload } from './space-energy.ts';
import { TaskHours } from './task-hours.ts';
import { chainTo, earliestTimes, latestTimes, type Heads, type Unreachable } from './time-windows.ts';

/** Tasks that follow each other, first to last, each as early as the one before lets it. */
export interface LongestChain {
  kind: 'chain';
  tasks: string[];
}

/** Why no plan can finish a tick earlier. */
export type BoundReason = LongestChain | CrewOverload | SpaceOverload;

/** What no plan can beat, and which argument says so. */
export interface LowerBound {
  finish: number;
  because: BoundReason;
}

/**
 * A proof of how early a plan can finish. Any finish is refuted for which some task would have to start earlier than
 * waits, clocks and calendars let it, for which the painters have more work in some stretch of time than hours, or for
 * which more has to lie in a space than its slots can hold. Never exceeds the finish of a feasible plan.
 */
export class BoundSearch {
  readonly #prepared: Prepared;
  readonly #hours: TaskHours;
  readonly #heads: Heads;
  /** The end of the longest chain, with all hands and places to itself. */
  readonly chain: LowerBound;

  private constructor(prepared: Prepared, hours: TaskHours, heads: Heads) {
    this.#prepared = prepared;
    this.#hours = hours;
    this.#heads = heads;
    const last = heads.ends.reduce((most, end, index) => (most < 0 || end > (heads.ends[most] ?? 0) ? index : most), -1);
    this.chain = {
      finish: last < 0 ? 0 : (heads.ends[last] ?? 0),
      because: { kind: 'chain', tasks: chainTo(prepared, heads, last) },
    };
  }

  /** Looks how early each task can be; the waits must not run in a circle. What can't be reached has no plan. */
  static of(prepared: Prepared): BoundSearch | Unreachable {
    const hours = new TaskHours(prepared);
    const heads = earliestTimes(prepared, hours);
    return 'task' in heads ? heads : new BoundSearch(prepared, hours, heads);
  }

  /** The best bound below the finish of a plan that is known. */
  below(finish: number): LowerBound {
    if (finish <= this.chain.finish) return this.chain;
    const crew = new CrewWork(this.#prepared);
    const spaces = new SpaceEnergy(this.#prepared, this.#hours, this.#heads, finish);
    const refuted = (deadline: number): BoundReason | null => {
      const tails = latestTimes(this.#prepared, this.#hours, this.#heads, deadline);
      if (tails === null) return this.chain.because;
      return crew.overload(this.#heads, tails) ?? spaces.overload(this.#heads, tails);
    };
    let best = this.chain;
    let low = best.finish;
    let high = finish - 1;
    while (low <= high) {
      const middle = (low + high) >> 1;
      const because = refuted(middle);
      if (because === null) high = middle - 1;
      else {
        best = { finish: middle + 1, because };
        low = middle + 1;
      }
    }
    return best;
  }
}
