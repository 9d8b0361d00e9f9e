import { counted } from '../../units/sentence.ts';
import { current } from 'immer';
import { z } from 'zod';
import { drillingSchema } from '../document/piece-schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { partly } from './facts.ts';
import { markOf } from './mark-of.ts';

const ids = z.lazy(() => z.array(z.string()).min(1).max(2000));
const facts = partly(drillingSchema);

/** States how many old holes of a piece are filled. */
export const fillHoles = command({
  args: () => z.object({ ids: z.array(z.string()).min(1).max(2000), count: z.number().int().min(0).max(60) }),
  label: ({ ids, count }, job) =>
    `Set ${counted(count, 'hole')} to fill on ${ids.length === 1 ? markOf(job, ids[0] ?? '') : `${ids.length} pieces`}`,
  change(draft, { ids, count }) {
    for (const id of ids) entryOf(draft.pieces, id, 'piece').filledHoles = count;
  },
});

/** Adds new holes to pieces: like pieces are drilled by one template. */
export const addDrilling = command({
  args: () => z.object({ ids, drilling: drillingSchema }),
  label: ({ ids: drilled, drilling }, job) =>
    `Added holes to ${drilled.length === 1 ? markOf(job, drilled[0] ?? '') : `${drilled.length} pieces`} for ${drilling.name}`,
  change(draft, { ids: drilled, drilling }) {
    for (const id of drilled) {
      const { drillings } = entryOf(draft.pieces, id, 'piece');
      if (drillings.some((entry) => entry.id === drilling.id))
        throw new CommandRefused('These holes are already there.');
      drillings.push(drilling);
    }
  },
});

/** Changes some facts of new holes of a piece. */
export const changeDrilling = command({
  args: () => z.object({ id: z.string(), drillingId: z.string(), facts: facts.check() }),
  label: ({ id }, job) => `Changed holes of ${markOf(job, id)}`,
  change(draft, { id, drillingId, facts: changed }) {
    facts.put(entryOf(entryOf(draft.pieces, id, 'piece').drillings, drillingId, 'hole'), changed);
  },
});

/** Gives pieces the filled and the new holes of another, instead of their own: like pieces share one template. */
export const copyHoles = command({
  args: () => z.object({ from: z.string(), ids: z.array(z.string()).min(1).max(2000) }),
  label: ({ from, ids }, job) => `Copied holes of ${markOf(job, from)} to ${counted(ids.length, 'piece')}`,
  change(draft, { from, ids }) {
    const { filledHoles, drillings } = current(entryOf(draft.pieces, from, 'piece'));
    for (const id of ids) Object.assign(entryOf(draft.pieces, id, 'piece'), { filledHoles, drillings });
  },
});

/** Takes new holes off a piece's list. */
export const removeDrilling = command({
  args: () => z.object({ id: z.string(), drillingId: z.string() }),
  label: ({ id }, job) => `Removed holes from ${markOf(job, id)}`,
  change(draft, { id, drillingId }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    piece.drillings = piece.drillings.filter((drilling) => drilling.id !== drillingId);
  },
});

/** Ticks holes of a piece: how many old ones are filled, or one new one as drilled or not. */
export const tickHoles = command({
  args: () =>
    z.object({
      id: z.string(),
      filled: z.number().int().min(0).max(60).optional(),
      drilling: z.object({ id: z.string(), isDrilled: z.boolean() }).optional(),
    }),
  label: ({ id }, job) => `Logged holes of ${markOf(job, id)}`,
  change(draft, { id, filled, drilling }) {
    const { holesDone, drillings } = entryOf(draft.pieces, id, 'piece');
    if (filled !== undefined) holesDone.filled = filled;
    if (drilling === undefined) return;
    entryOf(drillings, drilling.id, 'hole');
    holesDone.drilled = holesDone.drilled.filter((done) => done !== drilling.id);
    if (drilling.isDrilled) holesDone.drilled.push(drilling.id);
  },
});
