import { minutesOfDay } from '../units/moments.ts';
import { WEEKDAYS, type Painter } from '../job/document/crew-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import { definitionOf } from '../pieces/registry.ts';
import type { PieceStep } from './step.ts';
import { plainStep } from './plain-step.ts';
import { operationOf } from './operations.ts';
import { isRehangStep, hangsAgain, takesOff } from './rehanging.ts';
import { needsTwo } from './step-needs.ts';

/** Of a crew's longest day, what the outing of a door may take by its tins: shops are colder than tins suppose. */
const SHARE_OF_DAY = 0.5;
/** Of the time to hang a piece, what it takes to set it on its hinges for a night, or to take it down again: no hardware. */
const SHARE_OF_HANGING = 0.5;

/**
 * The steps of a piece that is back on its hinges every night. It goes out for as much as a working day holds by its
 * tins, and hangs again as soon as it can be handled; what dries before the first coat may dry while it hangs. Which
 * steps make up an outing follows from tins and from the crew's hours alone, so that steps keep their names whatever the
 * weather.
 */
export function withNights(steps: readonly PieceStep[], crew: readonly Painter[]): PieceStep[] {
  const most = SHARE_OF_DAY * longestDay(crew, steps.some(needsTwo) && crew.length > 1 ? 2 : 1);
  const nightly: PieceStep[] = [];
  let outing: PieceStep[] = [];
  const comeBack = (): void => {
    const last = outing.at(-1);
    if (last) nightly.push(...outing, hinged(last, 'hang-for-night'));
    outing = [];
  };
  steps.forEach((step, index) => {
    if (isRehangStep(step)) {
      comeBack();
      nightly.push(step);
      return;
    }
    // What is denibbed is coated on the same day.
    const next = steps[index + 1];
    const together = operationOf(step).isBetweenCoats && next?.coat ? [step, next] : [step];
    const last = outing.at(-1);
    if (
      outing.length > 1 &&
      outingMinutes([...outing, ...together]) > most &&
      !(last && operationOf(last).isBetweenCoats)
    ) {
      comeBack();
    }
    if (outing.length === 0 && !takesOff(step)) outing.push(hinged(step, 'take-down'));
    outing.push(step);
  });
  return nightly;
}

/** Whether a step only sets a piece on its hinges for a night, or takes it down after one. */
export const isHinged = (step: PieceStep): boolean => operationOf(step).leavesHardware;

/** Minutes to set a piece on its hinges, or to take it down again, with its hardware left on. */
export const hingeMinutes = ({ kind }: Piece): number => definitionOf(kind).pace.rehang * SHARE_OF_HANGING;

/** Hanging a piece after a step, or taking it down before it. */
const hinged = ({ id, piece }: PieceStep, operation: 'take-down' | 'hang-for-night'): PieceStep =>
  plainStep(piece, { id: `${id}/${operation}`, operation, minutes: hingeMinutes(piece) });

/** Minutes of an outing by its tins: work, what dries in between, and the last coats until they can be handled. */
function outingMinutes(outing: readonly PieceStep[]): number {
  return outing.reduce((sum, { minutes, dryHours, coat }, index) => {
    const isLast = index === outing.length - 1;
    const next = outing[index + 1];
    const hours = coat?.coating.hours;
    const recoats =
      (next && operationOf(next).isBetweenCoats) || next?.coat?.faces.some((face) => coat?.faces.includes(face));
    const dries = hours ? (recoats ? hours.recoat : hours.handle) : isLast ? 0 : dryHours;
    return sum + minutes + dries * 60;
  }, 0);
}

/** Minutes of the longest day on which so many of a crew are there, from when they have come until one goes. */
function longestDay(crew: readonly Painter[], hands: number): number {
  return WEEKDAYS.reduce((longest, day) => {
    const days = crew.flatMap(({ week }) => {
      const [first, last] = [week[day][0], week[day].at(-1)];
      return first && last ? [{ from: minutesOfDay(first.from), until: minutesOfDay(last.until) }] : [];
    });
    const comes = days.map(({ from }) => from).sort((one, other) => one - other)[hands - 1];
    const goes = days.map(({ until }) => until).sort((one, other) => other - one)[hands - 1];
    return comes === undefined || goes === undefined ? longest : Math.max(longest, goes - comes);
  }, 0);
}

/** A time for which a piece is off its hinges: what takes it off, what brings it back, and all from one to the other. */
export interface Outing {
  off: PieceStep;
  back: PieceStep;
  steps: PieceStep[];
}

/** The outings among the steps of a piece that comes off, in order. */
export function outingsOf(steps: readonly PieceStep[]): Outing[] {
  const outings: Outing[] = [];
  let out: PieceStep[] = [];
  for (const step of steps) {
    if (step.rework?.isInPlace) continue;
    if (takesOff(step)) out = [];
    out.push(step);
    const [off] = out;
    if (off && hangsAgain(step)) {
      if (off !== step) outings.push({ off, back: step, steps: out });
      out = [];
    }
  }
  return outings;
}
