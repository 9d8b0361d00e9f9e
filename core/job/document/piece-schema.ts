import { z } from 'zod';
import { definitionOf, PIECE_KINDS } from '../../pieces/registry.ts';
import { CONDITION_IDS, EXISTING_COAT_IDS, SUBSTRATE_IDS } from '../../pieces/substrate.ts';
import { EDGE_IDS, FACE_IDS } from '../../pieces/elevation.ts';
import { id, localTime, name, note } from './plain-fields.ts';

const millimetres = (most: number) => z.number().min(0).max(most);

export const surfaceSchema = z.lazy(() =>
  z.object({
    substrate: z.enum(SUBSTRATE_IDS),
    existing: z.enum(EXISTING_COAT_IDS),
    condition: z.enum(CONDITION_IDS),
  }),
);
export type Surface = z.infer<typeof surfaceSchema>;

const EXPOSURES = ['inside', 'outside'] as const;

export const hardwareSchema = z.lazy(() =>
  z.object({
    name,
    count: z.number().int().min(0).max(400),
    /** How many were counted into the bag. */
    bagged: z.number().int().min(0).max(400),
    /** How many have come out of the bag again and are back on the piece. */
    fitted: z.number().int().min(0).max(400),
  }),
);

/** New holes of one fitting: where on the front, one or two of them, and how large. All in mm. */
export const drillingSchema = z.lazy(() =>
  z.object({
    id,
    /** What goes into them: “bar pull”, “latch”. */
    name,
    on: z.enum(['front', 'edge']),
    /** From the left edge of the front, or from the front across the edge's thickness, to the middle of the fitting. */
    x: millimetres(6000),
    /** From the top to the middle of the fitting. */
    y: millimetres(6000),
    /** Between the centres of two holes; 0 for a single one. */
    centres: millimetres(3000),
    upright: z.boolean(),
    diameter: z.number().min(1, 'At least 1 mm.').max(80, 'At most 80 mm.'),
  }),
);
export type Drilling = z.infer<typeof drillingSchema>;

/** Photos of one piece. */
export const MAX_PHOTOS = 24;

/** A photo's place in the record; the picture itself lies beside the job, under its id. */
export const photoSchema = z.lazy(() =>
  z.object({
    id,
    caption: z.string().max(200),
    width: z.number().int().min(1).max(4000),
    height: z.number().int().min(1).max(4000),
    /** Spots on it, as shares of its width and height, with what is there. */
    spots: z
      .array(z.object({ id, x: z.number().min(0).max(1), y: z.number().min(0).max(1), words: z.string().max(120) }))
      .max(40),
  }),
);
export type Photo = z.infer<typeof photoSchema>;

export const KEPT_APART_BY = ['wedge', 'bumpers'] as const;

/** Characters of the name of a zone. */
export const MAX_ZONE = 40;

/** The longest list of numbers in a shape: a drawn profile of sixty points. */
const MAX_LIST = 120;
const shapeSchema = z.lazy(() =>
  z.record(z.string().max(40), z.union([z.number(), z.string().max(40), z.array(z.number()).max(MAX_LIST)])),
);

const pieceFields = z.lazy(() =>
  z.object({
    id,
    mark: z.string().regex(/^[A-Z]{1,2}-\d{2,4}$/),
    kind: z.enum(PIECE_KINDS),
    note,
    roomId: id,
    groupId: id,
    shape: shapeSchema,
    surface: surfaceSchema,
    scope: z.object({ faces: z.array(z.enum(FACE_IDS)).max(2), edges: z.array(z.enum(EDGE_IDS)).max(7) }),
    exposure: z.object({ front: z.enum(EXPOSURES), back: z.enum(EXPOSURES) }),
    /** Taken off and painted on the bench, or painted where it is. */
    comesOff: z.boolean(),
    /** In place: one side gets all its coats and dries before the other is begun, so that the way stays usable. */
    oneSideAtATime: z.boolean(),
    /** Faces and edges that get no paint get preservative, where they are bare wood. */
    preservesRest: z.boolean(),
    /** Who needs its opening, and when. */
    access: z.object({
      who: z.string().max(80),
      /** Whether its opening must close, or lock, every night. */
      closesAtNight: z.boolean(),
      /** Whether boards or another door close it while it is away; otherwise it hangs again every night. */
      standIn: z.boolean(),
      /** By the end of which day it must be back. */
      neededBy: z.iso.date('Type the day as year-month-day.').nullable(),
    }),
    /** The part of its room with which it is painted, so that the rest stays in use; empty where the room is one. */
    zone: z.string().trim().max(MAX_ZONE, `Keep the zone to ${MAX_ZONE} characters.`),
    fireRated: z.boolean(),
    /** Whether it is reached from a ladder or over a stair. */
    upHigh: z.boolean(),
    hardware: z.array(hardwareSchema).max(20),
    /** Old holes that are filled. */
    filledHoles: z.number().int().min(0).max(60),
    drillings: z.array(drillingSchema).max(12),
    /** Of its holes, how many old ones are filled, and the ids of the new ones that are drilled. */
    holesDone: z.object({ filled: z.number().int().min(0).max(60), drilled: z.array(id).max(12) }),
    /** What keeps a soft coat off its stop until it may be closed; null for nothing. */
    keptApart: z.object({ by: z.enum(KEPT_APART_BY), since: localTime }).nullable(),
    photos: z.array(photoSchema).max(MAX_PHOTOS),
  }),
);

/** What a person states of a piece; its mark, group and hardware follow from it. */
export const statedPieceSchema = z.lazy(() =>
  pieceFields.unwrap().pick({
    roomId: true,
    shape: true,
    surface: true,
    scope: true,
    exposure: true,
    comesOff: true,
    oneSideAtATime: true,
    preservesRest: true,
    access: true,
    zone: true,
    fireRated: true,
    upHigh: true,
    note: true,
  }),
);
export type StatedPiece = z.infer<typeof statedPieceSchema>;

export const pieceSchema = z.lazy(() =>
  pieceFields.unwrap().superRefine((piece, context) => {
    const definition = definitionOf(piece.kind);
    const shape = definition.schema.safeParse(piece.shape);
    if (!shape.success) {
      for (const issue of shape.error.issues) {
        context.addIssue({ code: 'custom', path: ['shape', ...issue.path], message: issue.message });
      }
      return;
    }
    const fault = definition.fault(shape.data, 'metric');
    if (fault) context.addIssue({ code: 'custom', path: ['shape', fault.field], message: fault.message });
    if (piece.comesOff && definition.comesOff === 'never') {
      context.addIssue({ code: 'custom', path: ['comesOff'], message: `${definition.plural} are painted in place.` });
    }
  }),
);
export type Piece = z.infer<typeof pieceSchema>;
