import { z } from 'zod';

/** What stands in a backup’s own list of contents. */
export const ARCHIVE_FORMAT = 'nivel.backup/3';
/** The list itself: the last file of a backup. */
export const CONTENTS = 'contents.json';
/** Bytes of the longest list of contents: some 100,000 pictures. */
export const MAX_CONTENTS = 20_000_000;
/** Bytes of the largest picture. A photo of 1600 px is well under 1 MB. */
export const MAX_PICTURE_FILE = 20_000_000;

/** Bytes of the longest list of what was done in Practice: some 50,000 exercises. */
export const MAX_PRACTICE_FILE = 30_000_000;

/** Kinds of pictures, with the ending of their files. */
export const PICTURE_TYPES = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const;
export type PictureType = keyof typeof PICTURE_TYPES;

const file = z.lazy(() => z.string().min(1).max(200));

/** What a backup holds: a zip with a file a job and a file a picture, and this list of them. */
export const contentsSchema = z.lazy(() =>
  z.object({
    format: z.literal(ARCHIVE_FORMAT),
    madeAt: z.iso.datetime(),
    jobs: z.array(z.object({ file, id: z.string().max(60), name: z.string().max(200) })).max(10_000),
    pictures: z
      .array(
        z.object({
          file,
          jobId: z.string().max(60),
          id: z.string().max(60),
          type: z.enum(Object.keys(PICTURE_TYPES) as [PictureType, ...PictureType[]]),
        }),
      )
      .max(200_000),
    /** Rows that no job could be read from, as they lay there. */
    unreadable: z.array(z.object({ file })).max(10_000),
    /** What was done in Practice; left out where nothing was, or by an earlier version. */
    practice: z.object({ file }).optional(),
  }),
);
export type ArchiveContents = z.infer<typeof contentsSchema>;

/** The name of a picture's type; pictures of other kinds are never kept. */
export const pictureType = (type: string): PictureType =>
  type in PICTURE_TYPES ? (type as PictureType) : 'image/jpeg';
