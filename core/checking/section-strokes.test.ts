import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep } from '../steps/step.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { passOf, strokeMinutes } from '../sequence/pass.ts';
import type { Stroke } from '../sequence/stroke.ts';
import { chosenOptions } from '../sequence/usual-options.ts';
import { withFirstOffers } from '../fixtures/answered-job.ts';
import { sectionsBefore, strokesOfSection } from './section-strokes.ts';

test('the sections of a coat share its strokes among them, each stroke once and in order', () => {
  const read = readJobFile(readFileSync(new URL('../../cases/jobs/garage-door.nivel.json', import.meta.url), 'utf8'));
  assert.ok(read.ok);
  const job = withFirstOffers(read.value);
  const door = job.pieces.find(({ kind }) => kind === 'sectional-door')!;
  const sections = pieceSteps(job, door).filter(
    (step): step is CoatStep => isCoat(step) && step.coat.number === 1 && step.coat.section !== null,
  );
  const [first] = sections;
  assert.ok(first && sections.length > 1);
  const options = chosenOptions(job, door, first.coat.coating.id, first.coat.coat.tool);
  const { strokes } = passOf(door, first.coat.faces, options);
  const minutesOf = (stroke: Stroke): number => strokeMinutes(stroke, options);
  const shared = sections.map((step) =>
    strokesOfSection(strokes, minutesOf, sectionsBefore(job, step), step.coat.section),
  );
  assert.deepEqual(
    shared.flat().map(({ id }) => id),
    strokes.map(({ id }) => id),
  );
  assert.ok(shared.every((own) => own.length > 0 && own.length < strokes.length));
  assert.equal(sectionsBefore(job, first), 0);
  assert.deepEqual(strokesOfSection(strokes, minutesOf, 0, null), strokes, 'a coat at one go has them all');
});
