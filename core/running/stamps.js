import { progressByTask } from '../job/progress.ts';
import { localIso, localTime, minutesSince } from '../job/site-time.ts';
/** Minutes by which a stamp may differ from the plan before the rest is planned anew. */
const PLAN_TOLERANCE = 10;
/** The steps of a run that are not stamped done. */
export function openSteps(job, run) {
  const progress = progressByTask(job.log);
  return run.steps.filter((step) => !progress.get(step.id)?.doneAt);
}
/** The start stamp of a run's next step. */
export function startStamps(steps, at, by, newId) {
  const [first] = steps;
  return first ? [{ id: newId(), at, taskId: first.id, event: 'started', by, minutes: null }] : [];
}
/**
 * The done stamps of steps that end at `at`. The last one ends then; the others end before it as far apart as they were
 * planned, but not before the first one's stamped start: their coats have been drying since.
 */
export function doneStamps(job, reading, steps, stamp) {
  const { t0 } = reading;
  const zone = job.site.timeZone;
  const now = minutesSince(t0, stamp.at, zone);
  const length = (step) => Math.max(1, (reading.ends.get(step.id) ?? 0) - (reading.starts.get(step.id) ?? 0));
  const planned = steps.reduce((sum, step) => sum + length(step), 0);
  const startedAt = steps[0] && progressByTask(job.log).get(steps[0].id)?.startedAt;
  const spent = startedAt ? Math.max(0, now - minutesSince(t0, startedAt, zone)) : planned;
  const squeeze = Math.min(1, spent / planned);
  let left = planned;
  return steps.map((step) => {
    left -= length(step);
    const end = Math.round(now - left * squeeze);
    return {
      id: stamp.newId(),
      at: localIso(localTime(t0, end, zone)),
      taskId: step.id,
      event: 'done',
      by: stamp.by,
      minutes: Math.max(1, Math.round(length(step) * (startedAt ? spent / planned : 1))),
    };
  });
}
/** That a coat was found still tacky. */
export function tackyStamp(coated, at, by, id) {
  return { id, at, taskId: coated.id, event: 'tacky', by, minutes: null };
}
/**
 * Whether stamps differ from the plan by so much that the rest has to be planned anew. Never once all is done: then
 * there is no rest.
 */
export function asksForReplan(job, reading, entries) {
  const progress = progressByTask([...job.log, ...entries]);
  const isOver = reading.runs.every((run) => run.steps.every((step) => progress.get(step.id)?.doneAt));
  if (isOver) return false;
  return entries.some((entry) => {
    if (entry.event === 'tacky') return true;
    const planned = (entry.event === 'started' ? reading.starts : reading.ends).get(entry.taskId);
    if (planned === undefined) return true;
    return Math.abs(minutesSince(reading.t0, entry.at, job.site.timeZone) - planned) > PLAN_TOLERANCE;
  });
}
/** Whether work was stamped after the plan was made, up to `now`, that differs from it: the rest is still to be replanned. */
export function isOvertaken(job, reading, now) {
  const madeAt = job.plan?.madeAt ?? now;
  return asksForReplan(
    job,
    reading,
    job.log.filter((entry) => entry.at > madeAt && entry.at <= now),
  );
}
