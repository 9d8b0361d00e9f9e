import type { DefectId } from '../job/document/defect-schema.ts';
import type { Cause } from './cause.ts';
import { CAUSES, type CauseId } from './causes/registry.ts';
import { DEFECTS } from './defects.ts';
import type { Evidence } from './evidence.ts';

/** A cause of a defect, as likely as what is known makes it. */
export interface RankedCause {
  id: CauseId;
  cause: Cause;
  /** Of all that it could be, from 0 to 1; together 1. */
  likelihood: number;
  /** What the log and the air say for it; null where they know nothing. */
  because: string | null;
}

/** How much a cause counts of which the log could know and says nothing, and one that lies in the hand and no log knows. */
const SILENT = 0.3;
const UNKNOWABLE = 0.6;
/** How much a sign lifts a cause, from its weakest to its strongest. */
const SIGNED = { least: 1, more: 3 } as const;

/**
 * The causes of a defect on a face, the likeliest first: how often each is the one, times what the evidence says of it.
 * What can't have been is left out. The weights are a judgement, and only their order matters.
 */
export function rankCauses(kind: DefectId, evidence: Evidence): RankedCause[] {
  const weighed = Object.entries(DEFECTS[kind].causes).flatMap(([id, prior]) => {
    const cause: Cause = CAUSES[id as CauseId];
    const sign = cause.sign?.(evidence);
    if (sign === 'excluded') return [];
    const weight = sign ? SIGNED.least + SIGNED.more * sign.strength : sign === null ? SILENT : UNKNOWABLE;
    return [{ id: id as CauseId, cause, weight: prior * weight, because: sign?.because ?? null }];
  });
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ weight, ...ranked }) => ({ ...ranked, likelihood: total === 0 ? 0 : weight / total }))
    .sort((one, other) => other.likelihood - one.likelihood);
}
