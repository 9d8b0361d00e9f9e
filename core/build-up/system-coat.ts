import type { Coat, Extent } from '../job/document/coat-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { BuildUp, Key } from '../job/document/group-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { Coating } from '../shelf/coating.ts';

/** One coat of a system, with its product. */
export interface SystemCoat {
  coating: Coating;
  tool: Tool;
  thinning: number;
  extent: Extent;
  /** What a primer is tinted to. */
  tint?: string | undefined;
}

/** A build-up while it is composed: each face has its own coats. */
export interface Recipe {
  cleaning: BuildUp['cleaning'];
  key: Key;
  fillers: readonly string[];
  grainFill: BuildUp['grainFill'];
  preservative: string | null;
  coats: Record<FaceId, Coat[]>;
}

/** The recipe of a build-up: its coats for every face. */
export function recipeOf(buildUp: BuildUp): Recipe {
  const { cleaning, key, fillers, grainFill, preservative, coats, faceCoats } = buildUp;
  const own = (face: FaceId): Coat[] => [...(faceCoats[face] ?? coats)];
  return { cleaning, key, fillers, grainFill, preservative, coats: { front: own('front'), back: own('back') } };
}

/** The build-up of a recipe: one list of coats where the faces carry the same. */
export function buildUpOf(recipe: Recipe, faces: readonly FaceId[]): BuildUp {
  const { coats, fillers, ...rest } = recipe;
  const main = faces.includes('front') ? 'front' : (faces[0] ?? 'front');
  const differs = faces.includes('back') && main === 'front' && !sameCoats(coats.front, coats.back);
  return { ...rest, fillers: [...fillers], coats: coats[main], faceCoats: differs ? { back: coats.back } : {} };
}

/** Edges go with the front, so that its coats on edges alone make no difference between the faces. */
export function sameCoats(front: readonly Coat[], back: readonly Coat[]): boolean {
  const isOnFace = ({ extent }: Coat): boolean => extent !== 'edges';
  const [one, other] = [front.filter(isOnFace), back.filter(isOnFace)];
  return (
    one.length === other.length &&
    one.every(({ product, tool, thinning, extent, tint }, index) => {
      const beside = other[index];
      return (
        beside?.product === product &&
        beside.tool === tool &&
        beside.thinning === thinning &&
        beside.extent === extent &&
        beside.tint === tint
      );
    })
  );
}
