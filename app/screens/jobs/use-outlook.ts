import { DateTime } from 'luxon';
import { localIso } from '../../../core/job/site-time.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { JobOutlook } from '../../../core/running/outlook.ts';
import { startOutlook } from '../../asking/outlook.ts';
import { useAnswerTo } from '../../asking/use-answer-to.ts';

/** The first page stands before jobs that are worked are looked into, ms. */
const LATER = 300;

/** How a job stands by its own clock; null without a plan, or while it is being worked out. */
export function useOutlook(job: Job): JobOutlook | null {
  const { clock } = job.settings;
  const { answered } = useAnswerTo(
    job.plan === null ? null : job,
    (asked) =>
      startOutlook(
        asked,
        clock.kind === 'simulated' ? clock.now : localIso(DateTime.now().setZone(asked.site.timeZone)),
      ),
    LATER,
  );
  return answered?.answer ?? null;
}
