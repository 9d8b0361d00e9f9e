import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { FindingStamp } from '../job/document/finding-schema.ts';
import type { StatedPiece } from '../job/document/piece-schema.ts';
import { FOUND, FOUND_IDS, type FoundId } from '../pieces/found.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { simulatedMoisture } from './moisture-meter.ts';
import { patchReading } from './patch-reading.ts';
import { openQuestions, knownSurface, testsOn } from './known-surface.ts';
import { moistureResult, SURFACE_TESTS } from './surface-tests.ts';

let stamps = 0;
const finding = (found: FoundId, result: string, more: Partial<FindingStamp> = {}): FindingStamp => ({
  id: `f${++stamps}`,
  groupId: 'group-1',
  found,
  result,
  reading: null,
  hex: null,
  at: '2027-03-01T08:00',
  where: 'D-01',
  photoId: null,
  note: '',
  ...more,
});
const door = (facts: Partial<StatedPiece> = {}): TestJob => new TestJob().door('d', facts);
const knownIn = (made: TestJob) => knownSurface(made.job, made.job.pieces[0]!);
const surface = (facts: Partial<StatedPiece['surface']>): Partial<StatedPiece> => ({
  surface: { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound', ...facts },
});

test('every question has a test with a procedure, and says what each result looks like and means', () => {
  for (const found of FOUND_IDS) {
    const { need, steps, shows, judgedAs } = SURFACE_TESTS[found];
    assert.ok(need.length > 0 && steps.length > 0, found);
    assert.deepEqual(Object.keys(shows).sort(), Object.keys(FOUND[found].results).sort());
    assert.ok(judgedAs === null || judgedAs in FOUND[found].results);
  }
});

test('old paint of unknown age is judged as lead, holding and clean, and all of that is told as unknown', () => {
  const { facts, unknown } = knownIn(door());
  assert.deepEqual([facts.lead, facts.soundness, facts.contamination], ['lead', 'holds', 'clean']);
  assert.deepEqual([...unknown].sort(), [
    'contamination',
    'edges',
    'lead',
    'old-coat',
    'old-colour',
    'soundness',
    'stains',
  ]);
  assert.deepEqual([...openQuestions(door().job, 'group-1')].sort(), [...unknown].sort());
});

test('a building after the ban needs no lead test, bare wood none of old paint, vinyl none of damp', () => {
  assert.equal(knownIn(door().tell('change-site', { yearBuilt: 2004 })).facts.lead, 'none');
  const bare = knownIn(door(surface({ existing: 'bare' })));
  assert.deepEqual([...bare.unknown].sort(), ['contamination', 'moisture', 'stains']);
  const plastic = knownIn(door(surface({ substrate: 'vinyl', existing: 'factory-finish' })));
  assert.deepEqual([...plastic.unknown].sort(), ['contamination', 'old-colour', 'soundness']);
});

test('what the walk saw counts without a test; a test overrules it; the last stamp counts', () => {
  const made = door(surface({ condition: 'flaking' }));
  assert.equal(knownIn(made).facts.soundness, 'lets-go');
  assert.ok(!knownIn(made).unknown.includes('soundness'));
  made.tell('add-finding', { entry: finding('soundness', 'holds') });
  assert.equal(knownIn(made).facts.soundness, 'holds');
  made.tell('add-finding', { entry: finding('soundness', 'chalks', { at: '2027-03-02T08:00' }) });
  assert.equal(knownIn(made).facts.soundness, 'chalks');
  made.tell('remove-finding', { id: made.job.findings.at(-1)!.id });
  assert.equal(knownIn(made).facts.soundness, 'holds');
});

test('which questions matter follows from the coat that was really found', () => {
  const made = door();
  assert.ok(testsOn(made.job, 'group-1').some(({ found }) => found === 'lead'));
  made.tell('add-finding', { entry: finding('old-coat', 'bare') });
  assert.deepEqual(
    testsOn(made.job, 'group-1').map(({ found }) => found),
    ['old-coat', 'contamination', 'moisture', 'stains'],
  );
  assert.equal(knownIn(made).facts.oldCoat, 'bare');
  assert.equal(knownIn(made).facts.lead, 'none');
});

test('a reading of 15% is dry, one above is damp', () => {
  assert.deepEqual([15, 15.1].map(moistureResult), ['dry', 'damp']);
});

test('the simulated meter shows the same twice, more outside, and more for hours after a wash', () => {
  const made = door();
  const [piece] = made.job.pieces;
  const read = (at: string): number => simulatedMoisture(made.job, piece!, at).highest;
  assert.equal(read('2027-03-01T08:00'), read('2027-03-05T08:00'));
  const outside = { ...piece!, exposure: { front: 'outside', back: 'outside' } } as const;
  assert.ok(simulatedMoisture(made.job, outside, '2027-03-01T08:00').highest > read('2027-03-01T08:00'));
  const before = read('2027-03-01T08:00');
  made.tell('stamp', {
    entries: [{ id: 's', at: '2027-03-01T09:00', taskId: 'd/wash', event: 'done', by: null, minutes: 5 }],
  });
  const after = (at: string): number => read(at) - before;
  assert.ok(after('2027-03-01T09:10') > 8 && after('2027-03-01T17:00') < 4 && after('2027-03-03T09:00') < 0.2);
});

test('a patch may be read when its last coat has come up to hanging, later in the cold', () => {
  const made = door();
  const coats = [{ product: 'prime-bond-wb', at: '2027-03-01T08:00' }];
  const patch = { id: 'p', groupId: 'group-1', where: 'D-01', key: 'none', coats, read: null, note: '' } as const;
  const warm = patchReading(made.job, { ...patch, coats });
  // 24 h on the tin, in a house that dries at about 0.7 to 0.85 of its speed.
  assert.ok(warm.readFrom! > '2027-03-02T08:00' && warm.readFrom! < '2027-03-02T20:00', warm.readFrom!);
  const usual = { warmest: 12, coldest: 9, humidityAtWarmest: 70, humidityAtColdest: 80 };
  made.tell('change-climate', { id: made.job.climates[0]!.id, facts: { usual } });
  const cold = patchReading(made.job, { ...patch, coats });
  assert.ok(cold.readFrom! > warm.readFrom! && cold.recoatFrom! > warm.recoatFrom! && cold.sureFrom! > cold.readFrom!);
  const odd = patchReading(made.job, { ...patch, coats: [{ product: 'gone', at: '2027-03-01T08:00' }] });
  assert.equal(odd.readFrom, null);
});

test('a patch that was read last tells of its first coat and key', () => {
  const made = door();
  const patch = (id: string, at: string, held: boolean) => ({
    entry: {
      id,
      groupId: 'group-1',
      where: 'D-01',
      key: 'degloss' as const,
      coats: [{ product: 'prime-bond-wb', at: '2027-03-01T08:00' }],
      read: { at, held },
      note: '',
    },
  });
  made.tell('add-patch', patch('late', '2027-03-05T08:00', true));
  made.tell('add-patch', patch('early', '2027-03-03T08:00', false));
  assert.deepEqual(knownIn(made).patch, { first: 'prime-bond-wb', key: 'degloss', held: true });
});
