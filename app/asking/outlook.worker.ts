import { expose } from 'comlink';
import { atTheDoor } from '../../core/job/door.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { jobOutlook, type JobOutlook } from '../../core/running/outlook.ts';

/** How jobs stand, for their list, which does without the core. */
export const outlook = {
  outlookOf: (job: Job, now: string): JobOutlook | null => jobOutlook(atTheDoor(job), now),
};

export type Outlook = typeof outlook;

expose(outlook);
