import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { StatedPiece } from '../job/document/piece-schema.ts';
import type { FinishGroup, Schools } from '../job/document/group-schema.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { productNeeds } from '../quantities/litres.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { GroupWork } from './group-work.ts';
import { offerFor, schoolPrices, rankingReasons } from './offer.ts';
import { OnePiece } from './one-piece.ts';
import { CRITERION_IDS, ranked, WEIGHT_PRESETS } from './weigh.ts';

const surface = (facts: Partial<StatedPiece['surface']>): StatedPiece['surface'] => ({
  substrate: 'softwood',
  existing: 'oil-gloss',
  condition: 'sound',
  ...facts,
});

/** A job of doors with one surface, in a building after the lead ban, everything that matters answered well. */
function proved(facts: Partial<StatedPiece> = {}): TestJob {
  const made = new TestJob().tell('change-site', { yearBuilt: 2004 }).door('a', facts).door('b', facts);
  const answers = {
    'old-coat': made.job.pieces[0]!.surface.existing,
    soundness: 'holds',
    contamination: 'clean',
    moisture: 'dry',
    stains: 'none',
    mould: 'none',
    edges: 'coated',
  };
  Object.entries(answers).forEach(([found, result], index) => {
    const finding = {
      id: `f${index}`,
      groupId: 'group-1',
      found: found as 'soundness',
      result,
      reading: null,
      hex: null,
      at: '2027-03-01T08:00',
      where: '',
      photoId: null,
      note: '',
    };
    made.tell('add-finding', { entry: finding });
  });
  return made;
}
const groupIn = (made: TestJob, facts: Partial<FinishGroup> = {}): FinishGroup => ({
  ...made.job.groups[0]!,
  ...facts,
});
const schools = (stated: Partial<Schools>): Schools => ({ keying: null, priming: null, tools: null, ...stated });
const first = (made: TestJob, facts: Partial<FinishGroup> = {}) =>
  offerFor(made.job, groupIn(made, facts)).permitted[0]!;

test('on sound oil gloss a bonding primer is recommended, with no risk that Nivel knows of', () => {
  const best = first(proved());
  assert.equal(best.candidate.buildUp.coats[0]?.product, 'prime-bond-wb');
  assert.equal(best.candidate.verdict.level, 'permitted');
});

test('an oak shelf gets stain block and grain fill, and says which rules asked for them', () => {
  const best = first(proved({ surface: surface({ substrate: 'oak', existing: 'bare' }) }));
  assert.equal(best.candidate.buildUp.coats[0]?.product, 'prime-shellac');
  assert.deepEqual(best.candidate.buildUp.grainFill, { product: 'grain-putty', passes: 2 });
  assert.ok(best.candidate.appliedRules.some(({ id }) => id === 'open-grain'));
});

test('a door of two weathers gets outside paint outside and inside paint inside, over one preparation', () => {
  const { buildUp, verdict } = first(proved({ exposure: { front: 'outside', back: 'inside' } })).candidate;
  assert.ok(buildUp.coats.at(-1)?.product.startsWith('ext-'));
  assert.ok(buildUp.faceCoats.back?.at(-1)?.product.startsWith('enamel-'));
  assert.notEqual(verdict.level, 'forbidden');
});

test('dark on vinyl is refused on plain exterior acrylic, allowed at a risk on the plastic-safe base, fine when lighter', () => {
  const made = proved({
    surface: surface({ substrate: 'vinyl', existing: 'factory-finish' }),
    exposure: { front: 'outside', back: 'outside' },
  });
  const { permitted, excluded } = offerFor(made.job, groupIn(made, { colour: { name: 'slate', hex: '#43565e' } }));
  const plain = excluded.find(({ buildUp }) => buildUp.coats.every(({ product }) => product === 'ext-acrylic'));
  const tooDark = plain?.verdict.findings.find(({ rule }) => rule.id === 'vinyl-too-dark');
  assert.match(tooDark?.rule.fixText ?? '', /Choose LRV 45 or more, or a plastic-safe base within its own colours\./);
  assert.ok(permitted.every(({ candidate }) => candidate.buildUp.coats.at(-1)?.product === 'ext-acrylic-vinyl'));
  assert.equal(permitted[0]?.candidate.verdict.level, 'risk');
  assert.equal(first(made, { colour: { name: 'sail', hex: '#f4f2ea' } }).candidate.verdict.level, 'permitted');
});

test('the no-sanding school relies on the bonding primer and shows it as a risk; sanding everything costs more work', () => {
  const made = proved();
  const bond = first(made, { schools: schools({ keying: 'bond' }) });
  assert.equal(bond.candidate.buildUp.key, 'none');
  assert.ok(bond.candidate.verdict.findings.some(({ rule }) => rule.id === 'bonding-primer-alone'));
  const prices = schoolPrices(made.job, groupIn(made), offerFor(made.job, groupIn(made)));
  const priceOf = (school: string) => prices.find((entry) => entry.school === school)?.best;
  assert.ok(priceOf('sand')!.cost.hours > priceOf('degloss')!.cost.hours);
  assert.ok(priceOf('sand')!.cost.dust > 0 && priceOf('degloss')!.cost.dust === 0);
  assert.ok(priceOf('always')!.candidate.buildUp.coats.some(({ product }) => product.startsWith('prime-')));
  assert.ok(priceOf('two-in-one')!.candidate.buildUp.coats.every(({ product }) => !product.startsWith('prime-')));
  assert.ok(priceOf('always')!.cost.risk < priceOf('two-in-one')!.cost.risk);
  assert.ok(priceOf('brush')!.cost.hours > priceOf('roll')!.cost.hours);
  assert.ok(priceOf('spray')!.cost.hours < priceOf('roll')!.cost.hours);
  for (const { question, school, best } of prices) {
    if (question === 'keying' && best) assert.equal(best.candidate.buildUp.key === 'none', school === 'bond');
  }
});

