import type { PreparedTask } from './prepared.ts';

/** Indices of tasks in an order that respects every wait; null when waits run in a circle. */
export function topologicalOrder(tasks: readonly PreparedTask[]): number[] | null {
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

/** Marks what is on the way from a task to one that has to follow it in time: the latter, and all that leads there. */
export function markTimeCritical(tasks: readonly PreparedTask[], order: readonly number[]): void {
  const place = new Int32Array(tasks.length);
  order.forEach((index, at) => (place[index] = at));
  for (const { from, to, atMost, lateWork } of tasks.flatMap(({ before }) => before)) {
    if (atMost === null || lateWork !== null) continue;
    // Walk back from `to` in topological order, not past `from`; a task that doesn’t descend from `from` isn’t on the path.
    const leads = new Map<number, boolean>([[from, true]]);
    const isOnWay = (index: number): boolean => {
      const known = leads.get(index);
      if (known !== undefined) return known;
      const before = (place[index] ?? 0) <= (place[from] ?? 0) ? [] : (tasks[index]?.before ?? []);
      const is = before.map((wait) => isOnWay(wait.from)).includes(true);
      leads.set(index, is);
      return is;
    };
    isOnWay(to);
    const way = [...leads].flatMap(([index, is]) => (is && index !== from ? [index] : []));
    for (const index of way) {
      const task = tasks[index];
      if (task) task.hurries = true;
    }
    const first = tasks[from];
    if (first) {
      first.leadsOn = [...new Set([...first.leadsOn, ...way])].sort(
        (one, other) => (place[one] ?? 0) - (place[other] ?? 0),
      );
    }
  }
}

/** A task that waits for more others than this, or they for it, belongs to none of their pieces. */
const MAX_NEIGHBOURS = 5;

/** Tasks that hang together by waits, each in the order of these: mostly those of one piece. */
export function piecesOf(tasks: readonly PreparedTask[], order: readonly number[]): number[][] {
  const hubs = tasks.map(({ before, after }) => {
    const [earlier, later] = [new Set(before.map((wait) => wait.from)), new Set(after.map((wait) => wait.to))];
    return earlier.size > MAX_NEIGHBOURS || later.size > MAX_NEIGHBOURS;
  });
  const piece = new Int32Array(tasks.length).fill(-1);
  let count = 0;
  for (const first of order) {
    if (piece[first] !== -1) continue;
    const open = [first];
    for (let index = open.pop(); index !== undefined; index = open.pop()) {
      if (piece[index] !== -1 || (index !== first && hubs[index])) continue;
      piece[index] = count;
      if (hubs[index]) continue;
      for (const wait of tasks[index]?.after ?? []) open.push(wait.to);
      for (const wait of tasks[index]?.before ?? []) open.push(wait.from);
    }
    count++;
  }
  const pieces = Array.from({ length: count }, (): number[] => []);
  for (const index of order) pieces[piece[index] ?? 0]?.push(index);
  return pieces;
}

/** Expected wait for a time window: half its longest closed stretch. */
function closedFor({ window }: PreparedTask, horizon: number): number {
  if (window === null || window.length === 0) return 0;
  const open = window.reduce((sum, [opens, closes]) => sum + closes - opens, 0);
  return Math.max(0, horizon - open) / window.length;
}

/** Per task, the typical length in ticks from its start to the end of all that follows it. */
export function tailsOf(tasks: readonly PreparedTask[], order: readonly number[], horizon: number): Float64Array {
  const tails = new Float64Array(tasks.length);
  for (const index of [...order].reverse()) {
    const task = tasks[index];
    if (task === undefined) continue;
    const rest = task.after.map((wait) => (wait.atLeast?.typical ?? 0) + (tails[wait.to] ?? 0));
    tails[index] = closedFor(task, horizon) + task.task.work + Math.max(0, ...rest);
  }
  return tails;
}
