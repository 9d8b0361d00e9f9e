/** What pieces are made of, with usual densities in kg/m³. */
export const MATERIALS = {
  softwood: { name: 'softwood', density: 480 },
  slab: { name: 'wood-faced slab', density: 560 },
  board: { name: 'fibreboard or chipboard', density: 720 },
  plastic: { name: 'rigid plastic', density: 900 },
  glass: { name: 'glass', density: 2500 },
  steel: { name: 'steel', density: 7850 },
  foam: { name: 'insulating foam', density: 40 },
} as const satisfies Readonly<Record<string, { name: string; density: number }>>;
export type Material = keyof typeof MATERIALS;

/** So many m³ of a material. */
export interface MaterialVolume {
  material: Material;
  volume: number;
}

/** A board of width × height × thickness mm, or so many of the same. */
export const boardOf = (
  material: Material,
  width: number,
  height: number,
  thickness: number,
  count = 1,
): MaterialVolume => ({ material, volume: (count * width * height * thickness) / 1e9 });

/** So many m² of glass, 4 mm thick. */
const glassPane = (area: number): MaterialVolume => ({ material: 'glass', volume: area * 0.004 });

/** Softwood `thickness` mm thick, with glass in it: mm² of both together, and m² of the glass. */
export const glazedTimber = (whole: number, glass: number, thickness: number): MaterialVolume[] => [
  boardOf('softwood', whole - glass * 1e6, 1, thickness),
  glassPane(glass),
];

/** Weight in kg of such volumes together. */
export const weightOfParts = (parts: readonly MaterialVolume[]): number =>
  parts.reduce((sum, { material, volume }) => sum + volume * MATERIALS[material].density, 0);
