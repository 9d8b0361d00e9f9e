import { CAUSES, type CauseId } from '../../checking/causes/registry.ts';
import { DEFECTS } from '../../checking/defects.ts';
import { DEFECT_IDS, type DefectId } from '../../job/document/defect-schema.ts';
import type { BuildUp } from '../../job/document/group-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { localTime, minutesSince } from '../../job/site-time.ts';
import { shelfOf } from '../../job/queries/shelf.ts';
import { ruleOf } from '../../build-up/rules/registry.ts';
import type { PieceKind } from '../../pieces/registry.ts';
import type { DryingStage } from '../../shelf/coating.ts';
import { formatDuration } from '../../units/measures.ts';
import { formatMoment } from '../../units/moments.ts';
import { capital, inSentence } from '../../units/sentence.ts';
import { drawn, drawnFrom, shuffled, wholeBetween, type Random } from '../drawing-lots.ts';
import { marks, type Exercise, type Judgement, type Level, type Point, type PracticeSettings } from '../exercise.ts';
import { plainBuildUp } from '../plain-build-up.ts';
import { practiceJob } from '../practice-job.ts';
import { INCIDENT_IDS, INCIDENTS, NOTHING_HAPPENED, type Story } from './incidents.ts';
import {
  CARE_IDS,
  causesIn,
  evidenceIn,
  rankedIn,
  stepsIn,
  told,
  waitIn,
  WAITS,
  type WrongAnswer,
  type WrongTask,
} from './wrong-task.ts';

interface WrongLevel {
  kinds: readonly [PieceKind, ...PieceKind[]];
  yearBuilt: readonly [number, ...number[]];
  /** How many times as likely as the next one the true cause is, at least. */
  clear: number;
  /** Other things that happened as well, at most. */
  besides: number;
}

const WRONG_LEVELS: Readonly<Record<Level, WrongLevel>> = {
  1: { kinds: ['flush-door'], yearBuilt: [2005], clear: 2, besides: 0 },
  2: { kinds: ['flush-door', 'panelled-door'], yearBuilt: [2005], clear: 1.7, besides: 0 },
  3: { kinds: ['panelled-door', 'cabinet-door'], yearBuilt: [2005, 1962], clear: 1.5, besides: 1 },
  4: { kinds: ['panelled-door', 'panelled-shutter'], yearBuilt: [1962, 1938], clear: 1.3, besides: 2 },
  5: { kinds: ['panelled-door', 'panelled-shutter'], yearBuilt: [1938, 1912], clear: 1.15, besides: 3 },
};

/** How often a defect is kept whose likeliest cause, of all that one knows before looking, is also the true one. */
const OBVIOUS = 0.25;
/** Fixes to choose from. */
const REMEDIES = 4;
/** The second coat goes on from here on, at a slow hand’s pace. */
const USUAL_AIR = { warmest: 19, coldest: 14, humidityAtWarmest: 52, humidityAtColdest: 62 };

function draw(level: Level, random: Random, settings: PracticeSettings): WrongTask | null {
  const { kinds, yearBuilt } = WRONG_LEVELS[level];
  const made = practiceJob({
    settings,
    air: USUAL_AIR,
    skill: 'professional',
    yearBuilt: drawn(random, yearBuilt),
  });
  const kind = drawn(random, kinds);
  const surface = { substrate: drawn(random, ['softwood', 'oak'] as const), existing: 'oil-gloss', condition: 'sound' };
  const piece = usualPiece(kind, 'room-1', {
    surface: surface as ReturnType<typeof usualPiece>['surface'],
    comesOff: true,
  });
  made.tell('add-pieces', { ids: ['piece', 'beside'], kind, piece });
  return withDefect(made.job, WRONG_LEVELS[level], random);
}

/** From the open job: one of its pieces that comes off, in its own air, with a story that is made up. */
function drawFrom(job: Job, _now: string, random: Random): WrongTask | null {
  const piece = drawnFrom(
    random,
    job.pieces.filter(({ comesOff, scope }) => comesOff && scope.faces.includes('front')),
  );
  if (!piece) return null;
  const alone: Job = {
    ...job,
    pieces: [piece, { ...piece, id: 'beside', mark: `${piece.mark}b` }],
    ...{
      findings: [],
      patches: [],
      log: [],
      leftOut: [],
      readings: [],
      tins: [],
      defects: [],
      filmChecks: [],
      inspections: [],
    },
    ...{ plan: null, baseline: null, pins: [], signOffs: [], strokes: [], assumed: [], lifted: [] },
  };
  return withDefect(alone, WRONG_LEVELS[3], random);
}

