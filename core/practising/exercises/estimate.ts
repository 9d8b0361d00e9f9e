import { GroupWork } from '../../choosing/group-work.ts';
import type { Painter } from '../../job/document/crew-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { elevationOf } from '../../job/queries/pieces.ts';
import { shelfOf, tinsOnSale } from '../../job/queries/shelf.ts';
import { groupOf } from '../../job/queries/groups.ts';
import { definitionOf, type PieceKind } from '../../pieces/registry.ts';
import { productNeeds, type ProductNeed } from '../../quantities/litres.ts';
import { crewFactor, crewPaceWords } from '../../quantities/pace.ts';
import { cheapestTins } from '../../quantities/tins.ts';
import type { Coating } from '../../shelf/coating.ts';
import { spreadRate } from '../../shelf/film.ts';
import { kept } from '../../units/kept.ts';
import { AREA, hoursOfWork, SPREAD_RATE, VOLUME } from '../../units/measures.ts';
import { drawn, drawnFrom, shuffled, wholeBetween, type Random } from '../drawing-lots.ts';
import {
  FULL_MARKS,
  marks,
  type Exercise,
  type Judgement,
  type Level,
  type Point,
  type PracticeSettings,
} from '../exercise.ts';
import { ESTIMATE_IDS, ESTIMATES, type EstimateId } from '../estimates.ts';
import { plainBuildUp } from '../plain-build-up.ts';
import { practiceJob, steadyAir } from '../practice-job.ts';

/** A drawn job with its coats, of which quantities are estimated. */
export interface EstimateTask {
  job: Job;
}

/** Litres and hours, and how many tins of topcoat of each size, smallest first. */
export interface EstimateAnswer {
  amounts: Readonly<Record<EstimateId, number>>;
  tins: readonly number[];
}

interface EstimateLevel {
  kinds: readonly [PieceKind, ...PieceKind[]];
  /** How many pieces of each of so many kinds. */
  kindsAtOnce: number;
  count: readonly [number, number];
  skill: Painter['skill'];
}

const ESTIMATE_LEVELS: Readonly<Record<Level, EstimateLevel>> = {
  1: { kinds: ['flush-door'], kindsAtOnce: 1, count: [1, 3], skill: 'professional' },
  2: { kinds: ['panelled-door', 'glazed-door'], kindsAtOnce: 1, count: [2, 6], skill: 'professional' },
  3: { kinds: ['cabinet-door', 'drawer-front', 'free-panel'], kindsAtOnce: 2, count: [4, 12], skill: 'steady' },
  4: {
    kinds: ['casement-window', 'sash-window', 'casing', 'panelled-door'],
    kindsAtOnce: 2,
    count: [2, 8],
    skill: 'steady',
  },
  5: {
    kinds: ['railing', 'louvred-shutter', 'panelled-door', 'carcass', 'casement-window'],
    kindsAtOnce: 3,
    count: [2, 9],
    skill: 'first-timer',
  },
};

/** Within this share of the right figure an estimate counts as right. */
const CLOSE = 0.12;

