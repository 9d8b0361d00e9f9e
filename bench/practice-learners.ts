import { DEFECTS } from '../core/checking/defects.ts';
import type { Random } from '../core/practising/drawing-lots.ts';
import type { AnswerOf, TaskOf } from '../core/practising/registry.ts';
import type { ExerciseId } from '../core/practising/exercise-ids.ts';
import { amountsIn, ESTIMATE, sizesIn } from '../core/practising/exercises/estimate.ts';
import { batchKindsIn, plannedDay } from '../core/practising/exercises/day-task.ts';
import { racked, rightTouch } from '../core/practising/exercises/touch.ts';
import { causesIn, rankedIn, WAITS } from '../core/practising/exercises/wrong-task.ts';
import { minutesSince } from '../core/job/site-time.ts';
import { jobSteps } from '../core/steps/job-steps.ts';

/** A number around 0 with a spread of 1 (Box and Muller). */
const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** One of several, by weight. */
function byWeight<T>(random: Random, from: readonly T[], weight: (each: T) => number): T | undefined {
  let left = random() * from.reduce((sum, each) => sum + weight(each), 0);
  return from.find((each) => (left -= weight(each)) <= 0) ?? from.at(-1);
}

/** How far off a learner is who feels how dry a coat is: the spread of its drying time. */
const FEELS = 0.2;
/** Of ten decisions, how many a learner takes without looking. */
const CARELESS = 0.2;
/** How likely a learner takes a wrong part, for each that could be taken instead. */
const MISPLACED = 0.01;
/** Minutes of waiting for which a learner does not change tools. */
const SET_UP = 15;
/** A learner’s rule of thumb, once it has been set right on flush doors: litres and hours. */
const SET_RIGHT = { primer: 1.9, topcoat: 1.8, hours: 1.6 };

/** An order in which each part may have been mistaken for another, the likelier the more are left to choose from. */
function misplaced(order: readonly string[], share: number, random: Random): string[] {
  const slips = order.filter((_part, index) => random() < share * (order.length - index - 1));
  return slips.reduce(
    (mixed, part) => {
      const others = mixed.filter((id) => id !== part);
      return others.toSpliced(Math.floor(random() * (others.length + 1)), 0, part);
    },
    [...order],
  );
}

/** A simulated learner of each exercise, who knows the craft and slips as people do: the same slips at every level. */
export const LEARNERS: { [K in ExerciseId]: (task: TaskOf<K>, best: AnswerOf<K>, random: Random) => AnswerOf<K> } = {
  order: (_task, best, random) => ({ ...best, order: misplaced(best.order, MISPLACED, random) }),
  touch: (task, _best, random) => {
    const now = minutesSince(jobSteps(task.job, task.now).clocks.t0, task.now, task.job.site.timeZone);
    return Object.fromEntries(
      racked(task).map((drying) => {
        const felt = drying.since + (drying.opens - drying.since) * Math.exp(FEELS * normal(random));
        const state = drying.state === 'late' && random() > CARELESS ? 'late' : now >= felt ? 'ready' : 'tacky';
        return [drying.piece.id, rightTouch({ state, verb: drying.verb })];
      }),
    );
  },
  coats: (_task, best, random) => ({ ...best, tests: best.tests.filter(() => random() > CARELESS) }),
  wrong: (task, best, random) => {
    const { causes } = DEFECTS[task.defect];
    const known = new Map(rankedIn(task).map(({ id, likelihood }) => [id, likelihood]));
    return {
      ...best,
      // Weighs what the log says, and what one usually comes across.
      cause: byWeight(random, causesIn(task), (id) => (known.get(id) ?? 0) ** 2 * (causes[id] ?? 0.1)) ?? best.cause,
      wait: random() < CARELESS ? (WAITS[Math.floor(random() * WAITS.length)] ?? best.wait) : best.wait,
    };
  },
  day: (task, _best, random) => {
    // Does next whatever can be done first, and stays with one kind of work where that makes no difference.
    const kindOf = new Map(batchKindsIn(task).flatMap(({ key, steps }) => steps.map(({ id }) => [id, key] as const)));
    const open = new Map<string, string[]>();
    for (const { id, piece } of batchKindsIn(task).flatMap(({ steps }) => steps)) {
      open.set(piece.id, [...(open.get(piece.id) ?? []), id]);
    }
    const order: string[] = [];
    while (open.size > 0) {
      const last = kindOf.get(order.at(-1) ?? '');
      const tried = [...open].flatMap(([pieceId, [next]]) => {
        if (next === undefined) return [];
        const { plan } = plannedDay(task, [...order, next]);
        const start = plan.tasks.find(({ id }) => id === next)?.start ?? Infinity;
        return [{ pieceId, next, start: start + (kindOf.get(next) === last ? 0 : SET_UP) }];
      });
      const chosen =
        random() < CARELESS / order.length
          ? tried[Math.floor(random() * tried.length)]
          : tried.reduce((one, other) => (other.start < one.start ? other : one));
      if (!chosen) break;
      order.push(chosen.next);
      const rest = open.get(chosen.pieceId)?.slice(1) ?? [];
      if (rest.length > 0) open.set(chosen.pieceId, rest);
      else open.delete(chosen.pieceId);
    }
    return { batches: order.map((id) => [id]) };
  },
  estimate: (task) => {
    const { amounts, tins } = ESTIMATE.firstGuess(task);
    return {
      amounts: {
        primer: amounts.primer * SET_RIGHT.primer,
        topcoat: amounts.topcoat * SET_RIGHT.topcoat,
        hours: amounts.hours * SET_RIGHT.hours,
      },
      tins: amountsIn(task).topcoat > 0 ? tins : sizesIn(task).map(() => 0),
    };
  },
};
