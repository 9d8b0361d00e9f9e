import type { UnitSystem } from '../units/unit-systems.ts';
import { AREA, RUN, VOLUME, type Measure } from '../units/measures.ts';
import { makesMist } from '../shelf/tools.ts';
import { coatsOn, grainFilledFaces, laidOn } from '../job/queries/faces.ts';
import { fillerOf } from '../job/queries/shelf.ts';
import { edgeFaceOf } from '../job/queries/pieces.ts';
import { hasTrait } from '../pieces/registry.ts';
import { groupBy } from '../units/maps.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { Job } from '../job/document/schema.ts';
import { maskingOf, type Masking } from './masking.ts';
import { abradedAreas, caulkedMetres } from './pace.ts';
import { paintUses, productNeeds, sessionOf, type PaintUse, type ProductNeed } from './litres.ts';
import { knownSurface } from '../surface-tests/known-surface.ts';
import type { Fills } from '../shelf/filler.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { BuildUp } from '../job/document/group-schema.ts';
import { areaWithFace, restPreserved, takeOff } from './take-off.ts';

/** What the consumables of a job are counted from. */
interface Counted {
  job: Job;
  uses: readonly PaintUse[];
  needs: readonly ProductNeed[];
  /** Pieces that are keyed with an abrasive, or with a disc on what is flat, in m². */
  abraded: { flat: number; profiled: number };
  /** m² that are denibbed between coats. */
  denibbed: number;
}

/** Something that is used up: how it is counted, and what a pack is. Defaults, all of them. */
interface ConsumableDefinition {
  name: string;
  /** In what it is counted; null for single things. */
  measure: Measure | null;
  /** How many one needs, in the stored unit of its measure, and how that comes about. */
  count(of: Counted): number;
  why(units: UnitSystem): string;
  pack: { count: number; price: number };
}

const SLEEVE_COVERS = 12; // m² until a mini-roller's nap lies flat
const SHEET_COVERS = 1.5; // m² of flat old paint a sheet of paper or a disc
const SPONGE_COVERS = 2; // m² of profile a sanding sponge
const FINE_SHEET_COVERS = 5; // m² of denibbing a sheet
const WIDE_SLEEVE_COVERS = 80; // m² of wall until a wide sleeve is worn
const CARTRIDGE_FILLS = 12; // m of joint a cartridge of caulk
const FILLER_SERVES = 40; // m² of sound joinery whose dents a litre of fine filler fills
const GRAIN_FILLER_COVERS = 6; // m² a litre of grain filler in one pass
const PRESERVATIVE_COVERS = 8; // m² of bare wood a litre

/** To the tenth of a litre, upwards. */
const tenth = (litres: number): number => Math.ceil(litres * 10 - 1e-9) / 10;

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
const sessions = ({ needs }: Counted, tool: PaintUse['coat']['tool']): ProductNeed['coats'] =>
  needs.flatMap(({ coats }) => coats.filter((coat) => coat.tool === tool));

/** Areas of walls and ceilings are rolled wide, all else with a mini-roller. */
function sleeves({ uses }: Counted, width: 'mini' | 'wide', covers: number): number {
  const own = uses.filter(
    ({ coat, piece }) => coat.tool === 'roller' && hasTrait(piece.kind, 'wall') === (width === 'wide'),
  );
  // A mini-roller is thrown away after a session; a wide one is washed out.
  const key = (use: PaintUse): string =>
    width === 'mini' ? sessionOf(use) : `${use.coating.id}/${use.colour?.hex ?? ''}`;
  const areas = [...groupBy(own, key).values()].map((session) => sum(session.map(({ area }) => area)));
  return sum(areas.map((area) => Math.max(1, Math.ceil(area / covers))));
}

/** What is masked of every piece with a build-up that stays in place. */
const maskings = ({ job }: Counted): Masking[] =>
  job.pieces.flatMap((piece) => {
    const buildUp = groupOf(job, piece)?.buildUp;
    return buildUp
      ? [
          maskingOf(
            job,
            piece,
            buildUp.coats.map((coat) => laidOn(job, piece, coat).tool),
          ),
        ]
      : [];
  });

/** Pieces whose joints are caulked. */
const caulked = (job: Job): Job['pieces'] =>
  job.pieces.filter((piece) => groupOf(job, piece)?.buildUp?.fillers.some(isFor(job, 'joints')));

