import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import type { FoundPlan } from '../../../core/scheduling/plan.ts';
import { candidatesOf, shownCandidate, type Candidate, type MadePlans, type PlannedJob } from './candidates.ts';

const T0 = '2027-03-01T00:00';
const NOW = 'as it is now';
const task = (id: string, start: number, painters = ['lead']) => ({
  id,
  start,
  end: start + 60,
  painters,
  late: false,
});
const plan = (finish: number, start = 480): FoundPlan =>
  ({
    tasks: [task('a', start)],
    setups: [],
    finish,
    status: 'feasible',
    lowerBound: 0,
    cost: {},
  }) as unknown as FoundPlan;
const accepted = (facts: Partial<AcceptedPlan> = {}): AcceptedPlan =>
  ({
    ...plan(3000),
    t0: T0,
    tickMinutes: 1,
    fingerprint: NOW,
    because: 'the rack',
    ...facts,
  }) as unknown as AcceptedPlan;
const made = (finish: number, facts: { start?: number; fingerprint?: string } = {}) => ({
  fingerprint: facts.fingerprint ?? NOW,
  plan: plan(finish, facts.start),
  problem: { t0: T0, tickMinutes: 1 },
  because: '',
  price: '2 fewer set-ups',
  pins: [],
  reason: 'Moved to Thu',
});
const jobWith = (facts: Partial<PlannedJob> = {}): PlannedJob => ({
  plan: accepted(),
  pins: [],
  fingerprint: NOW,
  steps: new Map(),
  t0: T0,
  now: 0,
  ...facts,
});
const NONE: MadePlans = { byHand: null, near: null, anew: null, calmer: null };
const idsOf = (candidates: readonly Candidate[]): string[] => candidates.map(({ id }) => id);

test('an accepted plan stands beside what was made for the same state of the job, and what was made for another does not count', () => {
  const all = { byHand: made(3000), near: made(3000, { start: 900 }), anew: made(2900), calmer: made(3100) };
  assert.deepEqual(idsOf(candidatesOf(jobWith(), all)), ['accepted', 'moved', 'near', 'anew', 'calmer']);
  const changed = jobWith({ fingerprint: 'a door more' });
  assert.deepEqual(idsOf(candidatesOf(changed, all)), []);
  const anew = made(3200, { fingerprint: 'a door more' });
  assert.deepEqual(
    idsOf(candidatesOf(changed, { ...all, anew })),
    ['anew'],
    'the plan of before is no choice any more',
  );
});

test('a plan near the accepted one that moves nothing is that plan, and no other choice', () => {
  assert.deepEqual(idsOf(candidatesOf(jobWith(), { ...NONE, near: made(3000) })), ['accepted']);
  const outdated = jobWith({ plan: accepted({ fingerprint: 'a door less' }) });
  assert.deepEqual(
    idsOf(candidatesOf(outdated, { ...NONE, near: made(3000) })),
    ['near'],
    'to accept it makes it current',
  );
});

test('what changes is told against the plan that was accepted, if that counts from the same midnight', () => {
  const anew = made(2900, { start: 900 });
  const [, later] = candidatesOf(jobWith(), { ...NONE, anew });
  assert.deepEqual(
    later?.changes?.moved.map(({ from, to }) => [from, to]),
    [[480, 900]],
  );
  const other = jobWith({ plan: accepted({ t0: '2027-02-25T00:00', fingerprint: 'before' }) });
  const [alone] = candidatesOf(other, { ...NONE, anew });
  assert.equal(alone?.changes, null);
  assert.equal(alone?.title, 'Soonest', 'there is nothing to compare it with');
  assert.equal(candidatesOf(jobWith({ plan: null }), { ...NONE, anew })[0]?.reason, 'Accepted the plan');
});

test('the plan that moves little is shown before one anew, unless that is half a day sooner', () => {
  const shown = (near: number, anew: number) =>
    shownCandidate(candidatesOf(jobWith(), { ...NONE, near: made(near, { start: 900 }), anew: made(anew) }), null)?.id;
  assert.equal(shown(3000, 2760), 'near');
  assert.equal(shown(3001, 2760), 'anew');
});

test('what was picked is shown while it is there; a plan by hand comes before all that was found', () => {
  const candidates = candidatesOf(jobWith(), { ...NONE, byHand: made(3000), anew: made(2000), calmer: made(3100) });
  assert.equal(shownCandidate(candidates, null)?.id, 'moved');
  assert.equal(shownCandidate(candidates, 'accepted')?.id, 'accepted');
  assert.equal(shownCandidate(candidates, 'near')?.id, 'moved', 'what is not there any more can’t be shown');
  assert.equal(shownCandidate([], 'accepted'), null);
  const calmer = candidatesOf(jobWith(), { ...NONE, calmer: made(3100) });
  assert.equal(shownCandidate(calmer, null)?.id, 'accepted', 'nobody is talked into a calmer plan');
});
