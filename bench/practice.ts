import { EXERCISE_IDS, type ExerciseId } from '../core/practising/exercise-ids.ts';
import { FULL_MARKS, LEVELS, type Exercise, type PracticeSettings } from '../core/practising/exercise.ts';
import { madeTask } from '../core/practising/making.ts';
import { exerciseOf } from '../core/practising/registry.ts';
import { seededRandom } from '../core/units/seeded-random.ts';
import { load } from './load.ts';
import { LEARNERS } from './practice-learners.ts';

/** Whether generated exercises can be solved, are no trivial ones, are judged at once, and get harder with their level. */
const SETTINGS: PracticeSettings = { units: 'metric', vocabulary: 'uk', currency: 'EUR' };
const COUNT = load(1000, 5);

function measure(id: ExerciseId, exercise: Exercise): void {
  const learner = LEARNERS[id] as (task: unknown, best: unknown, random: () => number) => unknown;
  const learnt = new Map(LEVELS.map((level) => [level, { sum: 0, count: 0 }]));
  let [solved, guessed, lucky] = [0, 0, 0];
  const making: number[] = [];
  const judging: number[] = [];
  for (let seed = 0; seed < COUNT; seed++) {
    const level = LEVELS[seed % LEVELS.length] ?? 1;
    const begun = performance.now();
    const task = madeTask(exercise, level, seed, SETTINGS);
    making.push(performance.now() - begun);
    const best = exercise.best(task);
    if (exercise.judge(task, best).score === FULL_MARKS) solved++;
    const random = seededRandom(seed);
    const own = learner(task, best, random);
    // As on the screen: the worker that made the task judges it, and this answer was never judged before.
    const asked = performance.now();
    const { score } = exercise.judge(task, own);
    judging.push(performance.now() - asked);
    if (exercise.judge(task, exercise.firstGuess(task)).score === FULL_MARKS) guessed++;
    if (exercise.judge(task, exercise.anyAnswer(task, random)).score === FULL_MARKS) lucky++;
    const known = learnt.get(level);
    if (known) {
      known.sum += score;
      known.count++;
    }
  }
  const most = (all: readonly number[]): string => Math.max(...all).toFixed(0);
  const usual = (all: readonly number[]): string =>
    (all.toSorted((one, other) => one - other)[Math.floor(all.length / 2)] ?? 0).toFixed(0);
  const byLevel = [...learnt.values()].map(({ sum, count }) => (sum / Math.max(1, count)).toFixed(0)).join(' ');
  console.log(
    `${exercise.name} ${COUNT} made in ${usual(making)} ms each, ${most(making)} at most; solved ${solved}, first guess right ${guessed}, any answer right ${lucky}; judged in ${usual(judging)} ms, ${most(judging)} at most; a learner gets ${byLevel} by level`,
  );
}

// `npm run bench:practice -- day touch` measures these alone.
const wanted = process.argv.slice(2).filter((argument) => !argument.startsWith('--'));
for (const id of EXERCISE_IDS) if (wanted.length === 0 || wanted.includes(id)) measure(id, exerciseOf(id));
