import assert from 'node:assert/strict';
import { test } from 'node:test';
import { buildUp, TestJob } from '../fixtures/jobs.ts';
import type { Job } from '../job/document/schema.ts';
import { RULES } from './rules/registry.ts';
import { withFix } from './compose.ts';
import { dangersOf } from './protection.ts';
import { outdatedBuildUps, knownOf, reviewBuildUp } from './build-up-review.ts';

const found = (id: string, question: string, result: string) => ({
  entry: {
    id,
    groupId: 'group-1',
    found: question as 'lead',
    result,
    reading: null,
    hex: null,
    at: '2027-03-01T08:00',
    where: '',
    photoId: null,
    note: '',
  },
});
function chosen(): TestJob {
  const made = new TestJob().tell('change-site', { yearBuilt: 2004 }).door('a').door('b');
  const group = made.job.groups[0]!;
  return made.tell('choose-build-up', {
    groupId: group.id,
    buildUp: buildUp('enamel-acrylic'),
    chosenFor: knownOf(made.job, group),
  });
}
const standing = (job: Job) => reviewBuildUp(job, job.groups[0]!)!;

test('a finding that says what was supposed leaves a choice as it stands', () => {
  const made = chosen().tell('add-finding', found('f', 'soundness', 'holds'));
  assert.deepEqual(standing(made.job).changes, []);
  assert.deepEqual(outdatedBuildUps(made.job), []);
});

test('a finding that says otherwise puts order and plan in doubt, tells what has changed, and touches nothing', () => {
  const made = chosen();
  const before = made.job.groups[0];
  made.tell('add-finding', found('f', 'soundness', 'lets-go')).tell('add-finding', found('g', 'old-coat', 'varnish'));
  const { changes, isInDoubt, verdict } = standing(made.job);
  assert.deepEqual(changes, ['Old coat: oil gloss, now varnish or lacquer', 'Adhesion: sound, now loose']);
  assert.ok(isInDoubt);
  assert.ok(verdict.findings.some(({ rule }) => rule.id === 'flaking-needs-abrading'));
  assert.equal(made.job.groups[0], before);
  made.tell('keep-build-up', { groupId: 'group-1', chosenFor: knownOf(made.job, made.job.groups[0]!) });
  assert.deepEqual(standing(made.job).changes, []);
  assert.ok(standing(made.job).isInDoubt, 'what is forbidden stays in doubt, kept or not');
});

test('what lifts a rule is done on a touch, and changes nothing else', () => {
  const made = chosen().tell('add-finding', found('f', 'contamination', 'grease'));
  const group = made.job.groups[0]!;
  const rule = RULES.find(({ id }) => id === 'grease')!;
  const changed = withFix(made.job, group, group.buildUp!, rule)!;
  assert.deepEqual(changed, {
    ...group.buildUp,
    cleaning: [{ product: 'alkaline-wash', rinsed: true }],
  });
  assert.equal(withFix(made.job, group, changed, rule), null, 'there is nothing left to lift');
});

test('split pieces take their findings along and stay apart; merging needs findings that agree', () => {
  const made = chosen().tell('add-finding', found('f', 'contamination', 'grease'));
  made.tell('split-group', { groupId: 'group-1', pieceIds: ['b'], name: 'B' });
  assert.deepEqual(
    made.job.findings.map(({ groupId, result }) => [groupId, result]),
    [
      ['group-1', 'grease'],
      ['group-2', 'grease'],
    ],
  );
  made.door('c');
  assert.equal(made.job.pieces[2]?.groupId, 'group-1', 'new pieces do not fall into what was split off by hand');
  made.tell('add-finding', {
    entry: { ...found('g', 'contamination', 'clean').entry, ...{ groupId: 'group-2', at: '2027-03-02T08:00' } },
  });
  assert.throws(
    () => made.tell('merge-groups', { from: 'group-2', into: 'group-1' }),
    /Error: These differ\. Grease and wax: clean here, grease there\. Retest, or keep them apart\./,
  );
  made.tell('remove-finding', { id: 'g' }).tell('merge-groups', { from: 'group-2', into: 'group-1' });
  assert.deepEqual(
    made.job.groups.map(({ id }) => id),
    ['group-1'],
  );
});

