import { accepted } from '../../core/units/outcome.ts';
import { database } from '../keeping/database.ts';
import { JobStore, type Opened } from '../keeping/job-store.ts';
import { isDemoJob, layOutDemo } from '../keeping/jobs.ts';
import { local } from '../keeping/local.ts';
import { Journal } from '../keeping/journal.ts';
import { checkInWorker } from '../asking/check.ts';

/** A job that is being opened, and what that will have come to. */
interface Opening {
  store: JobStore;
  found: Promise<Opened>;
}

const ahead = new Map<string, Opening>();
/** Jobs whose screens were left with changes that could not be written: they are opened again as they stand. */
const unkept = new Map<string, JobStore>();

function open(jobId: string): Opening {
  const store = new JobStore(database, jobId, new Journal(database, local));
  const opened = async (): Promise<Opened> => {
    const found = await store.open(checkInWorker);
    if (found.state !== 'missing' || !isDemoJob(jobId)) return found;
    await layOutDemo(jobId);
    // Its file has just been validated.
    return store.open(() => Promise.resolve(accepted(null)));
  };
  return { store, found: opened() };
}

/** Begins to open a job that will be asked for in a moment. */
export function openAhead(jobId: string): void {
  const opening = open(jobId);
  // Whoever takes it hears of what went wrong.
  opening.found.catch(() => undefined);
  ahead.set(jobId, opening);
}

/**
 * The job as it was opened ahead, once, as it was left with changes that could not be written, or opened now. A demo job
 * that is not here yet is laid out.
 */
export function takeOpened(jobId: string): Opening {
  const left = unkept.get(jobId);
  const opening = left ? { store: left, found: Promise.resolve({ state: 'open' as const }) } : ahead.get(jobId);
  unkept.delete(jobId);
  ahead.delete(jobId);
  return opening ?? open(jobId);
}

/** Ends with a job whose screens are left, once all is written; what can't be stays at hand, and is tried again. */
export async function leave(jobId: string, store: JobStore): Promise<void> {
  await store.settled();
  if (!store.isUnkept) {
    store.close();
    return;
  }
  unkept.set(jobId, store);
  const tell = store.onUnkept;
  store.onUnkept = (changes) => {
    tell(changes);
    if (changes === null && unkept.delete(jobId)) store.close();
  };
}
