import { inSentence } from '../units/sentence.ts';
import { makesMist } from '../shelf/tools.ts';
import { shelfOf } from '../job/queries/shelf.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { BuildUp, FinishGroup, Key, Schools } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import type { Coating } from '../shelf/coating.ts';
import type { Use } from '../shelf/uses.ts';
import { judgeRecipe, type Verdict } from './judge.ts';
import { tintWords } from '../colour/primer-tints.ts';
import { usualCoat, usualTool } from './fixing.ts';
import type { Rule } from './rule.ts';
import { RULES } from './rules/registry.ts';
import { keysOf, suitsPriming, toolOf, type PrimerWay } from './schools.ts';
import { groundsOf, situations, type Ground } from './situation.ts';
import { buildUpOf, recipeOf, type Recipe } from './system-coat.ts';

/** A build-up that could be chosen, with what speaks for and against it. */
export interface Candidate {
  id: string;
  /** As in “Shellac primer, then 2 × acrylic trim enamel”. */
  name: string;
  buildUp: BuildUp;
  verdict: Verdict;
  /** Rules that had something done, in the order of the work: why it is washed, filled, primed and coated as it is. */
  appliedRules: Rule[];
}

/** What a composition starts from: how to key, and what goes on each face; everything else follows from the rules. */
interface Seed {
  key: Key;
  faces: Readonly<Record<FaceId, { primer: PrimerWay; topcoat: Coating }>>;
}

/** Rules that a composition obeys by itself: what would fail or may fail, and can be lifted by doing something. */
const OBEYED: readonly (Rule & Required<Pick<Rule, 'autoFix'>>)[] = RULES.filter(
  (rule): rule is Rule & Required<Pick<Rule, 'autoFix'>> =>
    rule.autoFix !== undefined && (rule.severity === 'forbidden' || rule.severity === 'risk'),
);

/** More rounds than this and two rules undo each other. The test over all surfaces sees to it that none do. */
const MAX_ROUNDS = 12;

/**
 * Does to a recipe what lifts every rule that can be lifted by doing something, one after the other, within the
 * painter's schools. Throws when rules undo each other for ever.
 */
export function withFixes(
  job: Pick<Job, 'shelf'>,
  grounds: readonly Ground[],
  start: Recipe,
  schools: Schools,
): { recipe: Recipe; appliedRules: Rule[] } {
  let recipe = start;
  const appliedRules = new Set<Rule>();
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const next = mendedOnce(job, grounds, recipe, schools, appliedRules);
    if (next === recipe) return { recipe, appliedRules: [...appliedRules] };
    recipe = next;
  }
  throw new Error(`Rules undo each other: ${JSON.stringify(recipe)}`);
}

/** Every rule once, in the order of the work; the same recipe when none had anything to do. */
function mendedOnce(
  job: Pick<Job, 'shelf'>,
  grounds: readonly Ground[],
  start: Recipe,
  schools: Schools,
  appliedRules: Set<Rule>,
): Recipe {
  let recipe = start;
  let found = grounds.flatMap((ground) => situations(job, ground, recipe));
  for (const rule of OBEYED) {
    for (let index = 0; index < found.length; index++) {
      const situation = found[index];
      if (situation === undefined || !rule.fires(situation)) continue;
      const next: Recipe = { ...recipe, coats: { ...recipe.coats } };
      if (!rule.autoFix(next, situation) || !keepsSchools(next, recipe, schools)) continue;
      recipe = next;
      appliedRules.add(rule);
      found = grounds.flatMap((ground) => situations(job, ground, next));
    }
  }
  return recipe;
}

/** Whether a change stays within what the painter's schools allow. */
function keepsSchools(next: Recipe, before: Recipe, schools: Schools): boolean {
  if (next.key !== before.key && schools.keying !== null && !keysOf(schools.keying).includes(next.key)) return false;
  if (schools.tools === null) return true;
  // A tool that the school does not know may only come in with a coat that was not there before.
  const spraysNow = (recipe: Recipe): boolean =>
    Object.values(recipe.coats).some((coats) => coats.some(({ tool }) => makesMist(tool)));
  return schools.tools === 'spray' || !spraysNow(next) || spraysNow(before);
}

/** A seed mended by the rules, and judged by all of them. */
type Composition = Pick<Candidate, 'verdict' | 'appliedRules'> & { recipe: Recipe };

function composed(job: Job, grounds: readonly Ground[], seed: Seed, schools: Schools): Composition {
  const onFace = (face: FaceId): Coat[] => {
    const { primer, topcoat } = seed.faces[face];
    const primed = primer === null ? [] : [usualCoat(primer.coating, primer.extent)];
    const withTool = (coat: Coat, coating: Coating): Coat => ({ ...coat, tool: tooled(coating, coat, schools) });
    return [
      ...primed.map((coat) => (primer === null ? coat : withTool(coat, primer.coating))),
      withTool(usualCoat(topcoat), topcoat),
      withTool(usualCoat(topcoat), topcoat),
    ];
  };
  const front = onFace('front');
  const isSame = seed.faces.front === seed.faces.back;
  const start: Recipe = {
    cleaning: [],
    key: seed.key,
    fillers: [],
    grainFill: null,
    preservative: null,
    coats: isSame ? { front, back: front } : { front, back: onFace('back') },
  };
  const { recipe, appliedRules } = withFixes(job, grounds, start, schools);
  return { recipe, verdict: judgeRecipe(job, grounds, recipe), appliedRules };
}

