import { edgeFaceOf, elevationOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Application } from '../job/document/stroke-schema.ts';
import { outlineArea, type Element, type FaceId, type Part } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import { shareOf, workMinutes, workOf, workOfEdge } from './paint-work.ts';
import { takeOff } from './take-off.ts';

/** A part of a piece after which a painter may stop for the day, since the stop does not show: it ends at a joint. */
export interface Section {
  /** “section 2”, “spindles 1 to 2”, “left leg”, from joint to joint. */
  name: string;
  /** The natural sections that it holds, in order. */
  names: readonly string[];
  /** Of the whole coat, in area. */
  share: number;
  /** Of one coat at a professional's pace. */
  minutes: number;
}

/** A length of trim as it is bought and joined, in mm: a run is painted from joint to joint. */
const LENGTH_OF_TRIM = 5000;
/** A wall from corner to corner where nobody has drawn the room, in mm. */
const WALL_TO_CORNER = 4000;
/** Spindles that are painted before a stop; between any two of them a stop shows nothing. */
const SPINDLES = 10;

interface Bit {
  name: string;
  element: Element;
  share: number;
}

const numbered = (element: Element, count: number, name: string): Bit[] =>
  Array.from({ length: count }, (_unused, index) => ({ name: `${name} ${index + 1}`, element, share: 1 / count }));

const spanOf = ({ outline }: Element): number => {
  const xs = outline.map(([x]) => x);
  return Math.max(...xs) - Math.min(...xs);
};

/** How each part is cut at its natural joints; what is not listed goes with its frame, sash or section. */
const CUT: Readonly<Partial<Record<Part, (element: Element, index: number) => Bit[]>>> = {
  run: (element) => numbered(element, Math.max(1, Math.ceil(spanOf(element) / LENGTH_OF_TRIM - 1e-9)), 'length'),
  area: (element) =>
    outlineArea(element.outline) === 0
      ? []
      : numbered(element, Math.max(1, Math.ceil(spanOf(element) / WALL_TO_CORNER - 1e-9)), 'stretch'),
  spindle: (element, index) => [{ name: `spindles ${Math.floor(index / SPINDLES) + 1}`, element, share: 1 }],
  handrail: (element) => [{ name: 'rails and newels', element, share: 1 }],
  'bottom-rail': (element) => [{ name: 'rails and newels', element, share: 1 }],
  newel: (element) => [{ name: 'rails and newels', element, share: 1 }],
};

/** Members that run past all others and are painted in one go at the end. */
const LAST: ReadonlySet<Part> = new Set(['handrail', 'bottom-rail', 'newel']);

/** The parts of one face, each under the name of the section that it belongs to, in the order of the work. */
function bitsOf(elements: readonly Element[], faceName: string): Bit[] {
  const counts = new Map<Part, number>();
  const sections = new Set(elements.map(({ section }) => section));
  // What is slender comes first, and the long members that show every stop last.
  const inOrder = elements.toSorted((one, other) => Number(LAST.has(one.part)) - Number(LAST.has(other.part)));
  return inOrder.flatMap((element) => {
    const index = counts.get(element.part) ?? 0;
    counts.set(element.part, index + 1);
    const cut = CUT[element.part]?.(element, index);
    if (cut !== undefined) return cut;
    // A casing is painted leg by leg.
    const isLeg = element.part === 'frame' && sections.size === 1;
    const name = isLeg ? element.name : sections.size > 1 ? `section ${element.section + 1}` : faceName;
    return [{ name, element, share: 1 }];
  });
}

/** The natural sections of faces of a piece, with its edges last: as fine as a stop may fall. */
function naturalSections(piece: Piece, faces: readonly FaceId[], application: Application): Section[] {
  const elevation = elevationOf(piece);
  const { faceNames } = definitionOf(piece.kind);
  const found = new Map<string, { area: number; minutes: number }>();
  const add = (name: string, area: number, minutes: number): void => {
    const known = found.get(name) ?? { area: 0, minutes: 0 };
    found.set(name, { area: known.area + area, minutes: known.minutes + minutes });
  };
  const painted = elevation.faces.filter(({ id }) => faces.includes(id) && piece.scope.faces.includes(id));
  for (const face of painted) {
    const of = painted.length > 1 ? `, ${faceNames[face.id] ?? face.id}` : '';
    for (const { name, element, share } of bitsOf(face.elements, faceNames[face.id] ?? face.id)) {
      const minutes = workMinutes(shareOf(workOf(element), share), application);
      add(name === faceNames[face.id] ? name : `${name}${of}`, element.developedArea * share, minutes);
    }
  }
  if (faces.includes(edgeFaceOf(piece))) {
    for (const edge of elevation.edges.filter(({ id }) => piece.scope.edges.includes(id)))
      add('edges', edge.area, workMinutes(workOfEdge(edge), application));
  }
  const whole = [...found.values()].reduce((sum, { area }) => sum + area, 0);
  return [...found].map(([name, { area, minutes }]) => ({
    name,
    names: [name],
    share: whole > 0 ? area / whole : 0,
    minutes,
  }));
}

/**
 * A coat on faces of a piece in sections of at most `most` minutes at a professional's pace, as far as its joints allow:
 * neighbouring ones are joined while they fit. One alone where the coat has no joints or fits as a whole.
 */
export function sectionsOf(piece: Piece, faces: readonly FaceId[], application: Application, most: number): Section[] {
  if (takeOff(piece).length === 0) return [];
  const joined: { names: string[]; share: number; minutes: number }[] = [];
  for (const { name, share, minutes } of naturalSections(piece, faces, application)) {
    const last = joined.at(-1);
    if (last && last.minutes + minutes <= most) {
      last.names.push(name);
      last.share += share;
      last.minutes += minutes;
    } else joined.push({ names: [name], share, minutes });
  }
  return joined.map((section) => ({ ...section, name: spanInWords(section.names) }));
}

/** “section 1 to 3”, “section 4 and edges”; one name stands by itself. */
export function spanInWords(names: readonly string[]): string {
  const [first = ''] = names;
  const last = names.at(-1) ?? first;
  if (first === last) return first;
  const [word, number] = /^(.*?) (\d+)$/.exec(last)?.slice(1) ?? [];
  if (word !== undefined && first.startsWith(`${word} `)) return `${first} to ${number ?? ''}`;
  return names.length === 2 ? `${first} and ${last}` : `${first} to ${last}`;
}
