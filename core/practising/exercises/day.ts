import type { DaySwing } from '../../air/climate.ts';
import type { Job } from '../../job/document/schema.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { localTime } from '../../job/site-time.ts';
import { shelfOf } from '../../job/queries/shelf.ts';
import type { PieceKind } from '../../pieces/registry.ts';
import { spaceNamed, taskPhrase } from '../../planning/reading/task-words.ts';
import { countedFinish } from '../../scheduling/aim.ts';
import type { Coating } from '../../shelf/coating.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { verifiedPlan } from '../../scheduling/verified-plan.ts';
import { formatDuration } from '../../units/measures.ts';
import { formatMoment } from '../../units/moments.ts';
import { counted } from '../../units/sentence.ts';
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
import { plainBuildUp } from '../plain-build-up.ts';
import { PRACTICE_DAY, practiceJob } from '../practice-job.ts';
import {
  batchKindsIn,
  bestDay,
  plannedDay,
  problemIn,
  workIn,
  type DayAnswer,
  type DayPlan,
  type DayTask,
} from './day-task.ts';

interface DayLevel {
  kinds: readonly [PieceKind, ...PieceKind[]];
  /** Enamels in use. */
  paints: 1 | 2;
  pieces: number;
  /** Rack spaces fewer than pieces. */
  short: number;
  painters: 1 | 2;
  /** Nights that the best plan may take before its last day, at most. */
  nights: 1 | 2;
  air: DaySwing;
}

const air = (warmest: number, coldest: number): DaySwing => ({
  warmest,
  coldest,
  humidityAtWarmest: 50,
  humidityAtColdest: 68,
});

const DAY_LEVELS: Readonly<Record<Level, DayLevel>> = {
  1: { kinds: ['cabinet-door'], paints: 1, pieces: 5, short: 1, painters: 1, nights: 1, air: air(21, 17) },
  2: {
    kinds: ['cabinet-door', 'drawer-front'],
    paints: 1,
    pieces: 6,
    short: 2,
    painters: 1,
    nights: 1,
    air: air(20, 15),
  },
  3: {
    kinds: ['cabinet-door', 'flush-door'],
    paints: 2,
    pieces: 6,
    short: 2,
    painters: 1,
    nights: 2,
    air: air(20, 13),
  },
  4: {
    kinds: ['panelled-door', 'panelled-shutter'],
    paints: 2,
    pieces: 7,
    short: 2,
    painters: 1,
    nights: 2,
    air: air(19, 12),
  },
  5: {
    kinds: ['panelled-door', 'panelled-shutter'],
    paints: 2,
    pieces: 8,
    short: 2,
    painters: 1,
    nights: 2,
    air: air(19, 11),
  },
};

/** The latest finish: in the early hours after the last day, in minutes from the first midnight. */
const latestFinish = (nights: number): number => (1 + nights) * 1440 + 7 * 60;

/** Steps of the search for the best plan. */
const STEPS = 12;

function draw(level: Level, random: Random, settings: PracticeSettings): DayTask | null {
  const { kinds, paints, pieces, short, painters, nights, air: swing } = DAY_LEVELS[level];
  const made = practiceJob({ settings, air: swing, skill: 'professional', painters });
  const first = wholeBetween(random, 1, pieces - 1);
  const chosen = shuffled(random, kinds).slice(0, 2);
  chosen.forEach((kind, index) => {
    const count = chosen.length === 1 ? pieces : index === 0 ? first : pieces - first;
    const ids = Array.from({ length: count }, (_unused, each) => `p${index}-${each}`);
    const surface = {
      substrate: index === 0 ? 'softwood' : 'mdf',
      existing: 'waterborne-sheen',
      condition: 'sound',
    } as const;
    const scope = { faces: ['front' as const], edges: [] };
    made.tell('add-pieces', { ids, kind, piece: usualPiece(kind, 'room-1', { surface, scope, comesOff: true }) });
  });
  made.tell('change-place', { id: 'rack', facts: { slots: pieces - short } });
  const enamels = shuffled(random, enamelsOn(made.job)).slice(0, paints);
  made.job.groups.forEach(({ id: groupId }, index) => {
    const enamel = enamels[index % enamels.length];
    if (!enamel) return;
    const buildUp = plainBuildUp([enamel, enamel], 'degloss', { isWashed: false });
    made.tell('choose-build-up', { groupId, buildUp, chosenFor: null });
  });
  return withBest(
    { job: notHung(made.job), now: `${PRACTICE_DAY}T0${drawn(random, [7, 7, 9] as const)}:00` },
    latestFinish(nights),
  );
}

const enamelsOn = (job: Job): Coating[] =>
  shelfOf(job).coatings.filter(
    ({ role, sprayOnly, madeFor, potLife, exposure }) =>
      role === 'topcoat' && !sprayOnly && potLife === null && exposure !== 'outside' && madeFor.includes('joinery'),
  );

