import { z } from 'zod';
import type { Job } from '../../core/job/document/schema.ts';
import { applyCommand } from '../../core/job/commands/apply.ts';
import { PACE_KEYS } from '../../core/job/document/crew-schema.ts';
import { shelfSchema, type Shelf } from '../../core/shelf/shelf.ts';
import { keepLocally, local } from './local.ts';

const KEY = 'nivel-own-figures';

/** What a painter carries from job to job: their own paces, and the figures of products that they have changed. */
const ownFiguresSchema = z.lazy(() =>
  z.object({
    paces: z.partialRecord(z.enum(PACE_KEYS), z.number().min(0.2).max(5)),
    shelf: shelfSchema,
  }),
);
export type OwnFigures = z.infer<typeof ownFiguresSchema>;

/** The figures that are kept in this browser; null where there are none that hold. */
export function ownFigures(): OwnFigures | null {
  try {
    const read = ownFiguresSchema.safeParse(JSON.parse(local.getItem(KEY) ?? 'null'));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

const over = <E extends { id: string }>(before: readonly E[], after: readonly E[]): E[] => [
  ...before.filter(({ id }) => !after.some((entry) => entry.id === id)),
  ...after,
];

/** Keeps a job's figures for the next ones, over what was kept before. */
export function keepFigures({ paces, shelf }: Pick<Job, 'paces' | 'shelf'>): void {
  const before = ownFigures();
  const joined: Shelf = before
    ? {
        ...shelf,
        coatings: over(before.shelf.coatings, shelf.coatings),
        cleaners: over(before.shelf.cleaners, shelf.cleaners),
        fillers: over(before.shelf.fillers, shelf.fillers),
        abrasives: over(before.shelf.abrasives, shelf.abrasives),
        preservatives: over(before.shelf.preservatives, shelf.preservatives),
      }
    : shelf;
  keepLocally(KEY, JSON.stringify({ paces: { ...before?.paces, ...paces }, shelf: joined }));
}

/** A new job that begins with the painter's own figures. */
export function withOwnFigures(job: Job): Job {
  const own = ownFigures();
  if (own === null) return job;
  const shelved = applyCommand(job, 'take-shelf', { shelf: own.shelf });
  return { ...(shelved.ok ? shelved.value.job : job), paces: own.paces };
}
