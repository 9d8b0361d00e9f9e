import { groupBy } from '../units/maps.ts';
import { type Gun, residueIn, transferEfficiency } from '../shelf/tools.ts';
import { coatingOf, tinsOnSale } from '../job/queries/shelf.ts';
import { inStock, takenFrom } from '../job/queries/stock.ts';
import { colourOn, coatsOn, grainFilledFaces, laidOn } from '../job/queries/faces.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import type { Coating } from '../shelf/coating.ts';
import { spreadRate } from '../shelf/film.ts';
import { coatedArea } from './take-off.ts';
import { tinChoices, type TinChoices } from './tins.ts';

/** What an open grain drinks more on the first coat. */
const OPEN_GRAIN = 1.15;

/** One coat on one face of one piece: what it takes out of the tin. */
export interface PaintUse {
  piece: Piece;
  group: FinishGroup;
  face: FaceId;
  coat: Coat;
  /** 1 for the first coat on the surface. */
  number: number;
  coating: Coating;
  /** The group's colour for topcoats, the tint of a primer; null for what has none. */
  colour: FinishGroup['colour'] | null;
  area: number;
  surfaceFactor: number;
  litres: number;
}

/** Every coat on every face of every piece with a chosen build-up, piece by piece, edges with the front. */
export function paintUses(job: Job): PaintUse[] {
  return job.pieces.flatMap((piece) => {
    const group = groupOf(job, piece);
    const buildUp = group?.buildUp;
    if (!group || !buildUp) return [];
    return FACE_IDS.flatMap((face) => {
      const coats = coatsOn(buildUp, face);
      const firstAllOver = coats.findIndex(({ extent }) => extent === 'all');
      return coats.flatMap((chosen, index): PaintUse[] => {
        const coat = laidOn(job, piece, chosen);
        const area = coatedArea(piece, face, coat.extent);
        const coating = coatingOf(job, coat.product);
        if (area === 0 || coating === undefined) return [];
        const meetsGrain = index === firstAllOver && !grainFilledFaces(buildUp).includes(face) && isOpenGrained(piece);
        const surfaceFactor = meetsGrain ? OPEN_GRAIN : 1;
        const litres = litresOnto(area, coat.tool, coating, job.mixing.gun) * surfaceFactor;
        const colour = coating.role === 'topcoat' ? colourOn(group, face) : tintOf(coat);
        return [{ piece, group, face, coat, number: index + 1, coating, colour, area, surfaceFactor, litres }];
      });
    });
  });
}

/** What a primer is tinted to, as a colour of its own. */
const tintOf = ({ tint }: Coat): PaintUse['colour'] => (tint === undefined ? null : { name: 'tinted grey', hex: tint });

/** Whether the first coat meets open grain. */
const isOpenGrained = (piece: Piece): boolean => piece.surface.substrate === 'oak' && piece.surface.existing === 'bare';

/** One product in one colour, over the whole job. */
export interface ProductNeed {
  product: string;
  coating: Coating;
  colour: FinishGroup['colour'] | null;
  coats: CoatNeed[];
  uses: PaintUse[];
  /** Litres that stay in tools. */
  residue: number;
  reserve: number;
  /** Litres to have: on the pieces, in the tools, and in reserve. */
  litres: number;
  /** Litres of thinner, over all coats that are thinned. */
  thinner: number;
  /** Litres of each tin in stock that is used up before anything is bought. */
  stock: number[];
  /** What to buy for the rest; what is left over is counted with the stock. */
  tins: TinChoices;
}

/** One coat of a product on one group's pieces: a session. */
export interface CoatNeed {
  groupId: string;
  groupName: string;
  number: number;
  tool: Tool;
  thinning: number;
  area: number;
  litres: number;
}

/** The session that a use belongs to: a coat of one colour on one group with one tool. */
export const sessionOf = ({ group, number, coat }: PaintUse): string => `${group.id}/${number}/${coat.tool}`;

/**
 * Litres of every product: Σ area / spread rate / transfer efficiency · surface factor, per coat, plus what stays in
 * the tools each session and a reserve for touching up, the larger of 5% and 0.1 L. What is in stock is used first; with
 * the cheapest tins for the rest, and the next best.
 */
export function productNeeds(job: Job): ProductNeed[] {
  const byProduct = groupBy(paintUses(job), ({ coating, colour }) => `${coating.id}/${colour?.hex ?? ''}`);
  return [...byProduct.values()].flatMap((uses) => {
    const [first] = uses;
    if (first === undefined) return [];
    const { coating, colour } = first;
    const coats = sessionsOf(uses);
    const onPieces = coats.reduce((sum, coat) => sum + coat.litres, 0);
    const beside = besidePieces(onPieces, coats);
    const litres = onPieces + beside.residue + beside.reserve;
    const thinner = coats.reduce((sum, coat) => sum + (coat.litres * coat.thinning) / 100, 0);
    return [
      {
        product: coating.id,
        coating,
        colour,
        coats,
        uses,
        ...beside,
        litres,
        thinner,
        ...bought(job, coating, colour?.hex ?? null, litres),
      },
    ];
  });
}

/** What of a need is in stock, and the tins that are bought for the rest. */
function bought(job: Job, coating: Coating, hex: string | null, litres: number): Pick<ProductNeed, 'stock' | 'tins'> {
  const stock = takenFrom(inStock(job, coating.id, hex), litres);
  const had = stock.reduce((sum, tin) => sum + tin, 0);
  const { best, second } = tinChoices(Math.max(0, litres - had), tinsOnSale(job, coating));
  return { stock, tins: { best: had > litres ? { ...best, leftOver: had - litres } : best, second } };
}

function sessionsOf(uses: readonly PaintUse[]): CoatNeed[] {
  const sessions = new Map<string, CoatNeed>();
  for (const use of uses) {
    const { group, number, coat, area, litres } = use;
    const known = sessions.get(sessionOf(use));
    if (known) {
      known.area += area;
      known.litres += litres;
    } else {
      const { tool, thinning } = coat;
      sessions.set(sessionOf(use), { groupId: group.id, groupName: group.name, number, tool, thinning, area, litres });
    }
  }
  return [...sessions.values()];
}

/**
 * Litres of a coating that one coat on so many m² takes out of the tin: area / spread rate / transfer efficiency of the
 * tool, which is the gun's where it is sprayed.
 */
export function litresOnto(area: number, tool: Tool, { volumeSolids, dryFilm }: Coating, gun: Gun): number {
  return area / spreadRate(volumeSolids, dryFilm) / transferEfficiency(tool, gun);
}

/** Litres that stay in the tools, a session each, and the reserve for touching up: the larger of 5% and 0.1 L. */
export function besidePieces(
  onPieces: number,
  sessions: readonly { tool: Tool }[],
): { residue: number; reserve: number } {
  const residue = sessions.reduce((sum, { tool }) => sum + residueIn(tool), 0);
  return { residue, reserve: Math.max(0.05 * onPieces, 0.1) };
}
