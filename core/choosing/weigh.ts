import type { Candidate } from '../build-up/compose.ts';
import { coversTheLongWay, misfits } from '../build-up/misfits.ts';
import { groundsOf, situations, type Ground } from '../build-up/situation.ts';
import { recipeOf } from '../build-up/system-coat.ts';
import { coatsOn } from '../job/queries/faces.ts';
import { cleanerOf, coatingOf, preservativeOf } from '../job/queries/shelf.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup, Weights } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS } from '../pieces/elevation.ts';
import { crewFactor } from '../quantities/pace.ts';
import { areaWithFace } from '../quantities/take-off.ts';
import { GroupWork } from './group-work.ts';
import { OnePiece } from './one-piece.ts';

/** What a build-up costs, criterion by criterion; less is better, but for toughness. */
export interface Cost {
  /** Rules that call it a risk. */
  risk: number;
  /** Days until the slowest piece of the group hangs again, if nothing else were to be done. */
  days: number;
  /** Hands-on hours on all pieces, at the crew's pace. */
  hours: number;
  /** Paint for this group alone. */
  money: number;
  /** Most coats on a face, spots and edges not counted. */
  coats: number;
  /** Coats and cleaners that smell of solvent or carry a hardener. */
  smell: number;
  /** Of the last coat that hands meet, 1 to 5; of two faces the weaker. */
  toughness: number;
  /** Hours of dry sanding before the first coat. */
  dust: number;
  /** Coats of products that are made for something else in the first place. */
  misfits: number;
}

/** Every criterion, as a painter says it. */
export const CRITERIA: {
  readonly [C in keyof Weights & keyof Cost]: { name: string; least: string; isMoreBetter?: true };
} = {
  risk: { name: 'Risk', least: 'fewest risks' },
  days: { name: 'Days', least: 'fewest days' },
  hours: { name: 'Work', least: 'least work' },
  money: { name: 'Cost', least: 'cheapest paint' },
  coats: { name: 'Coats', least: 'fewest coats' },
  smell: { name: 'Smell', least: 'least smell' },
  toughness: { name: 'Toughness', least: 'toughest finish', isMoreBetter: true },
  dust: { name: 'Dust', least: 'least sanding' },
};
export const CRITERION_IDS = Object.keys(CRITERIA) as (keyof Weights)[];

/** What a product counts that is made for something else, where a risk more than the least counts two thirds. */
const MISFIT = 0.8;

/** Weights that go by a name. */
export const WEIGHT_PRESETS: readonly { name: string; weights: Weights }[] = [
  { name: 'Balanced', weights: { risk: 4, days: 2, hours: 2, money: 1, coats: 1, smell: 1, toughness: 1, dust: 1 } },
  { name: 'Fastest', weights: { risk: 2, days: 4, hours: 3, money: 0, coats: 1, smell: 0, toughness: 0, dust: 0 } },
  { name: 'Toughest', weights: { risk: 4, days: 0, hours: 0, money: 0, coats: 0, smell: 0, toughness: 4, dust: 0 } },
  { name: 'Least smell', weights: { risk: 3, days: 1, hours: 1, money: 0, coats: 0, smell: 4, toughness: 0, dust: 1 } },
  { name: 'No sanding', weights: { risk: 3, days: 1, hours: 1, money: 0, coats: 0, smell: 0, toughness: 0, dust: 4 } },
  { name: 'Cheapest', weights: { risk: 3, days: 0, hours: 2, money: 4, coats: 1, smell: 0, toughness: 0, dust: 0 } },
];

/** A candidate with what it costs and how it stands. */
export interface Weighed {
  candidate: Candidate;
  cost: Cost;
  /** The weighted sum of how far it is from the best in each criterion, 0 to 1, and what misfits add; less is better. */
  score: number;
}

/** Weighs build-ups of one group. */
export class Weigher {
  readonly #job: Job;
  readonly #group: FinishGroup;
  readonly #work: GroupWork;
  readonly #onePiece: OnePiece;
  readonly #grounds: readonly Ground[];
  readonly #slowest: GroupWork['pieces'][number] | undefined;

