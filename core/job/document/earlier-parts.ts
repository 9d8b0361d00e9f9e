/** Parts of a job as earlier versions wrote them, whether in a file or in a command that was given then. */

export type Part = Record<string, unknown>;

export const asRecord = (value: unknown): Part =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Part) : {};

/** Lifts each entry of a list; what is no list is left for the schema to refuse. */
export const each = (value: unknown, lift: (part: Part) => Part): unknown =>
  Array.isArray(value)
    ? value.map((entry: unknown) => (typeof entry === 'object' ? lift(asRecord(entry)) : entry))
    : value;

/** What waterborne paint was called before it had a sheen. */
export const WATERBORNE = 'waterborne-paint';

/** What it is taken for: matt on a wall, with a sheen on doors and trim. */
export const waterborneOn = (surface: unknown): string =>
  asRecord(surface).substrate === 'plaster' ? 'waterborne-matt' : 'waterborne-sheen';

/** A surface whose waterborne paint has no sheen yet. */
export function withSheen(surface: Part): Part {
  return surface.existing === WATERBORNE ? { ...surface, existing: waterborneOn(surface) } : surface;
}

/** A stated piece that says neither how a casement opens nor how its sides follow each other. */
export function statedPiece(kind: unknown, piece: Part): Part {
  const shape = kind === 'casement-window' ? { opens: 'outwards', ...asRecord(piece.shape) } : piece.shape;
  const surface = withSheen(asRecord(piece.surface));
  return { oneSideAtATime: false, preservesRest: false, ...piece, shape, surface };
}

/** A build-up with one filler at most. */
export function severalFillers({ filler, ...buildUp }: Part): Part {
  return { fillers: typeof filler === 'string' ? [filler] : [], ...buildUp };
}

/** The uses of a coating of the painter's own, by what it was said to bond to and to be made for. */
export function withUses({ bondsTo, madeFor, ...coating }: Part): Part {
  if (coating.willDo !== undefined) return { madeFor, ...coating };
  const bonds = Array.isArray(bondsTo) ? bondsTo.map(String) : [];
  const traits = Array.isArray(madeFor) ? madeFor.map(String) : [];
  const works = { rail: 'rails', plate: 'plates', wall: 'walls' } as const;
  return {
    willDo: [
      ...bonds,
      ...(coating.selfPriming === true ? ['sound-paint'] : []),
      ...(bonds.includes('bare-timber') ? ['board'] : []),
    ],
    willNot: [],
    madeFor: traits.flatMap((trait) => (Object.hasOwn(works, trait) ? [works[trait as keyof typeof works]] : [])),
    ...coating,
  };
}
