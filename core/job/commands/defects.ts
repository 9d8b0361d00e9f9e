import { defectSchema } from '../document/defect-schema.ts';
import { entity } from './entity.ts';
import { markOf } from './mark-of.ts';

/** Defects of faces: their cause, their rework, how they were settled. */
export const defects = entity('defects', defectSchema, {
  called: 'defect',
  words: {
    add: ({ pieceId }, job) => `Logged a defect on ${markOf(job, pieceId)}`,
    change: ({ pieceId, rework }, facts, job) =>
      rework === null && facts.rework
        ? `Added rework of ${markOf(job, pieceId)} to the plan`
        : `Changed a defect on ${markOf(job, pieceId)}`,
    remove: (defect, job) => `Deleted a defect on ${markOf(job, defect?.pieceId ?? '')}`,
  },
});
