import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DEFECT_IDS, reworkSchema, type Defect, type DefectId } from '../job/document/defect-schema.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { verify } from '../scheduling/verify.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { DEFECTS } from './defects.ts';
import { reworkFor, stepsOfRework } from './rework.ts';

const NOW = '2027-03-02T16:00';

const painted = (topcoat = 'enamel-acrylic'): WorkedDays =>
  new WorkedDays({}, { topcoat })
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:20')
    .done('coat-1/front', '2027-03-01T13:20')
    .done('denib-2', '2027-03-02T08:30')
    .done('coat-2/back', '2027-03-02T09:20')
    .done('coat-2/front', '2027-03-02T14:20');

const defectOf = (kind: DefectId): Defect => ({
  ...{ id: 'x', kind, pieceId: 'd', face: 'front', spot: null, at: NOW, by: null, note: '', photoIds: [] },
  ...{ cause: null, rework: null, settled: null },
});

for (const kind of DEFECT_IDS) {
  test(`${DEFECTS[kind].name}: what puts it right is work that the format takes and the planner plans`, () => {
    const worked = painted().tell('add-defect', { entry: defectOf(kind) });
    const rework = reworkFor(worked.job, worked.problem(NOW), defectOf(kind));
    assert.ok(rework);
    assert.deepEqual(reworkSchema.parse(rework), rework);
    assert.equal(new Set(rework.steps.map(({ name }) => name)).size, rework.steps.length, 'names tell steps apart');
    const defect = { ...defectOf(kind), rework };
    worked.tell('change-defect', { id: defect.id, facts: { rework } });
    const steps = stepsOfRework(worked.job, worked.piece, defect);
    assert.equal(steps.length, rework.steps.length, 'every product is on the shelf');
    const { problem, clocks } = jobToProblem(worked.job, NOW);
    const plan = solve(problem, { steps: 5 });
    assert.ok(plan.status !== 'infeasible');
    assert.deepEqual(verify(problem, plan), []);
    // Nothing touches the face before the coat that lies there has got as far as the defect asks for.
    const [first] = steps;
    const start = plan.tasks.find(({ id }) => id === first!.id)!.start;
    const stage = first!.rework!.waitFor;
    const top = worked.step('coat-2/front').coat!.coating;
    const since = clocks.reached(top, stage ?? 'touch', (24 + 14) * 60 + 20, [
      { climateId: 'workshop', until: Infinity },
    ]);
    if (stage !== null) assert.ok(since !== null && start >= since - 1, `${kind} waits for ${stage}`);
    // What is painted again is painted with something, and after the dry work.
    const coats = steps.filter(({ coat }) => coat !== null);
    if (coats.length > 0) assert.ok(steps.indexOf(coats[0]!) === steps.length - coats.length, 'coats come last');
  });
}

test('a spot of bare wood is primed before it is touched in, and with a primer', () => {
  const worked = painted();
  const { steps } = reworkFor(worked.job, worked.problem(NOW), defectOf('grain'))!;
  const products = steps.flatMap(({ coat }) => coat?.product ?? []);
  const roles = products.map((id) => coatingOf(worked.job, id)?.role);
  assert.equal(roles[0], 'primer');
  assert.equal(roles.at(-1), 'topcoat');
});

test('on a piece with nothing painted yet there is nothing to make good', () => {
  const worked = new WorkedDays().doneAll(['take-off', 'wash'], '2027-03-01T08:00');
  for (const kind of DEFECT_IDS) assert.equal(reworkFor(worked.job, worked.problem(NOW), defectOf(kind)), null);
  assert.ok(pieceSteps(worked.job, worked.piece).every(({ rework }) => rework === null));
});
