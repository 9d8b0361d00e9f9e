/** Weight in kg of a board of width × height × thickness mm at `density` kg/m³. */
export function boardWeight(width: number, height: number, thickness: number, density: number): number {
  return (width * height * thickness * density) / 1e9;
}

/** Usual densities in kg/m³: softwood joinery, hardwood-faced slab, fibreboard and chipboard. */
export const DENSITY = { softwood: 480, slab: 560, board: 720 } as const;
