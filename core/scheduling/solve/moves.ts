import { CriticalPath } from '../why/critical-path.ts';
import { ANYBODY, type BuildOrder } from './build.ts';
import type { Prepared, PreparedWait } from './prepared.ts';
import type { Schedule } from './schedule.ts';

type Random = () => number;

/** A finished schedule, and the rule by which it can be built again. */
export interface Incumbent {
  schedule: Schedule;
  rule: BuildOrder;
}

/** A way to change a schedule a little: a rule near its own, by which another one is built. */
export type Move = (prepared: Prepared, incumbent: Incumbent, random: Random) => BuildOrder;

const pick = <T>(list: readonly T[], random: Random): T | undefined => list[Math.floor(random() * list.length)];

/** The rule that builds a schedule again, task by task in the order in which it was built. */
export function asBuilt({ schedule, rule }: Incumbent): BuildOrder {
  const priority = new Float64Array(schedule.order.length);
  schedule.order.forEach((index, position) => (priority[index] = -position));
  return { ...rule, priority, slack: Infinity, sameTool: 0 };
}

/** The tasks of whole pieces go earlier or later: tasks that hang together by waits are a piece. */
const pieces: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  const count = prepared.tasks.length;
  const most = 1 + Math.floor(random() * 3);
  for (let moved = 0; moved < most; moved++) {
    const piece = prepared.pieces[Math.floor(random() * prepared.pieces.length)] ?? [];
    const by = (random() - 0.5) * count * random();
    const from = random() < 0.5 ? 0 : Math.floor(random() * piece.length);
    for (const index of piece.slice(from)) rule.priority[index] = (rule.priority[index] ?? 0) + by;
  }
  return rule;
};

/** One task goes earlier or later. */
const single: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  const count = prepared.tasks.length;
  const most = 1 + Math.floor(random() * 4);
  for (let moved = 0; moved < most; moved++) {
    const index = Math.floor(random() * count);
    rule.priority[index] =
      (rule.priority[index] ?? 0) + (random() - 0.5) * Math.min(count, 60 + count * 0.2 * random());
  }
  return rule;
};

/** In a stretch of the plan, what goes with one tool goes together. */
const batch: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  const { order } = incumbent.schedule;
  const at = Math.floor(random() * order.length);
  const length = 3 + Math.floor(random() * Math.min(80, order.length / 2));
  const key = prepared.tasks[order[at] ?? 0]?.setup?.index;
  if (key === undefined) return single(prepared, incumbent, random);
  let place = 0;
  const later = random() < 0.5;
  for (let position = later ? at - length : at; position <= (later ? at : at + length); position++) {
    const index = order[position] ?? -1;
    if (prepared.tasks[index]?.setup?.index === key)
      rule.priority[index] = -at + (later ? -1 : 1) * 0.5 - place++ * 1e-4;
  }
  return rule;
};

/** A stretch of the plan is sorted anew: by what follows, with some noise. */
const stretch: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  const { order } = incumbent.schedule;
  const length = 3 + Math.floor(random() * Math.min(60, order.length / 2));
  const at = Math.floor(random() * Math.max(1, order.length - length));
  const noise = random() * random();
  const longest = prepared.tails.reduce((most, tail) => Math.max(most, tail), 1);
  for (const index of order.slice(at, at + length)) {
    const urgency = (prepared.tails[index] ?? 0) / longest;
    rule.priority[index] = -(at + length * (1 - urgency) * (1 - noise) - length * noise * random());
  }
  return rule;
};

/** The order as it is, but whoever is free takes what could start next: fills what idles. */
const loosened: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  rule.slack = (pick([0, 0.25, 1, 4], random) ?? 0) * prepared.halfShift * random();
  rule.sameTool = random() < 0.5 ? 0 : prepared.tasks.length * random();
  return rule;
};

/** The priorities of a schedule, perturbed. */
const perturbPriorities: Move = (_prepared, incumbent, random) => {
  const rule = { ...incumbent.rule, priority: Float64Array.from(incumbent.rule.priority) };
  const share = 0.05 + 0.45 * random() ** 2;
  const strength = random() < 0.2 ? 3 : 0.6;
  for (let index = 0; index < rule.priority.length; index++) {
    if (random() < share)
      rule.priority[index] = (rule.priority[index] ?? 0) * (1 + strength * (random() - 0.5)) + random();
  }
  return rule;
};

