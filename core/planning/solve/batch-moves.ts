import type { BatchList } from './batch-list.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Schedule } from './schedule.ts';

type Random = () => number;

/** A way to change the batches of a schedule a little. The list is its own to change; settled afterwards. */
export type BatchMove = (prepared: Prepared, list: BatchList, schedule: Schedule, random: Random) => void;

interface WeightedMove {
  move: BatchMove;
  weight: number;
}

const among = (count: number, random: Random): number => Math.floor(random() * count);

/** Two batches of one kind that follow each other, rather near ones and small ones. */
function neighbours(list: BatchList, random: Random): { earlier: number; later: number } | null {
  let best: { earlier: number; later: number } | null = null;
  let least = Infinity;
  const tries = 1 + among(5, random);
  for (let tried = 0; tried < tries; tried++) {
    const earlier = among(list.batches.length, random);
    const batch = list.batches[earlier];
    if (batch === undefined || batch.size === 0) continue;
    const later = list.like(batch, batch.at, 1);
    const next = list.batches[later];
    if (next === undefined) continue;
    const apart = next.at - batch.at + 2 * Math.min(next.size, batch.size);
    if (apart < least) [best, least] = [{ earlier, later }, apart];
  }
  return best;
}

/** Whether a task leads to one that has to follow it in time, or is on the way to that. */
const isOnOuting = ({ tasks }: Prepared, task: number): boolean =>
  (tasks[task]?.hurries ?? false) || (tasks[task]?.leadsOn.length ?? 0) > 0;

/**
 * What leads to something that has to follow in time goes elsewhere, and all on the way to that with it: mostly along with
 * another one of its kind.
 */
const outing: BatchMove = (prepared, list, _schedule, random) => {
  const { tasks, outings } = prepared;
  const first = tasks[outings[among(outings.length, random)] ?? -1];
  const batch = list.batches[list.batchOf[first?.index ?? -1] ?? -1];
  if (batch === undefined || first === undefined) return;
  const direction = random() < 0.5 ? 1 : -1;
  const other = random() < 0.8 ? nearestOuting(prepared, list, first, direction) : null;
  let into = other === null ? -1 : (list.batchOf[other.index] ?? -1);
  if (into < 0) {
    const by = direction * (1 + among(1 + among(40, random), random));
    into = list.add({ ...batch, at: list.justAfter(placeNear(list, batch.at, by, random)) });
  }
  if (direction === 1) list.put(first.index, into);
  else if (!pull(prepared, list, first.index, into, 6)) return;
  let at = followOuting(prepared, list, first, other, list.batches[into]?.at ?? 0);
  // What has to be done on later days goes along with what the other one does then.
  let [own, theirs] = [nextOuting(prepared, first), other === null ? null : nextOuting(prepared, other)];
  while (own !== null && theirs !== null) {
    const along = list.batchOf[theirs.index] ?? -1;
    const there = list.batches[along]?.at ?? -1;
    if (there <= at || there <= (list.batches[list.batchOf[own.index] ?? -1]?.at ?? 0)) return;
    list.put(own.index, along);
    at = followOuting(prepared, list, own, theirs, there);
    [own, theirs] = [nextOuting(prepared, own), nextOuting(prepared, theirs)];
  }
};

/** Puts what has to follow a task in time after it, along with what follows another one; answers the last place. */
function followOuting(
  { tasks }: Prepared,
  list: BatchList,
  { leadsOn }: PreparedTask,
  other: PreparedTask | null,
  from: number,
): number {
  let at = from;
  for (const next of leadsOn) {
    const like = other?.leadsOn.find((index) => tasks[index]?.kind === tasks[next]?.kind) ?? -1;
    const along = list.batchOf[like] ?? -1;
    const there = list.batches[along]?.at ?? -1;
    if (there >= at) list.put(next, along);
    at = there >= at ? there : list.putAfter(next, at);
  }
  return at;
}

/** The next task after an outing that obliges to something in time again. */
function nextOuting({ tasks }: Prepared, { leadsOn }: PreparedTask): PreparedTask | null {
  const last = tasks[leadsOn.at(-1) ?? -1];
  const next = last?.after.find(({ to }) => (tasks[to]?.leadsOn.length ?? 0) > 0);
  return tasks[next?.to ?? -1] ?? null;
}

