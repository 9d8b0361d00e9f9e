import { freeze } from 'immer';
import type { Job } from './document/schema.ts';

/** A job that has come in, from a file, a worker's question or the database: frozen, so that what follows from it is kept. */
export const atTheDoor = (job: Job): Job => freeze(job, true);
