import type { Cause } from '../cause.ts';
import { DRYING_CAUSES } from './drying.ts';
import { GROUND_CAUSES } from './ground.ts';
import { HAND_CAUSES } from './hand.ts';

/** Everything that makes defects. To add a cause is to add an entry to one of the three, and to name it in defects. */
export const CAUSES = { ...DRYING_CAUSES, ...GROUND_CAUSES, ...HAND_CAUSES } as const satisfies Record<string, Cause>;
export type CauseId = keyof typeof CAUSES;

/** The cause with such an id; null for one that this Nivel does not know. */
export const causeOf = (id: string | null): Cause | null =>
  id !== null && id in CAUSES ? CAUSES[id as CauseId] : null;