const isFor =
  (job: Job, fills: Fills) =>
  (id: string): boolean =>
    fillerOf(job, id)?.fills === fills;

const paintedArea = (piece: Piece): number => sum(takeOff(piece).map(({ area }) => area));

/** m² of the pieces whose build-up is such a one. */
const areaWhere = (job: Job, is: (buildUp: BuildUp) => boolean): number =>
  sum(
    job.pieces.map((piece) => {
      const buildUp = groupOf(job, piece)?.buildUp;
      return buildUp && is(buildUp) ? paintedArea(piece) : 0;
    }),
  );

/** m² of faces whose grain is filled, each as often as it is. */
const grainFilled = (job: Job): number =>
  sum(
    job.pieces.flatMap((piece) => {
      const buildUp = groupOf(job, piece)?.buildUp;
      const passes = buildUp?.grainFill?.passes ?? 0;
      return buildUp ? grainFilledFaces(buildUp).map((face) => passes * areaWithFace(piece, face)) : [];
    }),
  );

/** m² of bare wood that get preservative. */
const preserved = (job: Job): number =>
  sum(
    job.pieces.flatMap((piece) => {
      if (!groupOf(job, piece)?.buildUp?.preservative) return [];
      return [(knownSurface(job, piece).facts.oldCoat === 'bare' ? paintedArea(piece) : 0) + restPreserved(piece)];
    }),
  );

/** Everything that is used up, from the same take-off as the paint. */
export const CONSUMABLES = {
  sleeves: {
    name: 'Mini-roller sleeves',
    measure: null,
    why: (units) => `one a colour and session, another for every ${AREA.brief(SLEEVE_COVERS, units)} of joinery`,
    count: (of) => sleeves(of, 'mini', SLEEVE_COVERS),
    pack: { count: 10, price: 14 },
  },
  'wide-sleeves': {
    name: 'Wide roller sleeves for walls',
    measure: null,
    why: (units) => `one a colour, another for every ${AREA.brief(WIDE_SLEEVE_COVERS, units)} of wall and ceiling`,
    count: (of) => sleeves(of, 'wide', WIDE_SLEEVE_COVERS),
    pack: { count: 2, price: 11 },
  },
  brushes: {
    name: 'Brushes',
    measure: null,
    why: () => 'one per brushed product, cleaned and kept',
    count: ({ uses }) =>
      new Set(uses.filter(({ coat }) => !makesMist(coat.tool)).map(({ coating }) => coating.id)).size,
    pack: { count: 1, price: 9 },
  },
  discs: {
    name: 'Abrasive discs or sheets for flats',
    measure: null,
    why: (units) => `one for every ${AREA.brief(SHEET_COVERS, units)} of old paint on flats`,
    count: ({ abraded }) => Math.ceil(abraded.flat / SHEET_COVERS),
    pack: { count: 10, price: 11 },
  },
  sponges: {
    name: 'Sanding sponges for profiles',
    measure: null,
    why: (units) => `one for every ${AREA.brief(SPONGE_COVERS, units)} of mouldings and bevels`,
    count: ({ abraded }) => Math.ceil(abraded.profiled / SPONGE_COVERS),
    pack: { count: 5, price: 8 },
  },
  'fine-sheets': {
    name: 'Fine sheets for denibbing',
    measure: null,
    why: (units) => `one for every ${AREA.brief(FINE_SHEET_COVERS, units)} between coats`,
    count: ({ denibbed }) => Math.ceil(denibbed / FINE_SHEET_COVERS),
    pack: { count: 10, price: 9 },
  },
  tape: {
    name: 'Masking tape',
    measure: RUN,
    why: () => 'fixed hardware, lines not cut in freehand, 10% for overlaps',
    count: (of) => Math.ceil(1.1 * sum(maskings(of).map(({ tape }) => tape))),
    pack: { count: 50, price: 5 },
  },
  film: {
    name: 'Masking film',
    measure: AREA,
    why: () => 'around pieces sprayed in place, and over glass',
    count: (of) => Math.ceil(sum(maskings(of).map(({ film }) => film))),
    pack: { count: 20, price: 6 },
  },
  caulk: {
    name: 'Decorators’ caulk, cartridges',
    measure: RUN,
    why: (units) => `joints between trim and wall, a cartridge fills ${RUN.format(CARTRIDGE_FILLS, units)}`,
    count: ({ job }) => Math.ceil(sum(caulked(job).map(caulkedMetres))),
    pack: { count: CARTRIDGE_FILLS, price: 4 },
  },
  filler: {
    name: 'Fine filler',
    measure: VOLUME,
    why: (units) => `${VOLUME.brief(1, units)} fills the dents of ${AREA.brief(FILLER_SERVES, units)}`,
    count: ({ job }) => tenth(areaWhere(job, ({ fillers }) => fillers.some(isFor(job, 'holes'))) / FILLER_SERVES),
    pack: { count: 0.5, price: 9 },
  },
  'grain-filler': {
    name: 'Grain filler',
    measure: VOLUME,
    why: (units) => `${VOLUME.brief(1, units)} covers ${AREA.brief(GRAIN_FILLER_COVERS, units)} a pass`,
    count: ({ job }) => tenth(grainFilled(job) / GRAIN_FILLER_COVERS),
    pack: { count: 1, price: 26 },
  },
  preservative: {
    name: 'Wood preservative',
    measure: VOLUME,
    why: (units) => `${VOLUME.brief(1, units)} covers ${AREA.brief(PRESERVATIVE_COVERS, units)} of bare wood`,
    count: ({ job }) => tenth(preserved(job) / PRESERVATIVE_COVERS),
    pack: { count: 1, price: 16 },
  },
  bags: {
    name: 'Bags for hardware',
    measure: null,
    why: () => 'one per piece with hardware',
    count: ({ job }) => job.pieces.filter(({ comesOff, hardware }) => comesOff && hardware.length > 0).length,
    pack: { count: 50, price: 6 },
  },
  filters: {
    name: 'Paint filters',
    measure: null,
    why: () => 'one per tin opened and per spray session',
    count: (of) => sum(of.needs.map(({ tins }) => tins.best.tins.length)) + sessions(of, 'spray').length,
    pack: { count: 25, price: 7 },
  },
} as const satisfies Record<string, ConsumableDefinition>;
export type ConsumableId = keyof typeof CONSUMABLES;

