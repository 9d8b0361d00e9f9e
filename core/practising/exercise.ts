import type { Job } from '../job/document/schema.ts';
import type { Random } from './drawing-lots.ts';
import type { Estimated } from './estimates.ts';
import type { MistakeId } from './mistakes.ts';

/** The levels of every exercise, from a quiet day to a hard one. */
export const LEVELS = [1, 2, 3, 4, 5] as const;
export type Level = (typeof LEVELS)[number];

/** What a learner reads: units, vocabulary and currency. */
export type PracticeSettings = Pick<Job['settings'], 'units' | 'vocabulary' | 'currency'>;

/** One thing that was judged. */
export interface Point {
  isRight: boolean;
  /** Which kind of mistake it is, or would have been. */
  mistake: MistakeId;
  /** What was right or wrong, in a sentence. */
  words: string;
  /** Why, in lines: the account of the figure behind it. */
  why: readonly string[];
}

/** What an answer comes to. */
export interface Judgement {
  /** From 0 to 100, which is as good as the best answer. 0 where something could have hurt. */
  score: number;
  /** What could have hurt, with what to do instead; empty where nothing could. */
  dangers: readonly string[];
  points: readonly Point[];
  /** The best answer, in lines. */
  best: readonly string[];
  /** What was estimated, beside what is right. */
  estimates?: readonly Estimated[];
}

/**
 * A kind of exercise: what it shows, what may be answered, how that is judged, how it is made. A task and an answer are
 * plain data, so that they cross to a worker and can be kept.
 */
export interface Exercise<Task = unknown, Answer = unknown> {
  name: string;
  /** What one does, in a sentence. */
  asks: string;
  /** The stage of a job at which the same is done in earnest. */
  stage: string;
  /** What each level has, in a few words. */
  levels: Readonly<Record<Level, string>>;
  /** Mistakes that it can show. */
  mistakes: readonly MistakeId[];
  /** Makes a task from lots; null where these lots make one that is too easy or has no good answer. */
  draw(level: Level, random: Random, settings: PracticeSettings): Task | null;
  /** The same from the open job at a local time; null where the job has nothing for it, or these lots nothing good. */
  drawFrom(job: Job, now: string, random: Random): Task | null;
  /** What a first-timer would answer who goes by looks, or by the tin. */
  firstGuess(task: Task): Answer;
  /** An answer without any thought. */
  anyAnswer(task: Task, random: Random): Answer;
  /** An answer that gets full marks. */
  best(task: Task): Answer;
  judge(task: Task, answer: Answer): Judgement;
}

/** Full marks. */
export const FULL_MARKS = 100;

/** A score between 0 and {@link FULL_MARKS}, in whole marks. */
export const marks = (score: number): number => Math.round(Math.max(0, Math.min(FULL_MARKS, score)));
