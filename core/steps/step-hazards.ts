import { makesMist } from '../shelf/tools.ts';
import { cleanerOf, fillerOf, preservativeOf } from '../job/queries/shelf.ts';
import type { Job } from '../job/document/schema.ts';
import { knownSurface } from '../surface-tests/known-surface.ts';
import { HAZARDS, type Hazard, type HazardId } from '../shelf/hazards.ts';
import { operationOf } from './operations.ts';
import type { PieceStep } from './step.ts';

/** What can hurt somebody in one step: its product's hazards, its dust and its mist. */
export function hazardsOf(job: Job, step: PieceStep): Hazard[] {
  const { product, coat, piece } = step;
  const operation = operationOf(step);
  const used = cleanerOf(job, product) ?? fillerOf(job, product) ?? preservativeOf(job, product) ?? coat?.coating;
  const mayHoldLead = operation.disturbsOldPaint && knownSurface(job, piece).facts.lead === 'lead';
  const ids: HazardId[] = [
    ...(mayHoldLead ? (['lead-dust'] as const) : []),
    ...(used?.hazards ?? []),
    ...operation.hazards,
    ...(coat && makesMist(coat.coat.tool) ? (['spray-mist'] as const) : []),
  ];
  return [...new Set(ids)].map((id) => HAZARDS[id]);
}
