import type { Painter } from '../../job/document/crew-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { dryingClimateId } from '../../job/queries/places.ts';
import { shelfOf } from '../../job/queries/shelf.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { definitionOf, type PieceKind } from '../../pieces/registry.ts';
import { edgeAccount } from '../../sequence/edge-account.ts';
import { lapFlag, orderWords } from '../../sequence/order-words.ts';
import { searchedOrder, type PassResult } from '../../sequence/simulated-pass.ts';
import type { Stroke } from '../../sequence/stroke.ts';
import { chosenOptions, usualStrokes } from '../../sequence/usual-options.ts';
import { CLOSE_FROM } from '../../sequence/wet-edge.ts';
import { passesOf, usualPass } from '../../steps/coat-passes.ts';
import { usualTool } from '../../build-up/fixing.ts';
import { counted } from '../../units/sentence.ts';
import { drawn, drawnFrom, shuffled, type Random } from '../drawing-lots.ts';
import {
  FULL_MARKS,
  marks,
  type Exercise,
  type Judgement,
  type Level,
  type Point,
  type PracticeSettings,
} from '../exercise.ts';
import { PRACTICE_DAY, practiceJob, steadyAir } from '../practice-job.ts';
import {
  paintedBest,
  byRows,
  paintedByMethod,
  paintedInOrder,
  passInputOf,
  wetEdgesOf,
  type OrderAnswer,
  type OrderTask,
} from './painted-order.ts';

/** What a level has: pieces, who paints, and what the best order uses of the open time, from least to most. */
interface OrderLevel {
  kinds: readonly [PieceKind, ...PieceKind[]];
  skill: Painter['skill'];
  painters: 1 | 2;
  share: readonly [number, number];
}

const ORDER_LEVELS: Readonly<Record<Level, OrderLevel>> = {
  1: { kinds: ['flush-door', 'panelled-shutter', 'loose-sash'], skill: 'steady', painters: 1, share: [0, 0.4] },
  2: { kinds: ['flush-door', 'carcass', 'casing'], skill: 'steady', painters: 1, share: [0.4, 0.6] },
  3: { kinds: ['panelled-door', 'casement-window'], skill: 'professional', painters: 1, share: [0.5, 0.65] },
  4: { kinds: ['glazed-door', 'sash-window'], skill: 'professional', painters: 1, share: [0.65, 0.8] },
  5: { kinds: ['louvred-shutter', 'glazed-door'], skill: 'steady', painters: 2, share: [0.8, 0.98] },
};

/** Rooms in which one paints, from the hottest, °C: the hottest in which the best order keeps to its level is taken. */
const [HOTTEST, COOLEST] = [32, 12];
/** % RH that such a room has at 18 °C; warmer air holds the same water and is drier. */
const HUMIDITY = 55;
const DRIER_PER_DEGREE = 1.6;
/** Steps of the search for the best order, a few tenths of a second. */
const STEPS = 12_000;
/** What an order may lag behind the best and still count as good. */
const AS_GOOD = 1.02;

const airAt = (temperature: number) =>
  steadyAir(temperature, Math.round(Math.max(30, HUMIDITY - (temperature - 18) * DRIER_PER_DEGREE)));

function draw(level: Level, random: Random, settings: PracticeSettings): OrderTask | null {
  const { kinds, skill, painters, share } = ORDER_LEVELS[level];
  const kind = drawn(random, kinds);
  const preset = drawnFrom(random, definitionOf(kind).presets);
  const facts = preset ? { shape: preset.shape as ReturnType<typeof usualPiece>['shape'] } : {};
  const made = practiceJob({ settings, air: airAt(18), skill, painters });
  made.tell('add-pieces', { ids: ['piece'], kind, piece: usualPiece(kind, 'room-1', { comesOff: false, ...facts }) });
  const paints = shelfOf(made.job).coatings.filter(
    ({ role, sprayOnly, exposure, potLife, madeFor }) =>
      role === 'topcoat' && !sprayOnly && exposure !== 'outside' && potLife === null && madeFor.includes('joinery'),
  );
  const coating = drawnFrom(random, paints);
  if (!coating) return null;
  const task: OrderTask = {
    job: made.job,
    pieceId: 'piece',
    faces: ['front'],
    product: coating.id,
    climateId: 'house',
    setting: { ...usualStrokes({ kind }, usualTool(coating)), painters, start: 9 * 60, isDamped: false },
    clocks: { date: PRACTICE_DAY, days: 2 },
    best: { order: [], isProved: false },
  };
  return withBest(hottest(searched(task), share));
}

/** A task with the best order of a search in it. */
function searched(task: OrderTask): OrderTask {
  const { order, isProved } = searchedOrder(passInputOf(task), task.setting, 'any-order', STEPS);
  return { ...task, best: { order, isProved } };
}

/** The same in the hottest room in which its best order uses no more of the open time than it may; null if too little. */
function hottest(task: OrderTask, [least, most]: OrderLevel['share']): OrderTask | null {
  for (let temperature = HOTTEST; temperature >= COOLEST; temperature--) {
    const usual = airAt(temperature);
    const climates = task.job.climates.map((climate) =>
      climate.id === task.climateId ? { ...climate, usual } : climate,
    );
    const tried = { ...task, job: { ...task.job, climates } };
    const best = wetEdgesOf(paintedBest(tried));
    if (best.lost === 0 && best.share <= most) return best.share >= least ? tried : null;
  }
  return null;
}

/** A task that can be done, and that a first guess does not do; null otherwise. */
function withBest(task: OrderTask | null): OrderTask | null {
  if (task === null || wetEdgesOf(paintedBest(task)).share === 0) return null;
  return judge(task, firstGuess(task)).score === FULL_MARKS ? null : task;
}

