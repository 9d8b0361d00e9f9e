import { z } from 'zod';
import { FACE_IDS } from '../../pieces/elevation.ts';
import { DRYING_STAGES } from '../../shelf/coating.ts';
import { coatSchema } from './coat-schema.ts';
import { id, localTime, note, stepId } from './plain-fields.ts';

const device = z.lazy(() => z.string().max(40).optional());

/** Everything that raking light brings out. `checking/defects` says what each is and where it comes from. */
export const DEFECT_IDS = [
  'run',
  'roller-lines',
  'orange-peel',
  'brush-marks',
  'lap-mark',
  'missed-spot',
  'show-through',
  'grain',
  'grit',
  'bleed',
  'fish-eyes',
  'blisters',
  'wrinkling',
  'cracking',
  'peeling',
  'dull-patch',
  'soft-film',
  'blocking',
  'tape-bleed',
  'torn-line',
  'paint-astray',
] as const;
export type DefectId = (typeof DEFECT_IDS)[number];

/** One step of putting a defect right, as it was chosen. */
export const reworkStepSchema = z.lazy(() =>
  z.object({
    /** Unique in its rework: “sand”. */
    name: z.string().regex(/^[a-z0-9-]{1,30}$/),
    words: z.string().trim().min(1, 'Type the task.').max(120, 'Keep it under 120 characters.'),
    /** At a professional's pace. */
    minutes: z.number().positive().max(600),
    /** What the coat that lies there must have reached before; null when it need not wait. */
    waitFor: z.enum(DRYING_STAGES).nullable(),
    /** The coat that is put on; null for dry work. */
    coat: coatSchema.nullable(),
  }),
);
export type ReworkStep = z.infer<typeof reworkStepSchema>;

/** Putting a defect right, as work in the plan: the steps stand right behind one of the piece's own. */
export const reworkSchema = z.lazy(() =>
  z.object({
    /** The last step that was done when it was decided. */
    after: stepId,
    /** Done where the piece hangs, since it is back already. */
    isInPlace: z.boolean(),
    steps: z.array(reworkStepSchema).min(1).max(6),
  }),
);
export type Rework = z.infer<typeof reworkSchema>;

/** A defect that somebody found on a face. */
export const defectSchema = z.lazy(() =>
  z.object({
    id,
    kind: z.enum(DEFECT_IDS),
    pieceId: id,
    face: z.enum(FACE_IDS),
    /** Where on the face, in mm from its top left corner; null for all of it. */
    spot: z.object({ x: z.number().min(0).max(30_000), y: z.number().min(0).max(30_000) }).nullable(),
    at: localTime,
    by: z.string().max(60).nullable(),
    note,
    photoIds: z.array(id).max(12),
    /** What the painter takes for its cause; null while nobody has said. */
    cause: z.string().max(40).nullable(),
    rework: reworkSchema.nullable(),
    /** Left as it is, or put right on the spot: when, and why. */
    settled: z.object({ at: localTime, how: z.enum(['put-right', 'accepted']), why: note }).nullable(),
    device,
  }),
);
export type Defect = z.infer<typeof defectSchema>;

/** That a face was looked at in raking light. */
export const inspectionSchema = z.lazy(() =>
  z.object({
    id,
    pieceId: id,
    face: z.enum(FACE_IDS),
    at: localTime,
    by: z.string().max(60).nullable(),
    device,
  }),
);

export const FILM_CHECKS = ['colour-fast', 'adhesion', 'fingernail'] as const;
export type FilmCheckId = (typeof FILM_CHECKS)[number];

/** A check of the dry film: does colour rub off, does tape lift it, does a nail mark it? */
export const filmCheckSchema = z.lazy(() =>
  z.object({
    id,
    check: z.enum(FILM_CHECKS),
    pieceId: id,
    face: z.enum(FACE_IDS),
    at: localTime,
    held: z.boolean(),
    note,
    device,
  }),
);
export type FilmCheck = z.infer<typeof filmCheckSchema>;

/** That a room was gone through and found done, by whom, with what was left open. */
export const signOffSchema = z.lazy(() =>
  z.object({
    roomId: id,
    at: localTime,
    by: z.string().trim().min(1, 'Type who signs.').max(80, 'Keep the name under 80 characters.'),
    remark: note,
  }),
);
