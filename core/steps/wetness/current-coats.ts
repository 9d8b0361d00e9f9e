import type { DryingStage } from '../../shelf/coating.ts';
import { operationOf } from '../operations.ts';
import { recoatCloses } from './recoat-window.ts';
import type { CoatStep, PieceStep } from '../step.ts';

/**
 * The coats that lie on a piece after these of its steps: of each face, or section of it, the one put on last, each coat
 * once. A coat that was put on whole lies on until the last section of the next one is over it.
 */
export function currentCoats(steps: readonly PieceStep[]): CoatStep[] {
  const onFace = new Map<string, Map<number, CoatStep>>();
  for (const step of steps.filter(isCoat)) {
    const { section, faces } = step.coat;
    for (const face of faces) {
      const lying = onFace.get(face) ?? new Map<number, CoatStep>();
      if (section === null) lying.clear();
      if (section?.number === section?.of) lying.delete(WHOLE);
      lying.set(section?.number ?? WHOLE, step);
      onFace.set(face, lying);
    }
  }
  return [...new Set([...onFace.values()].flatMap((lying) => [...lying.values()]))];
}

/** The place of a coat that was put on at one go. */
const WHOLE = 0;

/** Whether a step puts a coat on. */
export const isCoat = (step: PieceStep): step is CoatStep => step.coat !== null;

/**
 * The drying stage that a lying coat must have reached before the piece's next step; null when the step leaves it alone.
 * A coat on the other face is touched by the stands or by hands, even if the piece was turned for denibbing.
 */
export function awaitedStage(coated: CoatStep, next: PieceStep): DryingStage | null {
  if (next.rework) {
    const isThere = coated.coat.faces.includes(next.rework.face);
    return isThere ? (next.rework.waitFor ?? (next.coat ? 'recoat' : 'handle')) : 'handle';
  }
  if (next.coat === null) return operationOf(next).awaits;
  const isOnSameFace = next.coat.faces.some((face) => coated.coat.faces.includes(face));
  const [lain, section] = [coated.coat.section, next.coat.section];
  // From joint to joint: what lies on another section is not touched.
  if (isOnSameFace && lain !== null && section !== null && lain.number !== section.number) return null;
  if (isOnSameFace) return 'recoat';
  return next.turned || next.otherSide || next.coat.number > coated.coat.number ? 'handle' : null;
}

/** How far a lying coat is on its way to what comes next, in minutes from the clocks' t0; `Infinity` for never. */
export interface CoatDrying {
  coated: CoatStep;
  /** When it was put on. */
  since: number;
  touchDry: number;
  handled: number;
  /** When the next step may touch it; as soon as it is put on where that leaves it alone. */
  opens: number;
  /** Later than this it must be abraded again; null without a limit. */
  closes: number | null;
}

/** The drying of a coat until its piece's next step, or, with none, until it may be closed against a stop. */
export function coatDrying(
  coated: CoatStep,
  next: PieceStep | null,
  since: number,
  reached: (stage: DryingStage) => number,
): CoatDrying {
  const stage = next === null ? 'close' : awaitedStage(coated, next);
  return {
    coated,
    since,
    touchDry: reached('touch'),
    handled: reached('handle'),
    opens:
      stage === null ? since : Math.max(reached(stage), stage === 'recoat' ? since + coated.coat.restHours * 60 : 0),
    closes: stage === 'recoat' ? recoatCloses(coated.coat.coating, since) : null,
  };
}

/** A piece with several coats on it: as far as the slowest of them, and late with the first that is. Null without coats. */
export function slowest(coats: readonly CoatDrying[]): CoatDrying | null {
  const [first, ...rest] = coats;
  if (first === undefined) return null;
  return rest.reduce(
    (one, other): CoatDrying => ({
      ...(other.opens >= one.opens ? other : one),
      touchDry: Math.max(one.touchDry, other.touchDry),
      handled: Math.max(one.handled, other.handled),
      closes: one.closes === null ? other.closes : Math.min(one.closes, other.closes ?? Infinity),
    }),
    first,
  );
}
