import type { APIRoute } from 'astro';
import { DateTime } from 'luxon';
import { localIso } from '../../../../core/job/site-time.ts';
import { answerWithJob } from '../../../serving/answer.ts';
import { planInTime } from '../../../serving/plan-in-time.ts';

export const prerender = false;

/**
 * `POST /api/plan`: a job in, its plan problem and a verified solution out. Planned from the job's own clock if that is
 * simulated, from now at the site otherwise.
 */
export const POST: APIRoute = ({ request }) =>
  answerWithJob(request, (job) => {
    const { clock } = job.settings;
    const now = clock.kind === 'simulated' ? clock.now : localIso(DateTime.now().setZone(job.site.timeZone));
    return planInTime('planJob', { job, now }, request.signal);
  });
