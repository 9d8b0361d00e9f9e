import { z } from 'zod';
import { photoSchema } from '../piece-schema.ts';
import type { Job } from '../schema.ts';
import { command, entryOf } from './definition.ts';

const markOf = (job: Job, id: string): string => job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece';

/** Adds a photo to a piece, or changes the caption and spots of the one with its id. */
export const statePhoto = command({
  args: () => z.object({ id: z.string(), photo: photoSchema }),
  label: ({ id }, job) => `Photo of ${markOf(job, id)}`,
  change(draft, { id, photo }) {
    const { photos } = entryOf(draft.pieces, id, 'piece');
    const index = photos.findIndex((entry) => entry.id === photo.id);
    if (index < 0) photos.push(photo);
    else photos[index] = photo;
  },
});

/** Takes a photo off a piece. The picture is kept as long as undo could bring it back. */
export const removePhoto = command({
  args: () => z.object({ id: z.string(), photoId: z.string() }),
  label: ({ id }, job) => `Take a photo off ${markOf(job, id)}`,
  change(draft, { id, photoId }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    piece.photos = piece.photos.filter((photo) => photo.id !== photoId);
  },
});
