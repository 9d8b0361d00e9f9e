import { z } from 'zod';
import { defectSchema, filmCheckSchema, inspectionSchema, signOffSchema } from '../defect-schema.ts';
import { handOverSchema } from '../hand-over-schema.ts';
import type { Job } from '../schema.ts';
import { command, entryOf } from './definition.ts';
import { stateIn } from './stating.ts';

const markOf = (job: Job, id: string): string => job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece';

/** Puts a defect on a face, or changes what is said of the one with its id: its cause, its rework, how it was settled. */
export const stateDefect = command({
  args: () => z.object({ defect: defectSchema }),
  label: ({ defect }, job) => {
    const known = job.defects.find(({ id }) => id === defect.id);
    const on = markOf(job, defect.pieceId);
    if (known === undefined) return `Defect on ${on}`;
    if (known.rework === null && defect.rework !== null) return `Rework of ${on} into the plan`;
    return `Change a defect on ${on}`;
  },
  change: (draft, { defect }) => stateIn(draft.defects, defect),
});

/** Takes a defect off: it was none. */
export const removeDefect = command({
  args: () => z.object({ id: z.string() }),
  label: ({ id }, job) => `No defect on ${markOf(job, job.defects.find((defect) => defect.id === id)?.pieceId ?? '')}`,
  change(draft, { id }) {
    entryOf(draft.defects, id, 'defect');
    draft.defects = draft.defects.filter((defect) => defect.id !== id);
  },
});

/** Notes that faces were looked at in raking light. */
export const inspect = command({
  args: () => z.object({ inspections: z.array(inspectionSchema).min(1).max(2000) }),
  label: ({ inspections }, job) =>
    `Look at ${[...new Set(inspections.map(({ pieceId }) => markOf(job, pieceId)))].join(', ')}`,
  change(draft, { inspections }) {
    for (const inspection of inspections) stateIn(draft.inspections, inspection);
  },
});

/** Notes a check of the film, or changes the one with its id. */
export const stateFilmCheck = command({
  args: () => z.object({ filmCheck: filmCheckSchema }),
  label: ({ filmCheck }, job) => `Check the film on ${markOf(job, filmCheck.pieceId)}`,
  change: (draft, { filmCheck }) => stateIn(draft.filmChecks, filmCheck),
});

/** Signs a room off, in the place of what was signed before. */
export const signOff = command({
  args: () => z.object({ signOff: signOffSchema }),
  label: ({ signOff: { roomId } }, job) => `Sign off ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'}`,
  change(draft, { signOff: signed }) {
    entryOf(draft.rooms, signed.roomId, 'room');
    draft.signOffs = [...draft.signOffs.filter(({ roomId }) => roomId !== signed.roomId), signed];
  },
});

/** Takes a room's signature back. */
export const withdrawSignOff = command({
  args: () => z.object({ roomId: z.string() }),
  label: ({ roomId }, job) => `Open ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'} again`,
  change(draft, { roomId }) {
    draft.signOffs = draft.signOffs.filter((signed) => signed.roomId !== roomId);
  },
});

/** States what the log can't know for the hand-over: whom it is for, where the touch-up kit lies. */
export const changeHandOver = command({
  args: () => z.object({ facts: handOverSchema.unwrap().partial() }),
  label: ({ facts }) => (facts.at === undefined ? 'Change the hand-over' : 'Hand over'),
  change(draft, { facts }) {
    Object.assign(draft.handOver, facts);
  },
});
