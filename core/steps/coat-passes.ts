import { capital } from '../units/sentence.ts';
import { shortName } from '../shelf/entry.ts';
import { coatingOf, shelfOf } from '../job/queries/shelf.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Job } from '../job/document/schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import { pieceSteps } from './piece-steps.ts';
import type { Coating } from '../shelf/coating.ts';

/** One coat on some faces of a piece, as it is planned or as it could be. */
export interface PassOfPiece {
  id: string;
  words: string;
  faces: readonly FaceId[];
  coating: Coating;
  /** What the build-up says it is put on with. */
  tool: Tool;
  /** The step of the plan; null where no build-up is chosen. */
  stepId: string | null;
}

/** What is tried where no build-up is chosen. */
const TRIED = 'enamel-acrylic';

/** The passes of a piece, coat by coat; without a build-up a topcoat on every face, to try with. */
export function passesOf(job: Job, piece: Piece): PassOfPiece[] {
  const names = definitionOf(piece.kind).faceNames;
  const said = (faces: readonly FaceId[]): string => faces.map((face) => names[face] ?? face).join(' and ');
  const passes = pieceSteps(job, piece).flatMap((step): PassOfPiece[] => {
    if (!step.coat || step.coat.coat.extent !== 'all') return [];
    const { number, faces, coating, coat } = step.coat;
    const words = `Coat ${number}: ${capital(shortName(coating))}, ${said(faces)}`;
    return [{ id: `${number}/${faces.join('+')}`, words, faces, coating, tool: coat.tool, stepId: step.id }];
  });
  if (passes.length > 0) return passes;
  const coating = coatingOf(job, TRIED) ?? shelfOf(job).coatings[0];
  if (!coating) return [];
  const { faces } = piece.scope;
  return [{ id: 'tried', words: `Try: ${coating.name}, ${said(faces)}`, faces, coating, tool: 'roller', stepId: null }];
}

/** The first topcoat, which shows every lap; or else the first coat. */
export const usualPass = (passes: readonly PassOfPiece[]): PassOfPiece | undefined =>
  passes.find(({ coating }) => coating.role === 'topcoat') ?? passes[0];
