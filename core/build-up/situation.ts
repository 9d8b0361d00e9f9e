import { coatingOf, cleanerOf, fillerOf, preservativeOf, shelfOf } from '../job/queries/shelf.ts';
import { colourOn, grainFilledFaces } from '../job/queries/faces.ts';
import { edgeFaceOf, traitsOf } from '../job/queries/pieces.ts';
import { isWetRoom, roomOf } from '../job/queries/places.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { FinishGroup, Key } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import { definitionOf, workOf } from '../pieces/registry.ts';
import type { Trait } from '../pieces/traits.ts';
import type { Work } from '../pieces/works.ts';
import { knownSurface, type KnownSurface, type SurfaceFacts } from '../surface-tests/known-surface.ts';
import type { FoundId } from '../pieces/found.ts';
import type { Cleaner } from '../shelf/cleaner.ts';
import type { Coating, Sheen } from '../shelf/coating.ts';
import type { Filler } from '../shelf/filler.ts';
import type { Preservative } from '../shelf/preservative.ts';
import type { Shelf } from '../shelf/shelf.ts';
import { faceColour, type FaceColour } from './face-colour.ts';
import { sameCoats, type Recipe, type SystemCoat } from './system-coat.ts';

/** What of a piece decides its build-up, beside the build-up itself. Like pieces share all of it. */
export interface Ground {
  known: KnownSurface;
  exposure: Piece['exposure'];
  /** Faces that get paint, and the one with which the edges go. */
  faces: readonly FaceId[];
  edgeFace: FaceId;
  hasEdges: boolean;
  /** Whether some of its edges get no paint. */
  hasOpenEdges: boolean;
  /** Whether faces and edges that stay bare are preserved. */
  preservesRest: boolean;
  traits: readonly Trait[];
  fireRated: boolean;
  yearBuilt: number | null;
  colours: Readonly<Record<FaceId, string>>;
  sheen: Sheen | null;
  /** Whether this group is sprayed, by the painter's own school. */
  sprays: boolean;
  /** Whether everybody of the crew is a professional, and has supplied air or a booth; null where nobody has said. */
  isProfessional: boolean;
  suppliedAir: boolean | null;
  /** What kind of work its finish is. */
  work: Work;
  /** In how many topcoats the colour was seen to cover; null where that is reckoned. */
  coveredIn: number | null;
}

/** A face of like pieces, or two that get the same, with everything that is to go onto it: what a rule looks at. */
export interface Situation {
  faces: readonly FaceId[];
  facts: SurfaceFacts;
  /** Questions that matter and are not answered: they are judged by what is supposed. */
  unknown: readonly FoundId[];
  patch: KnownSurface['patch'];
  exposure: 'inside' | 'outside';
  /** Whether any face of the piece looks outside. */
  isOutdoorPiece: boolean;
  /** Whether edges go with this face. */
  hasEdges: boolean;
  hasOpenEdges: boolean;
  preservesRest: boolean;
  traits: readonly Trait[];
  fireRated: boolean;
  yearBuilt: number | null;
  colour: FaceColour;
  sheen: Sheen | null;
  sprays: boolean;
  isProfessional: boolean;
  suppliedAir: boolean | null;
  /** What kind of work its finish is on this face: a window is joinery where it looks into a room. */
  work: Work;
  coveredIn: number | null;
  cleaning: readonly { cleaner: Cleaner; rinsed: boolean }[];
  key: Key;
  fillers: readonly Filler[];
  grainFill: { filler: Filler; passes: number } | null;
  /** Whether the grain is filled on the other face, and left on this one. */
  isFilledElsewhere: boolean;
  preservative: Preservative | null;
  coats: readonly SystemCoat[];
  /** The first coat over the whole face. */
  first: Coating | undefined;
  /** Primers over the whole face, on spots, and on edges alone. */
  primers: Coating[];
  spotPrimers: Coating[];
  edgePrimers: Coating[];
  topcoats: Coating[];
  hasSealer: boolean;
  shelf: Readonly<Shelf>;
}

/** What decides the build-up of a piece in its group. */
export function groundOf(job: Job, piece: Omit<Piece, 'mark'>, group: FinishGroup): Ground {
  const { edgeNames } = definitionOf(piece.kind);
  const edgeFace = edgeFaceOf(piece);
  const hasEdges = piece.scope.edges.length > 0;
  return {
    known: knownSurface(job, piece),
    exposure: piece.exposure,
    faces: FACE_IDS.filter((face) => piece.scope.faces.includes(face) || (face === edgeFace && hasEdges)),
    edgeFace,
    hasEdges,
    hasOpenEdges: !piece.preservesRest && Object.keys(edgeNames).length > piece.scope.edges.length,
    preservesRest: piece.preservesRest,
    traits: traitsOf(piece),
    fireRated: piece.fireRated,
    yearBuilt: job.site.yearBuilt,
    colours: { front: colourOn(group, 'front').hex, back: colourOn(group, 'back').hex },
    sheen: group.sheen,
    sprays: group.schools.tools === 'spray',
    isProfessional: job.crew.every(({ skill }) => skill === 'professional'),
    suppliedAir: job.site.suppliedAir,
    work: workOf(piece),
    coveredIn: group.coveredIn,
  };
}

