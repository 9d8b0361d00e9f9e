import { z } from 'zod';
import { coatingSchema } from '../../shelf/coating.ts';
import { buildUpSchema, colourSchema } from '../schema.ts';
import { command, entryOf } from './definition.ts';
/** Chooses the build-up of a group of like pieces; null takes the choice back. */
export const chooseBuildUp = command({
  args: z.object({ groupId: z.string(), buildUp: buildUpSchema.nullable() }),
  label: ({ groupId }, job) =>
    `Choose the build-up of ${job.groups.find((group) => group.id === groupId)?.name ?? 'a group'}`,
  change(draft, { groupId, buildUp }) {
    entryOf(draft.groups, groupId, 'group').buildUp = buildUp;
  },
});
/** Names a group and its colour. */
export const changeGroup = command({
  args: z.object({ groupId: z.string(), name: z.string().optional(), colour: colourSchema.optional() }),
  label: ({ groupId }, job) => `Change ${job.groups.find((group) => group.id === groupId)?.name ?? 'a group'}`,
  change(draft, { groupId, name, colour }) {
    const group = entryOf(draft.groups, groupId, 'group');
    if (name !== undefined) group.name = name;
    if (colour !== undefined) group.colour = colour;
  },
});
/** Puts the painter's own figures for a coating on this job's shelf, over the defaults. */
export const stateCoating = command({
  args: z.object({ coating: coatingSchema }),
  label: ({ coating }) => `State ${coating.name}`,
  change(draft, { coating }) {
    const index = draft.shelf.findIndex((entry) => entry.id === coating.id);
    if (index < 0) draft.shelf.push(coating);
    else draft.shelf[index] = coating;
  },
});
