import { capital } from '../units/sentence.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import type { PieceStep } from './step.ts';

const PLAIN: Readonly<Record<Exclude<PieceStep['operation'], 'coat' | 'put-right'>, string>> = {
  'take-off': 'Take off and bag hardware',
  'take-down': 'Take down again',
  mask: 'Take furniture off and mask',
  wash: 'Wash and rinse',
  abrade: 'Abrade',
  'wet-abrade': 'Abrade wet, and wipe off',
  degloss: 'Degloss',
  plant: 'Cut moulding, glue it on and tape it down',
  fill: 'Fill and sand flush',
  drill: 'Drill by the template',
  'grain-fill': 'Fill the grain and sand',
  preserve: 'Brush on preservative',
  denib: 'Denib',
  'hang-for-night': 'Hang for the night',
  rehang: 'Rehang',
  refit: 'Refit furniture',
};

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

function facesInWords(step: PieceStep, faces: readonly FaceId[]): string {
  const names = definitionOf(step.piece.kind).faceNames;
  const { scope } = step.piece;
  const edges = faces.includes('front') && scope.edges.length > 0;
  const painted = faces.filter((face) => scope.faces.includes(face)).map((face) => names[face]);
  return [...painted, ...(edges ? ['edges'] : [])].join(' and ');
}

/** What a step is, as a painter says it: “Turn, then first coat of bonding primer, front and edges”. */
export function stepWords(step: PieceStep): string {
  if (step.rework) return step.rework.words;
  const isBare = step.piece.hardware.length === 0;
  if (isBare && step.operation === 'mask') return 'Mask';
  if (isBare && step.operation === 'refit') return 'Take the tape off';
  if (step.operation !== 'coat' || step.coat === null) return PLAIN[step.operation as keyof typeof PLAIN];
  const { coating, number, faces, coat: laid } = step.coat;
  const where = laid.extent === 'edges' ? 'edges' : facesInWords(step, faces);
  const what = coating.name.split(',')[0]?.toLowerCase() ?? '';
  const on = laid.extent === 'spots' ? `on spots of ${where}` : where;
  const coat = `${ORDINALS[number - 1] ?? `${number}th`} coat: ${what}, ${on}`;
  return step.turned ? `Turn, then ${coat}` : capital(coat);
}

/** What is done in a run on a day, by its first step; of one that was begun before, that it goes on. */
export function runWords({ steps: [step] }: { steps: readonly PieceStep[] }, { goesOn }: { goesOn: boolean }): string {
  const words = step ? stepWords(step) : '';
  return goesOn ? `Go on: ${words.charAt(0).toLowerCase()}${words.slice(1)}` : words;
}
