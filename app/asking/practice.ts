import type { Job } from '../../core/job/document/schema.ts';
import type { ExerciseId } from '../../core/practising/exercise-ids.ts';
import type { Judgement, Level, PracticeSettings } from '../../core/practising/exercise.ts';
import { KeptWorkers } from './kept-workers.ts';
import type { Practice } from './practice.worker.ts';

const workers = new KeptWorkers<Practice>(
  () => new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module', name: 'practice' }),
);

/** A worker for as long as one exercise is done: it keeps the task with all that was derived from it, and so judges at once. */
export interface PracticeSession {
  /** Makes the task of a level that a seed makes. */
  made(exercise: ExerciseId, level: Level, seed: number, settings: PracticeSettings): Promise<unknown>;
  /** Makes a task from a job, of a piece where one is named and has it; null where the job has nothing for the exercise. */
  fromJob(exercise: ExerciseId, job: Job, now: string, seed: number, pieceId: string | null): Promise<unknown>;
  /** Judges an answer to the task that was made last. */
  judged(answer: unknown): Promise<Judgement>;
  /** Gives the worker back. */
  end(): void;
}

export function practiceSession(): PracticeSession {
  const held = workers.hold();
  return {
    made: (...asked) => held.ask<unknown>((worker) => worker.made(...asked)),
    fromJob: (...asked) => held.ask<unknown>((worker) => worker.fromJob(...asked)),
    judged: (answer) => held.ask((worker) => worker.judged(answer)),
    end: held.end,
  };
}
