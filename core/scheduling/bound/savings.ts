import type { PlanProblem } from '../problem.ts';
import { unitedShifts, type Shifts } from '../solve/calendar.ts';
import { prepare } from '../solve/prepare.ts';
import type { Prepared, PreparedTask } from '../solve/prepared.ts';
import { CrewHours } from './crew-hours.ts';
import { needed, setupNeeds } from './crew-work.ts';
import { HoldLengths } from './hold-lengths.ts';
import { SpaceRounds } from './space-rounds.ts';
import { TaskHours } from './task-hours.ts';
import { earliestTimes, type Heads } from './time-windows.ts';

/** What one more of something may save. */
export interface Saving {
  /** Id of the space of which there is one slot more; null for one more painter with the hours of the first. */
  space: string | null;
  /** Ticks of the calendar by which all is done sooner. */
  ticks: number;
}

/**
 * What one more slot of each of some spaces, and one more pair of hands, may save where a plan is done at `finish`. An
 * estimate: hands and places are each looked at as if the others were no trouble, none is rounded to the safe side, and
 * the one that is shortest decides. Nothing where something can’t be planned at all.
 */
export function savings(problem: PlanProblem, spaces: readonly string[], finish: number): Saving[] {
  const prepared = prepare(problem);
  const hours = new TaskHours(prepared);
  const heads = earliestTimes(prepared, hours);
  if ('task' in heads) return [];
  const lengths = new HoldLengths(prepared, hours, prepared.holds, finish);
  const rounds = new SpaceRounds(prepared, hours, heads, lengths, finish);
  const bySlots = prepared.capacities.map((_slots, space) =>
    prepared.isHeld[space] ? rounds.estimated(space) : placeOver(prepared, heads, space),
  );
  const crew = crewOver(prepared, heads);
  const chain = Math.max(...heads.ends);
  /** When all may be done, if there are so many more slots in a space, and so many more hands. */
  const estimate = (more: number | null, hands: number): number =>
    Math.min(
      finish,
      Math.max(
        chain,
        crew(hands),
        ...bySlots.map((over, space) => over((prepared.capacities[space] ?? 0) + (space === more ? 1 : 0))),
      ),
    );
  const now = estimate(null, 0);
  return [
    ...spaces.map((id) => {
      const space = problem.spaces.findIndex((entry) => entry.id === id);
      return { space: id, ticks: now - estimate(space, 0) };
    }),
    { space: null, ticks: now - estimate(null, 1) },
  ];
}

/** By its slots, when a place at which pieces are only worked on has seen all of them, one after the other. */
function placeOver(prepared: Prepared, heads: Heads, space: number): (slots: number) => number {
  const slotsOf = ({ spaces }: PreparedTask): number =>
    spaces.reduce((sum, use) => sum + (use.space === space ? use.slots : 0), 0);
  const tasks = prepared.tasks.filter((task) => task.task.work > 0 && slotsOf(task) > 0);
  const work = tasks.reduce((sum, task) => sum + task.task.work * slotsOf(task), 0);
  const worked = unitedShifts(prepared.shifts);
  return (slots) => doneBy([worked], tasks, heads, work / slots);
}

/** By how many hands there are more, when the crew has done all work, with the fewest set-ups that can be. */
function crewOver(prepared: Prepared, heads: Heads): (hands: number) => number {
  const tasks = prepared.tasks.filter(({ task, isRecorded }) => task.painters > 0 && task.work > 0 && !isRecorded);
  const needs = setupNeeds(prepared);
  const byKey = new Map<string, number>();
  for (const { task, setup } of tasks) {
    if (setup !== null) byKey.set(setup.key, (byKey.get(setup.key) ?? 0) + task.work * task.painters);
  }
  let work = tasks.reduce((sum, { task }) => sum + task.work * task.painters, 0);
  for (const [key, served] of byKey) {
    const need = needs.get(key);
    if (need) work += needed(served, need, 0) * need.work;
  }
  const painters = [...new Set(tasks.flatMap(({ by }) => by))].sort((one, other) => one - other);
  const calendars = painters.map((painter) => prepared.shifts[painter] ?? []);
  const [first] = calendars;
  return (hands) => doneBy([...calendars, ...Array.from({ length: hands }, () => first ?? [])], tasks, heads, work);
}

/** The first tick by which so much work is done in such hours, once the first of the tasks can begin. */
function doneBy(calendars: readonly Shifts[], tasks: readonly PreparedTask[], heads: Heads, work: number): number {
  if (work === 0) return 0;
  const hours = new CrewHours(calendars);
  const first = tasks.reduce((least, { index }) => Math.min(least, heads.starts[index] ?? 0), Infinity);
  const wanted = hours.worked(first) + work;
  const last = calendars.reduce((most, shifts) => Math.max(most, shifts.at(-1)?.[1] ?? 0), 0);
  if (hours.worked(last) < wanted) return Infinity;
  let [low, high] = [first, last];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (hours.worked(middle) >= wanted) high = middle;
    else low = middle + 1;
  }
  return low;
}
