import type { Piece } from '../../job/document/piece-schema.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { isRecord } from '../../scheduling/recorded-work.ts';
import type { PlannedSetup, PlannedTask } from '../../scheduling/plan.ts';

/** What two plans of a job are compared by. */
export interface ComparedPlan {
  tasks: readonly PlannedTask[];
  setups: readonly PlannedSetup[];
  finish: number;
}

/** The same, with the midnight from which its times count. */
export type DatedPlan = ComparedPlan & { t0: string };

/** A task that stands elsewhere in the second plan; minutes from t0. */
export interface MovedTask {
  taskId: string;
  from: number;
  to: number;
  /** Whether other hands do it. */
  handed: boolean;
}

/** What is different in the second of two plans. */
export interface PlanChanges {
  finish: readonly [number, number];
  painterDays: readonly [number, number];
  setups: readonly [number, number];
  /** Tasks that abrade again, since a coat will have waited too long. */
  late: readonly [number, number];
  /** In the order of the second plan. */
  moved: MovedTask[];
  /** Tasks that only one of them has: done meanwhile, taken out, or new. */
  gone: string[];
  added: string[];
  /** When the last thing is done to a piece, where that moved by more than a moment; the latest first. */
  pieces: { piece: Piece; from: number; to: number }[];
}

/** Minutes by which something may shift without being told. */
const UNNOTICED = 15;

/** Tells what a second plan of the same job does otherwise, of what begins at `from` or later; minutes from their t0. */
export function comparePlans(
  { steps }: Pick<JobProblem, 'steps'>,
  before: ComparedPlan,
  after: ComparedPlan,
  from: number,
): PlanChanges {
  const first = handled(before, from);
  const second = handled(after, from);
  const moved: MovedTask[] = [];
  for (const task of second.values()) {
    const was = first.get(task.id);
    if (was === undefined) continue;
    const handed = was.painters.join() !== task.painters.join();
    if (handed || Math.abs(was.start - task.start) > UNNOTICED) {
      moved.push({ taskId: task.id, from: was.start, to: task.start, handed });
    }
  }
  const ends = [lastEnds(steps, first), lastEnds(steps, second)] as const;
  const pieces = [...ends[1].values()].flatMap(({ piece, end }) => {
    const was = ends[0].get(piece.id)?.end;
    return was === undefined || Math.abs(was - end) <= UNNOTICED ? [] : [{ piece, from: was, to: end }];
  });
  return {
    finish: [before.finish, after.finish],
    painterDays: [daysOf(first), daysOf(second)],
    setups: [setupsOf(before, from), setupsOf(after, from)],
    late: [lateOf(first), lateOf(second)],
    moved: moved.sort((one, other) => one.to - other.to),
    gone: [...first.keys()].filter((id) => !second.has(id)),
    added: [...second.keys()].filter((id) => !first.has(id)),
    pieces: pieces.sort((one, other) => other.to - other.from - (one.to - one.from)),
  };
}

/** The tasks that take hands, by id; not moments of drying, and not the record. */
function handled({ tasks }: ComparedPlan, from: number): Map<string, PlannedTask> {
  return new Map(
    tasks
      .filter(({ painters, start }) => start >= from && painters.length > 0 && !isRecord(painters))
      .map((task) => [task.id, task]),
  );
}

function lastEnds(
  steps: JobProblem['steps'],
  tasks: ReadonlyMap<string, PlannedTask>,
): Map<string, { piece: Piece; end: number }> {
  const last = new Map<string, { piece: Piece; end: number }>();
  for (const { id, end } of tasks.values()) {
    const piece = steps.get(id)?.piece;
    if (piece && end > (last.get(piece.id)?.end ?? -1)) last.set(piece.id, { piece, end });
  }
  return last;
}

const setupsOf = ({ setups }: ComparedPlan, from: number): number => setups.filter(({ start }) => start >= from).length;

const lateOf = (tasks: ReadonlyMap<string, PlannedTask>): number =>
  [...tasks.values()].filter(({ late }) => late).length;

function daysOf(tasks: ReadonlyMap<string, PlannedTask>): number {
  const days = new Set<string>();
  for (const { start, painters } of tasks.values()) {
    for (const painter of painters) days.add(`${painter}/${Math.floor(start / 1440)}`);
  }
  return days.size;
}
