import type { Prepared, PreparedTask } from '../solve/prepared.ts';
import { beginnings } from './crew-work.ts';
import { chainsOf } from './held-chains.ts';
import { HoldLengths, type Span } from './hold-lengths.ts';
import { SpaceRounds } from './space-rounds.ts';
import type { TaskHours } from './task-hours.ts';
import type { Heads, Tails } from './time-windows.ts';
import { weighings, type Weighing } from './weighing.ts';

/** More that has to lie in a space between two ticks than its slots can hold. */
export interface SpaceOverload {
  kind: 'space';
  space: string;
  from: number;
  until: number;
  /** How many pieces, or uses of a place, lie between the two in any plan that is done in time. */
  uses: number;
}

/** How many beginnings of an interval are tried. */
const MAX_BEGINNINGS = 20;

/** Something that takes slots for some time: a task on the bench, or what lies on the rack between two tasks. */
interface Use {
  slots: number;
  /** Index of the task that begins it, and of the one that ends it. */
  first: number;
  last: number;
  isHold: boolean;
  /** What it weighs at least, by weighing. */
  energies: readonly number[];
}

interface SpaceUses {
  id: string;
  capacity: number;
  uses: Use[];
  /** The same, with what lies there time and again as one: it is back there every night. Null where nothing does. */
  joined: Use[] | null;
  weighings: readonly Weighing[];
  /** The first tick by which all of its holds can have ended, one after the other on its slots; 0 where they all have room. */
  rounds: number;
}

/**
 * What lies in the spaces against their slots. Time is weighed in several ways, by plain ticks, by working hours with
 * so much for every night, by the clocks: whatever the weights, what every use weighs at least can't add up to more
 * than the slots weigh.
 */
export class SpaceEnergy {
  readonly #spaces: SpaceUses[];

  /** For plans that are done by `until`; what lies beyond is not looked at. */
  constructor(prepared: Prepared, hours: TaskHours, heads: Heads, until: number) {
    const chains = new Map(prepared.capacities.map((_slots, space) => [space, chainsOf(prepared, space)]));
    const spans = [...prepared.holds, ...[...chains.values()].flat()];
    const lengths = new HoldLengths(prepared, hours, spans, until);
    const rounds = new SpaceRounds(prepared, hours, heads, lengths, until);
    this.#spaces = prepared.capacities.flatMap((capacity, space): SpaceUses[] => {
      const holds = prepared.holds.filter((hold) => hold.space === space && hold.slots > 0);
      const tasks = prepared.tasks.filter(
        ({ task, spaces }) => task.work > 0 && spaces.some((use) => use.space === space && use.slots > 0),
      );
      const slots = holds.reduce((sum, hold) => sum + hold.slots, 0);
      if (capacity === 0 || (slots <= capacity && tasks.length < 2)) return [];
      const ways = weighings(prepared, holds, until);
      const byTask = tasks.map((task) => taskUse(task, space, ways));
      const byHold = holds.map((hold) => holdUse(hold, hold.slots, lengths.energies(hold, ways)));
      const chained = chains.get(space) ?? [];
      const inChains = new Set(chained.flatMap((chain) => chain.holds));
      const chainedAt = new Set(holds.flatMap((hold, at) => (inChains.has(hold) ? [at] : [])));
      const joined = chained.map((chain) => {
        const whole = lengths.energies(chain, ways);
        return holdUse(
          chain,
          chain.slots,
          ways.map((way, index) => {
            const apart = chain.holds.reduce((sum, hold) => sum + (lengths.energies(hold, ways)[index] ?? 0), 0);
            const weighsAlike = way.isEven || way.perWorkedTick > 0 || way.isNights;
            return weighsAlike ? Math.max(apart, (whole[index] ?? 0) - way.perWorkedTick * chain.away) : apart;
          }),
        );
      });
      return [
        {
          id: prepared.problem.spaces[space]?.id ?? '',
          capacity,
          weighings: ways,
          uses: [...byTask, ...byHold],
          joined:
            chained.length === 0 ? null : [...byTask, ...byHold.filter((_use, at) => !chainedAt.has(at)), ...joined],
          rounds: slots > capacity ? rounds.proved(space) : 0,
        },
      ];
    });
  }

  /** The first interval found in which more has to lie in a space than it holds; null when none is. */
  overload(heads: Heads, tails: Tails): SpaceOverload | null {
    for (const space of this.#spaces) {
      const found =
        this.#roundsTooLate(space, tails) ??
        this.#overloadOf(space, space.uses, heads, tails) ??
        (space.joined && this.#overloadOf(space, space.joined, heads, tails));
      if (found !== null) return found;
    }
    return null;
  }

  #roundsTooLate({ id, uses, rounds }: SpaceUses, tails: Tails): SpaceOverload | null {
    const holds = uses.filter((use) => use.isHold);
    const latest = holds.reduce((most, use) => Math.max(most, tails.starts[use.last] ?? 0), 0);
    return rounds > latest ? { kind: 'space', space: id, from: 0, until: latest, uses: holds.length } : null;
  }

  #overloadOf(
    { id, capacity, weighings: ways }: SpaceUses,
    uses: readonly Use[],
    heads: Heads,
    tails: Tails,
  ): SpaceOverload | null {
    const byEnd = uses
      .map((use) => ({
        use,
        from: (use.isHold ? heads.ends : heads.starts)[use.first] ?? 0,
        until: (use.isHold ? tails.starts : tails.ends)[use.last] ?? 0,
      }))
      .sort((one, other) => one.until - other.until);
    const starts = beginnings(
      byEnd.map((entry) => entry.from),
      MAX_BEGINNINGS,
    );
    for (const [way, weighing] of ways.entries()) {
      for (const from of starts) {
        let energy = 0;
        let count = 0;
        const before = weighing.upTo(from);
        for (const { use, from: begins, until } of byEnd) {
          if (begins < from) continue;
          energy += use.slots * (use.energies[way] ?? 0);
          count++;
          const room = capacity * (weighing.upTo(until) - before);
          if (energy > room * (1 + 1e-12) + 1e-6) return { kind: 'space', space: id, from, until, uses: count };
        }
      }
    }
    return null;
  }
}

/** A task's own use of a space weighs its work where that is weighed evenly in the hours of work, else nothing. */
function taskUse(task: PreparedTask, space: number, ways: readonly Weighing[]): Use {
  return {
    slots: task.spaces.reduce((sum, use) => sum + (use.space === space ? use.slots : 0), 0),
    first: task.index,
    last: task.index,
    isHold: false,
    energies: ways.map((way) => (task.task.painters > 0 || way.isEven ? way.perWorkedTick * task.task.work : 0)),
  };
}

function holdUse({ after, until }: Span, slots: number, energies: readonly number[]): Use {
  return { slots, first: after, last: until, isHold: true, energies };
}
