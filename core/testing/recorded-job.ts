import type { Job } from '../job/document/schema.ts';

/** A job that notes which of its parts are read. */
export function recordedJob(job: Job): { job: Job; read: Set<keyof Job> } {
  const read = new Set<keyof Job>();
  const recorded = new Proxy(job, {
    get: (target, key, receiver): unknown => {
      if (typeof key === 'string') read.add(key as keyof Job);
      return Reflect.get(target, key, receiver);
    },
    ownKeys: () => {
      throw new TypeError('A fact that copies the whole job follows from all of it.');
    },
  });
  return { job: recorded, read };
}
