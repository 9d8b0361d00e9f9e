import { unitedShifts, type Shifts } from '../solve/calendar.ts';
import type { Prepared } from '../solve/prepared.ts';
import { chainsOf, type Chain } from './held-chains.ts';
import type { HoldLengths } from './hold-lengths.ts';
import { SlotRounds, type Stay } from './slot-rounds.ts';
import type { TaskHours } from './task-hours.ts';
import type { Heads } from './time-windows.ts';

/** How far apart the moments are at which an estimate has a slot handed on, in minutes. */
const APART = 30;

/**
 * When all that lies in a space can have left it, piece after piece on every slot. At the beginning of a working time
 * every piece that is between its first and its last stay lies there, since what is done in between is done in one shift;
 * so slots can be given to pieces that each keep one at those moments, and on a slot the next piece comes no sooner than
 * the working time in which the one before leaves.
 */
export class SpaceRounds {
  readonly #prepared: Prepared;
  readonly #hours: TaskHours;
  readonly #heads: Heads;
  readonly #lengths: HoldLengths;
  readonly #until: number;
  readonly #worked: Shifts;

  /** For plans that are done by `until`. */
  constructor(prepared: Prepared, hours: TaskHours, heads: Heads, lengths: HoldLengths, until: number) {
    this.#prepared = prepared;
    this.#hours = hours;
    this.#heads = heads;
    this.#lengths = lengths;
    this.#until = until;
    this.#worked = unitedShifts(prepared.shifts).filter(([opens]) => opens < until);
  }

  /** A proof: no plan has all of them out earlier. 0 where that says nothing, `Infinity` where never in time. */
  proved(space: number): number {
    const moments = [...this.#worked.map(([opens]) => opens), this.#until];
    return new SlotRounds(this.#stays(space), moments, 'early').over(this.#prepared.capacities[space] ?? 0);
  }

  /** An estimate, by the number of slots: the next piece comes when the one before has left, to the half-hour. */
  estimated(space: number): (slots: number) => number {
    const step = Math.max(1, Math.round(APART / this.#prepared.problem.tickMinutes));
    const within = this.#worked.flatMap(([opens, closes]) =>
      Array.from({ length: Math.ceil((closes - opens) / step) }, (_unused, index) => opens + index * step),
    );
    const moments = [...within.filter((moment) => moment < this.#until), this.#until];
    const rounds = new SlotRounds(this.#stays(space), moments, 'late');
    return (slots) => rounds.over(slots);
  }

  #stays(space: number): Stay[] {
    return this.#lengths.distinct(this.#chains(space), this.#heads).map(({ span, from, members }) => {
      const after = this.#prepared.tasks[span.after];
      const isInOneShift = after !== undefined && after.task.painters > 0 && !after.task.pausable;
      return {
        count: members.reduce((sum, { slots }) => sum + slots, 0),
        leaves: (moment) => {
          const begun = isInOneShift ? (this.#hours.earliest(after, moment)?.end ?? Infinity) : moment;
          return this.#lengths.over(span, Math.max(from, begun));
        },
      };
    });
  }

  /** Chains, and holds that belong to none. */
  #chains(space: number): Pick<Chain, 'after' | 'until' | 'slots'>[] {
    const chains = chainsOf(this.#prepared, space);
    const inChains = new Set(chains.flatMap(({ holds }) => holds));
    const alone = this.#prepared.holds.filter((hold) => hold.space === space && hold.slots > 0 && !inChains.has(hold));
    return [...chains, ...alone];
  }
}
