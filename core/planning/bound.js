import { fitPausing, fitWhole } from './solve/calendar.ts';
/**
 * A proof of how early a plan can finish: the larger of
 * the longest chain through waits, clocks and calendars with every resource to itself, and
 * the painters' work that can't start before some tick, against the hours they have from then on.
 * Never exceeds the finish of a feasible plan. Where a chain has no end within the calendars, the first
 * task that can't be reached. The problem's waits must not run in a circle.
 */
export function lowerBound(prepared) {
  const order = prepared.order ?? [];
  const starts = new Float64Array(prepared.tasks.length);
  const ends = new Float64Array(prepared.tasks.length);
  const previous = new Int32Array(prepared.tasks.length).fill(-1);
  let last = -1;
  for (const index of order) {
    const task = prepared.tasks[index];
    if (task === undefined) continue;
    let ready = task.earliest;
    for (const wait of task.before) {
      const end = ends[wait.from] ?? 0;
      const reached = wait.atLeast?.reach(end) ?? end;
      if (reached > ready || (reached === ready && previous[index] === -1)) {
        ready = reached;
        previous[index] = wait.from;
      }
    }
    const place = earliestAlone(prepared, task, ready);
    if (place === null) {
      const neverDry = task.before.find((wait) => wait.atLeast?.reach(ends[wait.from] ?? 0) === Infinity);
      return { task, neverDry: neverDry ?? null };
    }
    starts[index] = place.start;
    ends[index] = place.end;
    if (last < 0 || place.end > (ends[last] ?? 0)) last = index;
  }
  const chain = [];
  for (let index = last; index >= 0; index = previous[index] ?? -1) {
    chain.unshift(prepared.tasks[index]?.task.id ?? '');
  }
  const byChain = last < 0 ? 0 : (ends[last] ?? 0);
  const byWork = workBound(prepared, starts);
  return byWork > byChain
    ? { finish: byWork, because: 'work', chain: [] }
    : { finish: byChain, because: 'chain', chain };
}
/** The earliest place of a task after `ready` if it had every painter and space to itself. */
function earliestAlone(prepared, task, ready) {
  const { work, painters, pausable } = task.task;
  if (ready === Infinity) return null;
  const fit = pausable ? fitPausing : fitWhole;
  const windows = task.window ?? [[0, prepared.problem.horizon]];
  for (const [opens, closes] of windows) {
    const from = Math.max(ready, opens);
    if (from + work > closes) continue;
    if (painters === 0) return { start: from, end: from + work };
    const places = task.by
      .map((painter) => fit(prepared.shifts[painter] ?? [], from, work))
      .filter((place) => place !== null)
      .filter((place) => task.window === null || place.end <= closes)
      .sort((one, other) => one.end - other.end);
    // Windows follow each other, so that the first with room has the earliest end.
    if (places[0]) return places[0];
  }
  return null;
}
/** The tick before which the crew can't have done the work that may start at `from` or later, for the worst `from`. */
function workBound(prepared, starts) {
  const byStart = prepared.tasks
    .map((task) => ({ from: starts[task.index] ?? 0, work: task.task.work * task.task.painters }))
    .filter((entry) => entry.work > 0)
    .sort((one, other) => other.from - one.from);
  const calendar = new CrewCalendar(prepared.shifts);
  const leastSetups = new Map(
    prepared.problem.setups.map((setup) => [setup.key, Math.min(setup.work, ...Object.values(setup.after ?? {}))]),
  );
  const used = new Set(
    prepared.tasks.flatMap((task) => (task.setup && task.task.painters > 0 ? [task.setup.key] : [])),
  );
  const setupWork = [...used].reduce((sum, key) => sum + (leastSetups.get(key) ?? 0), 0);
  let work = 0;
  let bound = 0;
  byStart.forEach(({ from, work: own }, index) => {
    work += own;
    if (byStart[index + 1]?.from === from) return;
    bound = Math.max(bound, calendar.doneBy(from, work));
  });
  const total = byStart.reduce((sum, entry) => sum + entry.work, 0);
  return total === 0 ? bound : Math.max(bound, calendar.doneBy(0, total + setupWork));
}
/** The hours of the whole crew, added up. */
class CrewCalendar {
  /** Ticks at which somebody starts or stops, with how many work from there and what was worked before. */
  #times = [];
  #hands = [];
  #sums = [];
  constructor(shifts) {
    const changes = new Map();
    for (const [start, end] of shifts.flat()) {
      changes.set(start, (changes.get(start) ?? 0) + 1);
      changes.set(end, (changes.get(end) ?? 0) - 1);
    }
    let hands = 0;
    let sum = 0;
    for (const [time, change] of [...changes].sort(([one], [other]) => one - other)) {
      sum += hands * (time - (this.#times.at(-1) ?? time));
      hands += change;
      this.#times.push(time);
      this.#hands.push(hands);
      this.#sums.push(sum);
    }
  }
  /** Painter-ticks worked before `time`. */
  #worked(time) {
    const index = firstIndex(this.#times.length, (at) => (this.#times[at] ?? 0) > time) - 1;
    if (index < 0) return 0;
    return (this.#sums[index] ?? 0) + (this.#hands[index] ?? 0) * (time - (this.#times[index] ?? 0));
  }
  /** First tick by which `work` painter-ticks, more than none, can be done if all start at `from` at the earliest. */
  doneBy(from, work) {
    const goal = this.#worked(from) + work;
    const index = firstIndex(this.#times.length, (at) => (this.#sums[at] ?? 0) >= goal) - 1;
    const hands = this.#hands[index] ?? 0;
    if (index < 0 || hands === 0) return from;
    return Math.ceil((this.#times[index] ?? 0) + (goal - (this.#sums[index] ?? 0)) / hands);
  }
}
/** The first index below `count` for which `holds`, which stays true once it is; `count` if for none. */
function firstIndex(count, holds) {
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}
