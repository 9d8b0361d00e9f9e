import { useSyncExternalStore } from 'react';
import type { Job } from '../../core/job/document/schema.ts';

/** Something that is in this tab only, because it could not be written. */
export interface Unwritten {
  /** As a sentence: what it is, and why it can't be written. */
  words: string;
  /** Tries to write it again. */
  tryAgain(): void;
  /** Hands it over as a file. */
  save?(): void;
  /** The job that it is a change of, with the change. */
  job?(): Job | null;
}

let unwritten: ReadonlyMap<string, Unwritten> = new Map();
const listeners = new Set<() => void>();

const stay = (event: BeforeUnloadEvent): void => event.preventDefault();

/** States what of `key` could not be written, or with null that all of it is. It is told until then. */
export function tellUnwritten(key: string, fault: Unwritten | null): void {
  if (fault === null && !unwritten.has(key)) return;
  const changed = new Map(unwritten);
  if (fault === null) changed.delete(key);
  else changed.set(key, fault);
  unwritten = changed;
  // The browser asks before it closes a tab with unwritten changes.
  if (unwritten.size > 0) window.addEventListener('beforeunload', stay);
  else window.removeEventListener('beforeunload', stay);
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
const read = (): ReadonlyMap<string, Unwritten> => unwritten;

/** Jobs as they stand in this tab, where not all of them could be written. */
export const jobsInTabOnly = (): Job[] => [...unwritten.values()].flatMap(({ job }) => job?.() ?? []);

/** Everything that is in this tab only. */
export const useUnwritten = (): ReadonlyMap<string, Unwritten> => useSyncExternalStore(subscribe, read);