test('a piece follows its surface; a whole group that changes alike stays together with its colour and findings', () => {
  const made = chosen().tell('add-finding', found('f', 'contamination', 'clean'));
  made.tell('change-group', { groupId: 'group-1', colour: { name: 'reed', hex: '#8fa37b' } });
  const varnished = { substrate: 'softwood', existing: 'varnish', condition: 'sound' } as const;
  made.tell('change-pieces', { ids: ['a', 'b'], facts: { surface: varnished } });
  assert.deepEqual(
    made.job.groups.map(({ id, name, colour }) => [id, name, colour.name]),
    [['group-1', 'Softwood, varnish or lacquer', 'reed']],
  );
  assert.equal(made.job.findings.length, 1);
  assert.deepEqual(standing(made.job).changes, ['Old coat: oil gloss, now varnish or lacquer']);

  made.tell('change-pieces', { ids: ['b'], facts: { surface: { ...varnished, existing: 'oil-gloss' } } });
  assert.equal(made.job.groups.length, 2);
  assert.equal(made.job.groups[1]?.buildUp, null, 'what was chosen for the others is not chosen for it');
  made.tell('change-pieces', { ids: ['b'], facts: { surface: varnished } });
  assert.deepEqual(
    made.job.groups.map(({ id }) => id),
    ['group-1'],
  );
});

test('what protects is collected from products, sanding, spraying and old paint, each once', () => {
  const made = chosen().tell('change-site', { yearBuilt: 1936 });
  const coats = [
    { product: 'prime-oil', tool: 'brush', thinning: 0, extent: 'all' },
    { product: 'enamel-oil', tool: 'spray', thinning: 0, extent: 'all' },
  ] as const;
  made.tell('choose-build-up', {
    groupId: 'group-1',
    buildUp: { ...buildUp('enamel-oil'), key: 'abrade', coats: [...coats], preservative: 'water-repellent' },
    chosenFor: null,
  });
  const dangers = dangersOf(made.job);
  assert.deepEqual(dangers.map(({ id }) => id).sort(), [
    'biocide',
    'caustic',
    'dust',
    'lead-dust',
    'oily-rags',
    'solvent',
    'spray-mist',
  ]);
  assert.deepEqual(dangers.find(({ id }) => id === 'solvent')?.from, [
    'Water-repellent wood preservative',
    'Undercoat, oil-alkyd',
    'Enamel, oil-alkyd gloss',
  ]);
});

/** How a choice stands that was made for another surface: its mark changed by hand. */
function reviewOf(change: (mark: string) => string) {
  const [group] = chosen().job.groups;
  return reviewBuildUp(chosen().job, { ...group!, chosenFor: change(group!.chosenFor!) })!;
}

test('a material that changes is told by its name, an exposure by where the pieces hang', () => {
  assert.deepEqual(reviewOf((mark) => mark.replace('softwood', 'mdf')).changes, ['Material: MDF, now softwood']);
  const moved = reviewOf((mark) => mark.replace('inside/', 'outside/'));
  assert.deepEqual([moved.changes, moved.isInDoubt], [['Inside or outside'], true]);
});

test('surfaces that differ within a group are told as one or the other', () => {
  const { changes } = reviewOf((mark) => `${mark};${mark.replace('softwood', 'oak')}`);
  assert.deepEqual(changes, ['Material: softwood or oak or ash, now softwood']);
});

test('a choice of which no mark was kept is not said to have changed', () => {
  const made = chosen();
  const [group] = made.job.groups;
  const review = reviewBuildUp(made.job, { ...group!, chosenFor: null })!;
  assert.deepEqual([review.changes, review.isInDoubt], [[], false]);
  assert.equal(reviewBuildUp(made.job, { ...group!, buildUp: null }), null);
});
