import { coatStack, type Layer } from '../../../core/build-up/coat-stack.ts';
import { groundsOf } from '../../../core/build-up/situation.ts';
import { offerFor } from '../../../core/choosing/offer.ts';
import { applyCommand } from '../../../core/job/commands/apply.ts';
import { usualPiece } from '../../../core/job/document/usual-piece.ts';
import type { ExistingCoat, Substrate } from '../../../core/pieces/substrate.ts';
import { plainJob } from './plain-job.ts';

/** What is recommended for a cupboard door of a material with a finish on it: its name and its layers from the top. */
export interface CoatsFor {
  name: string;
  layers: Layer[];
  /** Why it is so, rule by rule. */
  reasons: string[];
}

/** Null where nothing on the shelf suits. */
export function coatsFor(substrate: Substrate, existing: ExistingCoat): CoatsFor | null {
  const piece = usualPiece('cabinet-door', 'room-1', { surface: { substrate, existing, condition: 'sound' } });
  const added = applyCommand(plainJob(20, 50), 'add-pieces', { ids: ['door'], kind: 'cabinet-door', piece });
  if (!added.ok) throw new RangeError(added.message);
  const { job } = added.value;
  const [group] = job.groups;
  const [ground] = group ? groundsOf(job, group) : [];
  const best = group && offerFor(job, group).permitted[0];
  if (!best || !ground) return null;
  const { buildUp, name, appliedRules } = best.candidate;
  return {
    name,
    layers: coatStack(job, ground.known.facts, buildUp, 'front'),
    reasons: appliedRules.map(({ reason }) => reason),
  };
}
