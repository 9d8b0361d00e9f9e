import type { Draft } from 'immer';
import { z } from 'zod';
import {
  COMPARTMENTS,
  COMPARTMENT_IDS,
  DEFAULT_SHELF,
  usualShelf,
  shelfSchema,
  type Compartment,
  type Shelf,
} from '../../shelf/shelf.ts';
import type { Job } from '../document/schema.ts';
import { command, CommandRefused } from './definition.ts';
import { partly, type Facts, type Partly } from './facts.ts';

const entry = z.lazy(() =>
  z.discriminatedUnion('compartment', [
    z.object({ compartment: z.literal('coatings'), entry: COMPARTMENTS.coatings.schema }),
    z.object({ compartment: z.literal('cleaners'), entry: COMPARTMENTS.cleaners.schema }),
    z.object({ compartment: z.literal('fillers'), entry: COMPARTMENTS.fillers.schema }),
    z.object({ compartment: z.literal('abrasives'), entry: COMPARTMENTS.abrasives.schema }),
    z.object({ compartment: z.literal('preservatives'), entry: COMPARTMENTS.preservatives.schema }),
  ]),
);

/** Puts a new entry on this job's shelf. */
export const addEntry = command({
  args: () => entry,
  label: ({ entry: added }) => `Added ${added.name} to the shelf`,
  change(draft, { compartment, entry: added }) {
    const list: { id: string }[] = draft.shelf[compartment];
    if (list.some(({ id }) => id === added.id)) throw new CommandRefused('Already on the shelf.');
    list.push(added);
  },
});

const FACTS = {
  coatings: partly(COMPARTMENTS.coatings.schema),
  cleaners: partly(COMPARTMENTS.cleaners.schema),
  fillers: partly(COMPARTMENTS.fillers.schema),
  abrasives: partly(COMPARTMENTS.abrasives.schema),
  preservatives: partly(COMPARTMENTS.preservatives.schema),
};

type Entry = Shelf[Compartment][number];
type ChangeOf = { [C in Compartment]: { compartment: C; id: string; facts: Facts<Shelf[C][number]> } }[Compartment];

/** The facts of entries of a compartment that only the moment tells. */
const factsOf = (compartment: Compartment) => FACTS[compartment] as unknown as Partly<Entry>;

/** What `change-entry` is told so that an entry becomes another. */
export const entryChange = (compartment: Compartment, before: Entry, after: Entry): ChangeOf =>
  ({ compartment, id: before.id, facts: factsOf(compartment).difference(before, after) }) as ChangeOf;

const changeOf = <C extends Compartment>(compartment: C) =>
  z.object({ compartment: z.literal(compartment), id: z.string(), facts: FACTS[compartment].check() });

/** The job's own entry; of a default that it has none of yet, a copy on the shelf. */
function ownEntry({ shelf, settings }: Draft<Job>, compartment: Compartment, id: string): object {
  const list: { id: string }[] = shelf[compartment];
  const own = list.find((candidate) => candidate.id === id);
  if (own !== undefined) return own;
  const usual = usualShelf(settings.units)[compartment].find((candidate) => candidate.id === id);
  if (usual === undefined) throw new CommandRefused('That entry is no longer on the shelf.');
  list.push(structuredClone(usual));
  // As a draft.
  return list.at(-1) ?? usual;
}

/** Changes figures of an entry: the painter's own go over a default, and whatever is not named stays. */
export const changeEntry = command({
  args: () =>
    z.discriminatedUnion('compartment', [
      changeOf('coatings'),
      changeOf('cleaners'),
      changeOf('fillers'),
      changeOf('abrasives'),
      changeOf('preservatives'),
    ]),
  label: ({ compartment, id }, job) => `Changed ${nameOfEntry(job, compartment, id)}`,
  change: (draft, { compartment, id, facts: changed }) =>
    factsOf(compartment).put(ownEntry(draft, compartment, id), changed as Facts<Entry>),
});

const nameOfEntry = ({ shelf }: Pick<Job, 'shelf'>, compartment: Compartment, id: string): string =>
  [...shelf[compartment], ...DEFAULT_SHELF[compartment]].find((candidate) => candidate.id === id)?.name ?? 'an entry';

/** Takes the job's own entry off its shelf: a default is back with its own figures, anything else is gone. */
export const removeEntry = command({
  args: () => z.object({ compartment: z.enum(COMPARTMENT_IDS), id: z.string() }),
  label: ({ compartment, id }, job) =>
    `Removed ${job.shelf[compartment].find((candidate) => candidate.id === id)?.name ?? 'an entry'}`,
  change(draft, { compartment, id }) {
    const list: { id: string }[] = draft.shelf[compartment];
    const index = list.findIndex((candidate) => candidate.id === id);
    if (index < 0) throw new CommandRefused('That entry is no longer on the shelf.');
    list.splice(index, 1);
  },
});

/** Puts a whole list of entries on the shelf, each over what it had under the same id. */
export const importShelf = command({
  args: () => z.object({ shelf: shelfSchema }),
  label: ({ shelf }) => {
    const count = Object.values(shelf).reduce((sum, list) => sum + list.length, 0);
    return `Imported ${count === 1 ? 'a product' : `${count} products`}`;
  },
  change(draft, { shelf }) {
    for (const compartment of COMPARTMENT_IDS) {
      const list: { id: string }[] = draft.shelf[compartment];
      const fresh = new Set(shelf[compartment].map(({ id }) => id));
      list.splice(0, list.length, ...list.filter(({ id }) => !fresh.has(id)), ...shelf[compartment]);
    }
  },
});
