import type { LogEntry } from './record.ts';

/** What the log says of one task. */
export interface TaskProgress {
  /** Local ISO time of the last start. */
  startedAt: string | null;
  doneAt: string | null;
  /** Minutes it took as planned, for work stamped done without a start. */
  minutes: number | null;
  /** When somebody last found its coat still tacky. */
  tackyAt: string | null;
  /** Who stamped it last; null when nobody said. */
  by: string | null;
}

/** The log by task. Later stamps of the same kind replace earlier ones. */
export function progressByTask(log: readonly LogEntry[]): Map<string, TaskProgress> {
  const progress = new Map<string, TaskProgress>();
  for (const entry of log) {
    const known = progress.get(entry.taskId) ?? {
      startedAt: null,
      doneAt: null,
      minutes: null,
      tackyAt: null,
      by: null,
    };
    known.by = entry.by;
    if (entry.event === 'started') known.startedAt = entry.at;
    if (entry.event === 'done') Object.assign(known, { doneAt: entry.at, minutes: entry.minutes });
    if (entry.event === 'tacky') known.tackyAt = entry.at;
    progress.set(entry.taskId, known);
  }
  return progress;
}