  constructor(job: Job, group: FinishGroup) {
    this.#job = job;
    this.#group = group;
    this.#work = new GroupWork(job, group);
    this.#onePiece = new OnePiece(job);
    this.#grounds = groundsOf(job, group);
    const area = (piece: GroupWork['pieces'][number]): number =>
      FACE_IDS.reduce((sum, face) => sum + areaWithFace(piece, face), 0);
    this.#slowest = [...this.#work.pieces].sort((one, other) => area(other) - area(one))[0];
  }

  /** What a build-up costs; `verdict` counts its risks. */
  cost(buildUp: BuildUp, verdict: Candidate['verdict']): Cost {
    const coated = FACE_IDS.map((face) => coatsOn(buildUp, face)).filter(
      (coats, index) => index === 0 || coats !== buildUp.coats,
    );
    const factor = crewFactor(this.#job.crew);
    return {
      risk: verdict.findings.filter(({ rule }) => rule.severity === 'risk').length,
      days: this.#slowest ? this.#onePiece.days(this.#slowest, { ...this.#group, buildUp }) : 0,
      hours: (this.#work.minutes(buildUp) * factor) / 60,
      money: this.#work.money(buildUp),
      coats: Math.max(0, ...coated.map((coats) => coats.filter(({ extent }) => extent === 'all').length)),
      smell: this.#smell(buildUp),
      toughness: Math.min(...coated.map((coats) => this.#toughness(coats))),
      dust: (this.#work.dustMinutes(buildUp) * factor) / 60,
      misfits: this.#misfits(buildUp),
    };
  }

  /** On the face where most of them are; the long way to a deep colour counts as one. */
  #misfits(buildUp: BuildUp): number {
    const recipe = recipeOf(buildUp);
    const found = this.#grounds
      .flatMap((ground) => situations(this.#job, ground, recipe))
      .map((situation) => misfits(situation) + (coversTheLongWay(situation) ? 1 : 0));
    return Math.max(0, ...found);
  }

  #smell({ cleaning, preservative, coats, faceCoats }: BuildUp): number {
    const hazards = [
      ...[...coats, ...(faceCoats.back ?? [])].map(({ product }) => coatingOf(this.#job, product)?.hazards),
      ...cleaning.map(({ product }) => cleanerOf(this.#job, product)?.hazards),
      preservativeOf(this.#job, preservative)?.hazards,
    ];
    return hazards.filter((of) =>
      of?.some((hazard) => hazard === 'solvent' || hazard === 'isocyanate' || hazard === 'hardener'),
    ).length;
  }

  #toughness(coats: readonly Coat[]): number {
    return coatingOf(this.#job, coats.at(-1)?.product ?? '')?.toughness ?? 0;
  }
}

/** How far each is from the best in a criterion, as a share of the whole spread. */
function shares(costs: readonly Cost[], criterion: keyof Weights): number[] {
  // A risk is a risk, however many others there are elsewhere: one more than the least counts two thirds, two in full.
  if (criterion === 'risk') {
    const least = Math.min(...costs.map(({ risk }) => risk));
    return costs.map(({ risk }) => Math.min(1, ((risk - least) * 2) / 3));
  }
  const values = costs.map((cost) => (CRITERIA[criterion].isMoreBetter ? -cost[criterion] : cost[criterion]));
  const finite = values.filter(Number.isFinite);
  const [least, most] = [Math.min(...finite), Math.max(...finite)];
  return values.map((value) => (!Number.isFinite(value) ? 1 : most === least ? 0 : (value - least) / (most - least)));
}

/** Orders permitted build-ups by the painter's weights, the best first. Equal ones keep the order of fewer coats and days. */
export function ranked(weighed: readonly Omit<Weighed, 'score'>[], weights: Weights): Weighed[] {
  const total = CRITERION_IDS.reduce((sum, criterion) => sum + weights[criterion], 0);
  const byCriterion = CRITERION_IDS.map((criterion) => ({
    weight: weights[criterion],
    of: shares(
      weighed.map(({ cost }) => cost),
      criterion,
    ),
  }));
  return weighed
    .map((entry, index) => ({
      ...entry,
      score:
        (byCriterion.reduce((sum, { weight, of }) => sum + weight * (of[index] ?? 0), 0) +
          weights.risk * MISFIT * entry.cost.misfits) /
        Math.max(1, total),
    }))
    .sort(
      (one, other) =>
        one.score - other.score ||
        one.cost.coats - other.cost.coats ||
        one.cost.days - other.cost.days ||
        (one.candidate.id < other.candidate.id ? -1 : 1),
    );
}
