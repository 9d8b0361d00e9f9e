import type { APIRoute } from 'astro';
import { planProblemSchema } from '../../../../core/scheduling/problem.ts';
import { answerWith } from '../../../serving/answer.ts';
import { planInTime } from '../../../serving/plan-in-time.ts';

export const prerender = false;

/** `POST /api/plan/solve`: a plan problem in, its verified solution out. */
export const POST: APIRoute = ({ request }) =>
  answerWith(request, planProblemSchema, (problem) => planInTime('planProblem', problem, request.signal));
