import { TOOLS } from '../shelf/tools.ts';
import { progressByTask } from '../job/progress.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep } from '../steps/step.ts';
import { minutesOn, type Day } from './day.ts';

/** When a tool was last in the hand with a paint in it: put on, left half done, or still being put on. */
export interface ToolUse {
  step: CoatStep;
  /** Minutes from the plan's t0. */
  at: number;
}

/** A tool with a paint in it. */
const toolKey = ({ coat }: CoatStep): string => `${coat.coating.id}/${coat.coat.tool}`;

/** The last use of every tool with every paint, in the order of time. */
export function toolUses(day: Day): ToolUse[] {
  const progress = progressByTask(day.job.log);
  const uses = day.job.pieces
    .flatMap((piece) => pieceSteps(day.job, piece))
    .filter(isCoat)
    .flatMap((step): ToolUse[] => {
      const stamped = progress.get(step.id);
      const isGoingOn = stamped?.startedAt != null && stamped.doneAt === null;
      const at = isGoingOn ? day.now : (stamped?.doneAt ?? stamped?.left?.at);
      return at == null ? [] : [{ step, at: minutesOn(day, at) }];
    });
  const last = new Map<string, ToolUse>();
  for (const use of uses) {
    const key = toolKey(use.step);
    if (use.at >= (last.get(key)?.at ?? -Infinity)) last.set(key, use);
  }
  return [...last.values()].sort((one, other) => one.at - other.at);
}

/** When the plan takes that tool with that paint next, after a moment; null where it does no more. */
export function nextUse({ reading }: Day, { step }: ToolUse, after: number): number | null {
  const run = reading.runs.find(
    ({ start, steps: [first] }) => start > after && first && isCoat(first) && toolKey(first) === toolKey(step),
  );
  return run?.start ?? null;
}

/** Minutes that a tool keeps with paint in it: a gun in water for a day at most, what is wrapped overnight. */
export const keepsFor = ({ step }: ToolUse): number => TOOLS[step.coat.coat.tool].keeps;