/** A composition as it is offered, for faces that get paint. */
function candidateOf(job: Job, faces: readonly FaceId[], { recipe, verdict, appliedRules }: Composition): Candidate {
  const buildUp = buildUpOf(recipe, faces);
  return { id: JSON.stringify(buildUp), name: nameOf(job, buildUp), buildUp, verdict, appliedRules };
}

function tooled(coating: Coating, { extent, tool }: Coat, schools: Schools): Tool {
  if (extent !== 'all' || schools.tools === null) return extent === 'all' ? usualTool(coating) : tool;
  return toolOf(schools.tools);
}

const offered = (coatings: readonly Coating[]): Coating[] => coatings.filter(({ archived }) => !archived);

/** Ways to prime: not at all or all over; on spots where the rules ask for it, or throughout by the painter's school. */
function primerWays(job: Job, priming: Schools['priming']): PrimerWay[] {
  const primers = offered(shelfOf(job).coatings).filter(({ role }) => role === 'primer');
  return priming === 'spots'
    ? primers.map((coating) => ({ coating, extent: 'spots' as const }))
    : [null, ...primers.map((coating) => ({ coating, extent: 'all' as const }))];
}

/**
 * Every seed: primers and topcoats of the shelf on each face, keyed in every way that the schools allow. Products made
 * for the exposure come first, and seeds are made one by one, so that a search for any permitted one ends soon.
 */
function* seedsOf(job: Job, grounds: readonly Ground[], schools: Schools): Generator<Seed> {
  const isBare = grounds.every(({ known }) => known.facts.oldCoat === 'bare');
  const usualKeys: readonly Key[] = isBare ? ['abrade', 'none'] : ['degloss', 'abrade', 'none'];
  const keys = schools.keying === null ? usualKeys : keysOf(schools.keying);
  const tops = offered(shelfOf(job).coatings).filter(({ role }) => role === 'topcoat');
  const ways = primerWays(job, schools.priming);
  const exposures = (face: FaceId): string[] => [
    ...new Set(grounds.flatMap((ground) => (ground.faces.includes(face) ? [ground.exposure[face]] : []))),
  ];
  const [front, back] = [exposures('front'), exposures('back')];
  const pairs = ways.flatMap((primer) => tops.map((topcoat) => ({ primer, topcoat })));
  const chosen = pairs.filter(({ primer, topcoat }) => suitsPriming(schools.priming, primer, topcoat));
  const areAlike = front.length === 0 || back.length === 0 || front.join() === back.join();
  const sidesOf = (pair: Pair): Seed['faces'][] =>
    areAlike
      ? [{ front: pair, back: pair }]
      : othersBeside(pair, chosen, back).map((other) => ({ front: pair, back: other }));
  const suited = new Set(chosen.filter((pair) => suitsExposure(pair, front)));
  const rest: Seed['faces'][] = [];
  for (const pair of areAlike ? chosen : suited) {
    for (const faces of sidesOf(pair)) {
      if (suited.has(pair) && suitsExposure(faces.back, back)) for (const key of keys) yield { key, faces };
      else rest.push(faces);
    }
  }
  for (const faces of rest) for (const key of keys) yield { key, faces };
}

interface Pair {
  primer: PrimerWay;
  topcoat: Coating;
}

const isForExposures = (coating: Coating, exposures: readonly string[], extent = 'all'): boolean =>
  exposures.every(
    (exposure) =>
      coating.exposure === 'both' || coating.exposure === exposure || (extent === 'spots' && coating.spotsOutside),
  );

const suitsExposure = ({ primer, topcoat }: Pair, exposures: readonly string[]): boolean =>
  isForExposures(topcoat, exposures) && (primer === null || isForExposures(primer.coating, exposures, primer.extent));

/** What may go on the other face: the same primer where it may, else each that bonds to the same. */
function othersBeside({ primer }: Pair, pairs: readonly Pair[], exposures: readonly string[]): Pair[] {
  const able = pairs.filter((pair) => suitsExposure(pair, exposures));
  const same = able.filter(
    (pair) => pair.primer?.coating === primer?.coating && pair.primer?.extent === primer?.extent,
  );
  if (same.length > 0) return same;
  const grounds = (coating: Coating): Use[] => [...coating.madeFor, ...coating.willDo];
  const bonds = new Set<Use>(primer ? grounds(primer.coating) : []);
  return able.filter(
    (pair) =>
      pair.primer?.extent === primer?.extent &&
      pair.primer &&
      grounds(pair.primer.coating).some((use) => bonds.has(use)),
  );
}

