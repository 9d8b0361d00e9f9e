import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyStart, begunAt } from '../fixtures/any-start.ts';
import { standingAssumptions } from '../job/assumptions.ts';
import { applyCommand } from '../job/commands/apply.ts';
import type { Job } from '../job/document/schema.ts';
import { checkJob } from '../exchange/job-file.ts';
import { JOB_KIND_IDS, jobKindOf } from './job-kinds.ts';
import { firstDay, usualBeginning } from './first-day.ts';
import { kindOfJob, usualStart, type StartChoices } from './start-choices.ts';

function started(choices: StartChoices): Job {
  const made = begunAt(choices);
  assert.ok(made.ok, made.ok ? '' : made.message);
  return made.value;
}

test('whatever is counted and chosen makes just those pieces, of a job that its own schema accepts', () => {
  fc.assert(
    fc.property(anyStart({ min: 0, max: 30 }), (choices) => {
      const { counted } = kindOfJob(choices.kind);
      const made = begunAt(choices);
      const wanted = counted.reduce((sum, { id, longest }) => sum + (longest ? 0 : (choices.counts[id] ?? 0)), 0);
      const runs = counted.filter(({ id, longest }) => longest && (choices.counts[id] ?? 0) > 0).length;
      if (!made.ok) {
        assert.equal(wanted + runs, 0, made.message);
        return;
      }
      assert.ok(checkJob(JSON.parse(JSON.stringify(made.value))).ok);
      const isRun = ({ kind }: Job['pieces'][number]) => counted.some((each) => each.longest && each.kind === kind);
      assert.equal(made.value.pieces.filter((piece) => !isRun(piece)).length, wanted);
      assert.equal(made.value.crew.length, choices.painters);
    }),
    { numRuns: 60 },
  );
});

test('a length is shared out to its rooms, and comes to what was said', () => {
  const choices = { ...usualStart('doors-and-trim'), counts: { doors: 3, frames: 0, skirting: 41 } };
  const job = started(choices);
  const runs = job.pieces.filter(({ kind }) => kind === 'trim-run');
  assert.deepEqual(
    runs.map(({ shape }) => shape.length),
    [21_000, 20_000],
  );
  assert.deepEqual(
    job.rooms.map(({ name }) => name),
    ['Downstairs', 'Upstairs'],
  );
});

test('each choice is what the pieces then say', () => {
  for (const kind of JOB_KIND_IDS) {
    const { choices } = kindOfJob(kind);
    const seen = new Map<string, string>();
    for (const choice of choices) {
      for (const option of choice.options) {
        const usual = usualStart(kind);
        const job = started({ ...usual, chosen: { ...usual.chosen, [choice.id]: option.id } });
        const first = job.pieces[0];
        const said = JSON.stringify([first?.kind, first?.shape, first?.surface]);
        const like = seen.get(said);
        // Of the usual answers each choice has one; foil and laminate are the same surface.
        const isUsual = choice.options[0] === option;
        const isSame = isUsual || option.id === 'foil';
        assert.ok(isSame || like === undefined, `${kind}: ${option.id} says the same as ${like ?? ''}`);
        seen.set(said, option.id);
      }
    }
  }
});

test('what nobody said is assumed, and no longer when it is changed or confirmed', () => {
  const job = started(usualStart('kitchen'));
  const facts = (of: Job) => [...new Set(standingAssumptions(of).map(({ fact }) => fact))].sort();
  assert.deepEqual(facts(job), ['air', 'colour', 'size', 'slots']);
  const [doors] = standingAssumptions(job);
  assert.match(doors?.words ?? '', /^14 cupboard doors: 497 × 720 mm$/);
  const one = job.pieces[0]?.id ?? '';
  const changed = applyCommand(job, 'change-pieces', { ids: [one], facts: {}, shape: { width: 400 } });
  assert.ok(changed.ok);
  assert.match(standingAssumptions(changed.value.job)[0]?.words ?? '', /^13 cupboard doors/);
  const confirmed = applyCommand(job, 'confirm-assumed', { fact: 'size', of: doors?.of ?? [] });
  assert.ok(confirmed.ok);
  assert.match(standingAssumptions(confirmed.value.job)[0]?.words ?? '', /^5 drawer fronts/);
  const removed = applyCommand(job, 'remove-pieces', { ids: doors?.of ?? [] });
  assert.ok(removed.ok);
  assert.ok(standingAssumptions(removed.value.job).every(({ words }) => !words.includes('cupboard door')));
});

