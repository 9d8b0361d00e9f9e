import { getOrInsertComputed } from '../units/maps.ts';
import { operationOf } from '../steps/operations.ts';
import { coatingOf, fillerOf, tinsOnSale } from '../job/queries/shelf.ts';
import { inStock, litresOf } from '../job/queries/stock.ts';
import { coatsOn, colourOn, grainFilledFaces } from '../job/queries/faces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import { besidePieces, litresOnto } from '../quantities/litres.ts';
import { keyMinutes } from '../quantities/pace.ts';
import { coatedArea } from '../quantities/take-off.ts';
import { cheapestTins } from '../quantities/tins.ts';
import { stepsWith } from '../steps/piece-steps.ts';
import type { Coating } from '../shelf/coating.ts';

/**
 * What the pieces of a group ask in work and paint, kept by what it follows from: some hundred build-ups are weighed, and
 * most of their steps are the same ones.
 */
export class GroupWork {
  readonly pieces: readonly Piece[];
  readonly #job: Job;
  readonly #group: FinishGroup;
  readonly #minutes = new Map<string, number>();
  readonly #areas = new Map<string, number>();
  readonly #prices = new Map<string, number>();

  constructor(job: Job, group: FinishGroup) {
    this.#job = job;
    this.#group = group;
    this.pieces = job.pieces.filter(
      (piece) => piece.groupId === group.id && FACE_IDS.some((face) => coatedArea(piece, face, 'all') > 0),
    );
  }

  /**
   * Minutes of hands-on work on all pieces at a professional's pace: the sum over the steps that the plan would have.
   * Preparation and coats are told apart, since each is shared by many build-ups.
   */
  minutes(buildUp: BuildUp): number {
    const { coats, faceCoats, ...preparation } = buildUp;
    const counted = (part: BuildUp, wanted: (isCoat: boolean) => boolean): number =>
      this.pieces.reduce(
        (sum, piece) =>
          sum +
          stepsWith(this.#job, piece, { ...this.#group, buildUp: part }).reduce(
            (minutes, step) => minutes + (wanted(operationOf(step).phase === 'coat') ? step.minutes : 0),
            0,
          ),
        0,
      );
    const prepared = getOrInsertComputed(this.#minutes, `prepare/${JSON.stringify(preparation)}`, () =>
      counted(buildUp, (isCoat) => !isCoat),
    );
    const laid = JSON.stringify([coats, faceCoats.back ?? []].map(shapeOfCoats));
    return prepared + getOrInsertComputed(this.#minutes, `coat/${laid}`, () => counted(buildUp, (isCoat) => isCoat));
  }

  /** Minutes of dry sanding at a professional's pace. */
  dustMinutes(buildUp: BuildUp): number {
    if (buildUp.key !== 'abrade' && buildUp.grainFill === null) return 0;
    const keyed = getOrInsertComputed(this.#minutes, 'dust', () =>
      this.pieces.reduce((sum, piece) => sum + keyMinutes(piece, 'abrade'), 0),
    );
    const passes = fillerOf(this.#job, buildUp.grainFill?.product ?? null) ? (buildUp.grainFill?.passes ?? 0) : 0;
    const filled = grainFilledFaces(buildUp).reduce((sum, face) => sum + this.area(face, 'all'), 0);
    const whole = FACE_IDS.reduce((sum, face) => sum + this.area(face, 'all'), 0);
    return keyed * ((buildUp.key === 'abrade' ? 1 : 0) + (passes * filled) / whole);
  }

  area(face: FaceId, extent: Coat['extent']): number {
    return getOrInsertComputed(this.#areas, `${face}/${extent}`, () =>
      this.pieces.reduce((sum, piece) => sum + coatedArea(piece, face, extent), 0),
    );
  }

  /** What the tins cost that would be bought for this group alone, with what is in stock, in the job's currency. */
  money(buildUp: BuildUp): number {
    const needs = new Map<string, { coating: Coating; litres: number; had: number; sessions: Coat[] }>();
    for (const face of FACE_IDS) {
      coatsOn(buildUp, face).forEach((coat, index) => {
        const coating = coatingOf(this.#job, coat.product);
        const area = this.area(face, coat.extent);
        if (coating === undefined || area === 0) return;
        const colour = coating.role === 'topcoat' ? colourOn(this.#group, face).hex : '';
        const key = `${coat.product}/${colour}`;
        const need = needs.get(key) ?? {
          coating,
          litres: 0,
          had: litresOf(inStock(this.#job, coat.product, colour === '' ? null : colour)),
          sessions: [],
        };
        need.litres += litresOnto(area, coat.tool, coating, this.#job.mixing.gun);
        // The same coat on the other face is the same session.
        if (face === 'front' || coatsOn(buildUp, 'front')[index]?.product !== coat.product) need.sessions.push(coat);
        needs.set(key, need);
      });
    }
    let cost = 0;
    for (const { coating, litres, had, sessions } of needs.values()) {
      const { residue, reserve } = besidePieces(litres, sessions);
      cost += this.#priceOf(coating, Math.max(0, litres + residue + reserve - had));
    }
    return cost;
  }

  /** To the tenth of a litre, upwards: near enough to compare, and shared by many. */
  #priceOf(coating: Coating, litres: number): number {
    const tenths = Math.ceil(litres * 10 - 1e-9);
    return getOrInsertComputed(
      this.#prices,
      `${coating.id}/${tenths}`,
      () => cheapestTins(tenths / 10, tinsOnSale(this.#job, coating)).cost,
    );
  }
}

/** What of coats the minutes follow from: tools and extents, and which are the same product. */
function shapeOfCoats(coats: readonly Coat[]): unknown {
  const products = [...new Set(coats.map(({ product }) => product))];
  return coats.map(({ product, tool, extent }) => [products.indexOf(product), tool, extent]);
}