function nameOf(job: Job, { coats, faceCoats }: BuildUp): string {
  const shelf = shelfOf(job).coatings;
  const inWords = (list: readonly Coat[]): string => {
    const found = list.flatMap((coat) => {
      const coating = shelf.find(({ id }) => id === coat.product);
      return coating ? [{ coating, extent: coat.extent, tint: coat.tint }] : [];
    });
    const runs: { words: string; count: number }[] = [];
    for (const { coating, extent, tint } of found) {
      const words = `${coating.name}${tintWords(tint)}${extent === 'all' ? '' : ` on ${extent}`}`;
      const last = runs.at(-1);
      if (last?.words === words) last.count++;
      else runs.push({ words, count: 1 });
    }
    return runs
      .map(({ words, count }, index) => {
        const said = index === 0 ? words : inSentence(words);
        return count > 1 ? `${count} × ${inSentence(words)}` : said;
      })
      .join(', then ');
  };
  return [inWords(coats), ...(faceCoats.back ? [`back: ${inWords(faceCoats.back)}`] : [])].join('; ');
}

/**
 * Composes build-ups for a group of like pieces from the job's shelf, by its schools: every primer, or none, under every
 * topcoat, with the cleaning, keying, filling, priming and coats that the rules ask for. Those that the rules forbid are
 * among them, with the reasons. In no particular order; ranking weighs them.
 */
export function candidates(job: Job, group: FinishGroup): Candidate[] {
  return candidatesOn(job, groundsOf(job, group), group.schools);
}

/** The same for given grounds. */
export function candidatesOn(job: Job, grounds: readonly Ground[], schools: Schools): Candidate[] {
  if (grounds.length === 0) return [];
  const faces = facesOf(grounds);
  const found = new Map<string, Candidate>();
  for (const seed of seedsOf(job, grounds, schools)) {
    const candidate = candidateOf(job, faces, composed(job, grounds, seed, schools));
    if (!found.has(candidate.id)) found.set(candidate.id, candidate);
  }
  return [...found.values()];
}

/** What a build-up becomes when one rule is lifted on every face where it fires; null where the shelf can't. */
export function withFix(job: Job, group: FinishGroup, buildUp: BuildUp, rule: Rule): BuildUp | null {
  const grounds = groundsOf(job, group);
  const start = recipeOf(buildUp);
  let recipe = start;
  for (const situation of grounds.flatMap((ground) => situations(job, ground, start))) {
    if (rule.autoFix === undefined || !rule.fires(situation)) continue;
    const next: Recipe = { ...recipe, coats: { ...recipe.coats } };
    if (rule.autoFix(next, situation)) recipe = next;
  }
  return recipe === start ? null : buildUpOf(recipe, facesOf(grounds));
}

const BARE_RECIPE: Recipe = {
  cleaning: [],
  key: 'none',
  fillers: [],
  grainFill: null,
  preservative: null,
  coats: { front: [], back: [] },
};

/** What of the surface itself forbids every build-up: it is too damp, or should not be there. */
export function forbiddenBySurface(job: Pick<Job, 'shelf'>, grounds: readonly Ground[]): Rule[] {
  const found = grounds.flatMap((ground) => situations(job, ground, BARE_RECIPE));
  return RULES.filter(
    (rule) =>
      rule.ofSurface === true && rule.severity === 'forbidden' && found.some((situation) => rule.fires(situation)),
  );
}

/** A permitted build-up, or the rules that forbid every one: the answer to “is there any?”. */
export function anyPermitted(job: Job, grounds: readonly Ground[], schools: Schools): Candidate | Rule[] {
  const bySurface = forbiddenBySurface(job, grounds);
  if (bySurface.length > 0) return bySurface;
  const found: Composition[] = [];
  for (const seed of seedsOf(job, grounds, schools)) {
    const composition = composed(job, grounds, seed, schools);
    if (composition.verdict.level !== 'forbidden') return candidateOf(job, facesOf(grounds), composition);
    found.push(composition);
  }
  return blockingRules(found);
}

/**
 * The rules that forbid every one of these build-ups; where no single rule does, all that forbid any. Empty as soon as
 * one is permitted.
 */
export function blockingRules(found: readonly Pick<Candidate, 'verdict'>[]): Rule[] {
  if (found.some(({ verdict }) => verdict.level !== 'forbidden')) return [];
  const forbidding = found.map(({ verdict }) =>
    verdict.findings.flatMap(({ rule }) => (rule.severity === 'forbidden' ? [rule] : [])),
  );
  const all = [...new Set(forbidding.flat())];
  const common = all.filter((rule) => forbidding.every((rules) => rules.includes(rule)));
  return common.length > 0 ? common : all;
}

const facesOf = (grounds: readonly Ground[]): FaceId[] =>
  FACE_IDS.filter((face) => grounds.some((ground) => ground.faces.includes(face)));
