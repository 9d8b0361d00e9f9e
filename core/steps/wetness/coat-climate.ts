import { PRIMER_WHITE } from '../../colour/primer-tints.ts';
import { dryingClimateId, staysOf } from '../../job/queries/places.ts';
import type { Job } from '../../job/document/schema.ts';
import type { CoatStep } from '../step.ts';

/** The colour that the sun meets while a coat dries: of a primer its own, of all else the finished one (null). */
export const colourShown = ({ coat: { coat, coating } }: CoatStep): string | null =>
  coating.role === 'primer' && coat.extent === 'all' && !coating.clear ? (coat.tint ?? PRIMER_WHITE) : null;

/** The climate in which a coat dries: the rack's when its piece comes off, where it hangs, in its own colour, when it stays. */
export const coatClimateId = (job: Job, step: CoatStep): string =>
  dryingClimateId(job, step.piece, step.coat.faces, colourShown(step));

/** The same one after the other, for a piece that is hung at `hungAt`. */
export const coatStays = (job: Job, step: CoatStep, hungAt: number): { climateId: string; until: number }[] =>
  staysOf(job, step.piece, step.coat.faces, hungAt, colourShown(step));
