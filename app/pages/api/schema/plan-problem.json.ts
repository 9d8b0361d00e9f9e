import type { APIRoute } from 'astro';
import { z } from 'zod';
import { planProblemSchema } from '../../../../core/scheduling/problem.ts';
import { json } from '../../../serving/answer.ts';

export const prerender = false;

/** `GET /api/schema/plan-problem.json`: the JSON Schema of the planning problem. */
export const GET: APIRoute = () => json(z.toJSONSchema(planProblemSchema, { io: 'input', unrepresentable: 'any' }));
