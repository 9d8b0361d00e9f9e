import { coatingOf, colourOn, coatsOn, groupOf } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { Coat, Job, Tool } from '../job/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import type { Coating } from '../shelf/coating.ts';
import { spreadRate } from '../shelf/film.ts';
import { cheapestTins, type TinChoice } from './tins.ts';
import { coatedArea } from './take-off.ts';

/** Share of the paint that ends up on the piece. */
const TRANSFER_EFFICIENCY: Readonly<Record<Tool, number>> = { brush: 0.95, roller: 0.92, spray: 0.65 };
/** Litres that stay in tray, roller and hose, per colour and session. */
const RESIDUE: Readonly<Record<Tool, number>> = { brush: 0.03, roller: 0.1, spray: 0.35 };
/** What an open grain drinks more on the first coat. */
const OPEN_GRAIN = 1.15;

/** One product in one colour, over the whole job. */
export interface ProductNeed {
  product: string;
  coating: Coating;
  /** The group's colour for topcoats; null for primers and sealers. */
  colour: { name: string; hex: string } | null;
  coats: CoatNeed[];
  /** Litres that stay in tools. */
  residue: number;
  reserve: number;
  /** Litres to have: on the pieces, in the tools, and in reserve. */
  litres: number;
  tins: TinChoice;
}

/** One coat of a product on one group's pieces. */
export interface CoatNeed {
  groupId: string;
  groupName: string;
  /** 1 for the first coat on the surface. */
  number: number;
  tool: Tool;
  area: number;
  litres: number;
}

interface Use {
  coat: Coat;
  number: number;
  area: number;
  face: FaceId;
  /** The first coat over the whole face. */
  meetsWood: boolean;
}

/** Every coat on every face of a piece with a chosen build-up. */
function usesOf(job: Job, piece: Piece): Use[] {
  const buildUp = groupOf(job, piece)?.buildUp;
  if (!buildUp) return [];
  return FACE_IDS.flatMap((face) => {
    const coats = coatsOn(buildUp, face);
    const firstAllOver = coats.findIndex(({ extent }) => extent === 'all');
    return coats.flatMap((coat, index) => {
      const area = coatedArea(piece, face, coat.extent);
      return area === 0 ? [] : [{ coat, number: index + 1, area, face, meetsWood: index === firstAllOver }];
    });
  });
}

/** Whether the first coat meets open grain. */
const isOpenGrained = (piece: Piece): boolean => piece.surface.substrate === 'oak' && piece.surface.existing === 'bare';

/**
 * Litres of every product: Σ area / spread rate / transfer efficiency · surface factor, per coat, plus what stays in
 * the tools each session (a coat of one colour on one group is one session) and a reserve for touching up, the larger
 * of 5 % and 0.1 L. With the cheapest tins for each.
 */
export function productNeeds(job: Job): ProductNeed[] {
  const needs = new Map<string, Omit<ProductNeed, 'residue' | 'reserve' | 'litres' | 'tins'>>();
  for (const piece of job.pieces) {
    const group = groupOf(job, piece);
    for (const { coat, number, area, face, meetsWood } of usesOf(job, piece)) {
      const coating = coatingOf(job, coat.product);
      if (coating === undefined || group === undefined) continue;
      const colour = coating.role === 'topcoat' ? colourOn(group, face) : null;
      const key = `${coat.product}/${colour?.hex ?? ''}`;
      const need = needs.get(key) ?? { product: coat.product, coating, colour, coats: [] };
      needs.set(key, need);
      const surfaceFactor = meetsWood && group.buildUp?.grainFill === null && isOpenGrained(piece) ? OPEN_GRAIN : 1;
      const litres = litresOnto(area, coat.tool, coating) * surfaceFactor;
      const row = need.coats.find(
        (entry) => entry.groupId === group.id && entry.number === number && entry.tool === coat.tool,
      );
      if (row) {
        row.area += area;
        row.litres += litres;
      } else {
        need.coats.push({ groupId: group.id, groupName: group.name, number, tool: coat.tool, area, litres });
      }
    }
  }
  return [...needs.values()].map((need) => {
    const onPieces = need.coats.reduce((sum, coat) => sum + coat.litres, 0);
    const beside = besidePieces(onPieces, need.coats);
    const litres = onPieces + beside.residue + beside.reserve;
    return { ...need, ...beside, litres, tins: cheapestTins(litres, need.coating.tins) };
  });
}

/** Litres of a coating that one coat on so many m² takes out of the tin: area / spread rate / transfer efficiency. */
export function litresOnto(area: number, tool: Tool, { volumeSolids, dryFilm }: Coating): number {
  return area / spreadRate(volumeSolids, dryFilm) / TRANSFER_EFFICIENCY[tool];
}

/** Litres that stay in the tools, a session each, and the reserve for touching up: the larger of 5 % and 0.1 L. */
export function besidePieces(
  onPieces: number,
  sessions: readonly { tool: Tool }[],
): { residue: number; reserve: number } {
  const residue = sessions.reduce((sum, { tool }) => sum + RESIDUE[tool], 0);
  return { residue, reserve: Math.max(0.05 * onPieces, 0.1) };
}
