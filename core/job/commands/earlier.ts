import type { Draft } from 'immer';
import { z } from 'zod';
import { climateSchema } from '../../air/climate.ts';
import { COMPARTMENT_IDS } from '../../shelf/shelf.ts';
import { recipeSchema } from '../document/buying-schema.ts';
import { defectSchema, filmCheckSchema } from '../document/defect-schema.ts';
import {
  asRecord,
  each,
  severalFillers,
  statedPiece,
  WATERBORNE,
  waterborneOn,
  withSheen,
  withUses,
  type Part,
} from '../document/earlier-parts.ts';
import { findingSchema, patchSchema } from '../document/finding-schema.ts';
import { handoverSchema } from '../document/handover-schema.ts';
import { drillingSchema, photoSchema } from '../document/piece-schema.ts';
import { painterSchema } from '../document/crew-schema.ts';
import { placeSchema, roomSchema } from '../document/room-schema.ts';
import { weightsSchema } from '../document/group-schema.ts';
import type { Job } from '../document/schema.ts';
import { tinSchema } from '../document/tin-schema.ts';
import { command, entryOf, type Command } from './definition.ts';

/** Puts an entry into a list, in the place of the one with its id if there is one. */
function stateIn<T extends { id: string }>(list: T[], entry: T): void {
  const index = list.findIndex(({ id }) => id === entry.id);
  if (index < 0) list.push(entry);
  else list[index] = entry;
}

/** A command that carried a whole entry, under the key `key` of its arguments. */
const whole = <T extends { id: string }>(
  key: string,
  schema: z.ZodType<T>,
  listOf: (draft: Draft<Job>) => { id: string }[],
) =>
  command<Record<string, T>, unknown>({
    args: () => z.object({ [key]: schema }),
    label: () => `Changed a ${key.replace('filmCheck', 'film test')}`,
    change(draft, args) {
      if (args[key] !== undefined) stateIn(listOf(draft), args[key]);
    },
  });

const text = z.string();

/**
 * Commands of the versions before facts were given one by one, each with the argument by which it is known. A journal
 * that such a version has left is carried out by them.
 */
const EARLIER: Readonly<Record<string, { by: string; command: unknown }>> = {
  'state-room': { by: 'room', command: whole('room', roomSchema, (draft) => draft.rooms) },
  'state-climate': { by: 'climate', command: whole('climate', climateSchema, (draft) => draft.climates) },
  'state-painter': { by: 'painter', command: whole('painter', painterSchema, (draft) => draft.crew) },
  'state-recipe': { by: 'recipe', command: whole('recipe', recipeSchema, (draft) => draft.recipes) },
  'state-finding': { by: 'finding', command: whole('finding', findingSchema, (draft) => draft.findings) },
  'state-patch': { by: 'patch', command: whole('patch', patchSchema, (draft) => draft.patches) },
  'state-defect': { by: 'defect', command: whole('defect', defectSchema, (draft) => draft.defects) },
  'state-film-check': { by: 'filmCheck', command: whole('filmCheck', filmCheckSchema, (draft) => draft.filmChecks) },
  'state-tin': { by: 'tin', command: whole('tin', tinSchema, (draft) => draft.tins) },
  'change-place': { by: 'place', command: whole('place', placeSchema, (draft) => draft.places) },
  'state-entry': {
    by: 'entry',
    command: command({
      // Whether the entry holds, the job's schema says.
      args: () => z.object({ compartment: z.enum(COMPARTMENT_IDS), entry: z.looseObject({ id: text }) }),
      label: () => 'Changed a shelf product',
      change: (draft, { compartment, entry }) => stateIn<{ id: string }>(draft.shelf[compartment], entry),
    }),
  },
  'state-photo': {
    by: 'photo',
    command: command({
      args: () => z.object({ id: text, photo: photoSchema }),
      label: () => 'Changed a photo',
      change: (draft, { id, photo }) => stateIn(entryOf(draft.pieces, id, 'piece').photos, photo),
    }),
  },
  'state-drilling': {
    by: 'drilling',
    command: command({
      args: () => z.object({ ids: z.array(text), drilling: drillingSchema }),
      label: () => 'Changed new holes',
      change(draft, { ids, drilling }) {
        for (const id of ids) stateIn(entryOf(draft.pieces, id, 'piece').drillings, drilling);
      },
    }),
  },
  'change-weights': {
    by: 'weights',
    command: command({
      args: () => z.object({ weights: weightsSchema }),
      label: () => 'Changed priorities',
      change(draft, { weights }) {
        draft.weights = weights;
      },
    }),
  },
  'change-hand-over': {
    by: 'facts',
    command: command({
      args: () => z.object({ facts: handoverSchema.unwrap().partial() }),
      label: () => 'Changed the handover',
      change: (draft, { facts }) => void Object.assign(draft.handOver, facts),
    }),
  },
};

/** Arguments whose parts are written otherwise since, by the command that they were given to. */
const REWRITTEN: Readonly<Record<string, (args: Part) => Part>> = {
  'add-pieces': (args) => ({ ...args, piece: statedPiece(args.kind, asRecord(args.piece)) }),
  survey: (args) => ({
    ...args,
    pieces: each(args.pieces, (entry) => ({ ...entry, piece: statedPiece(entry.kind, asRecord(entry.piece)) })),
  }),
  'revise-pieces': (args) => ({
    ...args,
    edits: each(args.edits, (edit) => {
      const facts = asRecord(edit.facts);
      return facts.surface === undefined
        ? edit
        : { ...edit, facts: { ...facts, surface: withSheen(asRecord(facts.surface)) } };
    }),
  }),
  'choose-build-up': (args) =>
    args.buildUp === null ? args : { ...args, buildUp: severalFillers(asRecord(args.buildUp)) },
  'add-finding': (args) => ({ ...args, entry: foundWithSheen(asRecord(args.entry)) }),
  'state-finding': (args) => ({ ...args, finding: foundWithSheen(asRecord(args.finding)) }),
  'import-shelf': (args) => {
    const shelf = asRecord(args.shelf);
    return { ...args, shelf: { ...shelf, coatings: each(shelf.coatings, withUses) } };
  },
  'state-entry': (args) =>
    args.compartment === 'coatings' ? { ...args, entry: withUses(asRecord(args.entry)) } : args,
  'add-entry': (args) => (args.compartment === 'coatings' ? { ...args, entry: withUses(asRecord(args.entry)) } : args),
};

/** What was found before waterborne paint had a sheen: where it lies is not said, so that it is taken to have one. */
const foundWithSheen = (finding: Part): Part =>
  finding.found === 'old-coat' && finding.result === WATERBORNE
    ? { ...finding, result: waterborneOn(undefined) }
    : finding;

/** The arguments of a command that an earlier version wrote down, as this version writes them. */
export function rewrittenArguments(name: string, args: unknown): unknown {
  const rewrite = Object.hasOwn(REWRITTEN, name) ? REWRITTEN[name] : undefined;
  return rewrite === undefined || typeof args !== 'object' || args === null ? args : rewrite(asRecord(args));
}

/** The command of an earlier version that a name and arguments stand for; null where there was none. */
export function earlierCommand(name: string, args: unknown): Command | null {
  const known = Object.hasOwn(EARLIER, name) ? EARLIER[name] : undefined;
  if (known === undefined || typeof args !== 'object' || args === null || !(known.by in args)) return null;
  return known.command as Command;
}