test('hours are the sum of the steps that the plan would have, and paint is what Quantities would buy', () => {
  const made = proved({ exposure: { front: 'outside', back: 'inside' } });
  const group = groupIn(made);
  const { permitted } = offerFor(made.job, group);
  const work = new GroupWork(made.job, group);
  for (const { candidate, cost } of permitted.filter((_entry, index) => index % 40 === 0)) {
    const { buildUp } = candidate;
    made.tell('choose-build-up', { groupId: group.id, buildUp, chosenFor: null });
    const steps = made.job.pieces.flatMap((piece) => pieceSteps(made.job, piece));
    const minutes = steps.reduce((sum, step) => sum + step.minutes, 0);
    assert.ok(Math.abs(work.minutes(buildUp) - minutes) < 1e-6);
    // One painter at a steady pace takes half as long again as a professional.
    assert.ok(Math.abs(cost.hours - (minutes * 1.5) / 60) < 1e-6);
    const tins = productNeeds(made.job).reduce((sum, need) => sum + need.tins.best.cost, 0);
    assert.ok(cost.money >= tins - 1e-6 && cost.money <= tins * 1.35 + 1e-6, `${cost.money} for ${tins}`);
  }
});

test('days are at least the drying and the work, and a slower coat, a colder place or a shorter week takes longer', () => {
  const made = proved();
  const group = groupIn(made);
  const [piece] = made.job.pieces;
  const system = (topcoat: string): FinishGroup => ({
    ...group,
    buildUp: offerFor(made.job, group).permitted.find(({ candidate }) =>
      candidate.buildUp.coats.every(({ product }) => product === 'prime-bond-wb' || product === topcoat),
    )!.candidate.buildUp,
  });
  const days = (topcoat: string): number => new OnePiece(made.job).days(piece!, system(topcoat));
  const acrylic = days('enamel-acrylic');
  assert.ok(acrylic > 1.25 && acrylic < 8, `${acrylic}`);
  assert.ok(days('enamel-alkyd-wb') > acrylic);
  made.tell('change-climate', {
    id: made.job.climates.find(({ id }) => id === 'workshop')!.id,
    facts: { usual: { warmest: 13, coldest: 10, humidityAtWarmest: 75, humidityAtColdest: 85 } },
  });
  assert.ok(days('enamel-acrylic') > acrylic);
});

test('what is recommended, and how long it takes, does not hang on the weekday on which it was asked for', () => {
  const asked = proved();
  const weighed = ['2027-03-01', '2027-03-04', '2027-03-06'].map((start) => {
    const job = { ...asked.job, planning: { ...asked.job.planning, start } };
    return offerFor(job, job.groups[0]!).permitted.map(({ candidate, cost }) => [candidate.id, cost.days.toFixed(2)]);
  });
  assert.deepEqual(weighed[1], weighed[0]);
  assert.deepEqual(weighed[2], weighed[0]);
});

test('the weights decide: each preset puts the best of its own criterion first, or what ties with it in weight', () => {
  const made = proved();
  const { permitted } = offerFor(made.job, groupIn(made));
  const leader = (name: string) =>
    ranked(permitted, WEIGHT_PRESETS.find((preset) => preset.name === name)!.weights)[0]!;
  const least = (criterion: 'days' | 'smell' | 'dust' | 'money'): number =>
    Math.min(...permitted.map(({ cost }) => cost[criterion]));
  assert.equal(leader('Least smell').cost.smell, least('smell'));
  assert.equal(leader('No sanding').cost.dust, least('dust'));
  assert.ok(leader('Fastest').cost.days <= leader('Balanced').cost.days);
  assert.ok(leader('Toughest').cost.toughness >= Math.max(...permitted.map(({ cost }) => cost.toughness)));
  for (const only of ['money', 'days'] as const) {
    const weights = Object.fromEntries(CRITERION_IDS.map((id) => [id, id === only ? 4 : 0])) as never;
    assert.equal(ranked(permitted, weights)[0]!.cost[only], least(only));
  }
});

test('the recommended one says in what it leads and what it gives up', () => {
  const made = proved();
  const { permitted } = offerFor(made.job, groupIn(made));
  const { leads, gives } = rankingReasons(permitted[0]!, permitted);
  assert.ok(leads.includes('fewest risks'));
  for (const { criterion, more } of gives) {
    const values = permitted.map(({ cost }) => cost[criterion]);
    const best = criterion === 'toughness' ? Math.max(...values) : Math.min(...values);
    assert.ok(Math.abs(Math.abs(permitted[0]!.cost[criterion] - best) - more) < 1e-9);
  }
});

test('on damp wood nothing is offered, and it says why', () => {
  const made = proved({ surface: surface({ existing: 'bare' }) });
  const finding = { ...made.job.findings[3]!, id: 'wet', result: 'damp', reading: 22, at: '2027-03-02T08:00' };
  made.tell('add-finding', { entry: finding });
  const offer = offerFor(made.job, groupIn(made));
  assert.equal(offer.permitted.length, 0);
  assert.deepEqual(
    offer.none.map(({ id }) => id),
    ['damp'],
  );
});
