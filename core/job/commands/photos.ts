import { z } from 'zod';
import { photoSchema } from '../document/piece-schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { partly } from './facts.ts';
import { markOf } from './mark-of.ts';

const facts = partly(photoSchema);

/** Adds a photo to a piece. */
export const addPhoto = command({
  args: () => z.object({ id: z.string(), photo: photoSchema }),
  label: ({ id }, job) => `Added a photo of ${markOf(job, id)}`,
  change(draft, { id, photo }) {
    const { photos } = entryOf(draft.pieces, id, 'piece');
    if (photos.some((entry) => entry.id === photo.id)) throw new CommandRefused('That photo is already there.');
    photos.push(photo);
  },
});

/** Changes the caption of a photo, or what is marked on it. */
export const changePhoto = command({
  args: () => z.object({ id: z.string(), photoId: z.string(), facts: facts.check() }),
  label: ({ id }, job) => `Changed a photo of ${markOf(job, id)}`,
  change(draft, { id, photoId, facts: changed }) {
    facts.put(entryOf(entryOf(draft.pieces, id, 'piece').photos, photoId, 'photo'), changed);
  },
});

/** Takes a photo off a piece. The picture is kept as long as undo could bring it back. */
export const removePhoto = command({
  args: () => z.object({ id: z.string(), photoId: z.string() }),
  label: ({ id }, job) => `Deleted a photo of ${markOf(job, id)}`,
  change(draft, { id, photoId }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    piece.photos = piece.photos.filter((photo) => photo.id !== photoId);
  },
});