/** Pieces of the open job among which one is drawn: the next ones. */
const MOST_PIECES = 8;

/** From the open job: a piece that is not painted yet where there is one, in its own air. */
function drawFrom(job: Job, now: string, random: Random): OrderTask | null {
  const begun = new Set(job.log.map(({ taskId }) => taskId.split('/')[0]));
  const open = job.pieces.filter(({ id }) => !begun.has(id));
  for (const piece of shuffled(random, open.length > 0 ? open.slice(0, MOST_PIECES) : job.pieces)) {
    const pass = usualPass(passesOf(job, piece));
    if (!pass) continue;
    const task: OrderTask = {
      job,
      pieceId: piece.id,
      faces: pass.faces,
      product: pass.coating.id,
      climateId: dryingClimateId(job, piece, pass.faces),
      setting: {
        ...chosenOptions(job, piece, pass.coating.id, pass.tool),
        order: null,
        breaks: false,
        start: 10 * 60,
        isDamped: false,
      },
      clocks: { date: now.slice(0, 10), days: 2 },
      best: { order: [], isProved: false },
    };
    if (paintedByMethod(task).laps.length > 0) return searched(task);
  }
  return null;
}

/** Whether no lap shows that need not, and the oldest is fresh or about as young as can be. */
const isAsGood = ({ lost, share }: ReturnType<typeof wetEdgesOf>, task: OrderTask): boolean => {
  const best = wetEdgesOf(paintedBest(task));
  return lost <= best.lost && share <= AS_GOOD * Math.max(CLOSE_FROM, best.share);
};

const strokesIn = (task: OrderTask): readonly Stroke[] => paintedByMethod(task).pass.strokes;
const firstGuess = (task: OrderTask): OrderAnswer => ({ order: byRows(strokesIn(task)), waited: [] });

/** Parts that were painted before something that has to come before them, whatever the method. */
function reachedOver({ pass }: PassResult, order: readonly string[]): Stroke[] {
  const places = new Map(order.map((id, place) => [id, place]));
  const early = new Set(
    pass.stands.flatMap(([first, then]) => ((places.get(first) ?? 0) > (places.get(then) ?? 0) ? [then] : [])),
  );
  return pass.strokes.filter(({ id }) => early.has(id));
}

/** Marks: full as far as the edges stay as fresh as they can, 70 where none is lost, less for each that is. */
function edgeMarks(own: ReturnType<typeof wetEdgesOf>, task: OrderTask): number {
  if (isAsGood(own, task)) return FULL_MARKS;
  const best = wetEdgesOf(paintedBest(task));
  if (own.lost > best.lost) return Math.max(10, 65 - 8 * (own.lost - best.lost));
  const least = Math.min(1, Math.max(CLOSE_FROM, best.share));
  return 70 + (least === 1 ? 0 : (25 * (1 - Math.min(1, own.share))) / (1 - least));
}

function judge(task: OrderTask, answer: OrderAnswer): Judgement {
  const own = paintedInOrder(task, answer);
  const [method, best] = [paintedByMethod(task), paintedBest(task)];
  const [ownEdges, bestEdges] = [wetEdgesOf(own), wetEdgesOf(best)];
  const over = reachedOver(own, answer.order);
  const oldest = ({ worst }: PassResult): string => (worst ? `${worst.age.toFixed(1)} min` : 'none');
  const points: Point[] = [
    {
      isRight: ownEdges.lost <= bestEdges.lost,
      mistake: 'lap-lost',
      words: own.worst
        ? `${ownEdges.lost === 0 ? 'No lap will show' : `${counted(ownEdges.lost, 'lap')} will show`}. Oldest: ${own.worst.earlier.stroke.name} and ${own.worst.later.stroke.name}, ${lapFlag(own.worst)}.`
        : 'Nothing laps here.',
      why: edgeAccount(passInputOf(task), task.setting, own, task.job.settings.units),
    },
    {
      isRight: isAsGood(ownEdges, task),
      mistake: 'long-way',
      words: `Oldest lap: yours ${oldest(own)}, the method’s ${oldest(method)}, the best ${task.best.isProved ? 'there is' : 'found'} ${oldest(best)}.`,
      why: orderWords(method, best),
    },
    {
      isRight: over.length === 0,
      mistake: 'reached-over',
      words:
        over.length === 0
          ? 'Edges and faces came in their turn.'
          : `You reached over wet paint for ${counted(over.length, 'part')}, first for ${over[0]?.name ?? ''}.`,
      why: ['Edges, faces and far sides go in turn: between them you move, and a sleeve drags over what is wet.'],
    },
  ];
  return {
    score: marks(edgeMarks(ownEdges, task) - Math.min(30, 10 * over.length)),
    dangers: [],
    points,
    best: orderWords(own, best),
  };
}

/** Parts of a drawn piece in the order in which they are painted. */
export const ORDER: Exercise<OrderTask, OrderAnswer> = {
  name: 'Order a door',
  asks: 'Tap the parts in the order you’d paint them.',
  stage: 'sequence',
  levels: {
    1: 'Flush doors, shutters and sashes',
    2: 'Flush doors, carcasses and casings',
    3: 'Panelled doors and casements',
    4: 'Glazing bars, warm room',
    5: 'Louvres and glass, two painters',
  },
  mistakes: ['lap-lost', 'long-way', 'reached-over'],
  draw,
  drawFrom,
  firstGuess,
  anyAnswer: (task, random) => ({ order: shuffled(random, strokesIn(task)).map(({ id }) => id), waited: [] }),
  best: (task) => ({ order: paintedBest(task).strokes.map(({ stroke }) => stroke.id), waited: [] }),
  judge,
};