/** A build-up that would do: washed, sanded, primed, two coats. */
function soundBuildUp(job: Job, random: Random): BuildUp | null {
  const coatings = shelfOf(job).coatings.filter(
    ({ sprayOnly, exposure, potLife }) => !sprayOnly && exposure !== 'outside' && potLife === null,
  );
  const primer = drawnFrom(
    random,
    coatings.filter(({ role, madeFor }) => role === 'primer' && madeFor.includes('glossy')),
  );
  const topcoat = drawnFrom(
    random,
    coatings.filter(({ role, madeFor }) => role === 'topcoat' && madeFor.includes('joinery')),
  );
  if (!primer || !topcoat) return null;
  return plainBuildUp([primer, topcoat, topcoat], 'abrade', { isWashed: true });
}

/** A story with a cause in it, and a defect of which that is clearly the likeliest; null where these lots make none. */
function withDefect(job: Job, { clear, besides }: WrongLevel, random: Random): WrongTask | null {
  const buildUp = soundBuildUp(job, random);
  const cause = drawnFrom(random, INCIDENT_IDS);
  if (!buildUp || !cause) return null;
  const others = shuffled(
    random,
    INCIDENT_IDS.filter((id) => id !== cause),
  ).slice(0, wholeBetween(random, 0, besides));
  // Nobody tests for lead here, so that what is done about it is the learner’s.
  const start: Story = { ...NOTHING_HAPPENED, untested: ['lead'] };
  const story = [...others, cause].reduce<Story>((each, id) => INCIDENTS[id]?.(each, random) ?? each, start);
  const { job: worked, now } = told(job, buildUp, story);
  const piece = worked.pieces[0];
  if (!piece) return null;
  for (const defect of shuffled(
    random,
    DEFECT_IDS.filter((id) => cause in DEFECTS[id].causes),
  )) {
    const remedies = shuffled(random, [defect, ...otherRemedies(defect, random)]);
    const task: WrongTask = { job: worked, pieceId: piece.id, face: 'front', defect, now, remedies };
    if (evidenceIn(task).coats.length === 0) return null;
    const [first, second] = rankedIn(task);
    if (first?.id !== cause || first.because === null) continue;
    if (second && first.likelihood < clear * second.likelihood) continue;
    if (guessedCause(task) === cause && random() > OBVIOUS) continue;
    return task;
  }
  return null;
}

/** Defects whose fixes are other ones. */
function otherRemedies(defect: DefectId, random: Random): DefectId[] {
  const chosen: DefectId[] = [];
  for (const id of shuffled(random, DEFECT_IDS)) {
    const words = [defect, ...chosen].map((each) => DEFECTS[each].remedy);
    if (chosen.length < REMEDIES - 1 && !words.includes(DEFECTS[id].remedy)) chosen.push(id);
  }
  return chosen;
}

/** What one would say without looking: the cause that is the most frequent. */
function guessedCause(task: Pick<WrongTask, 'defect'>): CauseId {
  const { causes } = DEFECTS[task.defect];
  const [first = 'edge-set', ...rest] = causesIn(task);
  return rest.reduce((most, id) => ((causes[id] ?? 0) > (causes[most] ?? 0) ? id : most), first);
}

/** Whether the old coat under it may hold lead. */
const mayHoldLead = (task: WrongTask): boolean =>
  evidenceIn(task).known.facts.lead === 'lead' && DEFECTS[task.defect].caution !== undefined;

/** When the coat has reached a stage, as a moment. */
function whenReached(task: WrongTask, stage: DryingStage): string {
  const at = waitIn(task, stage);
  if (at === null || at === Infinity) return 'not in this air';
  const { clocks } = stepsIn(task);
  return formatMoment(localTime(clocks.t0, Math.round(at), task.job.site.timeZone), 'dayTime');
}

/** What tells the chosen cause from the true one. */
function causeLines(task: WrongTask, chosen: CauseId): string[] {
  const ranked = rankedIn(task);
  const [first] = ranked;
  const own = ranked.find(({ id }) => id === chosen);
  return [
    `${first?.cause.name ?? ''}: ${first?.because ?? ''}.`,
    ...(chosen === first?.id
      ? []
      : own === undefined
        ? [`${CAUSES[chosen].name}: ruled out by the log.`]
        : [`${own.cause.name}: ${own.because ?? 'nothing in the log speaks for it'}.`]),
    ...ranked
      .slice(0, 4)
      .map(({ cause, likelihood }) => `${Math.round(likelihood * 100)}%: ${inSentence(cause.name)}.`),
  ];
}

