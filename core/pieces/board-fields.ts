import { z } from 'zod';
import type { DimensionField, HardwareItem, ShapeField } from './definition.ts';
import type { Framing } from './framed.ts';

/** Sizes in mm inside which a house door is believable. */
export const DOOR_SIZE = {
  width: z.number().min(300).max(1500),
  height: z.number().min(1200).max(3200),
  thickness: z.number().min(18).max(90),
};

/** Sizes in mm inside which a cabinet front is believable. */
export const FRONT_SIZE = {
  width: z.number().min(80).max(1300),
  height: z.number().min(60).max(2700),
  thickness: z.number().min(10).max(50),
};

export const dimension = (key: string, label: string, min: number, max: number, main = false): DimensionField => ({
  key,
  label,
  unit: 'mm',
  min,
  max,
  main,
});

/** Width, height and thickness as fields, from the same bounds as the schema. */
export function sizeFields(size: typeof DOOR_SIZE): ShapeField[] {
  const field = (key: keyof typeof DOOR_SIZE, label: string): DimensionField =>
    dimension(key, label, size[key].minValue ?? 0, size[key].maxValue ?? 0, true);
  return [field('width', 'Width'), field('height', 'Height'), field('thickness', 'Thickness')];
}

/** Members of a framed face, in mm. */
export const FRAME_MEMBERS = {
  stile: z.number().min(30).max(250),
  topRail: z.number().min(30).max(400),
  bottomRail: z.number().min(30).max(500),
};

export const FRAME_MEMBER_FIELDS: readonly ShapeField[] = [
  dimension('stile', 'Stile', 30, 250),
  dimension('topRail', 'Top rail', 30, 400),
  dimension('bottomRail', 'Bottom rail', 30, 500),
];

/** Hinges and furniture of a house door: three hinges above 35 kg or 2,050 mm. */
export function doorHardware(height: number, weight: number): HardwareItem[] {
  return [
    { name: 'hinge', count: height > 2050 || weight > 35 ? 3 : 2 },
    { name: 'hinge screw', count: (height > 2050 || weight > 35 ? 3 : 2) * 8 },
    { name: 'handle', count: 2 },
    { name: 'latch', count: 1 },
    { name: 'strike plate', count: 1 },
  ];
}

/** The frame of a front with a single flat panel. */
export function singlePanel(shape: {
  width: number;
  height: number;
  stile: number;
  topRail: number;
  bottomRail: number;
}): Framing {
  return { ...shape, crossRail: 0, muntin: 0, columns: 1, rowShares: [1], bevel: null, mouldingGirth: 0 };
}