test('a surface that nobody knows is assumed; one that was chosen is not', () => {
  const surfaceAssumed = (surface: string) =>
    standingAssumptions(started({ ...usualStart('doors-and-trim'), chosen: { surface } })).some(
      ({ fact }) => fact === 'surface',
    );
  assert.deepEqual([surfaceAssumed('not-known'), surfaceAssumed('oil-gloss')], [true, false]);
});

test('a typed line makes a job by itself, and only what it does not say is assumed', () => {
  const none = { ...usualStart('kitchen'), counts: {} };
  const job = started({ ...none, lines: ['14 kitchen cupboard doors 400x720 laminate'] });
  assert.equal(job.pieces.length, 14);
  assert.deepEqual(
    standingAssumptions(job).map(({ fact }) => fact),
    ['colour', 'slots', 'slots', 'air'],
  );
  const both = started({ ...none, lines: ['kitchen 14 doors 400x720 laminate, 5 drawers 400x175 laminate'] });
  assert.equal(both.pieces.length, 19);
  assert.equal(new Set(both.pieces.map(({ roomId }) => roomId)).size, 1);
  const refused = begunAt({ ...none, lines: ['blue things'] });
  assert.match(refused.ok ? '' : refused.message, /^“blue things”: No kind of piece/);
  const nothing = begunAt(none);
  assert.match(nothing.ok ? '' : nothing.message, /^Say what there is to paint/);
});

test('the house is shut at night, and an unheated place is as cold as the season lets it be', () => {
  const outside = started(usualStart('outside'));
  assert.ok(outside.pieces.every(({ access }) => access.closesAtNight));
  const cold = started({ ...usualStart('kitchen'), heated: false });
  const house = cold.climates.find(({ id }) => id === 'house');
  assert.ok(house?.shelter && house.usual.warmest < 13, `December: ${house?.usual.warmest ?? ''} °C`);
});

test('a heated workshop is assumed at the warmth of its heating', () => {
  const job = started({ ...usualStart('kitchen'), where: 'workshop' });
  const air = standingAssumptions(job).filter(({ fact }) => fact === 'air');
  assert.ok(
    air.some(({ words }) => words === 'Workshop: heated to 18 °C'),
    air.map(({ words }) => words).join(),
  );
});

test('work begins on a day on which the crew paints, and in the open not before it is warm', () => {
  assert.equal(firstDay('2026-12-03', 'weekdays'), '2026-12-03');
  assert.equal(firstDay('2026-12-03', 'weekends'), '2026-12-05');
  const inside = usualBeginning({ kind: 'kitchen', days: 'weekdays' }, '2026-12-05', 52);
  assert.deepEqual(inside, { start: '2026-12-07', isPutOff: false });
  const open = usualBeginning({ kind: 'outside', days: 'weekdays' }, '2026-12-05', 52);
  assert.ok(open.isPutOff && open.start > '2027-03' && open.start < '2027-05', open.start);
  assert.equal(usualBeginning({ kind: 'outside', days: 'weekdays' }, '2026-12-05', -35).isPutOff, false);
});

test('a piece belongs to the kind of job in which it is counted', () => {
  assert.deepEqual(
    [
      jobKindOf('cabinet-door', false),
      jobKindOf('panelled-door', false),
      jobKindOf('panelled-door', true),
      jobKindOf('sash-window', true),
      jobKindOf('railing', false),
    ],
    ['kitchen', 'doors-and-trim', 'outside', 'windows', 'one-piece'],
  );
});