/** The job up to its last coats: what is taken off is off, and is hung another day. */
const notHung = (job: Job): Job => ({
  ...job,
  leftOut: job.pieces.flatMap((piece) => {
    const steps = pieceSteps(job, piece);
    const last = steps.findLastIndex(isCoat);
    return steps
      .filter(({ operation }, index) => index > last || operation === 'take-off')
      .map(({ id }) => ({ taskId: id, at: `${job.planning.start}T07:00`, by: null, why: '' }));
  }),
});

/** Pieces of the open job that are planned at once, at most. */
const MOST_PIECES = 6;

/** From the open job: some pieces that come off and have coats, in the job’s own air. */
function drawFrom(job: Job, now: string, random: Random): DayTask | null {
  const coated = new Set(job.groups.flatMap(({ id, buildUp }) => (buildUp ? [id] : [])));
  const begun = new Set(job.log.map(({ taskId }) => taskId.split('/')[0]));
  const pieces = shuffled(
    random,
    job.pieces.filter(({ id, comesOff, groupId }) => comesOff && coated.has(groupId) && !begun.has(id)),
  ).slice(0, MOST_PIECES);
  if (pieces.length < 2) return null;
  const start = now.slice(0, 10);
  const small: Job = {
    ...job,
    pieces,
    planning: { ...job.planning, start, promised: null },
    ...{
      log: [],
      leftOut: [],
      defects: [],
      plan: null,
      baseline: null,
      pins: [],
      rooms: job.rooms.map((room) => ({ ...room, tasks: [] })),
    },
  };
  return withBest({ job: notHung(small), now: `${start}T07:00` }, Infinity);
}

/** A task whose best plan is known, and that a first guess does not plan as well; null otherwise. */
function withBest(bare: Pick<DayTask, 'job' | 'now'>, latest: number): DayTask | null {
  const { problem } = problemIn(bare);
  if (problem.tasks.length === 0) return null;
  const found = verifiedPlan(problem, { steps: STEPS });
  if (found.status === 'infeasible') return null;
  const work = new Set(workIn(bare));
  const order = found.tasks
    .filter(({ id }) => work.has(id))
    .toSorted((one, other) => one.start - other.start || one.end - other.end)
    .map(({ id }) => id);
  const count = countedFinish(problem);
  const isProved = found.status === 'optimal' || count(found.lowerBound) === count(found.finish);
  const task: DayTask = { ...bare, best: { order, isProved, bound: Math.ceil(found.lowerBound) } };
  const best = plannedDay(task, order);
  // What can’t be told as an order, such as a set-up in idle time, is no answer that could be given.
  if (best.cost.finish > latest) return null;
  if (best.stuck !== null || best.left.length > 0 || best.cost.counted > count(found.finish)) return null;
  return judge(task, firstGuess(task)).score === FULL_MARKS ? null : task;
}

/** One kind of work after the other, each on all pieces. */
function firstGuess(task: DayTask): DayAnswer {
  return { batches: batchKindsIn(task).map(({ steps }) => steps.map(({ id }) => id)) };
}

/** Kinds of work in any order that keeps each piece’s own. */
function anyAnswer(task: DayTask, random: Random): DayAnswer {
  const kinds = batchKindsIn(task);
  const open = new Map<string, string[]>();
  for (const { steps } of kinds) {
    for (const { id, piece } of steps) open.set(piece.id, [...(open.get(piece.id) ?? []), id]);
  }
  const batches: string[][] = [];
  while (open.size > 0) {
    const piece = drawnFrom(random, [...open.keys()]) ?? '';
    const [next, ...rest] = open.get(piece) ?? [];
    if (next !== undefined) batches.push([next]);
    if (rest.length > 0) open.set(piece, rest);
    else open.delete(piece);
  }
  return { batches };
}

/** Why a batch stops, in a sentence. */
export function stuckWords(task: Pick<DayTask, 'job' | 'now'>, { stuck }: Pick<DayPlan, 'stuck'>): string | null {
  if (stuck === null) return null;
  const { problem, steps } = problemIn(task);
  const what = taskPhrase(task.job, { steps }, stuck.taskId);
  const { refusal } = stuck;
  switch (refusal.kind) {
    case 'not-yet':
      return `${what}: something comes before it.`;
    case 'space': {
      const { name } = spaceNamed(task.job, problem.spaces[refusal.space]?.id ?? '');
      return `${what}: ${name.toLowerCase()} full.`;
    }
    case 'never-dry':
      return `${what}: too cold, it never dries.`;
    default:
      return `${what}: no hours for it.`;
  }
}

/** One set-up more than the best plan is as good; each further one costs marks. */
const SPARE_SETUPS = 1;

/** Finishing so many minutes after the best plan is as good; each so many more cost a mark. */
const [AS_SOON, MINUTES_A_MARK] = [20, 30];

