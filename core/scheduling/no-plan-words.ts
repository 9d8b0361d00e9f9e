import { formatDuration } from '../units/measures.ts';
import type { NoPlanReason, PlanSolution } from './plan.ts';

/** How tasks and spaces are called where a reason is worded. */
export interface ReasonNames {
  task(id: string): string;
  /** A space: with places in it, such as a rack, or with a limit, such as pieces off at once. */
  space(id: string): { name: string; isLimit: boolean };
}

/** The names of a problem by itself: its ids. */
export const BY_ID: ReasonNames = { task: (id) => id, space: (id) => ({ name: id, isLimit: false }) };

/** Why there is no plan, in one sentence or two. */
export function noPlanWords(reason: NoPlanReason, names: ReasonNames): string {
  const task = reason.task === null ? '' : names.task(reason.task);
  const roomIn = (space: string, slots: number): string => {
    const { name, isLimit } = names.space(space);
    return isLimit ? `${name} (at most ${slots})` : `${name} (${slots === 1 ? '1 space' : `${slots} spaces`})`;
  };
  switch (reason.kind) {
    case 'circle':
      return 'Some steps wait for each other in a circle. None of them can be first.';
    case 'too-few-painters':
      return `${task} needs ${reason.needed} people. Only ${reason.allowed} can do it.`;
    case 'no-hours':
      return `No one who can do ${task} has working hours.`;
    case 'shift-too-short':
      return `${task} takes ${formatDuration(reason.minutes)}. The longest shift is ${formatDuration(reason.longest)}.`;
    case 'space-too-small':
      return `${roomIn(reason.space, reason.slots)} is too small: ${task} needs ${reason.needed}.`;
    case 'starts-too-late':
      return `${task} can’t be finished in time.`;
    case 'window-too-short':
      return `${task} needs ${formatDuration(reason.minutes)} at a stretch. The longest paintable spell is ${formatDuration(reason.longest)}.`;
    case 'space-full':
      return `${roomIn(reason.space, reason.slots)} is always full: no room for ${task}. Allow more, or do fewer at once.`;
    case 'too-long-after':
      return `${task} can’t be done soon enough after ${names.task(reason.after)}.`;
    case 'ends-too-late':
      return `${task} would finish too late.`;
    case 'no-window-left':
      return `No paintable spell is left for ${task} (${formatDuration(reason.minutes)}).`;
    case 'never-dry':
      return `${names.task(reason.after)} won’t be dry enough for ${task}. Warm or dry the room.`;
    case 'pinned':
      return `No time for ${task} before ${names.task(reason.before)}, which is pinned.`;
    case 'no-shift-left':
      return `No working hours are left for ${task} (${formatDuration(reason.minutes)}).`;
    case 'stopped':
      return 'The search stopped before it found a plan. There may be one.';
    case 'broken-rule':
      return `Nivel rejected its own plan (rule “${reason.rule}” at ${reason.tasks.map(names.task).join(', ')}). Please report this.`;
    case 'nothing-to-plan':
      return 'Nothing to plan yet. Choose a build-up first.';
    case 'failed':
      return `Can’t plan right now: ${reason.fault}`;
  }
}

/** A solution as it leaves Nivel, in files and answers: each reason with its words, tasks and spaces by their ids. */
export const withReasonWords = (solution: PlanSolution): object =>
  solution.status === 'infeasible'
    ? { ...solution, reasons: solution.reasons.map((each) => ({ ...each, message: noPlanWords(each, BY_ID) })) }
    : solution;
