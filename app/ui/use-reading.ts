import { useMemo } from 'react';
import { jobSteps, type JobSteps } from '../../core/planning/job-steps.ts';
import { jobToProblem, type JobProblem } from '../../core/planning/job-to-problem.ts';
import { readPlan, type PlanReading } from '../../core/planning/read-plan.ts';
import type { AcceptedPlan } from '../../core/job/record.ts';
import { useJob } from './job-context.tsx';

/** The steps of the open job, its clocks and how its coats dry; for screens that plan nothing. */
export function useJobSteps(): JobSteps {
  const { job, now } = useJob();
  const today = now.slice(0, 10);
  const { pieces, groups, climates, places, rooms, crew, shelf, strokes, planning, site } = job;
  const { log, readings, leftOut, defects } = job;
  const work = useMemo(() => ({ log, readings, leftOut, defects }), [log, readings, leftOut, defects]);
  return useMemo(
    () => jobSteps(job, `${today}T00:00`),
    // Nor do these depend on pins, patches or paces.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pieces, groups, climates, places, rooms, crew, shelf, strokes, planning, site, work, today],
  );
}

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
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pieces, groups, climates, rooms, places, crew, shelf, planning, site, work, pins, patches, today],
  );
}

/** A plan of the open job as runs and lying pieces; null without a plan. */
export function usePlanReading(
  problem: JobSteps,
  plan: Pick<AcceptedPlan, 't0' | 'tasks' | 'setups' | 'finish'> | null,
): PlanReading | null {
  const { job } = useJob();
  return useMemo(() => plan && readPlan(job, problem, plan), [job, problem, plan]);
}
