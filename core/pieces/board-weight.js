/** Weight in kg of a board of width × height × thickness mm at `density` kg/m³. */
export function boardWeight(width, height, thickness, density) {
  return (width * height * thickness * density) / 1e9;
}
/** Usual densities in kg/m³: softwood joinery, hardwood-faced slab, fibreboard and chipboard, rigid plastic. */
export const DENSITY = { softwood: 480, slab: 560, board: 720, plastic: 900 };
/** Weight in kg of so many m² of glass 4 mm thick, at 2,500 kg/m³. */
export const glassWeight = (area) => area * 0.004 * 2500;
