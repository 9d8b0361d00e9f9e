import { DEFAULT_FILLERS } from '../core/shelf/filler.ts';
import { TestJob } from '../core/fixtures/jobs.ts';
import { usualPiece } from '../core/job/document/usual-piece.ts';
import type { BuildUp } from '../core/job/document/group-schema.ts';
import type { Job } from '../core/job/document/schema.ts';
import { readJobFile } from '../core/exchange/job-file.ts';
import { readFileSync } from 'node:fs';

/** A demo job as it was before anything was planned or done. */
export function fromItsBeginning(name: string): Job {
  const read = readJobFile(readFileSync(new URL(`../demo/${name}.nivel.json`, import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(read.message);
  return { ...read.value, log: [], plan: null };
}

/** Has one professional do a job, with so many places to work on and to lie. */
function alone(job: TestJob, slots: Readonly<Record<'bench' | 'rack', number>>): TestJob {
  const [painter] = job.job.crew;
  if (painter) job.tell('change-painter', { id: painter.id, facts: { skill: 'professional' } });
  for (const place of job.job.places) job.tell('change-place', { id: place.id, facts: { slots: slots[place.kind] } });
  return job;
}

/** A kitchen of 20 doors and 10 drawer fronts of sound oil gloss, sprayed in a workshop by one painter. */
export function sprayedKitchen(): Job {
  const job = alone(new TestJob(), { bench: 2, rack: 16 });
  const surface = { substrate: 'mdf', existing: 'oil-gloss', condition: 'sound' } as const;
  for (let index = 0; index < 20; index++)
    job.tell('add-pieces', {
      ids: [`door-${index + 1}`],
      kind: 'cabinet-door',
      piece: usualPiece('cabinet-door', 'room-1', {
        shape: {
          width: [397, 447, 597][index % 3] ?? 447,
          height: [715, 715, 572][index % 3] ?? 715,
          thickness: 19,
          style: 'slab',
          stile: 70,
          topRail: 70,
          bottomRail: 70,
        },
        surface,
      }),
    });
  for (let index = 0; index < 10; index++)
    job.tell('add-pieces', {
      ids: [`drawer-${index + 1}`],
      kind: 'drawer-front',
      piece: usualPiece('drawer-front', 'room-1', {
        shape: { width: index % 2 === 0 ? 397 : 597, height: 178, thickness: 19 },
        surface,
      }),
    });
  return job.coated('enamel-acrylic', { coats: coats(['prime-bond-wb', 'enamel-acrylic', 'enamel-acrylic'], 'spray') })
    .job;
}

/** Five oak cabinets: ten framed doors, grain filled, by one painter with brush and roller. */
export function filledOak(): Job {
  const job = alone(new TestJob(), { bench: 1, rack: 10 });
  for (let index = 0; index < 10; index++)
    job.tell('add-pieces', {
      ids: [`door-${index + 1}`],
      kind: 'cabinet-door',
      piece: usualPiece('cabinet-door', 'room-1', {
        shape: { width: 447, height: 715, thickness: 21, style: 'framed', stile: 70, topRail: 70, bottomRail: 70 },
        surface: { substrate: 'oak', existing: 'varnish', condition: 'sound' },
      }),
    });
  const filler = DEFAULT_FILLERS.find(({ fills }) => fills === 'grain');
  if (!filler) throw new Error('Nothing fills grain.');
  return job.coated('enamel-acrylic', {
    key: 'abrade',
    grainFill: { product: filler.id, passes: filler.passes },
    coats: coats(['prime-shellac', 'enamel-acrylic', 'enamel-acrylic'], 'roller'),
  }).job;
}

const coats = (products: readonly string[], tool: 'spray' | 'roller'): BuildUp['coats'] =>
  products.map((product) => ({ product, tool, thinning: 0, extent: 'all' }));
