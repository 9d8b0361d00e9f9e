import type { z } from 'zod';
import { checkJob } from '../../core/exchange/job-file.ts';
import { migrateJob } from '../../core/job/document/migrations.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { accepted, refused, type Outcome } from '../../core/units/outcome.ts';

/** The largest body that is read, in bytes. */
const MAX_BODY = 20_000_000;
/** Most faults of a body in one answer. */
const MAX_FAULTS = 5;

/** A JSON answer. */
export function json(value: unknown): Response {
  return jsonText(JSON.stringify(value));
}

/** An answer that is JSON already. */
export function jsonText(text: string): Response {
  return new Response(text, { headers: { 'content-type': 'application/json' } });
}

/** One fault of a body: where, as a JSON pointer, the kind of fault for programs, and the words for people. */
export interface BodyError {
  pointer: string;
  code: string;
  detail: string;
}

interface ProblemExtras {
  errors?: readonly BodyError[];
  headers?: Readonly<Record<string, string>>;
}

/** A refusal as problem details (RFC 9457), with the faults of the body one by one where there are any. */
export function problemDetails(
  status: number,
  title: string,
  detail: string,
  { errors, headers }: ProblemExtras = {},
): Response {
  return new Response(JSON.stringify({ type: 'about:blank', title, status, detail, errors }), {
    status,
    headers: { 'content-type': 'application/problem+json', ...headers },
  });
}

/** Reads a body of JSON within the size limit, or answers why not. */
async function readBody(request: Request): Promise<Outcome<unknown> & { status?: number }> {
  const tooLarge = { ...refused(`The body is over ${MAX_BODY} bytes.`), status: 413 };
  if (Number(request.headers.get('content-length') ?? 0) > MAX_BODY) return tooLarge;
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.length;
    if (size > MAX_BODY) return tooLarge;
    chunks.push(part.value);
  }
  try {
    return accepted(JSON.parse(Buffer.concat(chunks).toString('utf8')) as unknown);
  } catch {
    return { ...refused('The body isn’t JSON.'), status: 400 };
  }
}

/** Answers a request whose body has to pass a schema; refusals are problem details. */
export async function answerWith<T>(
  request: Request,
  schema: z.ZodType<T>,
  answer: (body: T) => Response | Promise<Response>,
): Promise<Response> {
  const body = await readBody(request);
  if (!body.ok) return problemDetails(body.status ?? 400, 'Can’t read the body', body.message);
  const parsed = schema.safeParse(body.value);
  if (!parsed.success) {
    const issues = parsed.error.issues.slice(0, MAX_FAULTS);
    const detail = issues.map(({ path, message }) => `At ${path.join('.') || 'the top'}: ${message}`).join(' ');
    return problemDetails(422, 'The body failed validation', detail, { errors: issues.map(bodyError) });
  }
  return answer(parsed.data);
}

function bodyError({ path, code, message }: z.core.$ZodIssue): BodyError {
  // A key as JSON pointers write it (RFC 6901).
  const keys = path.map((key) => `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`);
  return { pointer: `#${keys.join('')}`, code, detail: message };
}

/** Answers a request whose body is a job file of any readable version. */
export async function answerWithJob(
  request: Request,
  answer: (job: Job) => Response | Promise<Response>,
): Promise<Response> {
  const body = await readBody(request);
  if (!body.ok) return problemDetails(body.status ?? 400, 'Can’t read the body', body.message);
  const migrated = migrateJob(body.value);
  const checked = migrated.ok ? checkJob(migrated.value) : migrated;
  return checked.ok ? answer(checked.value) : problemDetails(422, 'The body isn’t a job', checked.message);
}
