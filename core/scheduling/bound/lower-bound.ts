import type { Prepared } from '../solve/prepared.ts';
import { CrewWork, type CrewOverload } from './crew-work.ts';
import { SpaceEnergy, type SpaceOverload } from './space-energy.ts';
import { TaskHours } from './task-hours.ts';
import {
  chainTo,
  earliestTimes,
  latestTimes,
  type EarliestTimes,
  type Heads,
  type Tails,
  type Unreachable,
} from './time-windows.ts';

/** Tasks that follow each other, first to last, each as early as the one before lets it. */
export interface LongestChain {
  kind: 'chain';
  tasks: string[];
}

/** Everything was tried. */
export interface NothingLeft {
  kind: 'exhausted';
}

/** Why no plan can finish a tick earlier. */
export type BoundReason = LongestChain | CrewOverload | SpaceOverload | NothingLeft;

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
  /** When each task could be done by the calendars. */
  readonly hours: TaskHours;
  readonly #heads: EarliestTimes;
  /** The end of the longest chain, with all hands and places to itself. */
  readonly chain: LowerBound;

  private constructor(prepared: Prepared, hours: TaskHours, heads: EarliestTimes) {
    this.#prepared = prepared;
    this.hours = hours;
    this.#heads = heads;
    const last = heads.ends.reduce(
      (most, end, index) => (most < 0 || end > (heads.ends[most] ?? 0) ? index : most),
      -1,
    );
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
    const doubt = this.doubt(finish);
    let best = this.chain;
    let low = best.finish;
    let high = finish - 1;
    while (low <= high) {
      const middle = (low + high) >> 1;
      const tails = this.latestTimes(middle);
      const because = tails === null ? this.chain.because : doubt(this.#heads, tails);
      if (because === null) high = middle - 1;
      else {
        best = { finish: middle + 1, because };
        low = middle + 1;
      }
    }
    return best;
  }

  /** How late every task can be so that all is done by `deadline`; null if one of them can't. */
  latestTimes(deadline: number): Tails | null {
    return latestTimes(this.#prepared, this.hours, this.#heads, deadline);
  }

  /** What hands and places have against tasks lying between such times, if they are to be done by `finish`. */
  doubt(finish: number): (heads: Heads, tails: Tails) => BoundReason | null {
    const crew = new CrewWork(this.#prepared);
    const spaces = new SpaceEnergy(this.#prepared, this.hours, this.#heads, finish);
    return (heads, tails) => crew.overload(heads, tails) ?? spaces.overload(heads, tails);
  }
}
