import { z } from 'zod';
import { hardwareSchema, pieceSchema } from '../document/piece-schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { markOf } from './mark-of.ts';

/** States how many of a hardware item there are, were counted into the bag, and are out of it and back on the piece. */
export const countHardware = command({
  args: () =>
    z.object({
      id: z.string(),
      item: z.number().int().min(0),
      count: hardwareSchema.unwrap().shape.count.optional(),
      bagged: hardwareSchema.unwrap().shape.bagged.optional(),
      fitted: hardwareSchema.unwrap().shape.fitted.optional(),
    }),
  label: ({ id }, job) => `Counted the bag of ${markOf(job, id)}`,
  change(draft, { id, item, count, bagged, fitted }) {
    const entry = entryOf(draft.pieces, id, 'piece').hardware[item];
    if (entry === undefined) throw new CommandRefused('That item is no longer in the bag.');
    if (count !== undefined) entry.count = count;
    if (bagged !== undefined) entry.bagged = bagged;
    if (fitted !== undefined) entry.fitted = fitted;
  },
});

/** Adds an item to a piece's bag. */
export const addHardware = command({
  args: () =>
    z.object({ id: z.string(), name: hardwareSchema.unwrap().shape.name, count: hardwareSchema.unwrap().shape.count }),
  label: ({ id, name }, job) => `Added ${name} to ${markOf(job, id)}`,
  change(draft, { id, name, count }) {
    const { hardware } = entryOf(draft.pieces, id, 'piece');
    if (hardware.some((item) => item.name === name)) {
      throw new CommandRefused(`${name} is already in the bag. Change how many.`);
    }
    hardware.push({ name, count, bagged: 0, fitted: 0 });
  },
});

/** Takes an item out of a piece's bag. */
export const removeHardware = command({
  args: () => z.object({ id: z.string(), item: z.number().int().min(0) }),
  label: ({ id }, job) => `Removed hardware from ${markOf(job, id)}`,
  change(draft, { id, item }) {
    const { hardware } = entryOf(draft.pieces, id, 'piece');
    if (hardware[item] === undefined) throw new CommandRefused('That item is no longer in the bag.');
    hardware.splice(item, 1);
  },
});

/** States what keeps a piece's soft coat off its stop, or that nothing does any more. */
export const keepApart = command({
  args: () => z.object({ id: z.string(), keptApart: pieceSchema.unwrap().shape.keptApart }),
  label: ({ id, keptApart }, job) =>
    keptApart === null ? `Wedge or bumpers off ${markOf(job, id)}` : `Wedge or bumpers on ${markOf(job, id)}`,
  change(draft, { id, keptApart }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    if (keptApart !== null && piece.fireRated)
      throw new CommandRefused('Never wedge a fire door or hold it ajar. Use release paper at the stop.');
    piece.keptApart = keptApart;
  },
});
