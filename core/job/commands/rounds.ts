import { z } from 'zod';
import { filmCheckSchema, inspectionSchema, signOffSchema } from '../document/defect-schema.ts';
import { handoverSchema } from '../document/handover-schema.ts';
import { command, entryOf } from './definition.ts';
import { markOf } from './mark-of.ts';
import { section } from './section.ts';

/** Notes that faces were looked at in raking light. */
export const inspect = command({
  args: () => z.object({ inspections: z.array(inspectionSchema).min(1).max(2000) }),
  label: ({ inspections }, job) =>
    `Inspected ${[...new Set(inspections.map(({ pieceId }) => markOf(job, pieceId)))].join(', ')}`,
  change(draft, { inspections }) {
    // Given again after a reload, a look is not noted twice.
    const known = new Set(draft.inspections.map(({ id }) => id));
    draft.inspections.push(...inspections.filter(({ id }) => !known.has(id)));
  },
});

/** Notes a check of the film. */
export const addFilmCheck = command({
  args: () => z.object({ filmCheck: filmCheckSchema }),
  label: ({ filmCheck }, job) => `Tested the film on ${markOf(job, filmCheck.pieceId)}`,
  change(draft, { filmCheck }) {
    if (!draft.filmChecks.some(({ id }) => id === filmCheck.id)) draft.filmChecks.push(filmCheck);
  },
});

/** Signs a room off, in the place of what was signed before. */
export const signOff = command({
  isRecord: true,
  args: () => z.object({ signOff: signOffSchema }),
  label: ({ signOff: { roomId } }, job) => `Signed off ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'}`,
  change(draft, { signOff: signed }) {
    entryOf(draft.rooms, signed.roomId, 'room');
    draft.signOffs = [...draft.signOffs.filter(({ roomId }) => roomId !== signed.roomId), signed];
  },
});

/** Takes a room's signature back. */
export const withdrawSignOff = command({
  args: () => z.object({ roomId: z.string() }),
  label: ({ roomId }, job) => `Reopened ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'}`,
  change(draft, { roomId }) {
    draft.signOffs = draft.signOffs.filter((signed) => signed.roomId !== roomId);
  },
});

/** States what the log can't know for the handover: whom it is for, where the touch-up kit lies. */
export const changeHandover = section('handOver', handoverSchema, (_changed, { at }) =>
  at === undefined ? 'Changed the handover' : 'Handed over',
);
