import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { SOURCES } from '../../../core/practising/attempt.ts';
import { COURSE } from '../../../core/practising/course.ts';
import { EXERCISE_IDS } from '../../../core/practising/exercise-ids.ts';
import { LEVELS } from '../../../core/practising/exercise.ts';
import { freeTask, jobTask, lessonTask, taskOfRoute, writtenTask } from './practice-task.ts';

test('a task comes back from its address, wherever it comes from', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...EXERCISE_IDS),
      fc.constantFrom(...LEVELS),
      fc.nat(99_999),
      fc.constantFrom(...SOURCES),
      (exercise, level, seed, source) => {
        const asked = { exercise, level, seed, source };
        assert.deepEqual(taskOfRoute({ view: exercise, task: writtenTask(asked) }), asked);
      },
    ),
  );
});

test('whatever stands in an address, it’s a task that can be made or none', () => {
  fc.assert(
    fc.property(fc.string(), fc.option(fc.constantFrom('touch', 'order', 'nothing'), { nil: null }), (task, view) => {
      const asked = taskOfRoute({ view, task });
      if (asked === null) return assert.ok(view === null || view === 'nothing');
      assert.ok(LEVELS.includes(asked.level) && Number.isInteger(asked.seed) && asked.seed >= 0);
    }),
  );
});

test('lessons, free tasks and those of a job lead to what they name', () => {
  const read = ({ view = null, task = null }: ReturnType<typeof freeTask>) => taskOfRoute({ view, task });
  for (const lesson of COURSE) {
    const { exercise, level, seed } = lesson;
    assert.deepEqual(read(lessonTask(lesson)), { exercise, level, seed, source: 'course' });
  }
  assert.equal(read(freeTask('day', 3))?.source, 'free');
  const own = jobTask('order', 'j', 'p', 7);
  assert.deepEqual([own.jobId, own.pieceId, read(own)?.source], ['j', 'p', 'job']);
});
