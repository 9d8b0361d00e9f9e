import assert from 'node:assert/strict';
import { test } from 'node:test';
import { freeze } from 'immer';
import fc from 'fast-check';
import { newJob } from '../job/document/new-job.ts';
import { SCHOOL_IDS, type Schools } from '../job/document/group-schema.ts';
import { FOUND_IDS } from '../pieces/found.ts';
import { definitionOf, PIECE_KINDS } from '../pieces/registry.ts';
import { SHEENS } from '../shelf/coating.ts';
import { everySurface, ground } from '../fixtures/surfaces.ts';
import { anyPermitted, candidatesOn } from './compose.ts';
import { judgeRecipe } from './judge.ts';
import type { Ground } from './situation.ts';
import { recipeOf, type Recipe } from './system-coat.ts';

const job = freeze(
  newJob({
    id: 'test',
    name: 'Test',
    createdAt: '2027-02-20T08:00:00+01:00',
    start: '2027-03-01',
    timeZone: 'Europe/Berlin',
  }),
  true,
);
const FREE: Schools = { keying: null, priming: null, tools: null };

const TRAIT_SETS = [
  ...new Map(PIECE_KINDS.map((kind) => [definitionOf(kind).traits.join(), definitionOf(kind).traits])).values(),
];

/** Rules that forbid a build-up on a ground. */
const forbidding = (made: Ground, recipe: Recipe): string[] =>
  judgeRecipe(job, [made], recipe).findings.flatMap(({ rule }) => (rule.severity === 'forbidden' ? [rule.id] : []));

/** A permitted build-up that breaks no forbidding rule, known or unknown, or the stated reasons why there is none. */
function mustBeAnswered(made: Ground, schools: Schools = FREE): string {
  const answer = anyPermitted(job, [made], schools);
  if (Array.isArray(answer)) {
    assert.ok(answer.length > 0, `no build-up and no reason: ${JSON.stringify(made)}`);
    for (const { reason, fixText } of answer) assert.ok(reason.length > 0 && fixText.length > 0);
    return answer
      .map(({ id }) => id)
      .sort()
      .join('+');
  }
  const recipe = recipeOf(answer.buildUp);
  assert.deepEqual(forbidding(made, recipe), [], JSON.stringify(answer.buildUp));
  const unproved = { ...made, known: { ...made.known, unknown: FOUND_IDS } };
  assert.deepEqual(
    forbidding(unproved, recipe),
    [],
    'what is forbidden follows from what is judged, not from what was tested',
  );
  return 'permitted';
}

test('for every surface there is a permitted build-up that breaks no forbidding rule, or a stated reason why not', () => {
  const answers = new Map<string, number>();
  let combinations = 0;
  for (const { facts, exposure, ways } of everySurface()) {
    const answer = mustBeAnswered(ground(facts, { exposure, traits: ['handled'] }));
    answers.set(answer, (answers.get(answer) ?? 0) + 1);
    combinations += ways;
    const isDamp = facts.moisture === 'damp';
    const isBoardOutside = facts.substrate === 'mdf' && Object.values(exposure).includes('outside');
    const reasons = [...(isBoardOutside ? ['board-outside'] : []), ...(isDamp ? ['damp'] : [])];
    assert.equal(answer, reasons.join('+') || 'permitted', JSON.stringify({ facts, exposure }));
  }
  console.log(
    `${[...answers.values()].reduce((sum, count) => sum + count, 0)} surfaces, for ${Math.round(combinations)} combinations ` +
      `with what is not known: ${[...answers].map(([answer, count]) => `${count} ${answer}`).join(', ')}.`,
  );
});

test('so too for any colours, sheen, use and schools, and rules never undo each other', () => {
  const surfaces = [...everySurface()];
  const colour = fc.constantFrom('#efece2', '#43565e', '#c2bdae', '#c62b22', '#1b1d1e');
  fc.assert(
    fc.property(
      fc.nat(surfaces.length - 1).map((index) => surfaces[index]!),
      fc.record({
        next: colour,
        old: fc.option(colour),
        sheen: fc.option(fc.constantFrom(...SHEENS)),
        traits: fc.constantFrom(...TRAIT_SETS),
        hasOpenEdges: fc.boolean(),
        yearBuilt: fc.constantFrom(null, 1874, 2005),
      }),
      fc.record({
        keying: fc.option(fc.constantFrom(...SCHOOL_IDS.keying)),
        priming: fc.option(fc.constantFrom(...SCHOOL_IDS.priming)),
        tools: fc.option(fc.constantFrom(...SCHOOL_IDS.tools)),
      }),
      ({ facts, exposure }, { next, old, ...more }, schools) => {
        const sprays = schools.tools === 'spray';
        const colours = { front: next, back: next };
        mustBeAnswered(ground({ ...facts, oldColour: old }, { exposure, colours, sprays, ...more }), schools);
      },
    ),
    { numRuns: 300, endOnFailure: true },
  );
});

test('testing changes no composition: the same surface, proved or not, gets the same build-up, with fewer risks', () => {
  for (const facts of [{}, { lead: 'lead' }, { soundness: 'chalks' }] as const) {
    const [proved, unproved] = [ground(facts), ground(facts, { unknown: FOUND_IDS })];
    const [known, supposed] = [candidatesOn(job, [proved], FREE), candidatesOn(job, [unproved], FREE)];
    assert.deepEqual(
      known.map(({ id }) => id),
      supposed.map(({ id }) => id),
    );
    known.forEach(({ verdict }, index) =>
      assert.ok(verdict.findings.length < supposed[index]!.verdict.findings.length),
    );
  }
});