/** The different grounds in a group: one where all its pieces are alike. Pieces with nothing in scope have none. */
export function groundsOf(job: Job, group: FinishGroup): Ground[] {
  const grounds = new Map<string, Ground>();
  for (const piece of job.pieces) {
    if (piece.groupId !== group.id) continue;
    const isDamp = isWetRoom(roomOf(job, piece));
    const key = JSON.stringify([
      ...[piece.surface, piece.exposure, piece.scope, piece.kind, workOf(piece), edgeFaceOf(piece)],
      ...[piece.fireRated, isDamp, piece.preservesRest],
    ]);
    if (!grounds.has(key)) grounds.set(key, groundOf(job, piece, group));
  }
  const known = new Set<string>();
  return [...grounds.values()].filter((ground) => {
    const text = JSON.stringify(ground);
    if (ground.faces.length === 0 || known.has(text)) return false;
    known.add(text);
    return true;
  });
}

/** The coats of a face, with their products; those that the shelf does not have are left out. */
function coatsOf(job: Pick<Job, 'shelf'>, coats: readonly Coat[]): SystemCoat[] {
  const found: SystemCoat[] = [];
  for (const { product, tool, thinning, extent, tint } of coats) {
    const coating = coatingOf(job, product);
    if (coating !== undefined) found.push({ coating, tool, thinning, extent, tint });
  }
  return found;
}

/** Whether both faces are the same to every rule: edges go with either, so that one situation stands for both. */
function areAlike({ exposure, colours }: Ground, { coats, grainFill }: Recipe): boolean {
  return (
    grainFill?.onlyFace === undefined &&
    exposure.front === exposure.back &&
    colours.front === colours.back &&
    (coats.front === coats.back || sameCoats(coats.front, coats.back))
  );
}

/**
 * One situation per face that gets paint, or one for both where they get the same. Products that the shelf does not have
 * are left out.
 */
export function situations(job: Pick<Job, 'shelf'>, ground: Ground, recipe: Recipe): Situation[] {
  const sides: (readonly FaceId[])[] =
    ground.faces.length === 2 && areAlike(ground, recipe) ? [ground.faces] : ground.faces.map((face) => [face]);
  return sides.map((faces) => situationOn(job, ground, recipe, faces));
}

/** Written out at length: this is made some ten thousand times while build-ups are composed. */
function situationOn(job: Pick<Job, 'shelf'>, ground: Ground, recipe: Recipe, faces: readonly FaceId[]): Situation {
  const [face = 'front'] = faces;
  const coats = coatsOf(job, recipe.coats[face]);
  const cleaning: { cleaner: Cleaner; rinsed: boolean }[] = [];
  for (const { product, rinsed } of recipe.cleaning) {
    const cleaner = cleanerOf(job, product);
    if (cleaner !== undefined) cleaning.push({ cleaner, rinsed });
  }
  const grain = recipe.grainFill === null ? undefined : fillerOf(job, recipe.grainFill.product);
  const filled = grainFilledFaces(recipe);
  const situation: Situation = {
    faces,
    facts: ground.known.facts,
    unknown: ground.known.unknown,
    patch: ground.known.patch,
    exposure: ground.exposure[face],
    isOutdoorPiece: ground.faces.some((other) => ground.exposure[other] === 'outside'),
    hasEdges: ground.hasEdges && (face === ground.edgeFace || faces.includes(ground.edgeFace)),
    hasOpenEdges: ground.hasOpenEdges,
    preservesRest: ground.preservesRest,
    traits: ground.traits,
    fireRated: ground.fireRated,
    yearBuilt: ground.yearBuilt,
    colour: faceColour(ground.known.facts.oldColour, ground.colours[face], coats, ground.coveredIn),
    sheen: ground.sheen,
    sprays: ground.sprays,
    isProfessional: ground.isProfessional,
    suppliedAir: ground.suppliedAir,
    work: ground.work === 'windows' && ground.exposure[face] === 'inside' ? 'joinery' : ground.work,
    coveredIn: ground.coveredIn,
    cleaning,
    key: recipe.key,
    fillers: recipe.fillers.flatMap((id) => fillerOf(job, id) ?? []),
    grainFill:
      grain && recipe.grainFill && filled.includes(face) ? { filler: grain, passes: recipe.grainFill.passes } : null,
    isFilledElsewhere: filled.length > 0 && !filled.includes(face),
    preservative: preservativeOf(job, recipe.preservative) ?? null,
    coats,
    first: undefined,
    primers: [],
    spotPrimers: [],
    edgePrimers: [],
    topcoats: [],
    hasSealer: false,
    shelf: shelfOf(job),
  };
  for (const { coating, extent } of coats) {
    if (extent === 'all') situation.first ??= coating;
    if (extent === 'spots') situation.spotPrimers.push(coating);
    else if (extent === 'edges') situation.edgePrimers.push(coating);
    else if (coating.role === 'primer') situation.primers.push(coating);
    if (coating.role === 'topcoat') situation.topcoats.push(coating);
    if (coating.role === 'sealer') situation.hasSealer = true;
  }
  return situation;
}
