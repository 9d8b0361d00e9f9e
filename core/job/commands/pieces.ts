import { factWords } from './fact-words.ts';
import { inSentence } from '../../units/sentence.ts';
import { current, type Draft } from 'immer';
import { z } from 'zod';
import type { HardwareItem } from '../../pieces/definition.ts';
import type { Shape } from '../../pieces/shape.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../../pieces/registry.ts';
import { assumedOf } from '../assumptions.ts';
import { ASSUMED_FACTS } from '../document/assumption-schema.ts';
import { groupForPiece, pruneGroups, regroup, usualGroupName } from '../groups.ts';
import { marksInWords, nextMarks } from '../marks.ts';
import { statedPieceSchema, type Piece, type StatedPiece } from '../document/piece-schema.ts';
import { roomSchema } from '../document/room-schema.ts';
import type { Job } from '../document/schema.ts';
import { NOTHING_DONE } from '../document/usual-piece.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { partly } from './facts.ts';

const ids = z.lazy(() => z.array(z.string()).min(1).max(2000));

function place(draft: Draft<Job>, pieces: Draft<Piece>[], after?: string): void {
  const index = after === undefined ? -1 : draft.pieces.findIndex((piece) => piece.id === after);
  draft.pieces.splice(index < 0 ? draft.pieces.length : index + 1, 0, ...pieces);
}

const marksOf = (draft: Draft<Job>): string[] => draft.pieces.map(({ mark }) => mark);

/** An item of which nothing is in the bag yet. */
const unpacked = ({ name, count }: HardwareItem): Piece['hardware'][number] => ({ name, count, bagged: 0, fitted: 0 });

/** A new piece of a kind, with the hardware that it usually carries and nothing drilled or photographed yet. */
function enter(draft: Draft<Job>, entry: { id: string; mark: string; kind: PieceKind; piece: StatedPiece }): void {
  const { id, mark, kind, piece } = entry;
  const definition = definitionOf(kind);
  const shape = definition.schema.safeParse(piece.shape);
  // A shape that does not fit is left to the job's schema, which says what is wrong with it.
  const hardware = shape.success ? definition.hardware(shape.data).map(unpacked) : [];
  const groupId = groupForPiece(draft, { ...piece, kind });
  draft.pieces.push({ ...piece, ...NOTHING_DONE, id, kind, mark, groupId, hardware });
}

const countedKinds = (kinds: readonly PieceKind[]): string => {
  const [first] = kinds;
  if (first === undefined) return 'no pieces';
  const { name, plural } = definitionOf(first);
  if (kinds.length === 1) return `a ${inSentence(name)}`;
  return new Set(kinds).size === 1 ? `${kinds.length} ${inSentence(plural)}` : `${kinds.length} pieces`;
};

/** Adds like pieces, each with the next mark. `ids` are new and their number says how many. */
export const addPieces = command({
  args: () => z.object({ ids, kind: z.enum(PIECE_KINDS), piece: statedPieceSchema }),
  label: ({ ids: added, kind }) => `Added ${countedKinds(added.map(() => kind))}`,
  change(draft, { ids: added, kind, piece }) {
    const marks = nextMarks(marksOf(draft), kind, added.length);
    added.forEach((id, index) => enter(draft, { id, mark: marks[index] ?? '', kind, piece }));
  },
});

/** Adds pieces of any kinds at once, with the rooms that are new with them: a typed line, a pasted list. */
export const survey = command({
  args: () =>
    z.object({
      rooms: z.array(roomSchema).max(200),
      pieces: z
        .array(
          z.object({
            id: z.string(),
            kind: z.enum(PIECE_KINDS),
            piece: statedPieceSchema,
            assumed: z.array(z.enum(ASSUMED_FACTS)).max(ASSUMED_FACTS.length).optional(),
          }),
        )
        .min(1)
        .max(2000),
    }),
  label: ({ pieces }) => `Added ${countedKinds(pieces.map(({ kind }) => kind))}`,
  change(draft, { rooms, pieces }) {
    // Rooms that another tab made meanwhile are not made twice.
    draft.rooms.push(...rooms.filter((room) => !draft.rooms.some(({ id }) => id === room.id)));
    const next = new Map<string, string[]>();
    for (const letter of new Set(pieces.map(({ kind }) => definitionOf(kind).markLetter))) {
      const like = pieces.filter(({ kind }) => definitionOf(kind).markLetter === letter);
      next.set(letter, nextMarks(marksOf(draft), like[0]?.kind ?? 'free-panel', like.length));
    }
    for (const { id, kind, piece } of pieces) {
      enter(draft, { id, mark: next.get(definitionOf(kind).markLetter)?.shift() ?? '', kind, piece });
    }
    const entered = current(draft) as Job;
    draft.assumed.push(
      ...pieces.flatMap(({ id, assumed }) => (assumed ?? []).map((fact) => assumedOf(entered, fact, id))),
    );
  },
});

