import { ANYBODY } from './build.ts';
const pick = (list, random) => list[Math.floor(random() * list.length)];
/**
 * A rule near a good one: some priorities moved, now and then one task sent to the front or the back, the willingness
 * to wait drawn anew, other hands for some tasks, and starts delayed where that spares re-abrading.
 */
export function moved(prepared, { rule, schedule }, lengths, random) {
  const keep = random() < 0.5;
  return {
    priority: shaken(rule.priority, random),
    slack: keep ? rule.slack : slackFrom(lengths, random),
    sameTool: keep ? rule.sameTool : (pick([0, lengths.setupWork, lengths.halfShift, 1e6], random) ?? 0),
    notBefore: delaysFrom(prepared, rule.notBefore, schedule, random),
    hands: handsFrom(prepared, rule.hands, random),
  };
}
function slackFrom({ halfShift, setupWork }, random) {
  return Math.floor((pick([0, setupWork, halfShift / 2, halfShift], random) ?? 0) * random() * 2);
}
function shaken(priority, random) {
  const moving = Float64Array.from(priority);
  const share = 0.05 + 0.45 * random() ** 2;
  const strength = random() < 0.2 ? 3 : 0.6;
  for (let index = 0; index < moving.length; index++) {
    if (random() < share) moving[index] = (moving[index] ?? 0) * (1 + strength * (random() - 0.5)) + random();
  }
  if (random() < 0.25) {
    const extreme = moving.reduce((most, value) => Math.max(most, Math.abs(value)), 1);
    moving[Math.floor(random() * moving.length)] = random() < 0.5 ? extreme + 1 : -extreme;
  }
  return moving;
}
/** Whose hands each task is for: mostly as it was, sometimes a few tasks or all of one tool for somebody else. */
function handsFrom({ tasks, shifts }, hands, random) {
  const choice = random();
  if (shifts.length < 2 || choice < 0.5) return hands;
  if (choice < 0.6) return new Int16Array(hands.length).fill(ANYBODY);
  const moving = Int16Array.from(hands);
  const tool = choice < 0.75 ? pick(tasks, random)?.setup : null;
  if (tool) {
    const own = pick(
      shifts.map((_shifts, painter) => painter),
      random,
    );
    for (const task of tasks) {
      if (own !== undefined && task.setup?.key === tool.key && task.by.includes(own)) moving[task.index] = own;
    }
    return moving;
  }
  const share = 0.3 * random();
  for (const task of tasks) {
    if (random() < share) moving[task.index] = pick([ANYBODY, ...task.by], random) ?? ANYBODY;
  }
  return moving;
}
/** The delays as they were, sometimes with one more that spares a task its re-abrading, sometimes none. */
function delaysFrom(prepared, delays, schedule, random) {
  const choice = random();
  if (choice < 0.1) return new Int32Array(delays.length);
  if (schedule === null || choice > 0.4) return delays;
  const late = prepared.tasks.filter((task) => schedule.placements[task.index]?.late);
  const task = pick(late, random);
  const start = schedule.placements[task?.index ?? -1]?.start ?? 0;
  const sparing = Int32Array.from(delays);
  for (const wait of task?.before ?? []) {
    if (!wait.atMost?.passed(schedule.ends[wait.from] ?? 0, start)) continue;
    sparing[wait.from] = Math.max(sparing[wait.from] ?? 0, inTimeFor(prepared, wait, start));
  }
  return sparing;
}
/** The start of a wait's first task from which the wait has not run out yet when its second one starts at `start`. */
export function inTimeFor(prepared, { from, atMost }, start) {
  let low = 0;
  let high = start;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (atMost?.passed(middle, start)) low = middle + 1;
    else high = middle;
  }
  return Math.max(0, low - (prepared.tasks[from]?.task.work ?? 0));
}