/** Marks for the cause, the fix and its wait. */
const SHARES = { cause: 50, remedy: 25, wait: 25 } as const;
/** Waiting longer than needed harms nothing but the day. */
const WAITED = 15;

function judge(task: WrongTask, { cause, remedy, wait, care }: WrongAnswer): Judgement {
  const { defect, now, job } = task;
  const { remedy: fix, waits } = DEFECTS[defect];
  const [first, second] = rankedIn(task);
  const isCause = cause === first?.id;
  const isRemedy = DEFECTS[remedy].remedy === fix;
  const [chosen, right] = [waitIn(task, wait), waitIn(task, waits.for)];
  const isWait = wait === waits.for || chosen === right;
  const isLonger = !isWait && (chosen ?? 0) > (right ?? 0);
  const isDanger = care === 'dry' && mayHoldLead(task);
  const lead = ruleOf('lead-dry-abrasion');
  const early = formatDuration(Math.round(Math.abs((right ?? 0) - (chosen ?? 0))));
  const toGo = Math.round((right ?? 0) - minutesSince(stepsIn(task).clocks.t0, now, job.site.timeZone));
  const points: Point[] = [
    {
      isRight: isCause,
      mistake: 'wrong-cause',
      words: isCause
        ? `${first.cause.name}: ${first.because ?? ''}.`
        : `Not ${inSentence(CAUSES[cause].name)}. ${first?.cause.name ?? ''}: ${first?.because ?? ''}.`,
      why: causeLines(task, isCause ? (second?.id ?? cause) : cause),
    },
    {
      isRight: isRemedy,
      mistake: 'wrong-remedy',
      words: isRemedy ? fix : `That’s for ${DEFECTS[remedy].name.toLowerCase()}. Here: ${inSentence(fix)}`,
      why: [first ? `Next time: ${inSentence(first.cause.prevent)}` : ''],
    },
    {
      isRight: isWait,
      mistake: isLonger ? 'left-waiting' : 'fixed-early',
      words: isWait
        ? `Ready ${whenReached(task, waits.for)}${toGo > 0 ? `, ${formatDuration(toGo)} from now` : ', it can be done now'}.`
        : `${early} ${isLonger ? 'longer than needed' : 'too soon'}. Wait until ${whenReached(task, waits.for)}.`,
      why: [waits.because],
    },
    {
      isRight: !isDanger,
      mistake: 'hazard',
      words: isDanger ? 'You sanded dry into an old coat, not tested for lead.' : 'No dust from an untested old coat.',
      why: lead ? [lead.reason, lead.fixText] : [],
    },
  ];
  const score =
    (isCause ? SHARES.cause : 0) + (isRemedy ? SHARES.remedy : 0) + (isWait ? SHARES.wait : isLonger ? WAITED : 0);
  return {
    score: isDanger ? 0 : marks(score),
    dangers: isDanger && lead ? [lead.reason, lead.fixText] : [],
    points,
    best: [
      `${capital(first?.cause.name ?? '')}.`,
      fix,
      `Wait until ${whenReached(task, waits.for)}.`,
      ...(DEFECTS[defect].caution ? [DEFECTS[defect].caution] : []),
    ],
  };
}

/** A defect in raking light: its cause by the log, then the fix and its wait. */
export const WRONG: Exercise<WrongTask, WrongAnswer> = {
  name: 'What went wrong?',
  asks: 'Read the log. Pick the cause, the fix and when.',
  stage: 'check',
  levels: {
    1: 'One thing went wrong, in plain sight',
    2: 'One thing went wrong',
    3: 'Something else looks odd too',
    4: 'Old house, several things look odd',
    5: 'Causes that are hard to tell apart',
  },
  mistakes: ['wrong-cause', 'wrong-remedy', 'fixed-early', 'left-waiting', 'hazard'],
  draw,
  drawFrom,
  firstGuess: (task) => ({ cause: guessedCause(task), remedy: task.defect, wait: 'touch', care: 'dry' }),
  anyAnswer: (task, random) => ({
    cause: drawnFrom(random, causesIn(task)) ?? guessedCause(task),
    remedy: drawnFrom(random, task.remedies) ?? task.defect,
    wait: drawn(random, WAITS),
    care: drawn(random, CARE_IDS),
  }),
  best: (task) => ({
    cause: rankedIn(task)[0]?.id ?? guessedCause(task),
    remedy: task.defect,
    wait: DEFECTS[task.defect].waits.for,
    care: 'tested',
  }),
  judge,
};
