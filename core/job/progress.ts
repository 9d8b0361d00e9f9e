import { kept } from '../units/kept.ts';
import type { LogEntry } from './document/log-schema.ts';

/** What the log says of one task. */
export interface TaskProgress {
  /** Local ISO time of the last start; null again once it was left half done. */
  startedAt: string | null;
  doneAt: string | null;
  /** Minutes that it took. */
  minutes: number | null;
  /** Of work that was left: how much of it is done, from 0 to 1, and when it was left. */
  left: { share: number; at: string } | null;
  /** When somebody last found its coat still tacky. */
  tackyAt: string | null;
  /** Who stamped it last; null when nobody said. */
  by: string | null;
}

const UNTOUCHED: TaskProgress = { startedAt: null, doneAt: null, minutes: null, left: null, tackyAt: null, by: null };

/** The stamps that count: without those that were corrected or withdrawn, and without the withdrawals. */
export function standingStamps(log: readonly LogEntry[]): readonly LogEntry[] {
  const replaced = new Set(log.flatMap(({ replaces }) => replaces ?? []));
  if (replaced.size === 0) return log;
  return log.filter(({ id, event }) => event !== 'withdrawn' && !replaced.has(id));
}

/** The log by task. Later stamps of the same kind replace earlier ones. */
export const progressByTask = kept((log: readonly LogEntry[]): ReadonlyMap<string, TaskProgress> => {
  const progress = new Map<string, TaskProgress>();
  for (const entry of standingStamps(log)) {
    progress.set(entry.taskId, withStamp(progress.get(entry.taskId) ?? UNTOUCHED, entry));
  }
  return progress;
});

function withStamp(before: TaskProgress, { event, at, by, minutes, share }: LogEntry): TaskProgress {
  switch (event) {
    case 'started':
      return { ...before, by, startedAt: at };
    case 'done':
      return { ...before, by, doneAt: at, minutes };
    case 'partly':
      return { ...before, by, startedAt: null, left: { share: share ?? 0, at } };
    case 'tacky':
      return { ...before, by, tackyAt: at };
    case 'withdrawn':
      return before;
  }
}
