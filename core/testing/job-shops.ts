import {
  PLAN_PROBLEM_FORMAT,
  planProblemSchema,
  type PlanProblem,
  type PlanProblemFile,
} from '../scheduling/problem.ts';

/** A published job shop: by job, machines and times in turn; and its least makespan. */
export interface JobShop {
  jobs: string;
  optimum: number;
}

/** Fisher and Thompson 1963, six jobs on six machines. */
export const SIX_BY_SIX: JobShop = {
  optimum: 55,
  jobs: `
    2 1 0 3 1 6 3 7 5 3 4 6
    1 8 2 5 4 10 5 10 0 10 3 4
    2 5 3 4 5 8 0 9 1 1 4 7
    1 5 0 5 2 5 3 3 4 8 5 9
    2 9 1 3 4 5 5 4 0 3 3 1
    1 3 3 3 5 9 0 10 4 4 2 1`,
};

/** Fisher and Thompson 1963, ten jobs on ten machines. */
export const TEN_BY_TEN: JobShop = {
  optimum: 930,
  jobs: `
    0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21
    0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
    1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
    1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43
    2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
    2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25
    1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
    2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
    0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
    1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45`,
};

/** The planning problem of a job shop: each machine is a painter, who works without a break. */
export function jobShopProblem({ jobs }: JobShop): PlanProblem {
  const rows = jobs
    .trim()
    .split('\n')
    .map((row) => row.trim().split(' ').map(Number));
  const horizon = rows.flat().reduce((sum, value) => sum + value, 0);
  const tasks: PlanProblemFile['tasks'] = [];
  const waits: NonNullable<PlanProblemFile['waits']> = [];
  const machines = new Set<number>();
  for (const [job, row] of rows.entries()) {
    for (let at = 0; at < row.length; at += 2) {
      const [machine = 0, work = 0] = row.slice(at, at + 2);
      machines.add(machine);
      tasks.push({ id: `${job}/${at}`, work, painters: 1, by: [`machine-${machine}`] });
      if (at > 0) waits.push({ from: `${job}/${at - 2}`, to: `${job}/${at}`, atLeast: { ticks: 0 } });
    }
  }
  return planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 1,
    t0: '2027-03-01T00:00',
    horizon,
    painters: [...machines].map((machine) => ({ id: `machine-${machine}`, shifts: [[0, horizon]] })),
    tasks,
    waits,
  });
}
