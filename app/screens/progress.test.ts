import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../core/fixtures/jobs.ts';
import { WorkedDays } from '../../core/fixtures/worked-days.ts';
import { strokes } from '../../core/fixtures/worked-job.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { PROGRESS } from './progress.ts';
import type { StageId } from './registry.ts';

const at = (stage: StageId, job: Job): [number, string] => {
  const { share, words } = PROGRESS[stage](job);
  return [Math.round(share * 100) / 100, words];
};
const stages = Object.keys(PROGRESS) as StageId[];

test('no share is below nought or above one, of a job without a piece as well', () => {
  for (const job of [new TestJob().job, new TestJob().door('d').job, new TestJob().door('d').coated().job]) {
    for (const stage of stages) {
      const { share, words } = PROGRESS[stage](job);
      assert.ok(share >= 0 && share <= 1 && words.length > 0, `${stage}: ${share}`);
    }
  }
});

test('a walk has begun with its first piece, and its pieces are counted', () => {
  assert.deepEqual(at('walk', new TestJob().job), [0, '0 pieces']);
  assert.deepEqual(at('walk', new TestJob().door('d').job), [1, '1 piece']);
});

test('build-ups and quantities go by pieces; what is in doubt is not done', () => {
  const made = new TestJob().door('a').door('b');
  assert.deepEqual(at('build-up', made.job), [0, '0 of 2 pieces have a build-up']);
  const chosen = new TestJob().door('a').door('b').coated();
  assert.deepEqual(at('build-up', chosen.job), [1, '2 of 2 pieces have a build-up']);
  assert.deepEqual(at('quantities', chosen.job), [1, '2 of 2 pieces counted']);
  const [group] = chosen.job.groups;
  chosen.tell('add-finding', {
    entry: {
      ...{ id: 'f', groupId: group!.id, found: 'soundness', result: 'lets-go', reading: null, hex: null },
      ...{ at: '2027-03-01T08:00', where: '', photoId: null, note: '' },
    },
  });
  assert.deepEqual(at('build-up', chosen.job), [0.7, '2 of 2 pieces have a build-up, 1 to check']);
});

test('questions are answered one by one', () => {
  const made = new TestJob().door('d');
  const [, none] = at('test', made.job);
  assert.match(none, /^0 of \d+ tests done$/);
  made.tell('add-finding', {
    entry: {
      ...{ id: 'f', groupId: made.job.groups[0]!.id, found: 'soundness', result: 'holds', reading: null, hex: null },
      ...{ at: '2027-03-01T08:00', where: '', photoId: null, note: '' },
    },
  });
  assert.match(at('test', made.job)[1], /^1 of \d+ tests done$/);
});

test('the air wants to know where, which weather, and a reading', () => {
  const made = new TestJob();
  assert.deepEqual(at('conditions', made.job), [0, 'still needed: location, weather, a reading']);
  made.tell('change-site', { latitude: 51.2, longitude: 7 });
  assert.deepEqual(at('conditions', made.job), [0.33, 'still needed: weather, a reading']);
});

test('strokes that are chosen for a kind of piece count once', () => {
  const made = new TestJob().door('a').door('b').coated().tell('choose-strokes', strokes);
  made.tell('choose-strokes', { ...strokes, product: 'prime-bond-wb' });
  assert.deepEqual(at('sequence', made.job), [1, 'set for 1 of 1 kinds, default for the rest']);
});

test('a plan is none, accepted, or out of date', () => {
  const days = new WorkedDays();
  assert.deepEqual(at('plan', days.job), [0, 'no plan yet']);
  days.planned('2027-03-01T07:00');
  assert.deepEqual(at('plan', days.job), [1, 'plan accepted']);
  days.tell('change-pieces', { ids: ['d'], facts: { comesOff: false } });
  assert.deepEqual(at('plan', days.job), [0.6, 'job changed since the plan']);
});

test('steps that are stamped are done, and a piece that is rehung is hung', () => {
  const days = new WorkedDays().doneAll(['take-off', 'wash'], '2027-03-01T08:00');
  const [share, words] = at('today', days.job);
  const all = Number(/of (\d+) steps/.exec(words)![1]);
  assert.equal(share, Math.round((2 / all) * 100) / 100);
  assert.deepEqual(at('hang', days.job), [0, '0 of 1 pieces hung']);
  assert.deepEqual(at('hang', days.done('rehang', '2027-03-09T08:00').job), [1, '1 of 1 pieces hung']);
});

test('faces are inspected; an open defect keeps a check from being done', () => {
  const days = new WorkedDays();
  assert.match(at('check', days.job)[1], /^0 of \d+ faces inspected, 0 defects open$/);
  days.tell('add-defect', {
    entry: {
      ...({ id: 'r', kind: 'run', pieceId: 'd', face: 'front', spot: null, at: '2027-03-03T10:00' } as const),
      ...{ by: null, note: '', photoIds: [], cause: null, rework: null, settled: null },
    },
  });
  assert.match(at('check', days.job)[1], /1 defect open$/);
});

test('rooms are signed off, and then the job is handed over', () => {
  const made = new TestJob().door('d');
  assert.deepEqual(at('handover', made.job), [0, '0 of 1 rooms signed off']);
  made.tell('sign-off', { signOff: { roomId: 'room-1', at: '2027-03-05T12:00', by: 'Owner', remark: '' } });
  assert.deepEqual(at('handover', made.job), [0.9, '1 of 1 rooms signed off']);
  made.tell('change-hand-over', { at: '2027-03-10T12:00' });
  assert.deepEqual(at('handover', made.job), [1, 'handed over']);
});
