import type { Prepared, PreparedTask } from './prepared.ts';
import { Schedule, type Refusal } from './schedule.ts';

/** How a schedule is built: which of the tasks that could start next is taken. */
export interface Rule {
  /** Per task; the highest goes first. Usually the length of what follows it. */
  priority: Float64Array;
  /** How many ticks later than the earliest a task may start and still compete. */
  slack: number;
  /** Added to the priority of a task whose tool is already in the painter's hand. */
  sameTool: number;
  /** Raised starts, per task, that keep a later wait from running out. */
  notBefore: Int32Array;
}

export type Built = { schedule: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } };

/**
 * Builds a schedule by always taking, among the tasks that could start about next, the one that matters most.
 * Cost grows with tasks times those waiting at once.
 */
export function buildSchedule(prepared: Prepared, rule: Rule): Built {
  const schedule = new Schedule(prepared);
  const openWaits = prepared.tasks.map((task) => task.before.length);
  const waiting: { task: PreparedTask; from: number; blocked: Refusal | null }[] = [];
  const admit = (task: PreparedTask): void => {
    waiting.push({ task, from: Math.max(schedule.readyAt(task), rule.notBefore[task.index] ?? 0), blocked: null });
  };
  for (const task of prepared.tasks) if (task.before.length === 0) admit(task);

  while (waiting.length > 0) {
    let next = Infinity;
    const candidates: { entry: (typeof waiting)[number]; at: number }[] = [];
    for (const entry of waiting) {
      if (entry.blocked !== null) continue;
      const at = schedule.firstHandsFree(entry.task, entry.from);
      candidates.push({ entry, at });
      next = Math.min(next, at);
    }
    let chosen: (typeof candidates)[number] | undefined;
    let highest = -Infinity;
    for (const candidate of candidates) {
      if (candidate.at > next + rule.slack) continue;
      const { task } = candidate.entry;
      const score =
        (rule.priority[task.index] ?? 0) +
        (rule.sameTool > 0 && schedule.hasToolInHand(task) ? rule.sameTool : 0) -
        (candidate.at - next);
      if (score > highest) {
        highest = score;
        chosen = candidate;
      }
    }
    if (chosen === undefined) {
      const [first] = waiting;
      if (first === undefined) break;
      return { stuck: { task: first.task, refusal: first.blocked ?? { kind: 'calendar' } } };
    }
    const { entry } = chosen;
    const answer = schedule.find(
      entry.from > entry.task.earliest ? { ...entry.task, earliest: entry.from } : entry.task,
    );
    if ('refused' in answer) {
      if (answer.refused.kind !== 'space') return { stuck: { task: entry.task, refusal: answer.refused } };
      entry.blocked = answer.refused;
      continue;
    }
    // Spaces can push it later than it looked; then others may go first.
    if (answer.placed.start > chosen.at + rule.slack && candidates.length > 1 && entry.from < answer.placed.start) {
      entry.from = answer.placed.start;
      continue;
    }
    schedule.place(entry.task, answer.placed);
    waiting.splice(waiting.indexOf(entry), 1);
    for (const wait of entry.task.after) {
      openWaits[wait.to] = (openWaits[wait.to] ?? 0) - 1;
      const follower = prepared.tasks[wait.to];
      if (openWaits[wait.to] === 0 && follower !== undefined) admit(follower);
    }
    if (entry.task.closes.length > 0) {
      for (const other of waiting) {
        other.blocked = null;
        if (other.task.spaces.length + other.task.opens.length > 0) {
          other.from = Math.max(schedule.readyAt(other.task), rule.notBefore[other.task.index] ?? 0);
        }
      }
    }
  }
  return { schedule };
}
