import { useSyncExternalStore } from 'react';

/** Work in this tab that a reload would break off. */
const underway = new Set<symbol>();
const listeners = new Set<() => void>();

/** States that something has begun which a reload would break off; what it answers says that it is over. */
export function begin(): () => void {
  const own = Symbol('underway');
  underway.add(own);
  for (const listener of listeners) listener();
  return () => {
    if (underway.delete(own)) for (const listener of listeners) listener();
  };
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Whether a reload would break something off. */
export const useUnderway = (): boolean => useSyncExternalStore(subscribe, () => underway.size > 0);
