import { freeze } from 'immer';
import { applyCommand, type CommandArgs, type CommandName } from '../job/commands/apply.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { newJob } from '../job/document/new-job.ts';
import type { StatedPiece } from '../job/document/piece-schema.ts';
import type { BuildUp } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';

/** A small job for tests: made by commands, like any other. */
export class TestJob {
  job: Job;

  constructor(start = '2027-03-01') {
    const job = newJob({
      id: 'test',
      name: 'Test',
      createdAt: '2027-02-20T08:00:00+01:00',
      start,
      timeZone: 'Europe/Berlin',
    });
    // As every job that the app holds: what follows from it is kept.
    this.job = freeze(job, true);
  }

  tell<N extends CommandName>(name: N, args: CommandArgs<N>): this {
    const outcome = applyCommand(this.job, name, args);
    if (!outcome.ok) throw new Error(outcome.message);
    this.job = outcome.value.job;
    return this;
  }

  /** Adds a flush door of old oil gloss, both faces and three edges in scope. */
  door(id: string, facts: Partial<StatedPiece> = {}): this {
    return this.tell('add-pieces', { ids: [id], kind: 'flush-door', piece: { ...DOOR, ...facts } });
  }

  /** Gives every group the same build-up: degloss, bonding primer, two coats of the topcoat. */
  coated(topcoat = 'enamel-acrylic', facts: Partial<BuildUp> = {}): this {
    for (const group of this.job.groups) {
      this.tell('choose-build-up', { groupId: group.id, buildUp: { ...buildUp(topcoat), ...facts }, chosenFor: null });
    }
    return this;
  }
}

export const DOOR: StatedPiece = usualPiece('flush-door', 'room-1', {
  shape: { width: 826, height: 2040, thickness: 40 },
  surface: { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound' },
});

/** Degloss, bonding primer, two coats of a topcoat, all by roller. */
export function buildUp(topcoat: string): BuildUp {
  return {
    cleaning: [{ product: 'no-rinse-wash', rinsed: false }],
    key: 'degloss',
    fillers: [],
    grainFill: null,
    preservative: null,
    coats: ['prime-bond-wb', topcoat, topcoat].map((product) => ({
      product,
      tool: 'roller',
      thinning: 0,
      extent: 'all',
    })),
    faceCoats: {},
  };
}
