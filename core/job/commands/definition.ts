import type { Draft } from 'immer';
import { z } from 'zod';
import type { Job } from '../document/schema.ts';

/** Thrown inside a command to refuse it, with a message for the painter. Nothing is changed. */
export class CommandRefused extends Error {}

/** A named change of the job document. */
export interface Command<A = unknown, Given = A> {
  /** What is checked before the change, so that a bad argument never reaches the document. */
  args: z.ZodType<A, Given>;
  /** As history tells it: “Add 7 panelled doors”. */
  label(args: A, job: Job): string;
  /** It tells what was really done: shown as done only once it is on the disk. */
  isRecord?: true;
  /** Changes the draft. Pure: ids and times come in as arguments. */
  change(draft: Draft<Job>, args: A): void;
}

/** A command as it is defined: its check is built when the command is first given. */
interface CommandDefinition<A, Given> extends Omit<Command<A, Given>, 'args'> {
  args(): z.ZodType<A, Given>;
}

/** A command from its definition, with the type of its arguments kept. */
export function command<A, Given>({ args, ...definition }: CommandDefinition<A, Given>): Command<A, Given> {
  return { ...definition, args: z.lazy(args) };
}

/** The entry of a list with this id. Refuses when it is gone, as after an undo in another tab. */
export function entryOf<T extends { id: string }>(list: readonly T[], id: string, what: string): T {
  const entry = list.find((candidate) => candidate.id === id);
  if (entry === undefined) throw new CommandRefused(`That ${what} is no longer in the job.`);
  return entry;
}
