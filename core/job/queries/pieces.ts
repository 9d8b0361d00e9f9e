import type { Elevation, FaceId } from '../../pieces/elevation.ts';
import { weightOfParts } from '../../pieces/materials.ts';
import { SUBSTRATES } from '../../pieces/substrate.ts';
import type { Trait } from '../../pieces/traits.ts';
import { definitionOf, hasFeature } from '../../pieces/registry.ts';
import { FIRE_DOOR } from '../../pieces/while-wet.ts';
import { kept } from '../../units/kept.ts';
import type { Piece } from '../document/piece-schema.ts';

/** Elevations by what is stated of them: a house has many doors of one shape. */
const byShape = new Map<string, Elevation>();

const MAX_SHAPES = 500;

/**
 * The shape of a piece as its definition sees it. The schema has accepted it before.
 * Areas, paces, weights and drawings all ask for it.
 */
export const elevationOf = kept(
  (piece: Pick<Piece, 'kind' | 'shape' | 'scope'>): Elevation => {
    if (!isFixedPiece(piece)) return definitionOf(piece.kind).elevation(piece.shape);
    const stated = `${piece.kind} ${JSON.stringify(piece.shape)}`;
    const elevation = byShape.get(stated) ?? definitionOf(piece.kind).elevation(piece.shape);
    if (byShape.size >= MAX_SHAPES) byShape.clear();
    byShape.set(stated, elevation);
    return elevation;
  },
  { isFixed: isFixedPiece },
);

/** Whether nothing of what is painted of a piece can change: one of a document, not of a form. */
export function isFixedPiece(piece: Pick<Piece, 'shape' | 'scope'>): boolean {
  return Object.isFrozen(piece) && Object.isFrozen(piece.shape) && Object.isFrozen(piece.scope);
}

/** Above this, in kg, a piece is lifted by two people. */
export const TWO_PEOPLE_FROM = 25;

/** Weight of a piece in kg. */
export function weightOf(piece: Pick<Piece, 'kind' | 'shape'>): number {
  return weightOfParts(definitionOf(piece.kind).madeOf(piece.shape));
}

/** The face with which the edges of a piece are painted. */
export const edgeFaceOf = ({ kind, shape }: Pick<Piece, 'kind' | 'shape'>): FaceId =>
  definitionOf(kind).edgesWith?.(shape) ?? 'front';

/** What the use of a piece asks of its finish: putty and wood that slides on wood are of timber alone. */
export function traitsOf({ kind, surface }: Pick<Piece, 'kind' | 'surface'>): readonly Trait[] {
  const { traits } = definitionOf(kind);
  return SUBSTRATES[surface.substrate].isWood ? traits : traits.filter((trait) => !OF_TIMBER.has(trait));
}

const OF_TIMBER: ReadonlySet<Trait> = new Set(['putty', 'slides']);

/** What stays bare on a piece, in the painter's words: plastic and metal have no putty, and nothing that slides on wood. */
export const staysUnpaintedOn = ({ kind, surface }: Pick<Piece, 'kind' | 'surface'>): readonly string[] => {
  const { staysUnpainted } = definitionOf(kind);
  if (SUBSTRATES[surface.substrate].isWood || !definitionOf(kind).traits.some((trait) => OF_TIMBER.has(trait)))
    return staysUnpainted;
  return ['glass and its gaskets', ...staysUnpainted.filter((words) => !/putty|wood on wood|cords/.test(words))];
};

type Closing = Pick<Piece, 'kind' | 'exposure' | 'comesOff' | 'access' | 'fireRated'>;

/** Whether a piece is a door that looks out and so locks the house. */
const locksHouse = ({ kind, exposure }: Closing): boolean => {
  const { outerFace } = definitionOf(kind);
  return hasFeature(kind, 'door') && outerFace !== undefined && exposure[outerFace] === 'outside';
};

/**
 * Whether a piece closes its opening every night: it was said so, it is a fire door, or it is painted where it locks the
 * house; and nothing else stands in for it.
 */
export const closesByNight = (piece: Closing): boolean =>
  !piece.access.standIn && (piece.access.closesAtNight || piece.fireRated || (!piece.comesOff && locksHouse(piece)));

/** What is kept open, wedged or closed off while a piece is wet in its place: of a fire door nothing is. */
export const whileWetOf = ({ kind, fireRated }: Pick<Piece, 'kind' | 'fireRated'>): readonly string[] =>
  fireRated ? FIRE_DOOR : definitionOf(kind).whileWet;

/** Whether a piece comes off and is back on its hinges every night. */
export const hangsByNight = (piece: Closing): boolean => piece.comesOff && closesByNight(piece);
