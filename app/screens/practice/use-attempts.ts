import { useLiveQuery } from 'dexie-react-hooks';
import type { Attempt } from '../../../core/practising/attempt.ts';
import { listAttempts } from '../../keeping/attempts.ts';

/** Everything that was done in Practice; null until it is read, and nothing where the browser stores nothing. */
export const useAttempts = (): Attempt[] | null =>
  useLiveQuery(() => listAttempts().catch((): Attempt[] => []), []) ?? null;
