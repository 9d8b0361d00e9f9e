import type { Defect } from '../job/document/defect-schema.ts';
import { progressByTask } from '../job/progress.ts';
import type { Job } from '../job/document/schema.ts';
import { reworkStepId } from '../steps/rework-steps.ts';

/** How far a defect is. */
export type DefectStatus = 'found' | 'planned' | 'under-way' | 'put-right' | 'accepted';

export function defectStatus(job: Pick<Job, 'log'>, defect: Defect): DefectStatus {
  if (defect.settled) return defect.settled.how;
  if (defect.rework === null) return 'found';
  const progress = progressByTask(job.log);
  const stamped = defect.rework.steps.map(({ name }) => progress.get(reworkStepId(defect, name)));
  if (stamped.every((step) => step?.doneAt)) return 'put-right';
  return stamped.some((step) => step?.doneAt ?? step?.startedAt) ? 'under-way' : 'planned';
}

/** Whether a defect still asks for something. */
export const isOpen = (job: Pick<Job, 'log'>, defect: Defect): boolean =>
  !['put-right', 'accepted'].includes(defectStatus(job, defect));
