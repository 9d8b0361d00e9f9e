import type { CommandArgs, CommandName } from '../job/commands/apply.ts';
import type { LogEntry } from '../job/document/log-schema.ts';
import type { Piece, StatedPiece } from '../job/document/piece-schema.ts';
import type { BuildUp } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { acceptedPlan } from '../planning/revising/accept.ts';
import { jobToProblem, type JobProblem } from '../planning/drafting/job-to-problem.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { dayOf, type Day } from '../running/day.ts';
import { TestJob } from './jobs.ts';

/** A job of one door that is worked on, stamp by stamp, for tests of what is made of the log. */
export class WorkedDays {
  readonly #made: TestJob;
  #stamps = 0;

  constructor(facts: Partial<StatedPiece> = {}, buildUp: { topcoat?: string } & Partial<BuildUp> = {}) {
    const { topcoat, ...more } = buildUp;
    this.#made = new TestJob().door('d', facts).coated(topcoat, more);
  }

  get job(): Job {
    return this.#made.job;
  }

  get piece(): Piece {
    const [piece] = this.job.pieces;
    if (!piece) throw new Error('There is no door.');
    return piece;
  }

  tell<N extends CommandName>(name: N, args: CommandArgs<N>): this {
    this.#made.tell(name, args);
    return this;
  }

  step(name: string): PieceStep {
    const step = pieceSteps(this.job, this.piece).find(({ id }) => id === `d/${name}`);
    if (!step)
      throw new Error(
        `The door has no step ${name}: ${pieceSteps(this.job, this.piece)
          .map(({ id }) => id)
          .join(' ')}`,
      );
    return step;
  }

  /** Stamps a step of the door done at a local time, with whatever else the stamp says. */
  done(name: string, at: string, more: Partial<LogEntry> = {}): this {
    const entry = { id: `s${++this.#stamps}`, at, taskId: this.step(name).id, by: 'painter-1', minutes: 20 } as const;
    return this.tell('stamp', { entries: [{ ...entry, event: 'done', ...more }] });
  }

  /** Stamps steps one after another, a quarter of an hour apart. */
  doneAll(names: readonly string[], from: string): this {
    names.forEach((name, index) => {
      const minute = Number(from.slice(14, 16)) + index * 15;
      const hour = Number(from.slice(11, 13)) + Math.floor(minute / 60);
      this.done(name, `${from.slice(0, 11)}${String(hour).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`);
    });
    return this;
  }

  problem(now: string): JobProblem {
    return jobToProblem(this.job, now);
  }

  /** Plans from a local time, accepts the plan, and answers the day. */
  planned(at: string): this {
    const { problem } = jobToProblem(this.job, at);
    const plan = solve(problem, { steps: 20 });
    if (plan.status === 'infeasible') throw new Error(JSON.stringify(plan.reasons));
    return this.tell('accept-plan', { plan: acceptedPlan(this.job, problem, plan, { at, reason: 'Plan' }) });
  }

  /** The day as it stands at a local time. */
  day(now: string): Day {
    const problem = jobToProblem(this.job, `${now.slice(0, 10)}T00:00`);
    if (this.job.plan === null) throw new Error('There is no plan.');
    return dayOf(this.job, problem, readPlan(this.job, problem, this.job.plan), now);
  }
}