/** Other hands for some tasks, or for all of one tool. */
const hands: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  if (prepared.shifts.length < 2) return single(prepared, incumbent, random);
  const moved = Int16Array.from(rule.hands);
  rule.hands = moved;
  if (random() < 0.15) {
    moved.fill(ANYBODY);
    return rule;
  }
  const { order } = incumbent.schedule;
  const length = 1 + Math.floor(random() * Math.min(40, order.length));
  const at = Math.floor(random() * order.length);
  const own = Math.floor(random() * prepared.shifts.length);
  const key = random() < 0.5 ? prepared.tasks[order[at] ?? 0]?.setup?.index : undefined;
  for (const index of order.slice(at, at + length)) {
    const task = prepared.tasks[index];
    if (task === undefined || (key !== undefined && task.setup?.index !== key)) continue;
    if (task.by.includes(own)) moved[index] = random() < 0.8 ? own : ANYBODY;
  }
  return rule;
};

/** One more delay that spares a task its re-abrading, or none at all. */
const delays: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  const { schedule } = incumbent;
  if (random() < 0.2) return { ...rule, notBefore: new Int32Array(rule.notBefore.length) };
  const late = prepared.tasks.filter((task) => schedule.placements[task.index]?.late);
  const task = pick(late, random);
  if (task === undefined) return single(prepared, incumbent, random);
  const start = schedule.starts[task.index] ?? 0;
  const notBefore = Int32Array.from(rule.notBefore);
  for (const wait of task.before) {
    if (!wait.atMost?.passed(schedule.ends[wait.from] ?? 0, start)) continue;
    notBefore[wait.from] = Math.max(notBefore[wait.from] ?? 0, inTimeFor(prepared, wait, start));
  }
  return { ...rule, notBefore };
};

/** What holds up the finish goes before what holds it up: a task of the chain that ends last, and what it follows. */
const critical: Move = (prepared, incumbent, random) => {
  const rule = asBuilt(incumbent);
  const { schedule } = incumbent;
  let last = 0;
  for (let index = 1; index < schedule.ends.length; index++) {
    if ((schedule.ends[index] ?? 0) > (schedule.ends[last] ?? 0)) last = index;
  }
  const chain = new CriticalPath(prepared, schedule).chain(last);
  const yielding = chain.filter(({ held }) => held.kind === 'hands' || held.kind === 'place' || held.kind === 'order');
  const most = 1 + Math.floor(random() * 3);
  for (let moved = 0; moved < most; moved++) {
    const link = pick(yielding, random);
    if (link === undefined) break;
    const held = 'task' in link.held ? link.held.task : link.task;
    const before = (rule.priority[held] ?? 0) + 0.5 + random() * random() * 40;
    // The task, and all of its piece that comes before it, go ahead.
    const by = before - (rule.priority[link.task] ?? 0);
    const piece = prepared.pieces[prepared.pieceOf[link.task] ?? 0] ?? [];
    const wholePiece = random() < 0.5;
    for (const index of piece) {
      const isEarlier = (schedule.starts[index] ?? 0) <= (schedule.starts[link.task] ?? 0);
      if (index === link.task || wholePiece || isEarlier) rule.priority[index] = (rule.priority[index] ?? 0) + by;
    }
  }
  return rule;
};

export const MOVES: readonly Move[] = [
  critical,
  pieces,
  single,
  batch,
  stretch,
  loosened,
  perturbPriorities,
  hands,
  delays,
];

/** The start of a wait's first task from which the wait has not run out yet when its second one starts at `start`. */
export function inTimeFor(prepared: Prepared, { from, atMost }: PreparedWait, start: number): number {
  let low = 0;
  let high = start;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (atMost?.passed(middle, start)) low = middle + 1;
    else high = middle;
  }
  return Math.max(0, low - (prepared.tasks[from]?.task.work ?? 0));
}
