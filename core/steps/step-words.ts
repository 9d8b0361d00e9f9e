import { spanInWords } from '../quantities/sections.ts';
import { capital, inSentence } from '../units/sentence.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { edgeFaceOf } from '../job/queries/pieces.ts';
import { definitionOf } from '../pieces/registry.ts';
import { shortName } from '../shelf/entry.ts';
import { operationOf } from './operations.ts';
import type { PieceStep } from './step.ts';

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

function facesInWords(step: PieceStep, faces: readonly FaceId[]): string {
  const names = definitionOf(step.piece.kind).faceNames;
  const { scope } = step.piece;
  const edges = faces.includes(edgeFaceOf(step.piece)) && scope.edges.length > 0;
  const painted = faces.filter((face) => scope.faces.includes(face)).map((face) => names[face]);
  return [...painted, ...(edges ? ['edges'] : [])].join(' and ');
}

/** What a step is, as a painter says it: “Turn, then first coat: bonding primer, front and edges”. */
export const stepWords = (step: PieceStep): string => capital(stepPhrase(step));

/** What a step is, inside a sentence: “turn, then first coat: bonding primer, front and edges”. */
export function stepPhrase(step: PieceStep): string {
  if (step.rework) return inSentence(step.rework.words);
  if (step.coat === null) {
    const { words, bareWords } = operationOf(step);
    return inSentence(step.piece.hardware.length === 0 ? (bareWords ?? words) : words);
  }
  const { coating, number, faces, coat: laid, section } = step.coat;
  const where = laid.extent === 'edges' ? 'edges' : facesInWords(step, faces);
  const on = laid.extent === 'spots' ? `on spots of ${where}` : (section?.name ?? where);
  const coat = `${ORDINALS[number - 1] ?? `${number}th`} coat: ${shortName(coating)}, ${on}`;
  if (step.otherSide) return `other side: ${coat}`;
  return step.turned ? `turn, then ${coat}` : coat;
}

/** The first of some steps; where they are sections of one coat, as the stretch that they make up together. */
function joined(first: PieceStep, steps: readonly PieceStep[]): PieceStep {
  const own = steps.flatMap(({ piece, coat }) => (piece.id === first.piece.id ? (coat?.section ?? []) : []));
  const section = first.coat?.section;
  if (!first.coat || !section || own.length < 2) return first;
  const name = spanInWords(own.flatMap(({ names }) => names));
  return { ...first, coat: { ...first.coat, section: { ...section, name } } };
}

/** What is done in a run on a day, by its first step; of one that was begun before, that it goes on. */
export function runWords({ steps }: { steps: readonly PieceStep[] }, { goesOn }: { goesOn: boolean }): string {
  const words = steps[0] ? stepPhrase(joined(steps[0], steps)) : '';
  return goesOn ? `Continue: ${words}` : capital(words);
}