/** Copies a piece, with its build-up's group and new marks; the copies stand after it. Photos stay with the original. */
export const duplicatePiece = command({
  args: () => z.object({ id: z.string(), ids }),
  label: ({ id, ids: added }, job) =>
    `Copied ${job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece'} ×${added.length}`,
  change(draft, { id, ids: added }) {
    const source = entryOf(draft.pieces, id, 'piece');
    const marks = nextMarks(marksOf(draft), source.kind, added.length);
    const plain = current(source);
    const copies = added.map((copyId, index) => ({
      ...plain,
      id: copyId,
      mark: marks[index] ?? '',
      hardware: plain.hardware.map(unpacked),
      photos: [],
      holesDone: NOTHING_DONE.holesDone,
      keptApart: null,
    }));
    place(draft, copies, id);
  },
});

/** The shape with those of the values that its kind has a field for. */
function reshaped(piece: Draft<Piece>, values: Shape): void {
  const known = new Set(definitionOf(piece.kind).fields.map(({ key }) => key));
  for (const [key, value] of Object.entries(values)) {
    if (known.has(key)) piece.shape[key] = typeof value === 'object' ? [...value] : value;
  }
}

/** What is stated of a piece beside its shape. */
export const stated = partly<Omit<StatedPiece, 'shape'>>(
  z.lazy(() => statedPieceSchema.unwrap().omit({ shape: true })),
);
const changedFacts = z.lazy(() => stated.check());
const changedShape = z.lazy(() => statedPieceSchema.unwrap().shape.shape.optional());

/** Changes pieces one by one; a changed surface moves a piece to the group of its like. */
function changeEach(
  draft: Draft<Job>,
  edits: ReadonlyMap<string, { facts: z.infer<typeof changedFacts>; shape?: z.infer<typeof changedShape> }>,
): void {
  const pieces = draft.pieces.filter(({ id }) => edits.has(id));
  if (pieces.length < edits.size) throw new CommandRefused('That piece is no longer in the job.');
  const before = new Map(pieces.map((piece) => [piece.id, usualGroupName(piece)]));
  const moving = new Set<string>();
  for (const piece of pieces) {
    const { facts = {}, shape } = edits.get(piece.id) ?? {};
    stated.put(piece, facts);
    if (shape !== undefined) reshaped(piece, shape);
    if (facts.surface !== undefined || facts.exposure !== undefined) {
      moving.add(piece.id);
    }
  }
  if (moving.size > 0) regroup(draft, moving, before);
}

const marksOfThose = (job: Job, changed: readonly string[]): string => {
  const wanted = new Set(changed);
  return marksInWords(job.pieces.filter(({ id }) => wanted.has(id)).map(({ mark }) => mark)) || 'a piece';
};

/** Changes some stated facts of pieces. `shape` gives single values of their shapes, where their kind has them. */
export const changePieces = command({
  args: () => z.object({ ids, facts: changedFacts, shape: changedShape }),
  label: ({ ids: changed, facts, shape }, job) => {
    const what = [...(shape ? ['sizes'] : []), factWords(facts)].filter(Boolean).join(', ') || 'nothing';
    return `Changed ${what} of ${marksOfThose(job, changed)}`;
  },
  change: (draft, { ids: changed, facts, shape }) =>
    changeEach(draft, new Map(changed.map((id) => [id, { facts, shape }]))),
});

/** Changes pieces at once, each in its own way: a column that is set for many, where each kind has its own words. */
export const revisePieces = command({
  args: () =>
    z.object({
      edits: z
        .array(z.object({ id: z.string(), facts: changedFacts, shape: changedShape }))
        .min(1)
        .max(2000),
    }),
  label: ({ edits }, job) =>
    `Set ${marksOfThose(
      job,
      edits.map(({ id }) => id),
    )}`,
  change: (draft, { edits }) => changeEach(draft, new Map(edits.map((edit) => [edit.id, edit]))),
});

/** Takes pieces out of the job. */
export const removePieces = command({
  args: () => z.object({ ids }),
  label: ({ ids: gone }, job) =>
    gone.length === 1
      ? `Removed ${job.pieces.find((piece) => piece.id === gone[0])?.mark ?? 'a piece'}`
      : `Removed ${gone.length} pieces`,
  change(draft, { ids: gone }) {
    const unwanted = new Set(gone);
    draft.pieces = draft.pieces.filter((piece) => !unwanted.has(piece.id));
    draft.defects = draft.defects.filter(({ pieceId }) => !unwanted.has(pieceId));
    pruneGroups(draft);
  },
});

/** Moves a piece to another position of the list: the order in which they are walked and, all else equal, painted. */
export const movePiece = command({
  args: () => z.object({ id: z.string(), to: z.number().int().min(0) }),
  label: ({ id }, job) => `Moved ${job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece'}`,
  change(draft, { id, to }) {
    const piece = entryOf(draft.pieces, id, 'piece');
    const from = draft.pieces.indexOf(piece);
    draft.pieces.splice(from, 1);
    draft.pieces.splice(Math.min(to, draft.pieces.length), 0, piece);
  },
});
