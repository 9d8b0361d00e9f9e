import type { APIRoute } from 'astro';
import { localIso } from '../../../../core/job/site-time.ts';
import { jobToProblem } from '../../../../core/planning/job-to-problem.ts';
import { solve } from '../../../../core/planning/solve/solve.ts';
import { verify } from '../../../../core/planning/verify.ts';
import { DateTime } from 'luxon';
import { answerWithJob, json, problemDetails, timeLimit } from '../../../server/answer.ts';

export const prerender = false;

const LONGEST_SEARCH = 10_000;

/**
 * `POST /api/plan`: a job in, its plan problem and a verified solution out. Planned from the job's own clock if that is
 * simulated, from now at the site otherwise.
 */
export const POST: APIRoute = ({ request }) =>
  answerWithJob(request, (job) => {
    const { clock } = job.settings;
    const now = clock.kind === 'simulated' ? clock.now : localIso(DateTime.now().setZone(job.site.timeZone));
    const { problem, unplanned } = jobToProblem(job, now);
    const solution = solve(problem, { shouldStop: timeLimit(LONGEST_SEARCH) });
    if (solution.status !== 'infeasible' && verify(problem, solution).length > 0) {
      return problemDetails(500, 'The plan did not pass', 'The solver’s answer broke a rule and is not given out.');
    }
    return json({ problem, solution, unplanned: unplanned.map((piece) => piece.mark) });
  });
