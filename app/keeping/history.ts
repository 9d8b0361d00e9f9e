import type { Patch } from 'immer';
import type { Change } from '../../core/job/commands/apply.ts';
import { acceptedPlanSchema, type AcceptedPlan } from '../../core/job/document/plan-schema.ts';
import type { NivelDatabase, StoredChange, StoredJob } from './database.ts';
import type { JournalEntry } from './journal-entry.ts';

/** Changes of a job that are kept for undo. */
const KEPT_CHANGES = 500;
/** Strokes of one field further apart than this, in ms, are two steps of history. */
const STROKES_WITHIN = 15_000;
/** What comes of one tap is one step of history, however long the planning takes that follows from it. */
export const GESTURE = 'gesture/';
/** Changes that history shows. */
const SHOWN = 100;

/** One step of history as it is told. */
export interface HistoryEntry {
  number: number;
  label: string;
  at: string;
  undone: boolean;
}

/** All changes that are kept of a job, in their order. */
export const changesOf = (database: NivelDatabase, id: string) =>
  database.changes.where('[jobId+number]').between([id, 0], [id, Infinity]);

/** History, newest first, with what has been undone. */
export async function historyOf(database: NivelDatabase, id: string): Promise<HistoryEntry[]> {
  const head = (await database.jobs.get(id))?.head ?? 0;
  const changes = await changesOf(database, id).reverse().limit(SHOWN).toArray();
  return changes.map(({ number, label, at }) => ({ number, label, at, undone: number > head }));
}

/** Whether a patch brings a plan back that another one took the place of. */
const isWholePlan = ({ path, value }: Patch): boolean => path.length === 1 && path[0] === 'plan' && value !== null;

/** Up to `most` plans that were accepted and have been overtaken, the last first. */
export async function earlierPlans(database: NivelDatabase, id: string, most: number): Promise<AcceptedPlan[]> {
  const head = (await database.jobs.get(id))?.head ?? 0;
  const changes = await changesOf(database, id)
    .reverse()
    .filter(({ number, inverse }) => number <= head && inverse.some(isWholePlan))
    .limit(most)
    .toArray();
  return changes.flatMap(({ inverse }) => {
    const before = acceptedPlanSchema.safeParse(inverse.find(isWholePlan)?.value);
    return before.success ? [before.data] : [];
  });
}

/**
 * Adds a change to the row and to history, joined to the last one if it is another stroke of the same field. Only inside
 * a transaction that also writes the row.
 */
export async function addToHistory(
  { changes }: NivelDatabase,
  stored: StoredJob,
  change: Change,
  { name, strokes }: Pick<JournalEntry, 'name' | 'strokes'>,
): Promise<void> {
  const jobId = stored.id;
  await changes
    .where('[jobId+number]')
    .between([jobId, stored.head + 1], [jobId, Infinity])
    .delete();
  const last = await changes.get([jobId, stored.head]);
  const at = new Date().toISOString();
  stored.job = change.job;
  const { label, patches, inverse } = change;
  const isSame = last !== undefined && strokes !== null && last.strokes === strokes;
  if (isSame && (strokes.startsWith(GESTURE) || Date.parse(at) - Date.parse(last.at) < STROKES_WITHIN)) {
    const joined = { patches: [...last.patches, ...patches], inverse: [...inverse, ...last.inverse] };
    await changes.put({ ...last, ...joined, at, label });
    return;
  }
  stored.head += 1;
  const number = stored.head;
  await changes.put({ jobId, number, command: name, label, at, patches, inverse, strokes } satisfies StoredChange);
  await changes.delete([jobId, number - KEPT_CHANGES]);
}
