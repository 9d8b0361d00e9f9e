import { useMemo } from 'react';
import { jobSteps, type JobSteps } from '../../core/planning/job-steps.ts';
import { jobToProblem, type JobProblem } from '../../core/planning/job-to-problem.ts';
import { readPlan, type PlanReading } from '../../core/planning/read-plan.ts';
import type { Job } from '../../core/job/schema.ts';
import type { AcceptedPlan } from '../../core/job/record.ts';
import { useJob } from './job-context.tsx';

/** The steps of a job, its clocks and how its coats dry; for screens that plan nothing. */
export function useStepsOf(job: Job): JobSteps {
  const { now } = useJob();
  const today = now.slice(0, 10);
  const { pieces, groups, climates, places, rooms, crew, shelf, strokes, planning, site } = job;
  const { log, readings, leftOut, defects } = job;
  const work = useMemo(() => ({ log, readings, leftOut, defects }), [log, readings, leftOut, defects]);
  return useMemo(
    () => jobSteps(job, `${today}T00:00`),
    // Nor do these depend on pins, patches or paces.
    // oxlint-disable-next-line react/exhaustive-deps
    [pieces, groups, climates, places, rooms, crew, shelf, strokes, planning, site, work, today],
  );
}

/** The same of the open job. */
export const useJobSteps = (): JobSteps => useStepsOf(useJob().job);

/** The open job as a problem; made anew when the job changes or another day begins, not whenever its clock goes on. */
export function useJobProblem(): JobProblem {
  const { job, now } = useJob();
  const today = now.slice(0, 10);
  const { pieces, groups, climates, rooms, places, crew, shelf, planning, site, log, readings, pins, patches } = job;
  const { leftOut, defects, paces } = job;
  const work = useMemo(() => ({ log, readings, leftOut, defects, paces }), [log, readings, leftOut, defects, paces]);
  return useMemo(
    () => jobToProblem(job, `${today}T00:00`),
    // The problem does not depend on the name, the settings, the time of day or the accepted plan.
    // oxlint-disable-next-line react/exhaustive-deps
    [pieces, groups, climates, rooms, places, crew, shelf, planning, site, work, pins, patches, today],
  );
}

type ReadablePlan = Pick<AcceptedPlan, 't0' | 'tasks' | 'setups' | 'finish'>;

/** A plan of a job as runs and lying pieces; null without a plan. */
export function useReadingOf(job: Job, problem: JobSteps, plan: ReadablePlan | null): PlanReading | null {
  return useMemo(() => plan && readPlan(job, problem, plan), [job, problem, plan]);
}

/** The same of the open job. */
export const usePlanReading = (problem: JobSteps, plan: ReadablePlan | null): PlanReading | null =>
  useReadingOf(useJob().job, problem, plan);
