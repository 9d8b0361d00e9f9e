import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Schools } from '../job/document/group-schema.ts';
import { applyCommand } from '../job/commands/apply.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { bare, gloss, job } from '../fixtures/example-recipes.ts';
import { ground, OUTSIDE } from '../fixtures/surfaces.ts';
import { anyPermitted, blockingRules, candidatesOn, forbiddenBySurface, withFix, type Candidate } from './compose.ts';
import { RULES } from './rules/registry.ts';
import type { Ground } from './situation.ts';

const FREE: Schools = { keying: null, priming: null, tools: null };
const on = (given: Ground, schools: Partial<Schools> = {}): Candidate[] =>
  candidatesOn(job, [given], { ...FREE, ...schools });
const permitted = (found: readonly Candidate[]): Candidate[] =>
  found.filter(({ verdict }) => verdict.level !== 'forbidden');
const coats = ({ buildUp }: Candidate): string[] => buildUp.coats.map(({ product }) => product);
const ruleOf = (id: string) => RULES.find((rule) => rule.id === id)!;

test('every candidate is another one, washed, and as it was judged', () => {
  const found = on(gloss);
  assert.equal(new Set(found.map(({ id }) => id)).size, found.length);
  for (const { buildUp, verdict } of permitted(found)) {
    assert.ok(buildUp.cleaning.length > 0);
    assert.ok(!verdict.findings.some(({ rule }) => rule.severity === 'forbidden'));
  }
  assert.ok(permitted(found).some((candidate) => coats(candidate)[0] === 'prime-bond-wb'));
});

test('bare wood is abraded or left as it is; a school of keying offers its own ways and no other', () => {
  const keys = (found: readonly Candidate[]): string[] => [...new Set(found.map(({ buildUp }) => buildUp.key))].sort();
  assert.ok(!keys(on(bare)).includes('degloss'));
  assert.deepEqual(keys(on(gloss, { keying: 'degloss' })), ['degloss']);
});

test('spots are primed by the school of spots alone, and then there is no coat of primer all over', () => {
  const spots = on(ground({ oldCoat: 'waterborne-matt' }), { priming: 'spots' });
  assert.ok(spots.length > 0);
  for (const { buildUp } of spots)
    assert.equal(buildUp.coats[0]?.extent === 'all', false, JSON.stringify(buildUp.coats[0]));
});

test('a school of tools lays every whole coat with its tool, and what only sprays is out where nobody does', () => {
  const brushed = on(gloss, { tools: 'brush' });
  for (const { buildUp } of permitted(brushed)) {
    assert.ok(buildUp.coats.every(({ tool }) => tool === 'brush'));
  }
  assert.ok(!permitted(brushed).some((candidate) => coats(candidate).includes('lacquer-2k-wb')));
  const sprayed = permitted(candidatesOn(job, [ground({}, { sprays: true })], { ...FREE, tools: 'spray' }));
  assert.ok(
    sprayed.every(({ buildUp }) => buildUp.coats.every(({ tool, extent }) => tool === 'spray' || extent !== 'all')),
  );
});

test('a door with one face in the weather gets what stands it there, and what is made for rooms inside', () => {
  const found = permitted(on(ground({}, { exposure: { front: 'outside', back: 'inside' } })));
  assert.ok(found.length > 0);
  const both = found.find(({ buildUp }) => buildUp.faceCoats.back !== undefined);
  assert.ok(both, 'the back has coats of its own');
  assert.match(both.name, /; back: /);
  const outside = permitted(on(ground({}, OUTSIDE)));
  assert.ok(
    outside.every(({ buildUp }) => buildUp.faceCoats.back === undefined),
    'faces that are alike get the same',
  );
});

test('a name tells each product once, with how often, and where it does not go all over', () => {
  const named = permitted(on(gloss)).find((candidate) =>
    ['prime-bond-wb', 'enamel-acrylic', 'enamel-acrylic'].every((product, at) => coats(candidate)[at] === product),
  );
  assert.match(named!.name, /^[A-Z][^;]*, then 2 × [a-z]/);
  const spot = on(ground({ stains: 'bleeds' })).find(({ buildUp }) => buildUp.coats[0]?.extent === 'spots');
  assert.match(spot!.name, / on spots/);
});

test('what the surface itself forbids is told, and nothing is composed for it', () => {
  const damp = ground({ moisture: 'damp' });
  assert.deepEqual(
    forbiddenBySurface(job, [damp]).map(({ id }) => id),
    ['damp'],
  );
  const answer = anyPermitted(job, [damp], FREE);
  assert.ok(Array.isArray(answer) && answer[0]?.id === 'damp');
  assert.deepEqual(forbiddenBySurface(job, [gloss]), []);
  assert.ok(!Array.isArray(anyPermitted(job, [gloss], FREE)));
  assert.deepEqual(candidatesOn(job, [], FREE), []);
});

test('rules that block all are those that every build-up breaks; where there is none such, all that any breaks', () => {
  const breaking = (...ids: string[]) => ({
    verdict: { level: 'forbidden' as const, findings: ids.map((id) => ({ rule: ruleOf(id), faces: [] })) },
  });
  const idsOf = (found: Parameters<typeof blockingRules>[0]) => blockingRules(found).map(({ id }) => id);
  assert.deepEqual(idsOf([breaking('damp', 'grease'), breaking('damp', 'mould')]), ['damp']);
  assert.deepEqual(idsOf([breaking('grease'), breaking('mould')]), ['grease', 'mould']);
  assert.deepEqual(idsOf([breaking('damp', 'not-cleaned')]), ['damp'], 'a risk blocks nothing');
  assert.deepEqual(idsOf([breaking('damp'), { verdict: { level: 'risk', findings: [] } }]), []);
});

test('a finding is lifted in the build-up of a group, where it fires and the shelf can', () => {
  const made = new TestJob().door('d').coated('enamel-acrylic', { cleaning: [] });
  const [group] = made.job.groups;
  const mended = withFix(made.job, group!, group!.buildUp!, ruleOf('not-cleaned'));
  assert.ok(mended && mended.cleaning.length > 0);
  assert.equal(withFix(made.job, group!, mended, ruleOf('not-cleaned')), null, 'nothing is left to do');
  assert.equal(withFix(made.job, group!, group!.buildUp!, ruleOf('lead-unknown')), null, 'only a test can');
});

test('what is put away is not offered', () => {
  const away = applyCommand(job, 'change-entry', {
    compartment: 'coatings',
    id: 'prime-bond-wb',
    facts: { archived: true },
  });
  assert.ok(away.ok, away.ok ? '' : away.message);
  const found = candidatesOn(away.value.job, [gloss], FREE);
  assert.ok(!found.some((candidate) => coats(candidate).includes('prime-bond-wb')));
});