/** The next task of another piece that obliges to something in time, or the last one before with −1. */
function nearestOuting(
  { tasks, outings, pieceOf }: Prepared,
  list: BatchList,
  { index, kind }: PreparedTask,
  direction: 1 | -1,
): PreparedTask | null {
  const here = list.batches[list.batchOf[index] ?? -1]?.at ?? 0;
  let nearest = Infinity;
  let found: PreparedTask | null = null;
  for (const other of outings) {
    const task = tasks[other];
    const at = list.batches[list.batchOf[other] ?? -1]?.at;
    if (task === undefined || at === undefined || pieceOf[other] === pieceOf[index] || task.kind !== kind) continue;
    const far = (at - here) * direction;
    if (far > 0 && far < nearest) [nearest, found] = [far, task];
  }
  return found;
}

/** All of a batch joins the next one of its kind. */
const mergeOn: BatchMove = (prepared, list, _schedule, random) => {
  const pair = neighbours(list, random);
  if (pair === null) return;
  for (const task of list.tasksOf(pair.earlier)) if (!isOnOuting(prepared, task)) list.put(task, pair.later);
};

/** All of a batch, or what can of it, joins the last one of its kind; what it follows is done sooner where that helps. */
const mergeBack: BatchMove = (prepared, list, _schedule, random) => {
  const pair = neighbours(list, random);
  if (pair === null) return;
  const pulls = random() < 0.7;
  for (const task of list.tasksOf(pair.later))
    if (!isOnOuting(prepared, task)) pull(prepared, list, task, pair.earlier, pulls ? 6 : 0);
};

/** In a stretch of the plan, what is of one kind is done in one go: at its first batch there or at its last. */
const regroup: BatchMove = (prepared, list, _schedule, random) => {
  const from = list.batches[among(list.batches.length, random)]?.at ?? 0;
  const until = placeNear(list, from, 4 + among(16, random), random);
  const first = new Map<number, number>();
  const share = 0.3 + 0.7 * random();
  const there = list.batches
    .flatMap((batch, index) => (batch.size > 0 && batch.at >= from && batch.at <= until ? [index] : []))
    .sort((one, other) => (list.batches[one]?.at ?? 0) - (list.batches[other]?.at ?? 0));
  for (const index of there) {
    const batch = list.batches[index];
    if (batch === undefined) continue;
    const key = batch.kind * 16 + batch.painters;
    const known = first.get(key);
    if (known === undefined) {
      if (random() < share) first.set(key, index);
      continue;
    }
    const isBack = random() < 0.5;
    for (const task of list.tasksOf(isBack ? index : known)) {
      if (isOnOuting(prepared, task)) continue;
      if (isBack) pull(prepared, list, task, known, 6);
      else list.put(task, index);
    }
    if (!isBack) first.set(key, index);
  }
};

/** A batch goes right before or after the nearest one of its kind, in the hands of one who does that. */
const beside: BatchMove = (prepared, list, schedule, random) => {
  const index = among(list.batches.length, random);
  const batch = list.batches[index];
  if (batch === undefined || batch.size === 0) return;
  const other = list.batches[list.nearest(batch, batch.at, index)];
  if (other === undefined) return;
  const tasks = list.tasksOf(index);
  const [there] = list.tasksOf(list.batches.indexOf(other));
  const team = schedule.paintersOf(there ?? -1);
  const hands = batch.painters === 1 ? (team[among(team.length, random)] ?? batch.hands) : batch.hands;
  const isAfter = random() < 0.5;
  const at = isAfter ? list.justAfter(other.at) : list.justBefore(other.at);
  const into = list.add({ ...batch, at, hands });
  for (const task of tasks) {
    if (isOnOuting(prepared, task)) continue;
    if (at > batch.at) list.put(task, into);
    else pull(prepared, list, task, into, 6);
  }
};

