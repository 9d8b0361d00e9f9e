import { z } from 'zod';
import { buildUpSchema, weightsSchema } from '../document/group-schema.ts';
import { command, entryOf } from './definition.ts';
import { nameOfGroup } from './groups.ts';
import { section } from './section.ts';

/** Chooses the build-up of a group of like pieces, for what is known of it; null takes the choice back. */
export const chooseBuildUp = command({
  args: () => z.object({ groupId: z.string(), buildUp: buildUpSchema.nullable(), chosenFor: z.string().nullable() }),
  label: ({ groupId }, job) => `Chose the build-up of ${nameOfGroup(job, groupId)}`,
  change(draft, { groupId, buildUp, chosenFor }) {
    const group = entryOf(draft.groups, groupId, 'group');
    group.buildUp = buildUp;
    group.chosenFor = buildUp === null ? null : chosenFor;
  },
});

/** Chooses the build-ups of several groups at once. */
export const chooseBuildUps = command({
  args: () =>
    z.object({
      choices: z
        .array(z.object({ groupId: z.string(), buildUp: buildUpSchema, chosenFor: z.string() }))
        .min(1)
        .max(300),
    }),
  label: ({ choices }, job) =>
    choices.length === 1
      ? `Chose the build-up of ${nameOfGroup(job, choices[0]?.groupId ?? '')}`
      : `Chose the build-ups of ${choices.length} groups`,
  change(draft, { choices }) {
    for (const { groupId, buildUp, chosenFor } of choices)
      Object.assign(entryOf(draft.groups, groupId, 'group'), { buildUp, chosenFor });
  },
});

/** Says of a group's choice that it stands, with what is known by now. */
export const keepBuildUp = command({
  args: () => z.object({ groupId: z.string(), chosenFor: z.string() }),
  label: ({ groupId }, job) => `Kept the build-up of ${nameOfGroup(job, groupId)}`,
  change(draft, { groupId, chosenFor }) {
    entryOf(draft.groups, groupId, 'group').chosenFor = chosenFor;
  },
});

/** States what counts how much when build-ups are ranked. */
export const changeWeights = section('weights', weightsSchema, () => 'Changed priorities');
