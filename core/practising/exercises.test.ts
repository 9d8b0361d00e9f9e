import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { TestJob } from '../fixtures/jobs.ts';
import { seededRandom } from '../units/seeded-random.ts';
import { FULL_MARKS, LEVELS, type PracticeSettings } from './exercise.ts';
import { EXERCISE_IDS } from './exercise-ids.ts';
import { madeTask, taskFromJob } from './making.ts';
import { exerciseOf } from './registry.ts';

const SETTINGS: PracticeSettings = { units: 'metric', vocabulary: 'uk', currency: 'EUR' };
const anySeed = fc.integer({ min: 0, max: 100_000 });
const anyLevel = fc.constantFrom(...LEVELS);

for (const id of EXERCISE_IDS) {
  const exercise = exerciseOf(id);

  test(`${exercise.name}: every task can be solved, its best answer gets full marks, a first guess does not`, () => {
    fc.assert(
      fc.property(anyLevel, anySeed, (level, seed) => {
        const task = madeTask(exercise, level, seed, SETTINGS);
        const best = exercise.judge(task, exercise.best(task));
        assert.deepEqual([best.score, best.dangers], [FULL_MARKS, []], JSON.stringify(best.points, null, 1));
        assert.ok(best.points.length > 0 && best.best.length > 0);
        assert.ok(best.points.every(({ isRight }) => isRight));
        const guess = exercise.judge(task, exercise.firstGuess(task));
        assert.ok(guess.score < FULL_MARKS && guess.score >= 0, String(guess.score));
        assert.ok(guess.points.some(({ isRight }) => !isRight));
        for (const { mistake, words } of [...best.points, ...guess.points]) {
          assert.ok(exercise.mistakes.includes(mistake), mistake);
          assert.match(words, /^[^a-z].*[.]$/u);
          assert.doesNotMatch(words, /undefined|NaN|Infinity|\.\./u);
        }
      }),
      { numRuns: 8 },
    );
  });

  test(`${exercise.name}: the same seed makes the same task, and judging an answer twice says the same`, () => {
    fc.assert(
      fc.property(anyLevel, anySeed, (level, seed) => {
        const [one, other] = [madeTask(exercise, level, seed, SETTINGS), madeTask(exercise, level, seed, SETTINGS)];
        assert.equal(JSON.stringify(one), JSON.stringify(other));
        const answer = exercise.anyAnswer(one, seededRandom(seed));
        // A task and an answer are plain data: they cross to a worker and are kept.
        const crossed = JSON.parse(JSON.stringify(one)) as unknown;
        assert.deepEqual(exercise.judge(crossed, answer), exercise.judge(one, answer));
      }),
      { numRuns: 3 },
    );
  });

  test(`${exercise.name}: an answer without any thought hardly ever gets full marks`, () => {
    let full = 0;
    const tried = 12;
    for (let seed = 0; seed < tried; seed++) {
      const level = LEVELS[seed % LEVELS.length] ?? 1;
      const task = madeTask(exercise, level, seed, SETTINGS);
      const { score, dangers } = exercise.judge(task, exercise.anyAnswer(task, seededRandom(seed)));
      if (score === FULL_MARKS) full++;
      if (dangers.length > 0) assert.equal(score, 0, 'what could hurt gets no marks');
    }
    assert.ok(full <= tried / 6, `${full} of ${tried} get full marks`);
  });
}

const begun = new TestJob().door('a').door('b').door('c').coated().job;

for (const id of EXERCISE_IDS) {
  const exercise = exerciseOf(id);

  test(`${exercise.name}, from the open job: it can be solved, and is made of the job’s own pieces`, () => {
    let made = 0;
    for (let seed = 0; seed < 3; seed++) {
      const task = taskFromJob(exercise, begun, '2027-03-03T09:00', seed);
      if (task === null) continue;
      made++;
      assert.equal(exercise.judge(task, exercise.best(task)).score, FULL_MARKS);
      const { job } = task as { job: typeof begun };
      assert.ok(job.pieces.some((piece) => begun.pieces.some(({ mark }) => mark === piece.mark)));
    }
    assert.ok(made > 0, 'three doors are enough for a task');
  });
}
