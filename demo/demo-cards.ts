import type { Piece } from '../core/job/document/piece-schema.ts';
import type { Job } from '../core/job/document/schema.ts';
import { groupOf } from '../core/job/queries/groups.ts';
import { jobOutlook, type JobOutlook } from '../core/running/outlook.ts';

/** Pieces drawn on a card. */
const MAX_DRAWN = 16;

/** What the first page shows of a demo job as it ships: its drawings, and how it stands at its clock. */
export interface DemoCard {
  name: string;
  pieces: (Pick<Piece, 'id' | 'kind' | 'shape' | 'scope'> & { fill: string })[];
  outlook: JobOutlook | null;
}

/** The card of a demo job. Worked out when demo jobs are made, so that the first page loads neither them nor the core. */
export function demoCard(job: Job): DemoCard {
  const { clock } = job.settings;
  return {
    name: job.name,
    pieces: job.pieces.slice(0, MAX_DRAWN).map((piece) => ({
      id: piece.id,
      kind: piece.kind,
      shape: piece.shape,
      scope: piece.scope,
      fill: groupOf(job, piece)?.colour.hex ?? '#efece2',
    })),
    outlook: clock.kind === 'simulated' ? jobOutlook(job, clock.now) : null,
  };
}