const setUpPoint = (own: DayPlan, best: DayPlan, more: number): Point => ({
  isRight: more === 0,
  mistake: 'set-ups',
  words: `${counted(own.cost.setups, 'set-up')}. The best plan has ${best.cost.setups}.`,
  why: [
    `Getting out, mixing, walking and cleaning: ${formatDuration(Math.round(own.cost.trouble))}. The best plan: ${formatDuration(Math.round(best.cost.trouble))}.`,
  ],
});

function judge(task: DayTask, { batches }: DayAnswer): Judgement {
  const own = plannedDay(task, batches.flat());
  const best = bestDay(task);
  const { clocks, problem } = problemIn(task);
  const { timeZone } = task.job.site;
  const when = (tick: number): string => formatMoment(localTime(clocks.t0, tick, timeZone), 'dayTime');
  const isDone = own.left.length === 0;
  const isLate = own.cost.counted > best.cost.counted && own.cost.finish > best.cost.finish + AS_SOON;
  const late = isLate ? own.cost.finish - best.cost.finish : 0;
  const more = Math.max(0, own.cost.setups - best.cost.setups - SPARE_SETUPS);
  const stuck = stuckWords(task, own);
  const points: Point[] = [
    {
      isRight: isDone && late === 0,
      mistake: 'late-finish',
      words: isDone
        ? `You finish ${when(own.cost.finish)}. The best plan${task.best.isProved ? '' : ' found'}: ${when(best.cost.finish)}.`
        : `${counted(own.left.length, 'task')} left over. ${stuck ?? ''}`.trimEnd(),
      why: [
        ...waitLines(task, own),
        task.best.isProved ? 'No plan ends in an earlier half-day.' : `No plan ends before ${when(task.best.bound)}.`,
      ],
    },
    ...(isDone ? [setUpPoint(own, best, more)] : []),
  ];
  const share = 1 - own.left.length / Math.max(1, workIn(task).length);
  const score = !isDone
    ? 40 * share
    : late > 0
      ? Math.max(30, 75 - late / MINUTES_A_MARK)
      : FULL_MARKS - Math.min(25, 4 * more);
  return {
    score: marks(own.broken.length > 0 ? 0 : score),
    dangers: [],
    points,
    best: batchesOf(task, best, problem.tasks.length),
  };
}

/** The longest waits of a plan: where the painter stands idle in working hours until something has dried. */
function waitLines(task: DayTask, { plan }: DayPlan): string[] {
  const { problem, steps, clocks } = problemIn(task);
  const { timeZone } = task.job.site;
  const work = new Set(workIn(task));
  const done = plan.tasks.filter(({ id }) => work.has(id)).toSorted((one, other) => one.start - other.start);
  const [shifts] = problem.painters.map((painter) => painter.shifts);
  const idle = done.flatMap((next, index) => {
    const before = done[index - 1];
    if (!before || problem.painters.length > 1) return [];
    const worked = (shifts ?? []).reduce(
      (sum, [from, until]) => sum + Math.max(0, Math.min(until, next.start) - Math.max(from, before.end)),
      0,
    );
    return worked >= 20 ? [{ next, worked }] : [];
  });
  return idle
    .toSorted((one, other) => other.worked - one.worked)
    .slice(0, 3)
    .map(
      ({ next, worked }) =>
        `${formatDuration(worked)} idle before ${taskPhrase(task.job, { steps }, next.id)}, ${formatMoment(localTime(clocks.t0, next.start, timeZone), 'dayTime')}.`,
    );
}

/** The batches of a plan, in lines. */
function batchesOf(task: DayTask, { plan }: DayPlan, most: number): string[] {
  const { clocks } = problemIn(task);
  const kindOf = new Map(batchKindsIn(task).flatMap((kind) => kind.steps.map(({ id }) => [id, kind] as const)));
  const lines: { words: string; start: number; key: string; count: number }[] = [];
  for (const { id, start } of plan.tasks.toSorted((one, other) => one.start - other.start)) {
    const kind = kindOf.get(id);
    const last = lines.at(-1);
    if (!kind) continue;
    if (last?.key === kind.key) last.count++;
    else lines.push({ words: kind.words, start, key: kind.key, count: 1 });
  }
  return lines
    .slice(0, most)
    .map(
      ({ words, start, count }) =>
        `${formatMoment(localTime(clocks.t0, start, task.job.site.timeZone), 'dayTime')}: ${words} (${count}).`,
    );
}

/** A small job: batches in an order, on one rack, through one night. */
export const DAY: Exercise<DayTask, DayAnswer> = {
  name: 'Plan a day',
  asks: 'Put the batches in order. Wet paint and the rack decide when each can start.',
  stage: 'plan',
  levels: {
    1: 'Five cupboard doors, four rack spaces',
    2: 'Six pieces, four rack spaces, a cool night',
    3: 'Two paints',
    4: 'Doors and shutters, cold nights',
    5: 'Eight pieces, six rack spaces',
  },
  mistakes: ['late-finish', 'set-ups'],
  draw,
  drawFrom,
  firstGuess,
  anyAnswer,
  best: ({ best: { order } }) => ({ batches: order.map((id) => [id]) }),
  judge,
};
