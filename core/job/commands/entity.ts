import type { Draft } from 'immer';
import { z } from 'zod';
import type { Job } from '../document/schema.ts';
import { command, CommandRefused, entryOf, type Command } from './definition.ts';
import { partly, type Facts, type Partly } from './facts.ts';

/** A list of the document whose entries have ids. */
type ListKey = { [K in keyof Job]: Job[K] extends { id: string }[] ? K : never }[keyof Job];
type EntryIn<K extends ListKey> = Job[K][number];

interface EntityDefinition<T> {
  /** What one of them is called in a refusal: “That climate is no longer in the job.” */
  called: string;
  /** As history tells it. */
  words: {
    add(entry: T, job: Job): string;
    change(entry: T, facts: Facts<T>, job: Job): string;
    remove(entry: T | undefined, job: Job): string;
  };
  /** Refuses an entry that can't be taken out. */
  mayRemove?(draft: Draft<Job>, entry: T): void;
  /** What goes with it when it is taken out. */
  alsoRemove?(draft: Draft<Job>, id: string): void;
}

/** The three commands of a kind of thing, and what there is to do with some of its facts. */
export interface Entity<T, Given> {
  /** Puts a new one into the job. */
  add: Command<{ entry: T }, { entry: Given }>;
  /** Changes some facts of one; all others stay as they are, even if another tab changed them. */
  change: Command<{ id: string; facts: Facts<T> }>;
  /** Takes one out. */
  remove: Command<{ id: string }>;
  facts: Partly<T>;
}

/** A kind of thing that the job holds in the list `key`: how one is added, changed in part, and taken out. */
export function entity<K extends ListKey, Given>(
  key: K,
  schema: z.ZodType<EntryIn<K>, Given>,
  definition: EntityDefinition<EntryIn<K>>,
): Entity<EntryIn<K>, Given> {
  type T = EntryIn<K>;
  const { called, words } = definition;
  const listOf = (job: Job | Draft<Job>): T[] => job[key];
  const facts = partly<T>(schema);
  return {
    facts,
    add: command({
      args: () => z.object({ entry: schema }) as unknown as z.ZodType<{ entry: T }, { entry: Given }>,
      label: ({ entry }, job) => words.add(entry, job),
      change(draft, { entry }) {
        if (listOf(draft).some(({ id }) => id === entry.id))
          throw new CommandRefused(`That ${called} is already in the job.`);
        listOf(draft).push(entry);
      },
    }),
    change: command({
      args: () => z.object({ id: z.string(), facts: facts.check() }),
      label: ({ id, facts: changed }, job) => words.change(entryOf(listOf(job), id, called), changed, job),
      change(draft, { id, facts: changed }) {
        facts.put(entryOf(listOf(draft), id, called), changed);
      },
    }),
    remove: command({
      args: () => z.object({ id: z.string() }),
      label: ({ id }, job) =>
        words.remove(
          listOf(job).find((entry) => entry.id === id),
          job,
        ),
      change(draft, { id }) {
        const list = listOf(draft);
        const entry = entryOf(list, id, called);
        definition.mayRemove?.(draft, entry);
        list.splice(list.indexOf(entry), 1);
        definition.alsoRemove?.(draft, id);
      },
    }),
  };
}
