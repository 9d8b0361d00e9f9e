import { enablePatches, produceWithPatches, type Patch } from 'immer';
import type { z } from 'zod';
import { accepted, refused, type Outcome } from '../../units/outcome.ts';
import { faultOfChange, type Job } from '../document/schema.ts';
import { CommandRefused, type Command } from './definition.ts';
import { earlierCommand, rewrittenArguments } from './earlier.ts';
import { COMMANDS } from './registry.ts';

enablePatches();

export type CommandName = keyof typeof COMMANDS;
export type CommandArgs<N extends CommandName> = z.input<(typeof COMMANDS)[N]['args']>;

/** A command carried out: the new document and how to go back and forth. */
export interface Change {
  job: Job;
  label: string;
  patches: Patch[];
  inverse: Patch[];
}

/**
 * Carries out a named command on a document, without touching the document it is given.
 * The document it is given has passed the job schema, and so has the result; a refused outcome says which field is wrong and changes nothing.
 */
export function applyCommand<N extends CommandName>(job: Job, name: N, args: CommandArgs<N>): Outcome<Change> {
  return carriedOut(job, COMMANDS[name], args);
}

/** Whether a command tells what was really done. */
export const isRecord = (name: CommandName): boolean => (COMMANDS[name] as Command).isRecord === true;

/** The same for a command that was written down, perhaps by an earlier version of Nivel. */
export function applyWritten(job: Job, name: string, args: unknown): Outcome<Change> {
  const own = Object.hasOwn(COMMANDS, name) ? (COMMANDS[name as CommandName] as unknown as Command) : null;
  const known = earlierCommand(name, args) ?? own;
  return known === null
    ? refused(`Unknown command “${name}”.`)
    : carriedOut(job, known, rewrittenArguments(name, args));
}

function carriedOut(job: Job, definition: Command, args: unknown): Outcome<Change> {
  const parsed = definition.args.safeParse(args);
  if (!parsed.success) return refused(parsed.error.issues[0]?.message ?? 'That value isn’t valid.');
  try {
    const label = definition.label(parsed.data, job);
    const [changed, patches, inverse] = produceWithPatches(job, (draft) => definition.change(draft, parsed.data));
    const fault = faultOfChange(job, changed);
    if (fault !== null) return refused(fault);
    return accepted({ job: changed, label, patches, inverse });
  } catch (error) {
    if (error instanceof CommandRefused) return refused(error.message);
    throw error;
  }
}
