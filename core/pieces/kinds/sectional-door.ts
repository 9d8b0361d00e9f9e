import { z } from 'zod';
import { dimension, fieldsOf } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import type { Shape } from '../shape.ts';
import { squareMetres, type Edge, type EdgeId, type Face, type FaceId } from '../elevation.ts';
import { faceOf } from '../face.ts';
import { framedParts, framingFault, type Framing } from '../framed.ts';
import { PANEL_FIELDS, PANEL_PHRASES, panelShape, panelOf, USUAL_PANEL } from '../panel-fields.ts';
import { counts, grid } from '../phrases.ts';
import { slabFace } from '../slab.ts';

const SIZE = {
  width: [1500, 7000],
  height: [1500, 5000],
  thickness: [15, 100],
} as const;
const MEMBERS = {
  stile: [10, 300],
  rail: [10, 300],
  muntin: [10, 300],
} as const;
const schema = z.lazy(() =>
  z.object({
    ...within(SIZE),
    sections: z.number().int().min(2).max(10),
    columns: z.number().int().min(1).max(12),
    ...within(MEMBERS),
    ...panelShape(),
  }),
);
type SectionalDoor = z.infer<typeof schema>;

const section = (shape: SectionalDoor): Framing => ({
  width: shape.width,
  height: shape.height / shape.sections,
  stile: shape.stile,
  topRail: shape.rail,
  crossRail: 0,
  bottomRail: shape.rail,
  muntin: shape.muntin,
  columns: shape.columns,
  rowShares: [1],
  fill: () => panelOf(shape),
});

function outside(id: FaceId, shape: SectionalDoor): Face {
  const framing = section(shape);
  const elements = Array.from(
    { length: shape.sections },
    (_unused, index) =>
      framedParts(framing, {
        origin: [0, index * framing.height],
        id: `section-${index + 1}-`,
        section: index,
        of: `section ${index + 1}`,
      }).elements,
  ).flat();
  return faceOf(id, shape.width, shape.height, {
    elements: elements.map((element) => ({ ...element, isLarge: true })),
  });
}

/** The outer edges, and the two faces of every joint between sections, reached with the door part open. */
function edges({ width, height, thickness, sections }: SectionalDoor): Edge[] {
  const lengths: [EdgeId, number][] = [
    ['left', height],
    ['right', height],
    ['top', width],
    ['joints', 2 * (sections - 1) * width],
  ];
  return lengths.map(([id, length]) => ({
    id,
    length,
    thickness,
    area: squareMetres(length * thickness),
    lies: id === 'joints' ? 'joints' : 'around',
  }));
}

/** A loading or garage door of hinged sections that runs up under the ceiling. */
export const sectionalDoor: PieceDefinition<SectionalDoor> = {
  id: 'sectional-door',
  features: ['door'],
  name: 'Sectional door',
  plural: 'Sectional doors',
  markLetter: 'G',
  work: () => 'joinery',
  schema,
  fields: [
    ...fieldsOf(SIZE, { width: 'Width', height: 'Height', thickness: 'Thickness' }, { main: true }),
    dimension('sections', 'Sections', [2, 10], { unit: 'count', main: true }),
    dimension('columns', 'Panels per section', [1, 12], { unit: 'count', main: true }),
    ...PANEL_FIELDS,
    ...fieldsOf(MEMBERS, { stile: 'At the sides', rail: 'Above and below panels', muntin: 'Between panels' }),
  ],
  presets: [
    {
      name: 'Five sections of four panels',
      shape: {
        width: 2440,
        height: 2130,
        thickness: 42,
        sections: 5,
        columns: 4,
        stile: 90,
        rail: 70,
        muntin: 110,
        ...USUAL_PANEL,
        bevelWidth: 25,
        bevelDepth: 10,
      },
    },
  ],
  fault: (shape, units) => {
    const message = framingFault(section(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [outside('front', shape), slabFace('back', shape.width, shape.height)],
    edges: edges(shape),
  }),
  faceNames: { front: 'outside', back: 'inside' },
  outerFace: 'front',
  usuallyOutside: true,
  edgeNames: { left: 'left edge', right: 'right edge', top: 'top edge', joints: 'joints between sections' },
  schools: ['section-by-section', 'panels-rails-stiles', 'mouldings-first'],
  whileWet: [
    'Paint the face with the door closed. Then part open it, joint by joint.',
    'Keep joints apart until touch dry. They stay sticky for weeks. Never loosen a spring or cable.',
  ],
  staysUnpainted: ['bottom seal and side seals', 'tracks, rollers, springs and cables', 'hinges between sections'],
  hardware: () => [
    { name: 'handle', count: 1 },
    { name: 'lock', count: 1 },
  ],
  // Two skins of 0.6 mm steel.
  madeOf: ({ width, height, thickness }) => [
    boardOf('steel', width, height, 1.2),
    boardOf('foam', width, height, thickness),
    boardOf('softwood', width, 30, 10),
  ],
  usualScope: { faces: ['front'], edges: ['top', 'left', 'right', 'joints'] },
  usualSurface: () => ({ substrate: 'metal', existing: 'factory-finish' }),
  closesOpening: true,
  comesOff: 'never',
  traits: ['sections'],
  pace: { takeOff: 12, rehang: 10, inPlace: 4 },
  lines: ({ width, height }) => ({ fixed: 2 * height + 2 * width }),
  cautions: ['springs', 'ladder'],
  typed: {
    words: {
      'sectional door': {},
      'garage door': {},
      'up-and-over garage door': {},
      'up-and-over door': {},
      'loading door': {},
    },
    sizes: (lengths): Shape | null => {
      const [width, height, thickness] = lengths;
      if (width === undefined || height === undefined || lengths.length > 3) return null;
      return thickness === undefined ? { width, height } : { width, height, thickness };
    },
    lengths: [],
    phrases: [
      counts('sections', ['section', 'sections'], '5 sections'),
      counts('columns', ['panel', 'panels'], '4 panels'),
      grid(['panels'], (columns, sections) => ({ columns, sections }), '4x5 panels'),
      ...PANEL_PHRASES,
    ],
  },
};
