import { elevationOf, weightOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import { outlineArea, squareMetres, type Unpainted } from '../pieces/elevation.ts';
import { takeOff } from './take-off.ts';
import { MATERIALS, weightOfParts, type MaterialVolume } from '../pieces/materials.ts';
import { definitionOf } from '../pieces/registry.ts';
import { formatSize } from '../units/length.ts';
import { AREA, DENSITY, formatWeight, VOLUME } from '../units/measures.ts';
import { capital, inSentence, listed } from '../units/sentence.ts';
import type { UnitSystem } from '../units/unit-systems.ts';

const WHY_UNPAINTED: Readonly<Record<Unpainted['why'], string>> = { glass: 'glass', open: 'open between parts' };

/** Less than this many m² is not worth a line. */
const MIN_SHOWN = 0.005;

/** Area and weight of a piece to read: “3.19 m² to paint, about 25 kg”; a wall has only its area. */
export function areaAndWeight(piece: Piece, units: UnitSystem, each = ''): string {
  const area = takeOff(piece).reduce((sum, part) => sum + part.area, 0);
  const weight = weightOf(piece);
  return `${AREA.format(area, units)} to paint${each}${weight > 0 ? `, about ${formatWeight(weight, units)}` : ''}`;
}

/**
 * How the area to paint of a piece came about: each face in scope as wide as it is high, less what gets no paint, plus
 * what bevels, mouldings and unfolded parts have beyond the drawn face; then its edges.
 */
export function areaAccount(piece: Piece, units: UnitSystem): string[] {
  const { faces, edges } = elevationOf(piece);
  const { faceNames, edgeNames } = definitionOf(piece.kind);
  const show = (area: number): string => AREA.format(area, units);
  const inScope = faces.filter(({ id }) => piece.scope.faces.includes(id));
  const lines = inScope.map((face) => {
    const whole = squareMetres(face.width * face.height);
    const unpainted = Object.entries(WHY_UNPAINTED).flatMap(([why, words]) => {
      const area = face.unpainted
        .filter((part) => part.why === why)
        .reduce((sum, { outline }) => sum + squareMetres(outlineArea(outline)), 0);
      return area >= MIN_SHOWN ? [`less ${show(area)} ${words}`] : [];
    });
    const drawn = face.elements.reduce((sum, { projectedArea }) => sum + projectedArea, 0);
    const painted = face.elements.reduce((sum, { developedArea }) => sum + developedArea, 0);
    const depth = painted - drawn >= MIN_SHOWN ? [`plus ${show(painted - drawn)} for bevels, mouldings and sides`] : [];
    return `${capital(faceNames[face.id] ?? face.id)}: ${[
      `${formatSize(face.width, face.height, units)} is ${show(whole)}`,
      ...unpainted,
      ...depth,
    ].join(', ')}.`;
  });
  const painted = edges.filter(({ id }) => piece.scope.edges.includes(id));
  const edgeArea = painted.reduce((sum, { area }) => sum + area, 0);
  const names = painted.map(({ id }) => inSentence(edgeNames[id] ?? id));
  const leftOut = faces.length - inScope.length;
  return [
    ...lines,
    ...(edgeArea > 0 ? [`Edges (${listed(names)}): ${show(edgeArea)}.`] : []),
    ...(leftOut > 0 ? ['Faces you left out don’t count.'] : []),
  ];
}

/** How the weight of a piece came about: volume and density of each material. */
export function weightAccount({ kind, shape }: Pick<Piece, 'kind' | 'shape'>, units: UnitSystem): string[] {
  const volumes = new Map<MaterialVolume['material'], number>();
  for (const { material, volume } of definitionOf(kind).madeOf(shape))
    volumes.set(material, (volumes.get(material) ?? 0) + volume);
  return [...volumes]
    .filter(([, volume]) => volume > 0)
    .map(
      ([material, volume]) =>
        `${capital(MATERIALS[material].name)}: ${VOLUME.format(volume * 1000, units, 1)} at ${DENSITY.format(MATERIALS[material].density / 1000, units)}, ${formatWeight(weightOfParts([{ material, volume }]), units)}.`,
    );
}