/** Moves a task back into a batch, and what it follows into earlier ones of their kinds; whether that could be done. */
function pull({ tasks }: Prepared, list: BatchList, task: number, into: number, deep: number): boolean {
  const at = list.batches[into]?.at ?? 0;
  const pulled: { task: number; into: number }[] = [];
  const reach = (index: number, limit: number, left: number): boolean => {
    for (const { from } of tasks[index]?.before ?? []) {
      const batch = list.batches[list.batchOf[from] ?? -1];
      if (batch === undefined) {
        if (!reach(from, limit, left)) return false;
        continue;
      }
      if (batch.at <= limit) continue;
      if (left === 0) return false;
      const earlier = list.like(batch, limit, -1, true);
      if (earlier < 0) return false;
      if (!reach(from, list.batches[earlier]?.at ?? 0, left - 1)) return false;
      pulled.push({ task: from, into: earlier });
    }
    return true;
  };
  if (!reach(task, at, deep)) return false;
  for (const each of pulled) list.put(each.task, each.into);
  list.put(task, into);
  return true;
}

/** The later part of a batch becomes one of its own, some way on. */
const split: BatchMove = (_prepared, list, schedule, random) => {
  const index = among(list.batches.length, random);
  const batch = list.batches[index];
  if (batch === undefined || batch.size < 2) return;
  const tasks = list.tasksOf(index).sort((one, other) => (schedule.starts[one] ?? 0) - (schedule.starts[other] ?? 0));
  const to = list.add({ ...batch, at: list.justAfter(placeNear(list, batch.at, 1 + among(12, random), random)) });
  const [earlier, later] = [tasks.slice(0, 1 + among(tasks.length - 1, random)), to];
  for (const task of tasks.slice(earlier.length)) list.put(task, later);
};

/** The place of a batch so many places on. */
function placeNear(list: BatchList, at: number, on: number, random: Random): number {
  const places = list.batches
    .filter(({ size }) => size > 0)
    .map((batch) => batch.at)
    .sort((one, other) => one - other);
  const here = places.findIndex((place) => place >= at);
  return places[Math.max(0, Math.min(places.length - 1, here + on))] ?? at + random();
}

/** A batch goes some places earlier or later. */
const shift: BatchMove = ({ tasks }, list, _schedule, random) => {
  const index = among(list.batches.length, random);
  const batch = list.batches[index];
  if (batch === undefined || batch.size === 0) return;
  const by = 1 + among(1 + among(24, random), random);
  if (random() < 0.5) {
    batch.at = list.justAfter(placeNear(list, batch.at, by, random));
    return;
  }
  let need = 0;
  const reach = (task: number): void => {
    for (const { from } of tasks[task]?.before ?? []) {
      const before = list.batches[list.batchOf[from] ?? -1];
      if (before === undefined) reach(from);
      else if (before !== batch) need = Math.max(need, before.at);
    }
  };
  for (const task of list.tasksOf(index)) reach(task);
  batch.at = list.justAfter(Math.max(need, placeNear(list, batch.at, -by - 1, random)));
};

/** A batch gets other hands. */
const hand: BatchMove = ({ tasks }, list, _schedule, random) => {
  const index = among(list.batches.length, random);
  const batch = list.batches[index];
  if (batch === undefined || batch.size === 0 || batch.painters !== 1) return;
  const [first] = list.tasksOf(index);
  const by = tasks[first ?? -1]?.by ?? [];
  batch.hands = by[among(by.length, random)] ?? batch.hands;
};

/** A piece goes on with a later wave, from some step on, or with an earlier one. */
const wave: BatchMove = (prepared, list, _schedule, random) => {
  const piece = prepared.pieces[among(prepared.pieces.length, random)] ?? [];
  const from = among(piece.length, random);
  const direction = random() < 0.5 ? 1 : -1;
  for (const task of piece.slice(from)) {
    if (isOnOuting(prepared, task)) continue;
    const batch = list.batches[list.batchOf[task] ?? -1];
    if (batch === undefined) continue;
    const next = list.like(batch, batch.at, direction);
    if (next < 0) continue;
    if (direction === 1) list.put(task, next);
    else pull(prepared, list, task, next, 6);
  }
};

/** Ways to change batches, and how often each is gone against the others. */
export const BATCH_MOVES: readonly [WeightedMove, ...WeightedMove[]] = [
  { move: mergeOn, weight: 4 },
  { move: mergeBack, weight: 4 },
  { move: split, weight: 1 },
  { move: shift, weight: 3 },
  { move: hand, weight: 1.5 },
  { move: wave, weight: 2 },
  { move: outing, weight: 0.5 },
  { move: beside, weight: 2 },
  { move: regroup, weight: 1 },
];
