import type { APIRoute } from 'astro';
import { z } from 'zod';
import { jobSchema } from '../../../../core/job/document/schema.ts';
import { json } from '../../../serving/answer.ts';

export const prerender = false;

/** `GET /api/schema/job.json`: the JSON Schema of the job file. */
export const GET: APIRoute = () => json(z.toJSONSchema(jobSchema, { io: 'input', unrepresentable: 'any' }));
