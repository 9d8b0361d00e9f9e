import { attemptSchema, type Attempt } from '../../core/practising/attempt.ts';
import { database } from './database.ts';

/** So many of the newest are looked at. */
const MOST_ATTEMPTS = 5000;

/** Everything that was done in Practice, the first first; what can’t be read as an attempt is passed over. */
export async function listAttempts(): Promise<Attempt[]> {
  const rows: unknown[] = await database.attempts.orderBy('at').reverse().limit(MOST_ATTEMPTS).toArray();
  return rows
    .flatMap((row) => {
      const read = attemptSchema.safeParse(row);
      return read.success ? [read.data] : [];
    })
    .reverse();
}

/** Keeps an attempt. Rejects where the browser stores nothing. */
export async function keepAttempt(attempt: Attempt): Promise<void> {
  await database.attempts.put(attempt);
}

/** Whether anything was done in Practice. */
export const hasAttempts = async (): Promise<boolean> => (await database.attempts.limit(1).count()) > 0;
