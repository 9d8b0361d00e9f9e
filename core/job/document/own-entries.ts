import { z } from 'zod';
import { defectSchema, filmCheckSchema, inspectionSchema } from './defect-schema.ts';
import { MAX_PHOTOS, photoSchema, type Piece } from './piece-schema.ts';
import { logEntrySchema } from './log-schema.ts';
import { leftOutSchema, type Job } from './schema.ts';
import { tinSchema } from './tin-schema.ts';

/** How far the bag and the holes of a piece are. */
const countsSchema = z.lazy(() =>
  z.object({
    pieceId: z.string().min(1).max(60),
    bag: z
      .array(z.object({ name: z.string().max(120), bagged: z.number().int().min(0), fitted: z.number().int().min(0) }))
      .max(20),
    filled: z.number().int().min(0).max(60),
    drilled: z.array(z.string().max(60)).max(12),
  }),
);

/** All that one device has added to the day: its own entries, every one of them, and what it has counted. */
export const ownEntriesSchema = z.lazy(() =>
  z.object({
    device: z.string().min(1).max(40),
    /** Instant at which it was put together. */
    madeAt: z.iso.datetime(),
    log: z.array(logEntrySchema).max(50_000),
    leftOut: z.array(leftOutSchema).max(5000),
    tins: z.array(tinSchema).max(500),
    defects: z.array(defectSchema).max(3000),
    inspections: z.array(inspectionSchema).max(10_000),
    filmChecks: z.array(filmCheckSchema).max(2000),
    counts: z.array(countsSchema).max(2000),
    /** Of its defects; the pictures themselves lie beside the entries. */
    photos: z
      .array(z.object({ pieceId: z.string().min(1).max(60), photo: photoSchema }))
      .max(2000)
      .default([]),
  }),
);
export type OwnEntries = z.infer<typeof ownEntriesSchema>;

/** What a device has added to a job. Bags and holes that nobody has touched are left out. */
export function ownEntries(job: Job, device: string, madeAt: string): OwnEntries {
  const own = <T extends { device?: string | undefined }>(entries: readonly T[]): T[] =>
    entries.filter((entry) => entry.device === device);
  const defects = own(job.defects);
  const shown = new Set(defects.flatMap(({ photoIds }) => photoIds));
  return {
    device,
    madeAt,
    log: own(job.log),
    leftOut: own(job.leftOut),
    tins: own(job.tins),
    defects,
    inspections: own(job.inspections),
    filmChecks: own(job.filmChecks),
    photos: job.pieces.flatMap(({ id, photos }) =>
      photos.filter((photo) => shown.has(photo.id)).map((photo) => ({ pieceId: id, photo })),
    ),
    counts: job.pieces.flatMap(({ id, hardware, holesDone }) => {
      const bag = hardware.filter(({ bagged, fitted }) => bagged > 0 || fitted > 0);
      if (bag.length === 0 && holesDone.filled === 0 && holesDone.drilled.length === 0) return [];
      return [
        {
          pieceId: id,
          bag: bag.map(({ name, bagged, fitted }) => ({ name, bagged, fitted })),
          filled: holesDone.filled,
          drilled: holesDone.drilled,
        },
      ];
    }),
  };
}

/** The lists whose entries belong to devices. */
type OwnedLists = Pick<Job, 'log' | 'leftOut' | 'tins' | 'defects' | 'inspections' | 'filmChecks'>;

/**
 * A job with a device's entries as that device has them now: they take the place of what was known of them, so that
 * nothing is doubled and what was taken back there is gone here too. Entries of other devices stay. Of bags and holes the
 * higher count stands: both have counted the same screws. Entries about pieces that are no longer here are left out.
 */
export function withEntries(job: Job, entries: OwnEntries): Job {
  const { device } = entries;
  const pieces = new Set(job.pieces.map(({ id }) => id));
  const joined = <T extends { device?: string | undefined }>(known: readonly T[], own: readonly T[]): T[] => [
    ...known.filter((entry) => entry.device !== device),
    ...own,
  ];
  const lists: OwnedLists = {
    log: joined(job.log, entries.log).sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0)),
    leftOut: joined(job.leftOut, entries.leftOut),
    tins: joined(job.tins, entries.tins),
    defects: joined(
      job.defects,
      entries.defects.filter(({ pieceId }) => pieces.has(pieceId)),
    ),
    inspections: joined(job.inspections, entries.inspections),
    filmChecks: joined(job.filmChecks, entries.filmChecks),
  };
  const counts = new Map(entries.counts.map((count) => [count.pieceId, count]));
  return {
    ...job,
    ...lists,
    pieces: job.pieces.map((piece) => withPhotos(withCounts(piece, counts.get(piece.id)), entries.photos)),
    devices: [...job.devices.filter(({ id }) => id !== device), { id: device, madeAt: entries.madeAt }],
  };
}

function withCounts(piece: Piece, count: OwnEntries['counts'][number] | undefined): Piece {
  if (!count) return piece;
  const { holesDone } = piece;
  return {
    ...piece,
    hardware: piece.hardware.map((item) => {
      const counted = count.bag.find(({ name }) => name === item.name);
      if (!counted) return item;
      const { bagged, fitted } = counted;
      return { ...item, bagged: Math.max(item.bagged, bagged), fitted: Math.max(item.fitted, fitted) };
    }),
    holesDone: {
      filled: Math.max(holesDone.filled, count.filled),
      drilled: [...new Set([...holesDone.drilled, ...count.drilled])].filter((id) =>
        piece.drillings.some((drilling) => drilling.id === id),
      ),
    },
  };
}

/** A piece with the photos of it that are not there yet, as many as it may have. */
function withPhotos(piece: Piece, photos: OwnEntries['photos']): Piece {
  const known = new Set(piece.photos.map(({ id }) => id));
  const added = photos.filter(({ pieceId, photo }) => pieceId === piece.id && !known.has(photo.id));
  if (added.length === 0) return piece;
  return { ...piece, photos: [...piece.photos, ...added.map(({ photo }) => photo)].slice(0, MAX_PHOTOS) };
}

/** Whether a file of a device is newer than what was taken in from it last. */
export const isNews = (job: Pick<Job, 'devices'>, { device, madeAt }: Pick<OwnEntries, 'device' | 'madeAt'>): boolean =>
  !job.devices.some((known) => known.id === device && known.madeAt >= madeAt);
