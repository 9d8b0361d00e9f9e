import { atTheDoor } from '../job/door.ts';
import { migrateJob } from '../job/document/migrations.ts';
import { jobSchema, type Job } from '../job/document/schema.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';

/** The largest job file that is read, in bytes. A job of 500 pieces with its plan is about 1 MB. */
export const MAX_JOB_FILE = 20_000_000;
const DEEPEST_NESTING = 40;

/** A job as the text of a `.nivel.json` file. */
export function writeJobFile(job: Job): string {
  return `${JSON.stringify(job, null, 1)}\n`;
}

/** The name of a job as files begin with it: `tern-street-music-school`. */
export function fileStem(job: Pick<Job, 'name'>): string {
  const plain = job.name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  return plain || 'job';
}

/** The file name of a job: `tern-street-music-school.nivel.json`. */
export const jobFileName = (job: Pick<Job, 'name'>): string => `${fileStem(job)}.nivel.json`;

/**
 * Reads the text of a `.nivel.json` file from anywhere. Nothing in it is trusted: size, nesting, version and every
 * field are checked. A refusal says what is wrong, at which field, and what would be right.
 */
export function readJobFile(text: string): Outcome<Job> {
  const parsed = parseDocument(text, MAX_JOB_FILE);
  if (!parsed.ok) return parsed;
  const migrated = migrateJob(parsed.value);
  return migrated.ok ? checkJob(migrated.value) : migrated;
}

/** Refuses a file for its length in bytes. */
export function tooLarge(length: number, largest: number): Outcome<never> {
  return refused(
    `The file is ${Math.round(length / 1e6)} MB – at most ${largest / 1e6} MB. Choose a file that Nivel saved.`,
  );
}

/** Parses JSON from anywhere, no longer than `largest` and not nested beyond any file of ours. */
export function parseDocument(text: string, largest: number): Outcome<unknown> {
  if (text.length > largest) return tooLarge(text.length, largest);
  const { deepest, isOpen } = bracketsOf(text);
  if (deepest > DEEPEST_NESTING) {
    return refused(`Not a Nivel job (nested too deep). Choose a file that Nivel saved.`);
  }
  try {
    return accepted(JSON.parse(text) as unknown);
  } catch {
    return refused(
      isOpen
        ? 'Part of the file is missing. Copy or download it again.'
        : 'Not a JSON file. Choose a .nivel.json file that Nivel saved.',
    );
  }
}

/** Checks a job that has been parsed already, as from a request's body. It is frozen, so that what follows from it is kept. */
export function checkJob(document: unknown): Outcome<Job> {
  const checked = jobSchema.safeParse(document);
  if (checked.success) return accepted(atTheDoor(checked.data));
  const [issue] = checked.error.issues;
  const where = issue?.path.length ? `At ${issue.path.join(' › ')}: ` : '';
  const more = checked.error.issues.length - 1;
  return refused(`${where}${issue?.message ?? 'not a job'}${more > 0 ? ` (and ${more} more)` : ''}`);
}

/** How deep brackets nest outside strings, and whether the text stops before all of them are closed. */
function bracketsOf(text: string): { deepest: number; isOpen: boolean } {
  let depth = 0;
  let deepest = 0;
  let inString = false;
  for (let index = 0; index < text.length; index++) {
    const character = text[index];
    if (inString) {
      if (character === '\\') index++;
      else if (character === '"') inString = false;
    } else if (character === '"') inString = true;
    else if (character === '{' || character === '[') deepest = Math.max(deepest, ++depth);
    else if (character === '}' || character === ']') depth--;
  }
  return { deepest, isOpen: inString || depth > 0 };
}
