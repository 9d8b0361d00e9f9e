import type { APIRoute } from 'astro';
import { planProblemSchema } from '../../../../core/planning/problem.ts';
import { solve } from '../../../../core/planning/solve/solve.ts';
import { answerWith, json, timeLimit } from '../../../server/answer.ts';

export const prerender = false;

const LONGEST_SEARCH = 10_000;

/** `POST /api/plan/solve`: a plan problem in, its solution out. */
export const POST: APIRoute = ({ request }) =>
  answerWith(request, planProblemSchema, (problem) => json(solve(problem, { shouldStop: timeLimit(LONGEST_SEARCH) })));
