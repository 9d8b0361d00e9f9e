import { freeze } from 'immer';
import type { Job } from '../document/schema.ts';
import { applyCommand, type CommandArgs, type CommandName } from './apply.ts';

/** A job that is made up by commands, like any other, one after another. */
export class ToldJob {
  job: Job;

  /** `job` has passed the job schema. */
  constructor(job: Job) {
    // As every job that the app holds: what follows from it is kept.
    this.job = freeze(job, true);
  }

  /** Carries out a command. Throws with its message where it is refused. */
  tell<N extends CommandName>(name: N, args: CommandArgs<N>): this {
    const outcome = applyCommand(this.job, name, args);
    if (!outcome.ok) throw new Error(outcome.message);
    this.job = outcome.value.job;
    return this;
  }
}
