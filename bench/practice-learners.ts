import { DEFECTS } from '../core/checking/defects.ts';
import type { Random } from '../core/practising/drawing-lots.ts';
import type { AnswerOf, TaskOf } from '../core/practising/registry.ts';
import type { ExerciseId } from '../core/practising/exercise-ids.ts';
import { amountsIn, ESTIMATE, sizesIn } from '../core/practising/exercises/estimate.ts';
import { batchKindsIn } from '../core/practising/exercises/day-task.ts';
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
/** Parts that a learner puts elsewhere than in the best order, of all. */
const MISPLACED = 0.12;
/** A learner’s rule of thumb, once it has been set right on flush doors: litres and hours. */
const SET_RIGHT = { primer: 1.9, topcoat: 1.8, hours: 1.6 };

function misplaced(order: readonly string[], share: number, random: Random): string[] {
  const mixed = [...order];
  for (let move = 0; move < Math.max(1, Math.round(order.length * share)); move++) {
    const [part] = mixed.splice(Math.floor(random() * mixed.length), 1);
    if (part !== undefined) mixed.splice(Math.floor(random() * (mixed.length + 1)), 0, part);
  }
  return mixed;
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
  day: (task, best, random) => {
    // Keeps batches together and puts some of them elsewhere.
    const kindOf = new Map(batchKindsIn(task).flatMap(({ key, steps }) => steps.map(({ id }) => [id, key] as const)));
    const batches: string[][] = [];
    for (const id of best.batches.flat()) {
      const last = batches.at(-1);
      if (last && kindOf.get(last[0] ?? '') === kindOf.get(id)) last.push(id);
      else batches.push([id]);
    }
    const at = Math.floor(random() * (batches.length - 1));
    const [one, other] = [batches[at], batches[at + 1]];
    if (one && other && random() < 0.5) [batches[at], batches[at + 1]] = [other, one];
    return { batches };
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
