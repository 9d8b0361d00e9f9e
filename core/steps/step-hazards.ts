import { cleanerOf, fillerOf, preservativeOf } from '../job/queries/shelf.ts';
import type { Job } from '../job/document/schema.ts';
import { proofOf } from '../proving/proof.ts';
import { HAZARDS, type Hazard, type HazardId } from '../shelf/hazards.ts';
import type { PieceStep } from './step.ts';

/** Work that takes old paint off or roughens it. */
const DISTURBS: readonly PieceStep['operation'][] = ['abrade', 'wet-abrade', 'degloss'];

/** What can hurt somebody in one step: its product's hazards, its dust and its mist. */
export function hazardsOf(job: Job, step: PieceStep): Hazard[] {
  const { product, coat, operation, piece } = step;
  const used = cleanerOf(job, product) ?? fillerOf(job, product) ?? preservativeOf(job, product) ?? coat?.coating;
  const mayHoldLead = DISTURBS.includes(operation) && proofOf(job, piece).facts.lead === 'lead';
  const ids: HazardId[] = [
    ...(mayHoldLead ? (['lead-dust'] as const) : []),
    ...(used?.hazards ?? []),
    ...(operation === 'abrade' || operation === 'put-right' ? (['dust'] as const) : []),
    ...(operation === 'degloss' ? (['solvent'] as const) : []),
    ...(coat?.coat.tool === 'spray' ? (['spray-mist'] as const) : []),
  ];
  return [...new Set(ids)].map((id) => HAZARDS[id]);
}
