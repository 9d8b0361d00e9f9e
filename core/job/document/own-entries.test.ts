import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { applyCommand } from '../commands/apply.ts';
import { readShared, writeDayFile, writeStampsFile } from '../../exchange/day-file.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { ownEntries } from './own-entries.ts';
import type { LogEntry } from './log-schema.ts';
import type { Job } from './schema.ts';

const DEVICES = ['lead', 'helper'] as const;
const base = new TestJob().door('d').door('e').coated().job;
const PIECE = base.pieces[0]!.id;
const SCREWS = base.pieces[0]!.hardware.findIndex(({ count }) => count > 3);

/** What one device does: stamps, takes its own last stamp back, counts a screw, finds a defect. */
const doing = fc.record({
  who: fc.constantFrom(...DEVICES),
  what: fc.constantFrom('stamp', 'take-back', 'count', 'find', 'hand-back', 'hand-over'),
  minute: fc.integer({ min: 0, max: 59 }),
});

const must = (job: Job, ...given: Parameters<typeof applyCommand>): Job => {
  const [, name, args] = given;
  const outcome = applyCommand(job, name, args);
  assert.ok(outcome.ok, outcome.ok ? '' : outcome.message);
  return outcome.value.job;
};

test('whatever two devices do and in whatever order they exchange it, nothing is lost and nothing doubled', () => {
  fc.assert(
    fc.property(fc.array(doing, { minLength: 1, maxLength: 30 }), (doings) => {
      const jobs = { lead: base, helper: base };
      const own: Record<(typeof DEVICES)[number], Map<string, LogEntry>> = { lead: new Map(), helper: new Map() };
      let number = 0;
      let instant = 0;
      const now = (): string => new Date(Date.UTC(2027, 2, 1, 8, 0, instant++)).toISOString();
      for (const { who, what, minute } of doings) {
        const id = `${who}-${++number}`;
        const at = `2027-03-01T09:${String(minute).padStart(2, '0')}`;
        if (what === 'stamp') {
          const entry = { id, at, taskId: 'd/wash', event: 'done', by: null, minutes: 5, device: who } as const;
          jobs[who] = must(jobs[who], jobs[who], 'stamp', { entries: [entry] });
          own[who].set(id, entry);
        } else if (what === 'take-back') {
          const last = [...own[who].keys()].at(-1);
          if (last === undefined) continue;
          // As undo does: the stamp is gone from the log of its own device.
          jobs[who] = { ...jobs[who], log: jobs[who].log.filter((entry) => entry.id !== last) };
          own[who].delete(last);
        } else if (what === 'count') {
          const bagged = Math.min((jobs[who].pieces[0]?.hardware[SCREWS]?.bagged ?? 0) + 1, 4);
          jobs[who] = must(jobs[who], jobs[who], 'count-hardware', { id: PIECE, item: SCREWS, bagged });
        } else if (what === 'find') {
          const defect = {
            id,
            kind: 'grit',
            pieceId: PIECE,
            face: 'front',
            spot: null,
            at,
            by: null,
            note: '',
            photoIds: [],
            cause: null,
            rework: null,
            settled: null,
            device: who,
          } as const;
          jobs[who] = must(jobs[who], jobs[who], 'add-defect', { entry: { ...defect, photoIds: [] } });
        } else if (what === 'hand-back') {
          const other = who === 'lead' ? 'helper' : 'lead';
          const read = readShared(writeStampsFile(jobs[who], who, now()));
          assert.ok(read.ok && read.value.kind === 'stamps');
          const { entries } = read.value;
          jobs[other] = must(jobs[other], jobs[other], 'take-stamps', { entries });
          // Once more changes nothing, and says so.
          const again = applyCommand(jobs[other], 'take-stamps', { entries });
          assert.ok(!again.ok && /Already loaded/.test(again.message));
        } else {
          const read = readShared(writeDayFile(jobs.lead, 'lead', now()));
          assert.ok(read.ok && read.value.kind === 'day');
          jobs.helper = must(jobs.helper, jobs.helper, 'take-day', {
            job: read.value.job,
            device: 'helper',
            madeAt: read.value.madeAt,
          });
        }
      }
      // In the end both hand over what they have.
      for (const [who, other] of [
        ['lead', 'helper'],
        ['helper', 'lead'],
      ] as const) {
        jobs[other] = must(jobs[other], jobs[other], 'take-stamps', { entries: ownEntries(jobs[who], who, now()) });
      }
      const ids = (job: Job): string[] => job.log.map(({ id }) => id).sort();
      const expected = DEVICES.flatMap((who) => [...own[who].keys()]).sort();
      assert.deepEqual(ids(jobs.lead), expected);
      assert.deepEqual(ids(jobs.helper), expected);
      assert.deepEqual(jobs.lead.defects.map(({ id }) => id).sort(), jobs.helper.defects.map(({ id }) => id).sort());
      assert.equal(jobs.lead.pieces[0]?.hardware[SCREWS]?.bagged, jobs.helper.pieces[0]?.hardware[SCREWS]?.bagged);
    }),
    { numRuns: 150 },
  );
});

test('a file that was made before the last one is refused, and a damaged one changes nothing', () => {
  const entries = ownEntries(base, 'helper', '2027-03-01T10:00:00Z');
  const taken = must(base, base, 'take-stamps', { entries });
  const older = applyCommand(taken, 'take-stamps', { entries: { ...entries, madeAt: '2027-03-01T09:00:00Z' } });
  assert.ok(!older.ok);
  const text = writeStampsFile(base, 'helper', '2027-03-01T10:00:00Z');
  for (const broken of [
    text.slice(0, 90),
    '{"format":"nivel.job/8"}',
    text.replace('"log":[]', '"log":[{"id":7}]'),
    'stamps',
  ]) {
    const read = readShared(broken);
    assert.ok(!read.ok && read.message.length > 20, broken.slice(0, 40));
  }
});

test('photos of a device’s defects come along, once, with the pictures that they name and no others', () => {
  const photo = { id: 'p1', caption: 'Run', width: 4, height: 3, spots: [] };
  const withPhoto = must(base, base, 'add-photo', { id: PIECE, photo });
  const defect = {
    id: 'found',
    kind: 'run',
    pieceId: PIECE,
    face: 'front',
    spot: null,
    at: '2027-03-01T09:00',
    by: null,
    note: '',
    photoIds: ['p1'],
    cause: null,
    rework: null,
    settled: null,
    device: 'helper',
  } as const;
  const there = must(withPhoto, withPhoto, 'add-defect', { entry: { ...defect, photoIds: ['p1'] } });
  const picture = 'data:image/jpeg;base64,AAAA';
  const file = (pictures: Record<string, string>): string =>
    writeStampsFile(there, 'helper', '2027-03-01T10:00:00Z', pictures);
  const read = readShared(file({ p1: picture, stray: picture }));
  assert.ok(read.ok && read.value.kind === 'stamps');
  assert.deepEqual(read.value.pictures, { p1: picture });
  const here = must(base, base, 'take-stamps', { entries: read.value.entries });
  assert.deepEqual(here.pieces[0]?.photos, [photo]);
  const later = { ...read.value.entries, madeAt: '2027-03-01T11:00:00Z' };
  assert.equal(must(here, here, 'take-stamps', { entries: later }).pieces[0]?.photos.length, 1);
  const script = readShared(file({ p1: 'data:text/html;base64,AAAA' }));
  assert.ok(!script.ok && /isn’t an image/.test(script.message));
});
