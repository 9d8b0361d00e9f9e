import type { FaceId } from '../pieces/elevation.ts';
import type { Cleaner } from '../shelf/cleaner.ts';
import type { Coating } from '../shelf/coating.ts';
import type { Surface } from '../job/piece-schema.ts';
import type { BuildUp, Tool } from '../job/schema.ts';

/** One face of a group of like pieces, with everything that is to go onto it. */
export interface Situation {
  face: FaceId;
  surface: Surface;
  exposure: 'inside' | 'outside';
  cleaner: Cleaner | null;
  rinsed: boolean;
  key: BuildUp['key'];
  coats: readonly { coating: Coating; tool: Tool }[];
}

/** Forbidden: will fail. Risk: may fail, and is shown as one. Advice: worth knowing. Caution: can hurt someone. */
export const SEVERITIES = ['forbidden', 'risk', 'caution', 'advice'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** A rule of the craft as data: when it fires, why in the painter's words, and what would lift it. */
export interface Rule {
  id: string;
  severity: Severity;
  fires(situation: Situation): boolean;
  reason: string;
  lift: string;
}
