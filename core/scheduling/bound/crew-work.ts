import type { Prepared, PreparedTask } from '../solve/prepared.ts';
import { CrewHours } from './crew-hours.ts';
import { leastSetupWork } from './task-hours.ts';
import type { Heads, Tails } from './time-windows.ts';

/** More work than the crew has hours for between two ticks. */
export interface CrewOverload {
  kind: 'crew';
  from: number;
  until: number;
  /** Painter-ticks that lie between them in any plan that is done in time, set-ups included, and what the crew has. */
  work: number;
  hours: number;
}

/** How many beginnings of an interval are tried. */
const MAX_BEGINNINGS = 40;

export interface SetupNeed {
  /** Painter-ticks of work that one set-up can serve at most, and the least it takes. */
  serves: number;
  work: number;
}

/** A crew, and the tasks that only its members may do. */
interface Crew {
  hours: CrewHours;
  firstHour: number;
  size: number;
  tasks: PreparedTask[];
}

/** The painters' work against their calendars. */
export class CrewWork {
  readonly #crews: Crew[];
  readonly #needs: ReadonlyMap<string, SetupNeed>;

  constructor(prepared: Prepared) {
    const groups = new Set(prepared.tasks.filter(({ task }) => task.painters > 0).map(({ by }) => by));
    this.#crews = [...groups].map((members) => {
      const calendars = members.map((painter) => prepared.shifts[painter] ?? []);
      const isMember = new Set(members);
      return {
        hours: new CrewHours(calendars),
        firstHour: Math.min(...calendars.map((shifts) => shifts[0]?.[0] ?? Infinity)),
        size: members.length,
        tasks: prepared.tasks.filter(
          ({ task, by }) => task.painters > 0 && task.work > 0 && by.every((painter) => isMember.has(painter)),
        ),
      };
    });
    this.#needs = setupNeeds(prepared);
  }

  /** The first interval found in which there is more work than hours; null when none is. */
  overload(heads: Heads, tails: Tails): CrewOverload | null {
    for (const crew of this.#crews) {
      const found = this.#overloadOf(crew, heads, tails);
      if (found !== null) return found;
    }
    return null;
  }

  #overloadOf({ hours, firstHour, size, tasks }: Crew, heads: Heads, tails: Tails): CrewOverload | null {
    const byEnd = tasks
      .map((task) => ({
        key: task.setup?.key ?? null,
        work: task.task.work * task.task.painters,
        from: heads.starts[task.index] ?? 0,
        until: tails.ends[task.index] ?? 0,
        worked: hours.worked(tails.ends[task.index] ?? 0),
      }))
      .sort((one, other) => one.until - other.until);
    for (const from of beginnings(byEnd.map((entry) => entry.from))) {
      const before = hours.worked(from);
      // What was set up before the interval begins serves its painter on; before the first hour nothing was.
      const given = from <= firstHour ? 0 : size;
      const served = new Map<string, number>();
      let work = 0;
      let setups = 0;
      for (const entry of byEnd) {
        if (entry.from < from) continue;
        work += entry.work;
        if (entry.key !== null) {
          const need = this.#needs.get(entry.key);
          const now = (served.get(entry.key) ?? 0) + entry.work;
          served.set(entry.key, now);
          if (need) {
            setups += (needed(now, need, given) - needed(now - entry.work, need, given)) * need.work;
          }
        }
        if (work + setups > entry.worked - before) {
          return { kind: 'crew', from, until: entry.until, work: work + setups, hours: entry.worked - before };
        }
      }
    }
    return null;
  }
}

/** How many set-ups so much work of one tool takes, when `given` of them may have been made before. */
export function needed(work: number, { serves }: SetupNeed, given: number): number {
  return work === 0 ? 0 : Math.max(0, Math.max(1, Math.ceil(work / serves)) - given);
}

/** Distinct values at which intervals may begin: all of them, or some that are spread over them. */
export function beginnings(values: readonly number[], most = MAX_BEGINNINGS): number[] {
  const distinct = [...new Set(values)].sort((one, other) => one - other);
  if (distinct.length <= most) return distinct;
  return Array.from({ length: most }, (_unused, index) => distinct[Math.floor((index * distinct.length) / most)] ?? 0);
}

/** By their keys, what set-ups serve and take. */
export function setupNeeds(prepared: Prepared): Map<string, SetupNeed> {
  const longestShift = prepared.shifts
    .flat()
    .reduce((longest, [opens, closes]) => Math.max(longest, closes - opens), 0);
  const needs = new Map<string, SetupNeed>();
  for (const { setup, task } of prepared.tasks) {
    if (setup === null) continue;
    // The last task begins while the set-up is good, and may go on after it; beyond its shift only if it pauses.
    const goesOn = setup.acrossShifts ? Infinity : longestShift + (task.pausable ? task.work : 0);
    const serves = Math.max(1, Math.min(setup.keeps + task.work, goesOn));
    const known = needs.get(setup.key);
    needs.set(setup.key, { serves: Math.max(serves, known?.serves ?? 0), work: leastSetupWork(setup) });
  }
  return needs;
}
