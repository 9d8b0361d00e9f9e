import { current } from 'immer';
import { z } from 'zod';
import { drillingSchema, hardwareSchema, pieceSchema } from '../piece-schema.ts';
import type { Job } from '../schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';

const markOf = (job: Job, id: string): string => job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece';

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
  label: ({ id }, job) => `Count the bag of ${markOf(job, id)}`,
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
  label: ({ id, name }, job) => `Add ${name} to ${markOf(job, id)}`,
  change(draft, { id, name, count }) {
    const { hardware } = entryOf(draft.pieces, id, 'piece');
    if (hardware.some((item) => item.name === name)) {
      throw new CommandRefused(`The bag has ${name} already: change how many.`);
    }
    hardware.push({ name, count, bagged: 0, fitted: 0 });
  },
});

/** Takes an item out of a piece's bag. */
export const removeHardware = command({
  args: () => z.object({ id: z.string(), item: z.number().int().min(0) }),
  label: ({ id }, job) => `Take hardware off the list of ${markOf(job, id)}`,
  change(draft, { id, item }) {
    const { hardware } = entryOf(draft.pieces, id, 'piece');
    if (hardware[item] === undefined) throw new CommandRefused('That item is no longer in the bag.');
    hardware.splice(item, 1);
  },
});

/** States how many old holes of a piece are filled. */
export const fillHoles = command({
  args: () => z.object({ ids: z.array(z.string()).min(1).max(2000), count: z.number().int().min(0).max(60) }),
  label: ({ ids, count }, job) =>
    `Fill ${count} holes of ${ids.length === 1 ? markOf(job, ids[0] ?? '') : `${ids.length} pieces`}`,
  change(draft, { ids, count }) {
    for (const id of ids) entryOf(draft.pieces, id, 'piece').filledHoles = count;
  },
});

/** Adds new holes to pieces, or changes those with the same id. Like pieces are drilled by one template. */
export const stateDrilling = command({
  args: () => z.object({ ids: z.array(z.string()).min(1).max(2000), drilling: drillingSchema }),
  label: ({ ids, drilling }, job) =>
    `Drill ${ids.length === 1 ? markOf(job, ids[0] ?? '') : `${ids.length} pieces`} for ${drilling.name}`,
  change(draft, { ids, drilling }) {
    for (const id of ids) {
      const { drillings } = entryOf(draft.pieces, id, 'piece');
      const index = drillings.findIndex((entry) => entry.id === drilling.id);
      if (index < 0) drillings.push(drilling);
      else drillings[index] = drilling;
    }
  },
});

/** Gives pieces the filled and the new holes of another, instead of their own: like pieces share one template. */
export const copyHoles = command({
  args: () => z.object({ from: z.string(), ids: z.array(z.string()).min(1).max(2000) }),
  label: ({ from, ids }, job) =>
    `Holes of ${markOf(job, from)} on ${ids.length} ${ids.length === 1 ? 'piece' : 'pieces'}`,
  change(draft, { from, ids }) {
    const { filledHoles, drillings } = current(entryOf(draft.pieces, from, 'piece'));
    for (const id of ids) Object.assign(entryOf(draft.pieces, id, 'piece'), { filledHoles, drillings });
  },
});

/** Takes new holes off a piece's list. */
export const removeDrilling = command({
  args: () => z.object({ id: z.string(), drillingId: z.string() }),
  label: ({ id }, job) => `Drill less on ${markOf(job, id)}`,
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
  label: ({ id }, job) => `Holes of ${markOf(job, id)}`,
  change(draft, { id, filled, drilling }) {
    const { holesDone, drillings } = entryOf(draft.pieces, id, 'piece');
    if (filled !== undefined) holesDone.filled = filled;
    if (drilling === undefined) return;
    entryOf(drillings, drilling.id, 'hole');
    holesDone.drilled = holesDone.drilled.filter((done) => done !== drilling.id);
    if (drilling.isDrilled) holesDone.drilled.push(drilling.id);
  },
});

/** States what keeps a piece's soft coat off its stop, or that nothing does any more. */
export const keepApart = command({
  args: () => z.object({ id: z.string(), keptApart: pieceSchema.unwrap().shape.keptApart }),
  label: ({ id, keptApart }, job) =>
    keptApart === null ? `Let ${markOf(job, id)} close` : `Keep ${markOf(job, id)} off its stop`,
  change(draft, { id, keptApart }) {
    entryOf(draft.pieces, id, 'piece').keptApart = keptApart;
  },
});
