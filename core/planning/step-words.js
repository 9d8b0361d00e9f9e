import { definitionOf } from '../pieces/registry.ts';
const PLAIN = {
  'take-off': 'Take off and bag hardware',
  mask: 'Take furniture off and mask',
  wash: 'Wash and rinse',
  abrade: 'Abrade',
  degloss: 'Degloss',
  denib: 'Denib',
  rehang: 'Rehang',
  refit: 'Refit furniture',
};
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];
function facesInWords(step, faces) {
  const names = definitionOf(step.piece.kind).faceNames;
  const { scope } = step.piece;
  const edges = faces.includes('front') && scope.edges.length > 0;
  const painted = faces.filter((face) => scope.faces.includes(face)).map((face) => names[face]);
  return [...painted, ...(edges ? ['edges'] : [])].join(' and ');
}
/** What a step is, as a painter says it: “Turn, then first coat of bonding primer, front and edges”. */
export function stepWords(step) {
  if (step.operation !== 'coat' || step.coat === null) return PLAIN[step.operation];
  const { coating, number, faces } = step.coat;
  const coat = `${ORDINALS[number - 1] ?? `${number}th`} coat: ${coating.name.split(',')[0]?.toLowerCase() ?? ''}, ${facesInWords(step, faces)}`;
  return step.turned ? `Turn, then ${coat}` : coat.charAt(0).toUpperCase() + coat.slice(1);
}
