import { judge as judgeBuildUp } from '../../build-up/judge.ts';
import { usualCoat } from '../../build-up/fixing.ts';
import type { Rule } from '../../build-up/rule.ts';
import { offerFor } from '../../choosing/offer.ts';
import { KEYS } from '../../job/document/group-schema.ts';
import type { StatedPiece } from '../../job/document/piece-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { shelfOf } from '../../job/queries/shelf.ts';
import { FOUND, resultInWords, type FoundId } from '../../pieces/found.ts';
import type { PieceKind } from '../../pieces/registry.ts';
import { KNOWN_COAT_IDS, type Substrate } from '../../pieces/substrate.ts';
import { testsOn } from '../../surface-tests/known-surface.ts';
import { SURFACE_TESTS } from '../../surface-tests/surface-tests.ts';
import { formatDuration } from '../../units/measures.ts';
import { inSentence } from '../../units/sentence.ts';
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
import { practiceJob, steadyAir } from '../practice-job.ts';
import {
  brokenIn,
  buildUpIn,
  groupIn,
  hangsOn,
  minutesOf,
  surfaceKnown,
  tested,
  testsIn,
  type CoatsAnswer,
  type CoatsTask,
} from './coats-task.ts';

interface CoatsLevel {
  kinds: readonly [PieceKind, ...PieceKind[]];
  substrates: readonly [Substrate, ...Substrate[]];
  yearBuilt: readonly [number, ...number[]];
  isOutside: boolean;
  /** Of ten results, how many are bad news. */
  bad: number;
}

const COATS_LEVELS: Readonly<Record<Level, CoatsLevel>> = {
  1: { kinds: ['flush-door', 'panelled-door'], substrates: ['softwood'], yearBuilt: [2005], isOutside: false, bad: 2 },
  2: {
    kinds: ['panelled-door', 'cabinet-door'],
    substrates: ['softwood', 'mdf'],
    yearBuilt: [1965, 2005],
    isOutside: false,
    bad: 3,
  },
  3: {
    kinds: ['cabinet-door', 'drawer-front', 'casing'],
    substrates: ['oak', 'laminate', 'softwood'],
    yearBuilt: [1958, 1984],
    isOutside: false,
    bad: 4,
  },
  4: {
    kinds: ['panelled-shutter', 'panelled-door', 'flush-door'],
    substrates: ['softwood', 'oak'],
    yearBuilt: [1935, 1970],
    isOutside: true,
    bad: 4,
  },
  5: {
    kinds: ['panelled-shutter', 'panelled-door', 'railing'],
    substrates: ['softwood', 'oak', 'metal'],
    yearBuilt: [1910, 1950],
    isOutside: true,
    bad: 6,
  },
};

/** Old coats that one comes across on pieces like these. */
const OLD_COATS = KNOWN_COAT_IDS.filter((id) => id !== 'bare' && id !== 'factory-primed');

/** Tests that are asked: a colour is no result by itself. */
const askedTests = (job: Job, groupId: string): FoundId[] =>
  testsOn(job, groupId)
    .map(({ found }) => found)
    .filter((found) => found !== 'old-colour');

/** What a test shows: mostly the plain result, and bad news as often as the level has it. */
function shown(found: FoundId, bad: number, random: Random): string {
  if (found === 'old-coat') return drawnFrom(random, OLD_COATS) ?? 'oil-gloss';
  const [plain, ...worse] = Object.keys(FOUND[found].results);
  // Damp wood is not painted at all: it is left to dry, which is no choice of coats.
  const isBad = found !== 'moisture' && random() * 10 < bad;
  return (isBad ? drawnFrom(random, worse) : plain) ?? plain ?? '';
}

function draw(level: Level, random: Random, settings: PracticeSettings): CoatsTask | null {
  const { kinds, substrates, yearBuilt, isOutside } = COATS_LEVELS[level];
  const made = practiceJob({
    settings,
    air: steadyAir(19, 55),
    skill: 'steady',
    yearBuilt: drawn(random, yearBuilt),
  });
  const kind = drawn(random, kinds);
  const usual = usualPiece(kind, 'room-1');
  const piece: StatedPiece = {
    ...usual,
    surface: { substrate: drawn(random, substrates), existing: 'unknown', condition: 'sound' },
    // One side, so that one build-up is all that is chosen.
    scope: { faces: ['front'], edges: isOutside ? [] : usual.scope.edges },
    exposure: { front: isOutside ? 'outside' : 'inside', back: 'inside' },
  };
  made.tell('add-pieces', { ids: ['piece'], kind, piece });
  const groupId = made.job.groups[0]?.id ?? '';
  return withTruth(made.job, groupId, COATS_LEVELS[level].bad, random);
}

