import { Schedule } from './schedule.ts';
/** Nobody in particular. */
export const ANYBODY = -1;
/**
 * Builds a schedule by always taking, among the tasks that could start about next, the one that matters most.
 * Cost grows with tasks times those waiting at once. `shouldStop` is asked between tasks; true gives up.
 */
export function buildSchedule(prepared, rule, shouldStop = () => false) {
  const schedule = new Schedule(prepared);
  const tasks = prepared.tasks.map((task) => {
    const alone = prepared.alone[rule.hands[task.index] ?? ANYBODY];
    return alone === undefined || task.task.painters !== 1 ? task : { ...task, by: alone };
  });
  const openWaits = tasks.map((task) => task.before.length);
  const waiting = [];
  const admit = (task) => {
    waiting.push({
      task,
      from: Math.max(schedule.readyAt(task), rule.notBefore[task.index] ?? 0),
      at: 0,
      full: null,
    });
  };
  for (const task of tasks) if (task.before.length === 0) admit(task);
  /** Looks again when somebody has hands for a task, and whether there is a place for what it leaves behind. */
  const look = (entry) => {
    entry.full = schedule.fullSpace(entry.task);
    entry.at = entry.full === null ? schedule.firstHandsFree(entry.task, entry.from) : Infinity;
  };
  let hasChanged = true;
  while (waiting.length > 0) {
    if (shouldStop()) return { stopped: true };
    if (hasChanged) waiting.forEach(look);
    const next = waiting.reduce((least, { at }) => Math.min(least, at), Infinity);
    let entry;
    let highest = -Infinity;
    for (const candidate of waiting) {
      if (candidate.at === Infinity || candidate.at > next + rule.slack) continue;
      const { task } = candidate;
      const score =
        (rule.priority[task.index] ?? 0) +
        (rule.sameTool > 0 && schedule.hasToolInHand(task) ? rule.sameTool : 0) -
        (candidate.at - next);
      if (score > highest) {
        highest = score;
        entry = candidate;
      }
    }
    // Nobody seems to have hands for any of them: asking for a place tells why.
    entry ??= waiting.find(({ full }) => full === null);
    if (entry === undefined) {
      const [first] = waiting;
      if (first === undefined) break;
      return { stuck: { task: first.task, refusal: { kind: 'space', space: first.full ?? 0 } } };
    }
    const answer = schedule.find(
      entry.from > entry.task.earliest ? { ...entry.task, earliest: entry.from } : entry.task,
    );
    if ('refused' in answer) {
      return { stuck: { task: entry.task, refusal: answer.refused } };
    }
    // Spaces can push it later than it looked; then others may go first.
    if (answer.placed.start > entry.at + rule.slack && entry.from < answer.placed.start && waiting.length > 1) {
      entry.from = answer.placed.start;
      look(entry);
      hasChanged = false;
      continue;
    }
    hasChanged = true;
    schedule.place(entry.task, answer.placed);
    waiting.splice(waiting.indexOf(entry), 1);
    for (const wait of entry.task.after) {
      openWaits[wait.to] = (openWaits[wait.to] ?? 0) - 1;
      const follower = tasks[wait.to];
      if (openWaits[wait.to] === 0 && follower !== undefined) admit(follower);
    }
    const released = releasedSpaces(entry.task);
    for (const other of released.size > 0 ? waiting : []) {
      if (![...other.task.spaces, ...other.task.opens].some((use) => released.has(use.space))) continue;
      other.from = Math.max(schedule.readyAt(other.task), rule.notBefore[other.task.index] ?? 0);
    }
  }
  return { schedule };
}
/** Spaces of which a task gives back more slots than it takes up again: whoever was refused there may ask again. */
function releasedSpaces(task) {
  const balance = new Map();
  for (const hold of task.closes) balance.set(hold.space, (balance.get(hold.space) ?? 0) + hold.slots);
  for (const hold of task.opens) balance.set(hold.space, (balance.get(hold.space) ?? 0) - hold.slots);
  return new Set([...balance].flatMap(([space, slots]) => (slots > 0 ? [space] : [])));
}
