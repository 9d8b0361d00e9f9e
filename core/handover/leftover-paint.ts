import type { Job } from '../job/document/schema.ts';
import type { TinEnd } from '../job/document/tin-schema.ts';
import type { Coating } from '../shelf/coating.ts';
import { marksInWords } from '../job/marks.ts';
import { bucketsOf, type Bucket } from '../running/tins-in-use.ts';
import { appliedCoats } from '../running/applied-coats.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';

/** What becomes of a rest, in words. */
export const TIN_END_WORDS: Readonly<Record<TinEnd, string>> = {
  'touch-up': 'Touch-up kit',
  kept: 'Kept for the next job',
  'given-on': 'Given away',
  collected: 'Taken to collection point',
  'dried-out': 'Dried out',
};

/** What may be done with the rest of a paint, by what is in it; what applies is for local rules to say. */
export function disposalOf({ family, hazards, potLife, thinner }: Coating): {
  advice: string;
  allowed: readonly TinEnd[];
} {
  if (potLife !== null) {
    return {
      advice: 'Unmixed parts: collection point, each in its own tin. Mixed leftovers only once hard.',
      allowed: ['kept', 'collected'],
    };
  }
  if (thinner === 'spirit' || thinner === 'alcohol' || family === 'oil' || hazards.includes('solvent')) {
    return {
      advice: 'Solvent paint, its tins and wash solvent are hazardous waste. Never down a drain or in the bin wet.',
      allowed: ['touch-up', 'kept', 'given-on', 'collected'],
    };
  }
  return {
    advice:
      'Keep it from frost. Dry leftovers out in the open tin or in sand, then household waste where allowed. Liquid: collection point.',
    allowed: ['touch-up', 'kept', 'given-on', 'collected', 'dried-out'],
  };
}

/** A rest of paint as its label says it. */
export interface LeftPaint {
  bucket: Bucket;
  /** Marks of the pieces on which it lies, and the rooms. */
  on: string;
  rooms: string[];
  /** When it was last used, local ISO; null where it never was. */
  lastUsed: string | null;
  disposal: ReturnType<typeof disposalOf>;
}

/** Every rest that there is, with where its paint lies: what a label needs so that it can be used again in years. */
export function leftPaints(job: Job, clocks: Pick<JobClocks, 't0'>): LeftPaint[] {
  const laid = job.pieces.flatMap((piece) => appliedCoats(job, clocks, piece));
  const ended = { ...job, tins: job.tins.map((tin) => ({ ...tin, end: null })) };
  return bucketsOf(ended, null).map((bucket) => {
    // What was put away is still a rest, with its end as stated.
    const tins = job.tins.filter(({ id }) => bucket.tins.some((tin) => tin.id === id));
    const own = laid.filter(({ tin }) => tins.some(({ id }) => id === tin?.id));
    const pieces = own.map(({ step }) => step.piece);
    const roomIds = new Set(pieces.map(({ roomId }) => roomId));
    return {
      bucket: { ...bucket, tins },
      on: pieces.length === 0 ? 'nothing yet' : marksInWords(pieces.map(({ mark }) => mark)),
      rooms: job.rooms.flatMap(({ id, name }) => (roomIds.has(id) ? [name] : [])),
      lastUsed: own.at(-1)?.stamp.at ?? null,
      disposal: disposalOf(bucket.coating),
    };
  });
}
