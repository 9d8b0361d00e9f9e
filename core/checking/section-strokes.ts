import type { Job } from '../job/document/schema.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatSection, CoatStep } from '../steps/step.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import type { Stroke } from '../sequence/stroke.ts';

/** The share of a coat that its sections before this one make up, 0 to 1. */
export function sectionsBefore(job: Job, { piece, coat }: CoatStep): number {
  const { section, number, faces } = coat;
  if (section === null) return 0;
  return pieceSteps(job, piece)
    .filter(isCoat)
    .reduce((sum, { coat: other }) => {
      const isOfCoat = other.number === number && other.faces.join() === faces.join();
      return isOfCoat && other.section && other.section.number < section.number ? sum + other.section.share : sum;
    }, 0);
}

/**
 * The strokes of a coat in their order, or, of one in sections, those that fall to one of them: by the work that comes
 * before it as a share of the whole.
 */
export function strokesOfSection(
  strokes: readonly Stroke[],
  minutesOf: (stroke: Stroke) => number,
  before: number,
  section: Pick<CoatSection, 'share'> | null,
): readonly Stroke[] {
  if (section === null) return strokes;
  const whole = strokes.reduce((sum, stroke) => sum + minutesOf(stroke), 0);
  let painted = 0;
  return strokes.filter((stroke) => {
    const middle = (painted + minutesOf(stroke) / 2) / whole;
    painted += minutesOf(stroke);
    return middle >= before && middle < before + section.share;
  });
}
