import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import { applyCommand } from '../job/commands/apply.ts';
import type { Job } from '../job/document/schema.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { withFirstOffers } from '../fixtures/answered-job.ts';
import { roomChecks } from './round.ts';

test('a coat that is painted in sections counts once, and only when the last of them is painted', () => {
  const read = readJobFile(readFileSync(new URL('../../cases/jobs/garage-door.nivel.json', import.meta.url), 'utf8'));
  assert.ok(read.ok);
  let job: Job = withFirstOffers(read.value);
  const garage = job.pieces.find(({ kind }) => kind === 'sectional-door')!;
  const sections = pieceSteps(job, garage).filter(
    (step) => isCoat(step) && step.coat.number === 1 && step.coat.faces.includes('front'),
  );
  assert.ok(sections.length > 1);
  const laid = (): number[] => {
    const face = roomChecks(job)
      .flatMap(({ faces }) => faces)
      .find(({ piece }) => piece.id === garage.id)!;
    return [face.coats.laid, face.coats.all];
  };
  sections.forEach(({ id }, index) => {
    assert.deepEqual(laid(), [0, 3], id);
    const at = `2027-05-03T${String(8 + index).padStart(2, '0')}:00`;
    const entry = { id: `s${index}`, at, taskId: id, by: 'painter-1', minutes: 40, event: 'done' } as const;
    const told = applyCommand(job, 'stamp', { entries: [entry] });
    assert.ok(told.ok);
    job = told.value.job;
  });
  assert.deepEqual(laid(), [1, 3]);
});
