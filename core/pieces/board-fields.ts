import type { Bounds } from './bounds.ts';
import type { HardwareItem } from './definition.ts';
import type { ChoiceField, DimensionField, Shape, ShapeField } from './shape.ts';
import type { EdgeId } from './elevation.ts';
import { KEEP_OFF, WEDGED } from './while-wet.ts';

/** Sizes in mm inside which a house door is believable. */
export const DOOR_SIZE = {
  width: [300, 1500],
  height: [1200, 3200],
  thickness: [18, 90],
} as const;

/** Sizes in mm inside which a cabinet front is believable. */
export const FRONT_SIZE = {
  width: [80, 1300],
  height: [60, 2700],
  thickness: [10, 50],
} as const;

/** Sizes in mm inside which a shutter leaf is believable. */
export const SHUTTER_SIZE = {
  width: [150, 1000],
  height: [300, 3000],
  thickness: [15, 60],
} as const;

type When = (shape: Shape) => boolean;

export const dimension = (
  key: string,
  label: string,
  [min, max]: Bounds,
  { main = false, when, unit = 'mm' }: { main?: boolean; when?: When; unit?: DimensionField['unit'] } = {},
): DimensionField => ({ key, label, unit, min, max, main, ...(when ? { when } : {}) });

/** A choice from words by value. */
export const choice = (
  key: string,
  label: string,
  words: Readonly<Record<string, string>>,
  { main = true, when }: { main?: boolean; when?: When } = {},
): ChoiceField => ({
  key,
  label,
  unit: 'choice',
  choices: Object.entries(words).map(([value, said]) => ({ value, label: said })),
  main,
  ...(when ? { when } : {}),
});

/** Fields for numbers within these bounds, under these labels. */
export function fieldsOf<K extends string>(
  bounds: Readonly<Record<K, Bounds>>,
  labels: Readonly<Record<K, string>>,
  options: { main?: boolean; when?: When; unit?: DimensionField['unit'] } = {},
): ShapeField[] {
  return (Object.keys(bounds) as K[]).map((key) => dimension(key, labels[key], bounds[key], options));
}

/** Width, height and thickness as fields. */
export const sizeFields = (size: Readonly<Record<'width' | 'height' | 'thickness', Bounds>>): ShapeField[] =>
  fieldsOf(size, { width: 'Width', height: 'Height', thickness: 'Thickness' }, { main: true });

/** Members of a framed face, in mm. */
export const FRAME_MEMBERS = {
  stile: [30, 250],
  topRail: [30, 400],
  bottomRail: [30, 500],
} as const;

export const frameMemberFields = (when?: When): ShapeField[] =>
  fieldsOf(FRAME_MEMBERS, { stile: 'Stile', topRail: 'Top rail', bottomRail: 'Bottom rail' }, when ? { when } : {});

/** The faces and edges of a hung door, and how it is usually painted. */
export const HUNG = {
  faceNames: { front: 'front', back: 'back' },
  edgeNames: { hinge: 'hinge edge', lock: 'lock edge', top: 'top edge', bottom: 'bottom edge' },
  usualScope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top'] as EdgeId[] },
  outerFace: 'front',
  closesOpening: true,
  comesOff: 'usually',
  whileWet: WEDGED,
  traits: ['handled'],
  pace: { takeOff: 4, rehang: 9, inPlace: 3 },
  lines: () => ({ fixed: 1000 }),
  cautions: [],
} as const;

/** The same of a board or cabinet front with four like edges. */
export const BOARD = {
  faceNames: { front: 'front', back: 'back' },
  edgeNames: { left: 'left edge', right: 'right edge', top: 'top edge', bottom: 'bottom edge' },
  usualScope: { faces: ['front', 'back'], edges: ['top', 'bottom', 'left', 'right'] as EdgeId[] },
  closesOpening: true,
  comesOff: 'usually',
  whileWet: KEEP_OFF,
  traits: ['handled'],
  pace: { takeOff: 5, rehang: 8, inPlace: 1.5 },
  lines: () => ({ fixed: 400 }),
  cautions: [],
} as const;

/** What is left bare on a door that closes into a frame. */
export const DOOR_STAYS = ['hinge leaves, latch and strike plate', 'seals and draught strips'] as const;

/** A door is higher than wide and wider than thick, in whatever order that is typed. */
export function doorSizes(lengths: readonly number[]): Shape | null {
  const [height, width, thickness] = [...lengths].sort((one, other) => other - one);
  if (height === undefined || width === undefined || lengths.length > 3) return null;
  return thickness === undefined ? { width, height } : { width, height, thickness };
}

/** Sizes under these names in the order in which they are typed; two of them at least. */
export const sizesAsTyped =
  (...names: readonly string[]) =>
  (lengths: readonly number[]): Shape | null =>
    lengths.length < 2 || lengths.length > names.length
      ? null
      : Object.fromEntries(lengths.map((length, index) => [names[index] ?? '', length]));

/** Hinges and furniture of a house door: three hinges above 35 kg or 2,050 mm. */
export function doorHardware(height: number, weight: number): HardwareItem[] {
  const hinges = height > 2050 || weight > 35 ? 3 : 2;
  return [
    { name: 'hinge', count: hinges },
    { name: 'hinge screw', count: hinges * 8 },
    { name: 'handle', count: 2 },
    { name: 'latch', count: 1 },
    { name: 'strike plate', count: 1 },
  ];
}

/** Hinges and pull of a cupboard door: more hinges on taller ones. */
export function cupboardHardware(height: number): HardwareItem[] {
  const hinges = height > 1600 ? 4 : height > 900 ? 3 : 2;
  return [
    { name: 'cup hinge', count: hinges },
    { name: 'hinge screw', count: hinges * 2 },
    { name: 'pull', count: 1 },
    { name: 'bumper', count: 2 },
  ];
}