/** From the open job: one of its groups, as if nothing of it were tested or chosen. */
function drawFrom(job: Job, _now: string, random: Random): CoatsTask | null {
  for (const group of shuffled(random, job.groups)) {
    const piece = job.pieces.find(({ groupId, scope }) => groupId === group.id && scope.faces.length > 0);
    if (!piece) continue;
    const [face = 'front'] = piece.scope.faces;
    const alone = {
      ...piece,
      scope: { ...piece.scope, faces: [face] },
      surface: { ...piece.surface, existing: 'unknown' as const, condition: 'sound' as const },
    };
    const untested: Job = {
      ...job,
      pieces: [alone],
      findings: [],
      patches: [],
      log: [],
      groups: job.groups.map((each) => ({
        ...each,
        buildUp: null,
        schools: { keying: null, priming: null, tools: null },
      })),
    };
    return withTruth(untested, group.id, 4, random);
  }
  return null;
}

/** A task with a truth behind it, and the cheapest safe way; null where there is none, or a first guess does as well. */
function withTruth(job: Job, groupId: string, bad: number, random: Random): CoatsTask | null {
  const asked = askedTests(job, groupId);
  const truth = Object.fromEntries(asked.map((found) => [found, shown(found, bad, random)]));
  const task: CoatsTask = {
    job,
    groupId,
    truth,
    best: { tests: [], buildUp: { ...NOTHING }, name: '', minutes: Infinity },
  };
  const known = surfaceKnown(task);
  let best = task.best;
  for (const { candidate } of offerFor(known, groupIn(task)).permitted) {
    if (candidate.verdict.level !== 'permitted') continue;
    const work = minutesOf(task, candidate.buildUp, []);
    if (work >= best.minutes) continue;
    const tests = hangsOn(task, candidate.buildUp).map(({ test }) => test);
    const minutes = minutesOf(task, candidate.buildUp, tests);
    if (minutes < best.minutes) best = { tests, buildUp: candidate.buildUp, name: candidate.name, minutes };
  }
  if (best.minutes === Infinity) return null;
  const made = { ...task, best };
  // What the exercise does not ask may be done otherwise than in the candidate: then no answer would be as good.
  if (judge(made, bestAnswer(made)).score < FULL_MARKS) return null;
  return judge(made, firstGuess(made)).score === FULL_MARKS ? null : made;
}

const NOTHING = {
  cleaning: [],
  key: 'none',
  fillers: [],
  grainFill: null,
  preservative: null,
  coats: [],
  faceCoats: {},
} as const satisfies CoatsTask['best']['buildUp'];

/** Without a test: a wash, a good sanding, whatever primer is at hand and two coats. */
function firstGuess({ job }: CoatsTask): CoatsAnswer {
  const { coatings } = shelfOf(job);
  const isOutside = job.pieces.some(({ exposure }) => exposure.front === 'outside');
  const suits = coatings.filter(
    ({ exposure, sprayOnly }) => !sprayOnly && exposure !== (isOutside ? 'inside' : 'outside'),
  );
  const [primer, topcoat] = [suits.find(({ role }) => role === 'primer'), suits.find(({ role }) => role === 'topcoat')];
  return {
    tests: [],
    cleaning: [{ product: 'no-rinse-wash', rinsed: false }],
    key: 'abrade',
    coats: [...(primer ? [usualCoat(primer)] : []), ...(topcoat ? [usualCoat(topcoat), usualCoat(topcoat)] : [])],
  };
}

const bestAnswer = ({ best: { tests, buildUp } }: CoatsTask): CoatsAnswer => ({
  tests,
  cleaning: buildUp.cleaning,
  key: buildUp.key,
  coats: buildUp.coats,
});

function anyAnswer(task: CoatsTask, random: Random): CoatsAnswer {
  const { coatings, cleaners } = shelfOf(task.job);
  const cleaner = drawnFrom(random, cleaners);
  const primer = drawnFrom(
    random,
    coatings.filter(({ role }) => role === 'primer'),
  );
  const topcoat = drawnFrom(
    random,
    coatings.filter(({ role }) => role === 'topcoat'),
  );
  const count = wholeBetween(random, 1, 3);
  return {
    tests: testsIn(task).filter(() => random() < 0.5),
    cleaning: cleaner ? [{ product: cleaner.id, rinsed: random() < 0.5 }] : [],
    key: drawn(random, KEYS),
    coats: [
      ...(primer && random() < 0.7 ? [usualCoat(primer)] : []),
      ...(topcoat ? Array.from({ length: count }, () => usualCoat(topcoat)) : []),
    ],
  };
}

/** More work than this, against the best, costs marks. */
const MORE_WORK = 1.1;

const reasonsOf = (rule: Rule): string[] => [rule.reason, rule.fixText];

