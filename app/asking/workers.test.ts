import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { expose, proxy, wrap, type Remote } from 'comlink';
import { usualPiece } from '../../core/job/document/usual-piece.ts';
import { TestJob } from '../../core/fixtures/jobs.ts';
import { WorkedDays } from '../../core/fixtures/worked-days.ts';
import { usualStrokes } from '../../core/sequence/usual-options.ts';
import { ruleOf } from '../../core/build-up/rules/registry.ts';
import { offerFor } from '../../core/choosing/offer.ts';
import { unpacked } from './packed-offers.ts';
import type { VerifiedPlan } from './planner.worker.ts';

// What a worker's own thread offers when its file is read.
Object.assign(globalThis, { addEventListener: () => undefined });
const doors = {
  planner: (await import('./planner.worker.ts')).planner,
  offers: (await import('./offers.worker.ts')).offers,
  strokes: (await import('./sequence.worker.ts')).strokes,
};

const NOW = '2027-03-01T07:00';
const ports: MessagePort[] = [];
// What is told on the way goes through channels of its own, which would keep this process.
globalThis.MessageChannel = class extends MessageChannel {
  constructor() {
    super();
    ports.push(this.port1, this.port2);
  }
};
after(() => ports.forEach((port) => port.close()));

/** A worker in this thread: what goes in and comes out is copied, as it is between threads. */
function behindItsDoor<Name extends keyof typeof doors>(name: Name): Remote<(typeof doors)[Name]> {
  const { port1, port2 } = new MessageChannel();
  expose(doors[name], port2);
  for (const port of [port1, port2]) port.start();
  return wrap<(typeof doors)[Name]>(port1);
}

const planner = behindItsDoor('planner');
const offers = behindItsDoor('offers');
const strokes = behindItsDoor('strokes');

/** A plan of a job, as a worker makes it, with all that was told on the way. */
async function planned(days: WorkedDays): Promise<{ found: VerifiedPlan; told: VerifiedPlan[] }> {
  const told: VerifiedPlan[] = [];
  const onBetter = proxy((better: VerifiedPlan) => {
    told.push(better);
    return Promise.resolve();
  });
  const found = await planner.plan(days.job, NOW, onBetter, { seed: 1, from: null, laterBy: 0 });
  assert.ok('plan' in found, JSON.stringify(found));
  return { found, told };
}

test('a planner tells of every better plan before it answers with the best, and why none can be earlier', async () => {
  const { found, told } = await planned(new WorkedDays());
  assert.ok(told.length > 0);
  const finishes = told.map(({ plan }) => plan.finish);
  assert.deepEqual(
    finishes,
    finishes.toSorted((one, other) => other - one),
  );
  assert.equal(found.plan.finish, finishes.at(-1));
  assert.ok(found.because.length > 0 && found.plan.lowerBound <= found.plan.finish);
});

test('where nothing has a build-up there is nothing to plan, and that is said', async () => {
  const bare = new WorkedDays().tell('choose-build-up', { groupId: 'group-1', buildUp: null, chosenFor: null });
  const onBetter = proxy(() => Promise.resolve());
  const found = await planner.plan(bare.job, NOW, onBetter, { seed: 1, from: null, laterBy: 0 });
  assert.ok('reasons' in found && found.reasons[0]?.kind === 'nothing-to-plan');
});

test('near a plan of before nothing moves that need not', async () => {
  const days = new WorkedDays().planned(NOW);
  const near = await planner.planNear(days.job, NOW, days.job.plan!);
  assert.ok('plan' in near);
  assert.deepEqual(near.changes.moved, []);
  assert.equal(near.plan.finish, days.job.plan!.finish);
});

