import { getOrInsertComputed } from './maps.ts';
interface KeptOptions<K> {
  /** How many answers are kept of one key, the newest. */
  last?: number;
  /** Whether a key never changes; answers of one that may are not kept. Frozen ones do not. */
  isFixed?(key: K): boolean;
}

interface Answer<Rest, V> {
  rest: Rest;
  value: V;
}

/**
 * A pure function of an object that never changes, and of whatever else it is asked with: what it answered last is kept
 * by the identity of all of that, for as long as the object is there. Nothing depends on what is kept but the time it takes.
 */
export function kept<K extends object, Rest extends readonly unknown[], V>(
  make: (key: K, ...rest: Rest) => V,
  { last = 1, isFixed = Object.isFrozen }: KeptOptions<K> = {},
): (key: K, ...rest: Rest) => V {
  const memory = new WeakMap<K, readonly Answer<Rest, V>[]>();
  return (key, ...rest) => {
    const known = memory.get(key);
    const same = known?.find((answer) => answer.rest.every((each, index) => each === rest[index]));
    if (same !== undefined) return same.value;
    const value = make(key, ...rest);
    if (isFixed(key)) memory.set(key, [{ rest, value }, ...(known ?? [])].slice(0, last));
    return value;
  };
}

/**
 * The same for an object that has many answers, one a name: all are kept as long as it is there. What comes behind the
 * name must follow from both.
 */
export function keptByName<K extends object, Rest extends readonly unknown[], V>(
  make: (key: K, name: string, ...rest: Rest) => V,
): (key: K, name: string, ...rest: Rest) => V {
  const memory = new WeakMap<K, Map<string, V>>();
  return (key, name, ...rest) => {
    const answers = getOrInsertComputed(memory, key, () => new Map<string, V>());
    return getOrInsertComputed(answers, name, () => make(key, name, ...rest));
  };
}