/** What is told of tests: those that the answer hangs on and that were not made, and those that were made for nothing. */
function testPoints(
  task: CoatsTask,
  answer: CoatsAnswer,
  { needed, holds }: { needed: ReturnType<typeof hangsOn>; holds: boolean },
): Point[] {
  const made = new Set(answer.tests);
  const guessed = needed.filter(({ test }) => !made.has(test));
  const inVain = answer.tests.filter((test) => !needed.some((each) => each.test === test));
  return [
    ...guessed.map(({ test, result }): Point => ({
      isRight: false,
      mistake: 'not-tested',
      words: `${FOUND[test].name}: guessed${holds ? ', and lucky' : ''}. If it’s ${inSentence(resultInWords(test, result))}, these coats fail.`,
      why: [`${SURFACE_TESTS[test].name}: ${SURFACE_TESTS[test].minutes} min.`],
    })),
    ...needed
      .filter(({ test }) => made.has(test))
      .map(({ test }): Point => ({
        isRight: true,
        mistake: 'not-tested',
        words: `${FOUND[test].name}: tested, ${inSentence(resultInWords(test, task.truth[test] ?? ''))}.`,
        why: ['Your coats hang on it.'],
      })),
    ...inVain.map((test): Point => ({
      isRight: false,
      mistake: 'tested-in-vain',
      words: `${FOUND[test].name}: tested for nothing. ${holds ? 'Your coats hold whatever it shows' : 'It changes nothing about these coats'}.`,
      why: [`${SURFACE_TESTS[test].minutes} min.`],
    })),
  ];
}

function judge(task: CoatsTask, answer: CoatsAnswer): Judgement {
  const group = groupIn(task);
  const buildUp = buildUpIn(task, answer);
  // What could hurt is judged by what was known when it was chosen, luck or not.
  const dangers = brokenIn(judgeBuildUp(tested(task, answer.tests), group, buildUp), 'forbidden').filter(
    ({ rule }) => rule.source === 'safety',
  );
  const truly = judgeBuildUp(surfaceKnown(task), group, buildUp);
  const isCoated = answer.coats.length > 0;
  const fails = brokenIn(truly, 'forbidden').filter(({ rule }) => rule.source !== 'safety');
  const risks = brokenIn(truly, 'risk');
  const holds = fails.length === 0 && isCoated;
  const tests = testPoints(task, answer, { needed: hangsOn(task, buildUp), holds });
  const minutes = minutesOf(task, buildUp, answer.tests);
  const more = minutes / task.best.minutes;
  const guessed = tests.filter(({ isRight, mistake }) => !isRight && mistake === 'not-tested').length;
  const inVain = tests.filter(({ mistake }) => mistake === 'tested-in-vain').length;
  const lost = 20 * risks.length + 15 * guessed + 5 * inVain + Math.min(25, Math.max(0, more - MORE_WORK) * 50);
  const points: Point[] = [
    ...dangers.map(({ rule }): Point => ({
      isRight: false,
      mistake: 'hazard',
      words: `${rule.name}.`,
      why: reasonsOf(rule),
    })),
    ...(dangers.length === 0
      ? [{ isRight: true, mistake: 'hazard', words: 'Nothing here could hurt you.', why: [] } satisfies Point]
      : []),
    ...(isCoated ? [] : [{ isRight: false, mistake: 'wont-hold', words: 'No coat chosen.', why: [] } satisfies Point]),
    ...[...fails, ...risks].map(({ rule }): Point => ({
      isRight: false,
      mistake: 'wont-hold',
      words: `${rule.name}: ${rule.severity === 'forbidden' ? 'it fails' : 'it may fail'}.`,
      why: reasonsOf(rule),
    })),
    ...(holds && risks.length === 0
      ? [{ isRight: true, mistake: 'wont-hold', words: 'These coats hold.', why: [] } satisfies Point]
      : []),
    ...tests,
    {
      isRight: !holds || more <= MORE_WORK,
      mistake: 'costs-more',
      words: `Tests and work: ${formatDuration(Math.round(minutes))}. The cheapest safe way: ${formatDuration(Math.round(task.best.minutes))}.`,
      why: [task.best.name],
    },
  ];
  const score = holds ? FULL_MARKS - lost : Math.max(5, 35 - 10 * fails.length);
  return {
    score: dangers.length > 0 ? 0 : marks(score),
    dangers: dangers.flatMap(({ rule }) => reasonsOf(rule)),
    points,
    best: [
      task.best.tests.length === 0
        ? 'No test needed.'
        : `Test: ${task.best.tests.map((test) => FOUND[test].name.toLowerCase()).join(', ')}.`,
      `${task.best.name}.`,
    ],
  };
}

/** A surface not tested yet: which tests, and then which coats. */
export const COATS: Exercise<CoatsTask, CoatsAnswer> = {
  name: 'What would you put on it?',
  asks: 'Choose your tests, then cleaner, key and coats.',
  stage: 'build-up',
  levels: {
    1: 'A door in a new house',
    2: 'Doors and cupboards, perhaps lead',
    3: 'Oak, laminate, kitchen grease',
    4: 'Outside, in an old house',
    5: 'Outside, neglected, very old',
  },
  mistakes: ['hazard', 'wont-hold', 'not-tested', 'tested-in-vain', 'costs-more'],
  draw,
  drawFrom,
  firstGuess,
  anyAnswer,
  best: bestAnswer,
  judge,
};
