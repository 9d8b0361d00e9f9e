import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { addressOf, routeOf, type Route } from './route.ts';

test('whatever stands in a route comes back from its address, signs and spaces too', () => {
  const text = fc.option(fc.string({ minLength: 1, maxLength: 12 }), { nil: null });
  const route = fc.record(
    {
      stage: fc.constantFrom('walk', 'plan', 'handover', ''),
      jobId: text,
      view: text,
      groupId: text,
      pieceId: text,
      defectId: text,
      placeId: text,
      day: text,
      task: text,
    },
    { noNullPrototype: true },
  );
  fc.assert(fc.property(route, (made: Route) => assert.deepEqual(routeOf(addressOf(made)), made)));
});

test('a stage by itself has no query, and the file of a page is that page', () => {
  assert.equal(addressOf({ stage: 'jobs' }), '/jobs');
  assert.equal(addressOf({ stage: 'walk', jobId: 'tern street', pieceId: null }), '/walk?job=tern+street');
  assert.equal(routeOf('/walk.html?job=a').stage, 'walk');
  assert.equal(routeOf('/walk/').stage, 'walk');
  assert.equal(routeOf('/').stage, '');
});

test('what an address does not name is null, and what it names besides is left alone', () => {
  const route = routeOf('/plan?job=a&colour=red');
  assert.deepEqual([route.jobId, route.view, Object.keys(route).length], ['a', null, 9]);
});
