import type { Attempt } from './attempt.ts';
import { COURSE, PASSED, type Lesson } from './course.ts';
import { EXERCISE_IDS, type ExerciseId } from './exercise-ids.ts';
import { LEVELS, type Level } from './exercise.ts';
import { MISTAKE_IDS, type MistakeId } from './mistakes.ts';

/** Marks from which an attempt counts towards the next level, and how many in a row it takes. */
const SURE = 80;
const IN_A_ROW = 2;

/** Attempts in the order of time. */
const inTime = (attempts: readonly Attempt[]): Attempt[] =>
  attempts.toSorted((one, other) => Date.parse(one.at) - Date.parse(other.at));

/**
 * The level at which one goes on with an exercise: one higher after two sure attempts in a row at a level. A job’s own
 * pieces have none, and do not count.
 */
export function levelOf(attempts: readonly Attempt[], exercise: ExerciseId): Level {
  const own = inTime(attempts).filter((each) => each.exercise === exercise && each.source !== 'job');
  let level: Level = 1;
  let row = 0;
  for (const attempt of own) {
    if (attempt.level < level) continue;
    const isSure = attempt.isSafe && attempt.score >= SURE;
    row = isSure ? (attempt.level === level ? row + 1 : 1) : 0;
    level = attempt.level;
    const next = LEVELS.find((each) => each > level);
    if (row >= IN_A_ROW && next !== undefined) [level, row] = [next, 0];
  }
  return level;
}

/** How one stands in an exercise. */
export interface Standing {
  exercise: ExerciseId;
  level: Level;
  /** Scores of all attempts, the first first. */
  scores: number[];
}

export const standings = (attempts: readonly Attempt[]): Standing[] =>
  EXERCISE_IDS.map((exercise) => ({
    exercise,
    level: levelOf(attempts, exercise),
    scores: inTime(attempts).flatMap((each) => (each.exercise === exercise ? [each.score] : [])),
  }));

/** Whether something is a lesson, be it tried again with another task: no two lessons share exercise and level. */
export const isOfLesson = (
  { source, exercise, level }: Pick<Attempt, 'source' | 'exercise' | 'level'>,
  lesson: Lesson,
): boolean => source === 'course' && exercise === lesson.exercise && level === lesson.level;

/** The lessons of the course, with the best score of each; null where it was not tried. */
export function lessonsDone(attempts: readonly Attempt[]): { lesson: Lesson; best: number | null; isDone: boolean }[] {
  return COURSE.map((lesson) => {
    const scores = attempts.flatMap((each) => (isOfLesson(each, lesson) ? [each.score] : []));
    const best = scores.length === 0 ? null : Math.max(...scores);
    return { lesson, best, isDone: best !== null && best >= PASSED };
  });
}

/** Days after which a kind of mistake is asked for again, the longer the more often it was avoided since. */
const INTERVALS = [1, 3, 7, 16, 35] as const;
const DAY = 86_400_000;

/** A kind of mistake that was made, and when to practise against it. */
export interface Recurring {
  mistake: MistakeId;
  /** How often it was made, of how many times that it was judged. */
  made: number;
  judged: number;
  /** In a row since. */
  avoided: number;
  /** ISO. */
  due: string;
  /** The exercise in which it was made last. */
  exercise: ExerciseId;
}

/**
 * Every kind of mistake that was ever made, with when it is due again: the next day, and later each time that it was
 * avoided (spaced repetition by the intervals of a Leitner box). Those due first come first.
 */
export function recurring(attempts: readonly Attempt[]): Recurring[] {
  const found = new Map<MistakeId, Recurring>();
  for (const { at, exercise, avoided } of inTime(attempts)) {
    for (const mistake of MISTAKE_IDS) {
      const isAvoided = avoided[mistake];
      if (isAvoided === undefined) continue;
      const known = found.get(mistake);
      if (isAvoided && known === undefined) continue;
      const row = isAvoided ? (known?.avoided ?? 0) + 1 : 0;
      const days = INTERVALS[Math.min(row, INTERVALS.length - 1)] ?? 1;
      found.set(mistake, {
        mistake,
        made: (known?.made ?? 0) + (isAvoided ? 0 : 1),
        judged: (known?.judged ?? 0) + 1,
        avoided: row,
        due: new Date(Date.parse(at) + days * DAY).toISOString(),
        exercise: isAvoided ? (known?.exercise ?? exercise) : exercise,
      });
    }
  }
  return [...found.values()].sort((one, other) => Date.parse(one.due) - Date.parse(other.due));
}

/** What to practise next: an exercise and its level, and the mistake that it is against, where there is one. */
export interface Next {
  exercise: ExerciseId;
  level: Level;
  against: MistakeId | null;
  /** The lesson of the course that it is, where it is one. */
  lesson: Lesson | null;
}

/**
 * What to practise next at a moment: what is due against a mistake; else the next lesson of the course; else the exercise
 * that was done least, at its level. `now` is ISO.
 */
export function nextToPractise(attempts: readonly Attempt[], now: string): Next {
  const due = recurring(attempts).find((each) => Date.parse(each.due) <= Date.parse(now));
  if (due) {
    const { exercise, mistake } = due;
    return { exercise, level: levelOf(attempts, exercise), against: mistake, lesson: null };
  }
  const lesson = lessonsDone(attempts).find(({ isDone }) => !isDone)?.lesson;
  if (lesson) return { exercise: lesson.exercise, level: lesson.level, against: null, lesson };
  const [least] = standings(attempts).toSorted((one, other) => one.scores.length - other.scores.length);
  const exercise = least?.exercise ?? EXERCISE_IDS[0];
  return { exercise, level: levelOf(attempts, exercise), against: null, lesson: null };
}
