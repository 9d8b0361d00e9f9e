import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Attempt } from './attempt.ts';
import { attemptSchema, keptOf } from './attempt.ts';
import { biases, biasWords } from './bias.ts';
import { COURSE } from './course.ts';
import { EXERCISE_IDS } from './exercise-ids.ts';
import { lessonsDone, levelOf, nextToPractise, recurring } from './progress.ts';

let made = 0;
/** An attempt on a day of December, with facts of its own. */
const tried = (day: number, facts: Partial<Attempt> = {}): Attempt =>
  attemptSchema.parse({
    id: `a${++made}`,
    at: `2026-12-${String(day).padStart(2, '0')}T10:00:00Z`,
    exercise: 'order',
    level: 1,
    seed: 1,
    source: 'free',
    score: 90,
    isSafe: true,
    avoided: {},
    estimates: [],
    ...facts,
  });

test('two sure attempts in a row lead to the next level; an unsafe or a poor one in between does not count', () => {
  assert.equal(levelOf([], 'order'), 1);
  assert.equal(levelOf([tried(1)], 'order'), 1);
  assert.equal(levelOf([tried(2), tried(1)], 'order'), 2);
  assert.equal(levelOf([tried(2, { source: 'job' }), tried(1)], 'order'), 1);
  assert.equal(levelOf([tried(1), tried(2, { score: 40 }), tried(3)], 'order'), 1);
  assert.equal(levelOf([tried(1), tried(2, { isSafe: false })], 'order'), 1);
  assert.equal(levelOf([tried(1), tried(2), tried(3, { level: 2 }), tried(4, { level: 2 })], 'order'), 3);
  // Whoever begins higher goes on from there.
  assert.equal(levelOf([tried(1, { level: 4, score: 20 })], 'order'), 4);
  assert.equal(levelOf([tried(1), tried(2)], 'touch'), 1);
});

test('a mistake is due the next day, and the longer the more often it was avoided since; making it again starts over', () => {
  const lost = { 'lap-lost': false } as const;
  const avoided = { 'lap-lost': true } as const;
  const due = (attempts: Attempt[]): string | undefined => recurring(attempts)[0]?.due.slice(0, 10);
  assert.deepEqual(recurring([tried(1, { avoided })]), [], 'what was never made does not recur');
  assert.equal(due([tried(1, { avoided: lost })]), '2026-12-02');
  assert.equal(due([tried(1, { avoided: lost }), tried(2, { avoided })]), '2026-12-05');
  assert.equal(due([tried(1, { avoided: lost }), tried(2, { avoided }), tried(5, { avoided })]), '2026-12-12');
  assert.equal(due([tried(1, { avoided: lost }), tried(2, { avoided }), tried(5, { avoided: lost })]), '2026-12-06');
  const [one] = recurring([tried(1, { avoided: lost }), tried(2, { avoided })]);
  assert.deepEqual([one?.made, one?.judged, one?.avoided], [1, 2, 1]);
});

test('what is due is practised next, else the next lesson, else what was practised least', () => {
  const [lesson] = COURSE;
  assert.ok(lesson);
  const first = nextToPractise([], '2026-12-01T00:00:00Z');
  assert.deepEqual(first, { exercise: lesson.exercise, level: lesson.level, against: null, lesson });
  const early = tried(1, { exercise: 'touch', avoided: { 'touched-early': false } });
  assert.equal(nextToPractise([early], '2026-12-01T12:00:00Z').lesson, lesson);
  const later = nextToPractise([early], '2026-12-02T12:00:00Z');
  assert.deepEqual(later, { exercise: 'touch', level: 1, against: 'touched-early', lesson: null });
  const course = COURSE.map(({ exercise, level, seed }) => tried(1, { exercise, level, seed, source: 'course' }));
  const least = EXERCISE_IDS.find((id) => course.filter(({ exercise }) => exercise === id).length === 1);
  const free = nextToPractise(course, '2026-12-01T12:00:00Z');
  assert.deepEqual([free.exercise, free.lesson], [least, null]);
});

test('a lesson is done by a task of its own, the first one or another', () => {
  const [lesson] = COURSE;
  assert.ok(lesson);
  const { exercise, level, seed } = lesson;
  const done = (facts: Partial<Attempt>): boolean =>
    lessonsDone([tried(1, { exercise, level, seed, source: 'course', score: 75, ...facts })])[0]?.isDone ?? false;
  assert.ok(done({}));
  assert.ok(!done({ score: 40 }));
  assert.ok(!done({ source: 'free' }));
  assert.ok(done({ seed: seed + 1 }));
  const kinds = new Set(COURSE.map((each) => `${each.exercise} ${each.level}`));
  assert.equal(kinds.size, COURSE.length, 'no two lessons share exercise and level');
});

test('a bias is the geometric mean of what was said over what was right, and needs more than one estimate', () => {
  const said = (day: number, factor: number): Attempt =>
    tried(day, { exercise: 'estimate', estimates: [{ id: 'primer', said: factor * 2, right: 2 }] });
  assert.deepEqual(biases([said(1, 2)]), []);
  const [even] = biases([said(1, 2), said(2, 0.5)]);
  assert.ok(even && Math.abs(even.factor - 1) < 1e-9);
  const [over] = biases([said(1, 1.3), said(2, 1.3), said(3, 1.3)]);
  assert.ok(over);
  assert.equal(biasWords(over), 'You say 30% too much primer, over 3 estimates.');
  // Of an estimate of nothing nothing follows.
  assert.deepEqual(biases([said(1, 0), said(2, 0)]), []);
});

test('of a judgement each kind of mistake is kept once, as made where any point says so', () => {
  const kept = keptOf({
    score: 60,
    dangers: ['x'],
    best: [],
    points: [
      { isRight: true, mistake: 'wont-hold', words: '', why: [] },
      { isRight: false, mistake: 'not-tested', words: '', why: [] },
      { isRight: true, mistake: 'not-tested', words: '', why: [] },
    ],
  });
  assert.deepEqual(kept, {
    score: 60,
    isSafe: false,
    avoided: { 'wont-hold': true, 'not-tested': false },
    estimates: [],
  });
});
