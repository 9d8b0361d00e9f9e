import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { TestJob } from '../../../core/fixtures/jobs.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { Attempt } from '../../../core/practising/attempt.ts';
import { isArchive, openArchive } from './read-archive.ts';
import { writeArchive, type ToWrite } from './write-archive.ts';

const madeAt = '2027-03-01T17:00:00Z';
const job: Job = new TestJob().door('a').door('b').job;

/** A backup in memory. */
async function written(facts: Partial<ToWrite>): Promise<Blob> {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const blob = new Response(readable).blob();
  await writeArchive(writable, { madeAt, jobs: [job], pictures: [], unreadable: [], attempts: [], ...facts });
  return blob;
}

const picture = (id: string, bytes: Uint8Array<ArrayBuffer>, jobId = job.id) => ({
  jobId,
  id,
  read: () => Promise.resolve(new Blob([bytes], { type: 'image/jpeg' })),
});

test('whatever is backed up comes back as it was', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.uint8Array({ maxLength: 2000 }), { maxLength: 6 }), async (pictures) => {
      const file = await written({
        pictures: pictures.map((bytes, index) => picture(`p${index}`, new Uint8Array(bytes))),
        unreadable: [{ format: 'nivel.job/99' }],
      });
      assert.ok(await isArchive(file));
      const opened = await openArchive(file);
      assert.ok(opened.ok, opened.ok ? '' : opened.message);
      assert.deepEqual(opened.value.jobs, [job]);
      assert.equal(opened.value.contents.unreadable.length, 1);
      const read = await Promise.all(opened.value.pictures.map((each) => each.read()));
      assert.deepEqual(
        await Promise.all(read.map(async (each) => [...new Uint8Array(await each.arrayBuffer())])),
        pictures.map((bytes) => [...bytes]),
      );
    }),
    { numRuns: 12 },
  );
});

test('a backup that is cut off, spoilt or none of Nivel’s is refused with a reason; a spoilt photo is noticed', async () => {
  const bytes = new Uint8Array(3000).fill(7);
  const file = await written({ pictures: [picture('p', bytes)] });
  const whole = new Uint8Array(await file.arrayBuffer());
  for (const length of [10, 2000, whole.length - 30]) {
    const cut = await openArchive(new Blob([whole.slice(0, length)]));
    assert.ok(!cut.ok && /missing or damaged/.test(cut.message), String(length));
  }
  assert.ok(!(await isArchive(new Blob(['{"format":"nivel.job/8"}']))));
  const at = whole.findIndex((byte, index) => byte === 7 && whole[index + 1] === 7 && whole[index + 2] === 7);
  const spoilt = whole.slice();
  spoilt[at + 1] = 8;
  const opened = await openArchive(new Blob([spoilt]));
  assert.ok(opened.ok);
  await assert.rejects(opened.value.pictures[0]!.read());
});

test('a job in it that does not hold is named, and nothing of it is taken', async () => {
  const opened = await openArchive(await written({ jobs: [{ ...job, name: 'Attic', crew: [] }] }));
  assert.ok(!opened.ok);
  assert.match(opened.message, /^Attic: At crew/);
});

test('a picture that is gone is left out, and one of a job that is not in it', async () => {
  const file = await written({
    pictures: [
      { jobId: job.id, id: 'gone', read: () => Promise.resolve(null) },
      picture('other', new Uint8Array(3), 'nobody'),
    ],
  });
  const opened = await openArchive(file);
  assert.deepEqual(opened.ok && opened.value.pictures, []);
});

test('what the sink has no room for is told', async () => {
  const sink = new WritableStream<Uint8Array>({
    write: () => Promise.reject(new DOMException('no room', 'QuotaExceededError')),
  });
  await assert.rejects(
    writeArchive(sink, { madeAt, jobs: [job], pictures: [], unreadable: [], attempts: [] }),
    /no room/,
  );
});

const attempt: Attempt = {
  id: 'a',
  at: '2027-03-01T17:00:00Z',
  exercise: 'touch',
  level: 2,
  seed: 4,
  source: 'free',
  score: 80,
  isSafe: true,
  avoided: { 'touched-early': false },
  estimates: [],
};

test('what was practised comes back with the jobs; scores that are none are refused, and nothing is taken', async () => {
  const opened = await openArchive(await written({ attempts: [attempt] }));
  assert.deepEqual(opened.ok && opened.value.attempts, [attempt]);
  assert.deepEqual((await openArchive(await written({}))).ok, true, 'nothing practised, as in earlier versions');
  const bad = await openArchive(await written({ attempts: [{ ...attempt, score: 400 }] }));
  assert.ok(!bad.ok && /practice scores/.test(bad.message));
});
