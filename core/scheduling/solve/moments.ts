import type { PreparedTask } from './prepared.ts';

/** A moment in the drying of something: it takes neither work nor hands nor place, and may end a hold. */
export function isMoment({ task, opens, window, before }: PreparedTask): boolean {
  const isFree = task.work === 0 && task.painters === 0 && task.spaces.length === 0 && opens.length === 0;
  return isFree && window === null && before.every((wait) => wait.atMost === null);
}
