import { z } from 'zod';
import { choice, dimension, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { PLASTER_HOURS } from '../filler.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import type { Shape } from '../shape.ts';
import { rectangle, type Box } from '../elevation.ts';
import { element, faceOf } from '../face.ts';
import { measured, squares } from '../phrases.ts';
import { KEEP_OFF } from '../while-wet.ts';

/** In mm. */
const MIN_SIDE = 100;
const SIZE = { width: [MIN_SIDE, 60_000], height: [MIN_SIDE, 30_000] } as const;
const schema = z.lazy(() =>
  z.object({ ...within(SIZE), use: z.enum(['wall', 'ceiling', 'patch']), openings: z.number().min(0).max(500) }),
);
type PlainArea = z.infer<typeof schema>;

const PATCH: PlainArea = { width: 400, height: 300, use: 'patch', openings: 0 };

/** Openings are drawn as one, standing on the floor in the middle and two thirds as high as the area. */
function opening({ width, height, openings }: PlainArea): Box {
  const wide = Math.min(width, (openings * 1e6) / (height * (2 / 3)));
  const high = wide === 0 ? 0 : (openings * 1e6) / wide;
  return [(width - wide) / 2, height - high, wide, high];
}

/** An area that was stated as such is drawn square, to the mm. */
function ofArea(squareMetres: number): Pick<PlainArea, 'width' | 'height'> {
  const side = Math.round(Math.sqrt(squareMetres) * 1000);
  return { width: side, height: side };
}

/** Nobody measures a wall of six by three millimetres: such numbers are metres. */
function wallSizes(lengths: readonly number[]): Shape | null {
  const areMetres = lengths.every((length) => length < MIN_SIDE);
  return sizesAsTyped('width', 'height')(areMetres ? lengths.map((length) => length * 1000) : lengths);
}

/** A wall, a ceiling or a patch of plaster: neighbouring work with coats and waits of its own. */
export const plainArea: PieceDefinition<PlainArea> = {
  id: 'plain-area',
  name: 'Wall or ceiling',
  plural: 'Walls and ceilings',
  markLetter: 'N',
  work: ({ use }) => (use === 'ceiling' ? 'ceilings' : 'walls'),
  trade: ({ use }) => (use === 'ceiling' ? 'ceiling' : 'wall'),
  schema,
  fields: [
    ...fieldsOf(SIZE, { width: 'Width', height: 'Height, or length of a ceiling' }, { main: true }),
    choice('use', 'Type', { wall: 'a wall', ceiling: 'a ceiling', patch: 'a patch of new plaster' }),
    dimension('openings', 'Doors and windows', [0, 500], { unit: 'm2', main: true }),
  ],
  presets: [
    { name: 'Wall', shape: { width: 4000, height: 2500, use: 'wall', openings: 0 } },
    { name: 'Ceiling', shape: { width: 4000, height: 3500, use: 'ceiling', openings: 0 } },
    { name: 'Plaster patch', shape: PATCH },
  ],
  fault: (shape) =>
    shape.openings >= ((shape.width * shape.height) / 1e6) * 0.95
      ? { field: 'openings', message: 'Doors and windows cover it all. Measure again.' }
      : null,
  elevation: (shape) => {
    const { width, height, openings } = shape;
    const hole = rectangle(opening(shape));
    const area = element({
      id: 'area',
      name: 'whole area',
      part: 'area',
      outline: rectangle([0, 0, width, height]),
      holes: openings > 0 ? [hole] : [],
      cutIn: 2 * (width + height),
      grain: 'none',
    });
    return {
      faces: [
        faceOf('front', width, height, {
          elements: [area],
          unpainted: openings > 0 ? [{ id: 'openings', why: 'open', outline: hole }] : [],
        }),
      ],
      edges: [],
    };
  },
  preparation: ({ use, width, height }) =>
    use === 'patch'
      ? [{ operation: 'fill', minutes: 10 + ((width * height) / 1e6) * 20, dryHours: PLASTER_HOURS }]
      : [],
  faceNames: { front: 'face' },
  edgeNames: {},
  schools: ['strips-along-the-grain', 'blocks-from-the-top'],
  whileWet: KEEP_OFF,
  staysUnpainted: ['switches, sockets and lights'],
  hardware: () => [],
  madeOf: () => [],
  usualScope: { faces: ['front'], edges: [] },
  usualSurface: ({ use }) => ({ substrate: 'plaster', existing: use === 'patch' ? 'bare' : 'waterborne-matt' }),
  closesOpening: false,
  comesOff: 'never',
  traits: ['wall'],
  pace: { takeOff: 6, rehang: 0, inPlace: 3 },
  lines: ({ width, height, use }) =>
    use === 'patch' ? {} : { wall: use === 'ceiling' ? 2 * (width + height) : width },
  cautions: ['ladder'],
  typed: {
    words: {
      wall: { use: 'wall' },
      'feature wall': { use: 'wall' },
      ceiling: { use: 'ceiling' },
      'porch ceiling': { use: 'ceiling' },
      patch: PATCH,
      'plaster patch': PATCH,
    },
    implied: { 'porch ceiling': { isOutside: true, upHigh: true, madeOf: 'softwood' } },
    sizes: wallSizes,
    lengths: [],
    phrases: [
      squares('less', (openings) => ({ openings }), 'less 2.4 m2'),
      squares(null, ofArea, '52 m2'),
      measured(['high'], (height) => ({ height }), '2500 high'),
    ],
  },
};
