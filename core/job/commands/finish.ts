import { z } from 'zod';
import { SHEENS } from '../../shelf/coating.ts';
import { COMPARTMENTS, COMPARTMENT_IDS, shelfSchema } from '../../shelf/shelf.ts';
import { buildUpSchema, colourSchema, schoolsSchema, weightsSchema, type Job } from '../schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';

const nameOfGroup = (job: Job, groupId: string): string =>
  job.groups.find((group) => group.id === groupId)?.name ?? 'a group';

/** Chooses the build-up of a group of like pieces, for what is known of it; null takes the choice back. */
export const chooseBuildUp = command({
  args: () => z.object({ groupId: z.string(), buildUp: buildUpSchema.nullable(), chosenFor: z.string().nullable() }),
  label: ({ groupId }, job) => `Choose the build-up of ${nameOfGroup(job, groupId)}`,
  change(draft, { groupId, buildUp, chosenFor }) {
    const group = entryOf(draft.groups, groupId, 'group');
    group.buildUp = buildUp;
    group.chosenFor = buildUp === null ? null : chosenFor;
  },
});

/** Says of a group's choice that it stands, with what is known by now. */
export const keepBuildUp = command({
  args: () => z.object({ groupId: z.string(), chosenFor: z.string() }),
  label: ({ groupId }, job) => `Keep the build-up of ${nameOfGroup(job, groupId)}`,
  change(draft, { groupId, chosenFor }) {
    entryOf(draft.groups, groupId, 'group').chosenFor = chosenFor;
  },
});

/** Names a group, its colours, its sheen and its schools. */
export const changeGroup = command({
  args: () =>
    z.object({
      groupId: z.string(),
      name: z.string().optional(),
      colour: colourSchema.optional(),
      backColour: colourSchema.nullable().optional(),
      sheen: z.enum(SHEENS).nullable().optional(),
      schools: schoolsSchema.optional(),
    }),
  label: ({ groupId }, job) => `Change ${nameOfGroup(job, groupId)}`,
  change(draft, { groupId, ...facts }) {
    const group = entryOf(draft.groups, groupId, 'group');
    for (const [key, value] of Object.entries(facts)) if (value !== undefined) Object.assign(group, { [key]: value });
  },
});

/** States what counts how much when build-ups are ranked. */
export const changeWeights = command({
  args: () => z.object({ weights: weightsSchema }),
  label: () => 'Change what counts',
  change(draft, { weights }) {
    draft.weights = weights;
  },
});

const entry = z.lazy(() =>
  z.discriminatedUnion('compartment', [
    z.object({ compartment: z.literal('coatings'), entry: COMPARTMENTS.coatings.schema }),
    z.object({ compartment: z.literal('cleaners'), entry: COMPARTMENTS.cleaners.schema }),
    z.object({ compartment: z.literal('fillers'), entry: COMPARTMENTS.fillers.schema }),
    z.object({ compartment: z.literal('abrasives'), entry: COMPARTMENTS.abrasives.schema }),
    z.object({ compartment: z.literal('preservatives'), entry: COMPARTMENTS.preservatives.schema }),
  ]),
);

/** Puts an entry on this job's shelf: the painter's own figures over a default, or something new. */
export const stateEntry = command({
  args: () => entry,
  label: ({ entry: stated }) => `State ${stated.name}`,
  change(draft, { compartment, entry: stated }) {
    const list: { id: string }[] = draft.shelf[compartment];
    const index = list.findIndex(({ id }) => id === stated.id);
    if (index < 0) list.push(stated);
    else list[index] = stated;
  },
});

/** Takes the job's own entry off its shelf: a default is back with its own figures, anything else is gone. */
export const removeEntry = command({
  args: () => z.object({ compartment: z.enum(COMPARTMENT_IDS), id: z.string() }),
  label: ({ compartment, id }, job) =>
    `Take off ${job.shelf[compartment].find((candidate) => candidate.id === id)?.name ?? 'an entry'}`,
  change(draft, { compartment, id }) {
    const list: { id: string }[] = draft.shelf[compartment];
    const index = list.findIndex((candidate) => candidate.id === id);
    if (index < 0) throw new CommandRefused('That entry is no longer on the shelf.');
    list.splice(index, 1);
  },
});

/** Puts a whole list of entries on the shelf, each over what it had under the same id. */
export const takeShelf = command({
  args: () => z.object({ shelf: shelfSchema }),
  label: ({ shelf }) => {
    const count = Object.values(shelf).reduce((sum, list) => sum + list.length, 0);
    return `Take in ${count === 1 ? 'an entry' : `${count} entries`} of a shelf`;
  },
  change(draft, { shelf }) {
    for (const compartment of COMPARTMENT_IDS) {
      const list: { id: string }[] = draft.shelf[compartment];
      const fresh = new Set(shelf[compartment].map(({ id }) => id));
      list.splice(0, list.length, ...list.filter(({ id }) => !fresh.has(id)), ...shelf[compartment]);
    }
  },
});
