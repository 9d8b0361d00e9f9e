import { z } from 'zod';
import { FACE_IDS } from '../../pieces/elevation.ts';
import { SHEENS } from '../../shelf/coating.ts';
import { coatSchema } from './coat-schema.ts';
import { hex, id, name } from './plain-fields.ts';

const coats = z.lazy(() => z.array(coatSchema).max(12, 'At most 12 coats.'));

/** How a surface is keyed: dry abrasive, wet abrasive, a deglosser, or not at all. */
export const KEYS = ['abrade', 'wet-abrade', 'degloss', 'none'] as const;
export type Key = (typeof KEYS)[number];

/** Everything between the old surface and the finished one. Edges are painted with the front. */
export const buildUpSchema = z.lazy(() =>
  z.object({
    /** Cleaners in the order in which they are used. */
    cleaning: z.array(z.object({ product: id, rinsed: z.boolean() })).max(4, 'At most 4 cleaners.'),
    key: z.enum(KEYS),
    /** For holes, dents, joints and broken edges, in the order in which they are used; grain has its own. */
    fillers: z.array(id).max(4, 'At most 4 fillers.'),
    grainFill: z
      .object({
        product: id,
        passes: z.number().int().min(1).max(4),
        /** The one face that is filled, with the edges that go with it; left out where all are. */
        onlyFace: z.enum(FACE_IDS).optional(),
      })
      .nullable(),
    /** On bare wood outside, before primer. */
    preservative: id.nullable(),
    coats,
    /** A face that carries other products than the rest; left out when it does not. */
    faceCoats: z.object({ front: coats.optional(), back: coats.optional() }),
  }),
);
export type BuildUp = z.infer<typeof buildUpSchema>;

export const colourSchema = z.lazy(() =>
  z.object({
    name,
    hex,
  }),
);

/** What keying and priming leave to the painter's school; null where Nivel may choose. */
export const SCHOOL_IDS = {
  keying: ['sand', 'degloss', 'bond'],
  priming: ['always', 'two-in-one', 'self-priming', 'spots'],
  tools: ['brush', 'brush-and-roll', 'roll', 'spray'],
} as const;
export const schoolsSchema = z.lazy(() =>
  z.object({
    keying: z.enum(SCHOOL_IDS.keying).nullable(),
    priming: z.enum(SCHOOL_IDS.priming).nullable(),
    tools: z.enum(SCHOOL_IDS.tools).nullable(),
  }),
);
export type Schools = z.infer<typeof schoolsSchema>;

const weight = z.lazy(() => z.number().int().min(0).max(4));
/** What counts how much when build-ups are ranked, from 0 to 4. */
export const weightsSchema = z.lazy(() =>
  z.object({
    risk: weight,
    days: weight,
    hours: weight,
    money: weight,
    coats: weight,
    smell: weight,
    toughness: weight,
    dust: weight,
  }),
);
export type Weights = z.infer<typeof weightsSchema>;

export const finishGroupSchema = z.lazy(() =>
  z.object({
    id,
    name,
    colour: colourSchema,
    /** The other face's own colour; null when it is the same. */
    backColour: colourSchema.nullable(),
    /** In how many topcoats it was seen to cover, here or before; null where that is reckoned. */
    coveredIn: z.number().int().min(1).max(6).nullable(),
    /** The look that is wanted; null when it does not matter. */
    sheen: z.enum(SHEENS).nullable(),
    schools: schoolsSchema,
    buildUp: buildUpSchema.nullable(),
    /** What was known of the surface when the build-up was chosen, as a mark; null before that. */
    chosenFor: z.string().max(4000).nullable(),
    /** Put together by hand: pieces do not fall into it by themselves. */
    byHand: z.boolean(),
  }),
);
export type FinishGroup = z.infer<typeof finishGroupSchema>;