function draw(level: Level, random: Random, settings: PracticeSettings): EstimateTask | null {
  const { kinds, kindsAtOnce, count, skill } = ESTIMATE_LEVELS[level];
  const made = practiceJob({ settings, air: steadyAir(19, 55), skill });
  const surface = { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound' } as const;
  shuffled(random, kinds)
    .slice(0, kindsAtOnce)
    .forEach((kind, index) => {
      const shape = drawnFrom(random, definitionOf(kind).presets)?.shape as
        | ReturnType<typeof usualPiece>['shape']
        | undefined;
      const ids = Array.from({ length: wholeBetween(random, ...count) }, (_unused, each) => `p${index}-${each}`);
      made.tell('add-pieces', {
        ids,
        kind,
        piece: usualPiece(kind, 'room-1', { surface, ...(shape ? { shape } : {}) }),
      });
    });
  const paints = shelfOf(made.job).coatings.filter(
    ({ sprayOnly, exposure, potLife, clear }) => !sprayOnly && !clear && exposure !== 'outside' && potLife === null,
  );
  const primer = drawnFrom(
    random,
    paints.filter(({ role, madeFor }) => role === 'primer' && !madeFor.includes('metal')),
  );
  const topcoat = drawnFrom(
    random,
    paints.filter(({ role, madeFor }) => role === 'topcoat' && madeFor.includes('joinery')),
  );
  if (!primer || !topcoat) return null;
  const topcoats = Array.from({ length: drawn(random, [2, 2, 3] as const) }, () => topcoat);
  const buildUp = plainBuildUp([primer, ...topcoats], 'abrade', { isWashed: true });
  for (const { id: groupId } of made.job.groups) made.tell('choose-build-up', { groupId, buildUp, chosenFor: null });
  return checked({ job: made.job });
}

/** From the open job: the pieces of one of its groups that has coats, a dozen at most. */
function drawFrom(job: Job, _now: string, random: Random): EstimateTask | null {
  for (const { id, buildUp } of shuffled(random, job.groups)) {
    if (buildUp === null) continue;
    const pieces = job.pieces.filter(({ groupId }) => groupId === id).slice(0, 12);
    const task = checked({ job: { ...job, pieces, stock: [], log: [], plan: null, baseline: null, pins: [] } });
    if (task) return task;
  }
  return null;
}

/** A task that has a primer and a topcoat, and that a first guess does not get right. */
function checked(task: EstimateTask): EstimateTask | null {
  const { primer, topcoat } = needsIn(task);
  if (!primer || !topcoat) return null;
  return judge(task, firstGuess(task)).score === FULL_MARKS ? null : task;
}

/** The one primer and the one topcoat that the most of is needed. */
export const needsIn = kept(({ job }: EstimateTask): { primer: ProductNeed | null; topcoat: ProductNeed | null } => {
  const most = (role: Coating['role']): ProductNeed | null =>
    productNeeds(job)
      .filter(({ coating }) => coating.role === role)
      .reduce<ProductNeed | null>((one, other) => (one && one.litres >= other.litres ? one : other), null);
  return { primer: most('primer'), topcoat: most('topcoat') };
});

/** Hands-on hours of all steps, at the crew’s pace. */
const hoursIn = kept(({ job }: EstimateTask): number => {
  const minutes = job.groups.reduce(
    (sum, group) => sum + (group.buildUp ? new GroupWork(job, group).minutes(group.buildUp) : 0),
    0,
  );
  return (minutes * crewFactor(job.crew)) / 60;
});

export const amountsIn = (task: EstimateTask): Record<EstimateId, number> => {
  const { primer, topcoat } = needsIn(task);
  return { primer: primer?.litres ?? 0, topcoat: topcoat?.litres ?? 0, hours: hoursIn(task) };
};

/** m² on a litre by a rule of thumb, and hours that a piece takes. */
const [RULE_OF_THUMB, HOURS_A_PIECE] = [12, 1];

/** Width times height of both sides, by a rule of thumb; an hour for each piece. */
function firstGuess(task: EstimateTask): EstimateAnswer {
  const { job } = task;
  const area = job.pieces.reduce((sum, piece) => {
    const faces = elevationOf(piece).faces.filter(({ id }) => piece.scope.faces.includes(id));
    return sum + faces.reduce((all, { width, height }) => all + (width * height) / 1e6, 0);
  }, 0);
  const coats = (product: string | undefined): number => {
    const buildUp = job.pieces[0] ? groupOf(job, job.pieces[0])?.buildUp : null;
    return buildUp?.coats.filter((coat) => coat.product === product).length ?? 1;
  };
  const { primer, topcoat } = needsIn(task);
  const litres = (need: ProductNeed | null): number => (area * coats(need?.product)) / RULE_OF_THUMB;
  const amounts = { primer: litres(primer), topcoat: litres(topcoat), hours: HOURS_A_PIECE * job.pieces.length };
  return { amounts, tins: tinsFor(task, amounts.topcoat) };
}

/** The cheapest tins of the topcoat for so many litres, as counts by size. */
function tinsFor(task: EstimateTask, litres: number): number[] {
  const sizes = sizesIn(task);
  const { tins } = cheapestTins(Math.min(200, litres), sizes);
  return sizes.map(({ litres: size }) => tins.filter((tin) => tin === size).length);
}

/** Tin sizes of the topcoat on sale, smallest first. */
export const sizesIn = (task: EstimateTask): Coating['tins'] => {
  const { topcoat } = needsIn(task);
  return topcoat ? tinsOnSale(task.job, topcoat.coating).toSorted((one, other) => one.litres - other.litres) : [];
};

/** How an amount came about. */
function whyOf(task: EstimateTask, id: EstimateId): string[] {
  const { units } = task.job.settings;
  const { primer, topcoat } = needsIn(task);
  const need = { primer, topcoat, hours: null }[id];
  if (need === null) {
    return [
      `Washing, sanding, ${task.job.pieces.some(({ comesOff }) => comesOff) ? 'taking off, hanging, ' : ''}denibbing and every coat.`,
      `Your crew: ${crewPaceWords(task.job.crew)}.`,
    ];
  }
  const { volumeSolids, dryFilm } = need.coating;
  return [
    ...need.coats.map(
      ({ number, area, litres }) => `Coat ${number}: ${AREA.format(area, units)}, ${VOLUME.format(litres, units)}.`,
    ),
    `A litre covers ${SPREAD_RATE.format(spreadRate(volumeSolids, dryFilm), units)}, less what the tool loses.`,
    `In the tools: ${VOLUME.format(need.residue, units)}. For touching up: ${VOLUME.format(need.reserve, units)}.`,
  ];
}

/** Marks for an estimate: full when close, none when it is three times as much or a third. */
function estimateMarks(own: number, right: number): number {
  if (!(own > 0) || right <= 0) return 0;
  const off = Math.abs(Math.log(own / right));
  const close = Math.log(1 + CLOSE);
  return off <= close ? FULL_MARKS : FULL_MARKS * Math.max(0, 1 - (off - close) / (Math.log(3) - close));
}

const formatted = (task: EstimateTask, id: EstimateId, amount: number): string =>
  ESTIMATES[id].in === 'hours' ? hoursOfWork(amount) : VOLUME.format(amount, task.job.settings.units);

const tinWords = (task: EstimateTask, tins: readonly number[]): string =>
  tins.map((tin) => VOLUME.format(tin, task.job.settings.units)).join(' + ');

/** What is judged of the tins: that they hold what is needed, and cost no more than they must. */
function tinPoint(task: EstimateTask, tins: readonly number[]): Point & { score: number } {
  const sizes = sizesIn(task);
  const needed = amountsIn(task).topcoat;
  const sum = (of: (size: Coating['tins'][number]) => number): number =>
    sizes.reduce((all, size, index) => all + of(size) * (tins[index] ?? 0), 0);
  const [litres, cost] = [sum((size) => size.litres), sum((size) => size.price)];
  const best = cheapestTins(needed, sizes);
  const enough = litres >= needed - 1e-6;
  const dear = cost > best.cost + 1e-6;
  const { units } = task.job.settings;
  const bestWords = tinWords(task, best.tins);
  return {
    isRight: enough && !dear,
    mistake: enough ? 'too-much' : 'too-little',
    words: enough
      ? dear
        ? `The tins hold enough and cost ${Math.round((cost / best.cost - 1) * 100)}% more than needed. Cheapest: ${bestWords}.`
        : `The tins hold enough, at the least cost: ${bestWords}.`
      : `The tins are short by ${VOLUME.format(needed - litres, units)}. Cheapest: ${bestWords}.`,
    why: [`Needed: ${VOLUME.format(needed, units)}.`],
    score: enough ? (dear ? 60 : FULL_MARKS) : 0,
  };
}

function judge(task: EstimateTask, { amounts, tins }: EstimateAnswer): Judgement {
  const right = amountsIn(task);
  const estimated = ESTIMATE_IDS.map((id): Point & { score: number } => {
    const score = estimateMarks(amounts[id], right[id]);
    const percent = Math.round((amounts[id] / right[id] - 1) * 100);
    return {
      isRight: score === FULL_MARKS,
      mistake: percent < 0 ? 'too-little' : 'too-much',
      words: `${ESTIMATES[id].name}: ${formatted(task, id, right[id])}. You said ${formatted(task, id, amounts[id])}${percent === 0 ? '' : `, ${Math.abs(percent)}% ${percent < 0 ? 'too little' : 'too much'}`}.`,
      why: whyOf(task, id),
      score,
    };
  });
  const all = [...estimated, tinPoint(task, tins)];
  return {
    score: marks(all.reduce((sum, { score }) => sum + score, 0) / all.length),
    dangers: [],
    points: all.map(({ score: _score, ...point }) => point),
    estimates: ESTIMATE_IDS.map((id) => ({ id, said: amounts[id], right: right[id] })),
    best: [`Buy ${tinWords(task, cheapestTins(right.topcoat, sizesIn(task)).tins)} of topcoat.`],
  };
}

/** Litres, tins and hours of a drawn job. */
export const ESTIMATE: Exercise<EstimateTask, EstimateAnswer> = {
  name: 'How much?',
  asks: 'Estimate paint, tins and hours.',
  stage: 'quantities',
  levels: {
    1: 'A few flush doors',
    2: 'Panelled or glazed doors',
    3: 'A kitchen',
    4: 'Windows, casings and doors',
    5: 'Railings, louvres and more, slow hand',
  },
  mistakes: ['too-little', 'too-much'],
  draw,
  drawFrom,
  firstGuess,
  anyAnswer: (task, random) => {
    const right = amountsIn(task);
    const any = (amount: number): number => amount * 4 ** (2 * random() - 1);
    return {
      amounts: { primer: any(right.primer), topcoat: any(right.topcoat), hours: any(right.hours) },
      tins: sizesIn(task).map(() => wholeBetween(random, 0, 3)),
    };
  },
  best: (task) => {
    const amounts = amountsIn(task);
    return { amounts, tins: tinsFor(task, amounts.topcoat) };
  },
  judge,
};
