import { current, type Draft } from 'immer';
import { z } from 'zod';
import { definitionOf, PIECE_KINDS } from '../../pieces/registry.ts';
import { groupForSurface, pruneGroups } from '../groups.ts';
import { nextMarks } from '../marks.ts';
import { statedPieceSchema, type Job, type Piece } from '../schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';

const ids = z.array(z.string()).min(1).max(200);

function place(draft: Draft<Job>, pieces: Draft<Piece>[], after?: string): void {
  const index = after === undefined ? -1 : draft.pieces.findIndex((piece) => piece.id === after);
  draft.pieces.splice(index < 0 ? draft.pieces.length : index + 1, 0, ...pieces);
}

/** Adds like pieces, each with the next mark. `ids` are new and their number says how many. */
export const addPieces = command({
  args: z.object({ ids, kind: z.enum(PIECE_KINDS), piece: statedPieceSchema }),
  label: ({ ids: added, kind }) => {
    const definition = definitionOf(kind);
    return added.length === 1
      ? `Add a ${definition.name.toLowerCase()}`
      : `Add ${added.length} ${definition.plural.toLowerCase()}`;
  },
  change(draft, { ids: added, kind, piece }) {
    const definition = definitionOf(kind);
    const marks = nextMarks(
      draft.pieces.map((other) => other.mark),
      kind,
      added.length,
    );
    const shape = definition.schema.parse(piece.shape);
    const hardware = definition.hardware(shape).map((item) => ({ ...item, bagged: 0 }));
    added.forEach((id, index) => {
      const groupId = groupForSurface(draft, piece.surface, piece.exposure);
      place(draft, [{ ...piece, id, kind, mark: marks[index] ?? '', groupId, hardware }]);
    });
  },
});

/** Copies a piece, with its build-up's group and new marks; the copies stand after it. */
export const duplicatePiece = command({
  args: z.object({ id: z.string(), ids }),
  label: ({ id, ids: added }, job) =>
    `Copy ${job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece'} ×${added.length}`,
  change(draft, { id, ids: added }) {
    const source = entryOf(draft.pieces, id, 'piece');
    const marks = nextMarks(
      draft.pieces.map((piece) => piece.mark),
      source.kind,
      added.length,
    );
    const plain = current(source);
    const copies = added.map((copyId, index) => ({
      ...plain,
      id: copyId,
      mark: marks[index] ?? '',
      hardware: plain.hardware.map((item) => ({ ...item, bagged: 0 })),
    }));
    place(draft, copies, id);
  },
});

/** Changes some of a piece's stated facts. A changed surface moves it to the group of its like. */
export const changePiece = command({
  args: z.object({ id: z.string(), facts: statedPieceSchema.partial() }),
  label: ({ id, facts }, job) => {
    const mark = job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece';
    return `Change ${Object.keys(facts).join(', ') || 'nothing'} of ${mark}`;
  },
  change(draft, { id, facts }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    for (const [key, value] of Object.entries(facts)) if (value !== undefined) Object.assign(piece, { [key]: value });
    if (facts.surface !== undefined || facts.exposure !== undefined) {
      piece.groupId = groupForSurface(draft, piece.surface, piece.exposure, id);
      pruneGroups(draft);
    }
  },
});

/** Takes pieces out of the job. */
export const removePieces = command({
  args: z.object({ ids }),
  label: ({ ids: gone }, job) =>
    gone.length === 1
      ? `Remove ${job.pieces.find((piece) => piece.id === gone[0])?.mark ?? 'a piece'}`
      : `Remove ${gone.length} pieces`,
  change(draft, { ids: gone }) {
    draft.pieces = draft.pieces.filter((piece) => !gone.includes(piece.id));
    pruneGroups(draft);
  },
});

/** Moves a piece to another position of the list: the order in which they are walked and, all else equal, painted. */
export const movePiece = command({
  args: z.object({ id: z.string(), to: z.number().int().min(0) }),
  label: ({ id }, job) => `Move ${job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece'}`,
  change(draft, { id, to }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    const from = draft.pieces.indexOf(piece);
    draft.pieces.splice(from, 1);
    draft.pieces.splice(Math.min(to, draft.pieces.length), 0, piece);
  },
});

/** States how many of a hardware item there are, and how many were counted into the bag. */
export const countHardware = command({
  args: z.object({
    id: z.string(),
    item: z.number().int().min(0),
    count: z.number().int().min(0).max(400).optional(),
    bagged: z.number().int().min(0).max(400).optional(),
  }),
  label: ({ id }, job) => `Count the bag of ${job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece'}`,
  change(draft, { id, item, count, bagged }) {
    const entry = entryOf(draft.pieces, id, 'piece').hardware[item];
    if (entry === undefined) throw new CommandRefused('That item is no longer in the bag.');
    if (count !== undefined) entry.count = count;
    if (bagged !== undefined) entry.bagged = bagged;
  },
});
