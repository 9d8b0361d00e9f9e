import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { panelledDoor } from '../pieces/kinds/panelled-door.ts';
import { migrateJob } from '../job/document/migrations.ts';
import { JOB_FORMAT } from '../job/document/schema.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { readJobsFile } from './backup.ts';
import { jobFileName, readJobFile, writeJobFile } from './job-file.ts';

const { job } = new TestJob().door('a').coated();
const refusal = (text: string): string => {
  const read = readJobFile(text);
  assert.equal(read.ok, false);
  return read.ok ? '' : read.message;
};

/** A backup as the versions before zips wrote it. */
const earlierBackup = (held: { jobs: readonly unknown[]; pictures: object }): string =>
  JSON.stringify({ format: 'nivel.backup/2', ...held });

test('a job is read back as it was written', () => {
  const read = readJobFile(writeJobFile(job));
  assert.ok(read.ok);
  assert.deepEqual(read.value, job);
});

test('the demo jobs are files of the open format, with a plan that is theirs', () => {
  for (const name of ['linen-press', 'tern-street']) {
    const read = readJobFile(readFileSync(new URL(`../../demo/${name}.nivel.json`, import.meta.url), 'utf8'));
    assert.ok(read.ok, read.ok ? '' : read.message);
    assert.ok(read.value.plan);
  }
});

test('a truncated, a foreign, a newer and a deep file are refused each with its reason', () => {
  const text = writeJobFile(job);
  assert.match(refusal(text.slice(0, text.length / 2)), /Part of the file is missing\. Copy or download it again\./);
  assert.match(
    refusal('{"format":"something/1"}'),
    /Not a Nivel job: its format should read “nivel\.job\/11”\. Choose a file that Nivel saved\./,
  );
  assert.match(refusal('[1,2]'), /Not a Nivel job file\./);
  assert.match(
    refusal(text.replace(JOB_FORMAT, 'nivel.job/999')),
    /Saved by a newer Nivel \(format 999, this one reads 11\)\. Update, then import again\./,
  );
  assert.match(
    refusal(`${'['.repeat(100_000)}${']'.repeat(100_000)}`),
    /Not a Nivel job \(nested too deep\)\. Choose a file that Nivel saved\./,
  );
  assert.match(refusal(`"${'x'.repeat(50_000_000)}"`), /50 MB/);
  assert.match(refusal('{"format": nivel}'), /Not a JSON file\. Choose a \.nivel\.json file that Nivel saved\./);
});

test('a wrong value is named by its place', () => {
  const spoilt = structuredClone(job);
  spoilt.pieces[0]!.shape = { width: -5, height: 2040, thickness: 40 };
  assert.match(refusal(writeJobFile(spoilt)), /pieces › 0 › shape › width/);
});

test('a script in a name is kept as the text that it is, and what is not ours is dropped', () => {
  const name = '<img src=x onerror=alert(1)>';
  const read = readJobFile(JSON.stringify({ ...job, name, extra: { __proto__: { polluted: true } } }));
  assert.ok(read.ok);
  assert.equal(read.value.name, name);
  assert.equal('extra' in read.value, false);
  assert.equal('polluted' in {}, false);
  assert.equal(jobFileName(read.value), 'img-src-x-onerror-alert-1.nivel.json');
});

const pictures = { [job.id]: { p: 'data:image/png;base64,iVBORw0KGgo=' } };

test('a backup holds all jobs with their pictures, and one bad job keeps all of it out', () => {
  const read = readJobsFile(earlierBackup({ jobs: [job, { ...job, id: 'other' }], pictures }));
  assert.ok(read.ok && read.value.jobs.length === 2);
  assert.deepEqual(read.value.pictures, pictures);
  const bad = readJobsFile(earlierBackup({ jobs: [job, { ...job, crew: [] }], pictures }));
  assert.match(bad.ok ? '' : bad.message, /Job 2 of the backup: At crew/);
  const script = earlierBackup({ jobs: [job], pictures: { [job.id]: { p: 'data:text/html;base64,PHNjcmlwdD4=' } } });
  const refused = readJobsFile(script);
  assert.match(refused.ok ? '' : refused.message, /Photos of the backup: A picture isn’t an image\./);
  const old = readJobsFile(JSON.stringify({ format: 'nivel.backup/1', jobs: [job] }));
  assert.ok(old.ok && Object.keys(old.value.pictures).length === 0);
});

test('a job of the first format opens, with what has been added since as nobody stated it', () => {
  const first = readFileSync(new URL('../../cases/job-1.nivel.json', import.meta.url), 'utf8');
  const read = readJobFile(first);
  assert.ok(read.ok, read.ok ? '' : read.message);
  assert.deepEqual(
    read.value.pieces.map(({ mark }) => mark),
    ['C-01', 'C-02', 'F-01', 'F-02', 'F-03'],
  );
  assert.deepEqual(read.value.pieces[0]?.access, { who: '', closesAtNight: false, standIn: false, neededBy: null });
  assert.equal(read.value.site.yearBuilt, null);
  // A panelled door has said nothing of its moulding yet.
  const { pieces } = JSON.parse(first) as { pieces: Record<string, unknown>[] };
  const { profile: _profile, mouldingWidth: _width, mouldingDepth: _depth, ...shape } = panelledDoor.presets[0]!.shape;
  const door = { ...pieces[0], kind: 'panelled-door', mark: 'D-01', shape };
  const lifted = readJobFile(JSON.stringify({ ...JSON.parse(first), pieces: [door] }));
  assert.ok(lifted.ok, lifted.ok ? '' : lifted.message);
  assert.equal(lifted.value.pieces[0]?.shape.profile, 'ovolo');
  // What is no list stays for the schema to refuse.
  assert.equal(readJobFile(JSON.stringify({ ...JSON.parse(first), pieces: 'none' })).ok, false);
});

test('an old format is lifted step by step, and one without a step is refused', () => {
  const steps = { 1: (old: Record<string, unknown>) => ({ ...old, places: [old.bench] }) };
  const lifted = migrateJob({ format: 'nivel.job/1', bench: 'b' }, steps, 2);
  assert.ok(lifted.ok);
  assert.deepEqual(lifted.value, { format: 'nivel.job/2', bench: 'b', places: ['b'] });
  assert.equal(migrateJob({ format: 'nivel.job/1' }, {}, 2).ok, false);
});
