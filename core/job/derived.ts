import type { Job } from './document/schema.ts';

/** A fact about a job: what is asked of it, and the parts of the job that it follows from. */
export interface Derived<Args extends readonly unknown[], V> {
  (job: Job, ...args: Args): V;
  readonly parts: readonly [keyof Job, ...(keyof Job)[]];
  /** How it is made, with nothing kept. */
  readonly make: (job: Job, ...args: Args) => V;
}

interface Made<V> {
  from: readonly unknown[];
  value: V;
}

/**
 * A fact that follows from `parts` of a job and from what it is asked with: kept as long as those are the same. Documents
 * are frozen at the door (`atTheDoor`), so that what has another identity has changed and all else has not. What is made
 * may read no other part; `every-derived.test.ts` sees to it. `last` tells how many answers are kept of one job.
 */
export function derived<Args extends readonly unknown[], V>(
  parts: readonly [keyof Job, ...(keyof Job)[]],
  make: (job: Job, ...args: Args) => V,
  { last = 1 }: { last?: number } = {},
): Derived<Args, V> {
  const memory = new WeakMap<object, readonly Made<V>[]>();
  const [first] = parts;
  const ask = (job: Job, ...args: Args): V =>
    remembered(memory, job[first] as object, [...parts.map((part) => job[part]), ...args], last, () =>
      make(job, ...args),
    );
  return Object.assign(ask, { parts, make });
}

/** A fact about an entry of a job, such as a piece: kept by the entry and by the parts of the job that it follows from. */
export function derivedOf<Entry extends object, Args extends readonly unknown[], V>(
  parts: readonly [keyof Job, ...(keyof Job)[]],
  make: (job: Job, entry: Entry, ...args: Args) => V,
): Derived<[Entry, ...Args], V> {
  const memory = new WeakMap<object, readonly Made<V>[]>();
  const ask = (job: Job, entry: Entry, ...args: Args): V =>
    remembered(memory, entry, [...parts.map((part) => job[part]), ...args], 1, () => make(job, entry, ...args));
  return Object.assign(ask, { parts, make });
}

function remembered<V>(
  memory: WeakMap<object, readonly Made<V>[]>,
  key: object,
  from: readonly unknown[],
  last: number,
  make: () => V,
): V {
  const known = memory.get(key);
  const same = known?.find((entry) => entry.from.every((fact, index) => fact === from[index]));
  if (same !== undefined) return same.value;
  const value = make();
  if (Object.isFrozen(key)) memory.set(key, [{ from, value }, ...(known ?? [])].slice(0, last));
  return value;
}
