/** Where a task of a problem stands, in ticks. */
export interface PlannedTask {
  id: string;
  start: number;
  end: number;
  painters: string[];
  late: boolean;
}

/** Where somebody sets up, in ticks. */
export interface PlannedSetup {
  key: string;
  painter: string;
  start: number;
  end: number;
}

/** Where every task and set-up of a problem stands: a plan in its open form. */
export interface OpenPlan {
  tasks: readonly PlannedTask[];
  setups: readonly PlannedSetup[];
}

/** What a plan costs, by which plans are compared. */
export interface PlanCost {
  /** End of the last task. */
  finish: number;
  /** The finish as far as it counts: to the crew's half-day where the problem states what trouble is, else to the tick. */
  counted: number;
  /** What disturbs the crew, in painter-minutes. */
  trouble: number;
  /** Days on which a painter works at all, summed over painters. */
  painterDays: number;
  /** How often somebody sets up. */
  setups: number;
  /** Sum of the ends of all tasks. */
  sumOfEnds: number;
}

/** A plan that was found, with what it costs and the earliest finish that is possible at all. */
export interface FoundPlan {
  status: 'optimal' | 'feasible';
  tasks: PlannedTask[];
  setups: PlannedSetup[];
  finish: number;
  lowerBound: number;
  cost: PlanCost;
}

/** Why there is no plan: the task that can't be placed, and of what. Minutes of work; slots of a space. */
export type NoPlanReason =
  | { kind: 'circle' | 'stopped' | 'nothing-to-plan'; task: null }
  | { kind: 'failed'; task: null; fault: string }
  | { kind: 'no-hours' | 'starts-too-late' | 'ends-too-late'; task: string }
  | { kind: 'too-few-painters'; task: string; needed: number; allowed: number }
  | { kind: 'shift-too-short' | 'window-too-short'; task: string; minutes: number; longest: number }
  | { kind: 'no-window-left' | 'no-shift-left'; task: string; minutes: number }
  | { kind: 'space-too-small'; task: string; space: string; slots: number; needed: number }
  | { kind: 'space-full'; task: string; space: string; slots: number }
  | { kind: 'too-long-after' | 'never-dry'; task: string; after: string }
  | { kind: 'pinned'; task: string; before: string }
  | { kind: 'broken-rule'; task: string | null; rule: string; tasks: string[] };

/** That there is no plan; `noPlanWords` words its reasons. */
export interface NoPlan {
  status: 'infeasible';
  reasons: NoPlanReason[];
}

/** What is answered to a problem. */
export type PlanSolution = FoundPlan | NoPlan;