test('runs are moved only once moving has begun, and then as they may be', async () => {
  const days = new WorkedDays().planned(NOW);
  const wash = days.job.plan!.tasks.find(({ id }) => id === 'd/wash')!;
  const move = { taskIds: ['d/wash'], start: wash.start + 60, painters: wash.painters };
  assert.deepEqual(await planner.move(move), { refused: 'Not ready yet. Try again in a moment.' });
  await planner.beginMoving(days.job, NOW, days.job.plan!);
  const moved = await planner.move(move);
  assert.ok('plan' in moved, JSON.stringify(moved));
  assert.equal(moved.plan.tasks.find(({ id }) => id === 'd/wash')?.start, wash.start + 60);
  const past = await planner.move({ ...move, start: 0 });
  assert.ok('refused' in past && past.refused.startsWith('That time has gone'));
});

test('a plan on which the clock has gone on is inspected for wet paint; without a plan there is nothing', async () => {
  const days = new WorkedDays().planned(NOW);
  assert.deepEqual(await planner.lookAhead(days.job, NOW), []);
  assert.deepEqual(await planner.lookAhead(new WorkedDays().job, NOW), []);
});

test('a plan is played as often as is asked, the same by the same seed', async () => {
  const days = new WorkedDays().planned(NOW);
  const play = () => planner.risk(days.job, NOW, days.job.plan!, { samples: 12, seed: 3 });
  const first = await play();
  assert.deepEqual(await play(), first);
  assert.equal(first.finishes.length, 12);
});

test('an offer comes out of its worker as it was in there, rules and all', async () => {
  const { job } = new WorkedDays();
  const [group] = job.groups;
  const offer = unpacked(await offers.offer(job, group!));
  const own = offerFor(job, group!);
  assert.deepEqual(
    offer.permitted.map(({ candidate, cost }) => [candidate.id, cost.days]),
    own.permitted.map(({ candidate, cost }) => [candidate.id, cost.days]),
  );
  assert.equal(offer.excluded.length, own.excluded.length);
  const finding = offer.excluded[0]!.verdict.findings[0]!;
  assert.equal(finding.rule, ruleOf(finding.rule.id), 'the rule itself, which can judge');
  assert.ok(offer.schools.length > 0);
});

test('a rule that this Nivel does not know is no answer', () => {
  assert.throws(() => unpacked({ permitted: [], excluded: [], none: ['no such rule'], schools: [] }), RangeError);
});

const asked = {
  pieceId: 'd',
  faces: ['back'] as const,
  product: 'enamel-acrylic',
  climateId: 'workshop',
  setting: { ...usualStrokes({ kind: 'panelled-door' }, 'brush'), start: 600, isDamped: false },
  clocks: { date: '2027-03-01', days: 30 },
  starts: [660],
};

test('ways out of an old lap come simulated, with ages and limits, and an order with its bound', async () => {
  const panelled = { ids: ['p'], kind: 'panelled-door', piece: usualPiece('panelled-door', 'room-1') } as const;
  const { job } = new TestJob().tell('add-pieces', { ...panelled, ids: ['d'] }).coated();
  const ways = await strokes.ways(job, asked);
  assert.ok(ways.length > 0 && ways.every(({ age, limit, minutes }) => age >= 0 && limit > 0 && minutes > 0));
  assert.ok(
    ways.every((way) => !('result' in way)),
    'what is played stays in the worker',
  );
  const told: number[] = [];
  const onBetter = proxy(({ worst }: { worst: number }) => {
    told.push(worst);
    return Promise.resolve();
  });
  const found = await strokes.search(job, asked, { freedom: 'within-the-school', steps: 2000 }, onBetter);
  assert.ok(found && found.bound <= found.worst + 1e-9);
  assert.equal(Math.min(found.worst, ...told), found.worst);
});

test('what is asked of a piece or a product that is gone has no answer', async () => {
  const { job } = new WorkedDays();
  assert.deepEqual(await strokes.ways(job, { ...asked, pieceId: 'gone' }), []);
  assert.deepEqual(await strokes.ways(job, { ...asked, product: 'gone' }), []);
  const onBetter = proxy(() => Promise.resolve());
  assert.equal(
    await strokes.search(job, { ...asked, pieceId: 'gone' }, { freedom: 'any-order', steps: 10 }, onBetter),
    null,
  );
});
