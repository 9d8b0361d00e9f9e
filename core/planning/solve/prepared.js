import { RateClock } from '../../shelf/drying/rate-clock.ts';
/** Resolves a problem that has passed its schema. */
export function prepare(problem) {
  const indexOf = (list, key) => new Map(list.map((entry, index) => [key(entry), index]));
  const taskIndex = indexOf(problem.tasks, (task) => task.id);
  const spaceIndex = indexOf(problem.spaces, (space) => space.id);
  const painterIndex = indexOf(problem.painters, (painter) => painter.id);
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, new RateClock(clock.rate, clock.step)]));
  const windows = new Map(problem.windows.map(({ id, intervals }) => [id, intervals]));
  const setups = new Map(
    problem.setups.map((setup) => [setup.key, { ...setup, keeps: setup.keeps ?? Infinity, after: setup.after ?? {} }]),
  );
  const everybody = problem.painters.map((_painter, index) => index);
  const crews = new Map([[everybody.join(), everybody]]);
  const crewOf = (painters) => {
    const known = crews.get(painters.join());
    if (known === undefined) crews.set(painters.join(), painters);
    return known ?? painters;
  };
  const at = (map, id) => map.get(id) ?? -1;
  const tasks = problem.tasks.map((task, index) => ({
    index,
    task,
    setup: task.setup == null ? null : (setups.get(task.setup) ?? null),
    earliest: task.earliest ?? 0,
    latest: Math.min(task.latest ?? problem.horizon, problem.horizon),
    window: task.window == null ? null : (windows.get(task.window) ?? []),
    by: task.by == null ? everybody : crewOf(task.by.map((id) => at(painterIndex, id))),
    spaces: task.spaces.map((use) => ({ space: at(spaceIndex, use.id), slots: use.slots })),
    before: [],
    after: [],
    opens: [],
    closes: [],
  }));
  for (const wait of problem.waits) {
    const prepared = {
      from: at(taskIndex, wait.from),
      to: at(taskIndex, wait.to),
      atLeast: prepareMeasure(wait.atLeast, clocks, problem.horizon),
      atMost: prepareMeasure(wait.atMost, clocks, problem.horizon),
      lateWork: wait.late?.work ?? null,
    };
    tasks[prepared.to]?.before.push(prepared);
    tasks[prepared.from]?.after.push(prepared);
  }
  const holds = problem.holds.map((hold, index) => ({
    index,
    space: at(spaceIndex, hold.space),
    slots: hold.slots,
    after: at(taskIndex, hold.after),
    until: at(taskIndex, hold.until),
  }));
  for (const hold of holds) {
    tasks[hold.after]?.opens.push(hold);
    tasks[hold.until]?.closes.push(hold);
    // A hold ends when its second task starts, so that task follows the first even where no wait says so.
    const follow = { from: hold.after, to: hold.until, atLeast: null, atMost: null, lateWork: null };
    tasks[hold.until]?.before.push(follow);
    tasks[hold.after]?.after.push(follow);
  }
  return {
    problem,
    tasks,
    shifts: problem.painters.map((painter) => painter.shifts),
    alone: everybody.map((painter) => [painter]),
    capacities: problem.spaces.map((space) => space.slots),
    holds,
    order: waitOrder(tasks),
  };
}
function prepareMeasure(measure, clocks, horizon) {
  if (measure == null) return null;
  if ('ticks' in measure) {
    const { ticks } = measure;
    return { reach: (end) => end + ticks, passed: (end, start) => start - end > ticks, typical: ticks };
  }
  const clock = clocks.get(measure.clock);
  if (clock === undefined) throw new RangeError(`There is no clock ${measure.clock}.`);
  const { dose } = measure;
  const perTick = clock.progress(0, horizon) / Math.max(1, horizon);
  return {
    reach: (end) => clock.reachWhole(end, dose),
    passed: (end, start) => clock.hasPassed(end, start, dose),
    typical: perTick > 0 ? dose / perTick : horizon,
  };
}
function waitOrder(tasks) {
  const open = tasks.map((task) => task.before.length);
  const order = tasks.filter((task) => task.before.length === 0).map((task) => task.index);
  for (let position = 0; position < order.length; position++) {
    for (const wait of tasks[order[position] ?? -1]?.after ?? []) {
      open[wait.to] = (open[wait.to] ?? 0) - 1;
      if (open[wait.to] === 0) order.push(wait.to);
    }
  }
  return order.length === tasks.length ? order : null;
}
