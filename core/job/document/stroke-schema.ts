import { z } from 'zod';
import type { Tool } from '../../shelf/tools.ts';
import { PIECE_KINDS } from '../../pieces/registry.ts';
import { FACE_SCHOOLS } from '../../pieces/stroke-schools.ts';

/** How paint is put on a face: with what, and which of it first. */
export const APPLICATIONS = ['brush', 'profiles-brushed', 'cut-first', 'roll', 'spray'] as const;
export type Application = (typeof APPLICATIONS)[number];

/** The tool of which each is a way. */
export const TOOL_OF = {
  brush: 'brush',
  'profiles-brushed': 'roller',
  'cut-first': 'roller',
  roll: 'roller',
  spray: 'spray',
} as const satisfies Readonly<Record<Application, Tool>>;

/** When the edges are painted: before any face, or after the face while it is wet. */
export const EDGE_SCHOOLS = ['edges-first', 'edges-last'] as const;
export type EdgeSchool = (typeof EDGE_SCHOOLS)[number];

/** What is painted first where trim meets a wall. */
export const WALL_SCHOOLS = ['trim-first', 'walls-first'] as const;
export type WallSchool = (typeof WALL_SCHOOLS)[number];

/** How pieces of a kind, of one group, take a product: in which order, with what, by how many. */
export const strokeChoiceSchema = z.lazy(() =>
  z.object({
    groupId: z.string().min(1).max(60),
    kind: z.enum(PIECE_KINDS),
    product: z.string().min(1).max(60),
    face: z.enum(FACE_SCHOOLS),
    edges: z.enum(EDGE_SCHOOLS),
    walls: z.enum(WALL_SCHOOLS),
    application: z.enum(APPLICATIONS),
    /** How far along a rail or a skirting is painted from one stand, in mm. */
    reach: z.number().min(200, 'At least 200 mm.').max(4000, 'At most 4,000 mm.'),
    painters: z.union([z.literal(1), z.literal(2)]),
    conditioner: z.boolean(),
    /** Whether one stops at a joint and goes on when what is there is touch dry, where a lap would go off. */
    breaks: z.boolean(),
    /** Ids of strokes in an order of its own; null for the school's. */
    order: z.array(z.string().min(1).max(120)).max(3000, 'At most 3,000 strokes.').nullable(),
  }),
);
export type StrokeChoice = z.infer<typeof strokeChoiceSchema>;
