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

/** That there is no plan. */
export interface NoPlan {
  status: 'infeasible';
  /** Which task can't be placed and why, in terms that a painter can act on. */
  reasons: { task: string | null; message: string }[];
}

/** What is answered to a problem. */
export type PlanSolution = FoundPlan | NoPlan;