/** So many of a consumable, in packs. */
export interface ConsumableNeed {
  id: ConsumableId;
  name: string;
  measure: Measure | null;
  why: string;
  needed: number;
  pack: { count: number; price: number };
  /** Whether the painter stated the pack; otherwise it is a default. */
  isStated: boolean;
  packs: number;
  cost: number;
}

/** Everything that will be used up in a job; what is not needed is left out. */
export function consumableNeeds(job: Job): ConsumableNeed[] {
  const uses = paintUses(job);
  const of: Counted = { job, uses, needs: productNeeds(job), ...abrasion(job) };
  return (Object.entries(CONSUMABLES) as [ConsumableId, ConsumableDefinition][]).flatMap(([id, definition]) => {
    const { name, measure, why } = definition;
    const needed = definition.count(of);
    if (needed === 0) return [];
    const stated = job.pricing.packs[id];
    const pack = stated ?? definition.pack;
    const packs = Math.ceil(needed / pack.count - 1e-9);
    return [
      {
        id,
        name,
        measure,
        why: why(job.settings.units),
        needed,
        pack,
        isStated: stated !== undefined,
        packs,
        cost: packs * pack.price,
      },
    ];
  });
}

function abrasion(job: Job): Pick<Counted, 'abraded' | 'denibbed'> {
  const abraded = { flat: 0, profiled: 0 };
  let denibbed = 0;
  for (const piece of job.pieces) {
    const buildUp = groupOf(job, piece)?.buildUp;
    if (!buildUp) continue;
    if (buildUp.key === 'abrade' || buildUp.key === 'wet-abrade') {
      const { flat, profiled } = abradedAreas(piece);
      abraded.flat += flat;
      abraded.profiled += profiled;
    }
    if (hasTrait(piece.kind, 'wall')) continue;
    for (const { part, area } of takeOff(piece)) {
      const coats = coatsOn(buildUp, part === 'front' || part === 'back' ? part : edgeFaceOf(piece)).length;
      denibbed += area * Math.max(0, coats - 1);
    }
  }
  return { abraded, denibbed };
}
