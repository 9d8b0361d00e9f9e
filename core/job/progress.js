/** The log by task. Later stamps of the same kind replace earlier ones. */
export function progressByTask(log) {
  const progress = new Map();
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
