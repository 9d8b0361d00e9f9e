import { useMemo } from 'react';
import { jobSteps, type JobSteps } from '../../core/steps/job-steps.ts';
import { problemOfDay, type JobProblem } from '../../core/planning/drafting/job-to-problem.ts';
import { readPlan, type PlanReading } from '../../core/planning/reading/read-plan.ts';
import type { Job } from '../../core/job/document/schema.ts';
import type { AcceptedPlan } from '../../core/job/document/plan-schema.ts';
import { useJob, useToday } from './use-job.ts';

/** The steps of a job, its clocks and how its coats dry; for screens that plan nothing. */
export function useStepsOf(job: Job): JobSteps {
  return jobSteps(job, `${useToday()}T00:00`);
}

/** The same of the open job. */
export const useJobSteps = (): JobSteps => useStepsOf(useJob());

/** The open job as a problem; another one when what it follows from changes or another day begins, not with its clock. */
export function useJobProblem(): JobProblem {
  return problemOfDay(useJob(), useToday());
}

type ReadablePlan = Pick<AcceptedPlan, 't0' | 'tasks' | 'setups' | 'finish'>;

/** A plan of a job as runs and lying pieces; null without a plan. */
export function useReadingOf(job: Job, problem: JobSteps, plan: ReadablePlan | null): PlanReading | null {
  return useMemo(() => plan && readPlan(job, problem, plan), [job, problem, plan]);
}

/** The same of the open job. */
export const usePlanReading = (problem: JobSteps, plan: ReadablePlan | null): PlanReading | null =>
  useReadingOf(useJob(), problem, plan);
