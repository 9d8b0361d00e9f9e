import { groupOf } from '../job/queries/groups.ts';
import type { Job } from '../job/document/schema.ts';
import { abradedAreas, crewFactor, crewPaceWords, OPEN_PORES_TIMES } from '../quantities/pace.ts';
import { minutesByMeasure, type MeasuredWork } from '../quantities/paint-work.ts';
import { takeOff } from '../quantities/take-off.ts';
import { coatWork, paintWorkOf } from '../sequence/chosen-work.ts';
import { AREA, formatDuration, RUN } from '../units/measures.ts';
import { longerWords } from '../units/comparison.ts';
import { capital, counted } from '../units/sentence.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { workOf } from './crew-work.ts';
import { learntPaces, paceKeyOf } from './learnt-paces.ts';
import { openedFaces } from './piece-steps.ts';
import { isCoat } from './wetness/current-coats.ts';
import type { CoatStep, PieceStep } from './step.ts';

/** Less than this many minutes is not worth a line. */
const MIN_SHOWN = 0.5;
/** The same in m². */
const MIN_AREA_SHOWN = 0.05;

/**
 * Explains the minutes of one batch: the work at a professional's pace, then the crew's, then the sum. `planned`: the
 * minutes in the plan, which used the figures of its time.
 */
export function workAccount(job: Job, steps: readonly PieceStep[], planned: number): string[] {
  const { units } = job.settings;
  const factor = crewFactor(job.crew);
  const paces = learntPaces(job);
  const atPace = sumOf(steps, ({ minutes }) => minutes);
  const [first] = steps;
  const learnt = first ? paces.factorOf(first) : 1;
  const source = first && paces.learnt.has(paceKeyOf(first)) ? 'Your timed work' : 'Your own figure';
  const total = sumOf(steps, (step) => workOf(step.minutes * paces.factorOf(step), factor));
  return [
    ...(steps.every(isCoat) ? coatLines(job, steps, units) : otherLines(job, steps, units)),
    `At a professional’s pace: ${formatDuration(atPace)}.`,
    ...(factor === 1 ? [] : [`Your crew: ${crewPaceWords(job.crew)}.`]),
    ...(learnt === 1 ? [] : [`${source}: ${longerWords(learnt)}.`]),
    `So ${formatDuration(total)}, whole minutes for each piece.`,
    ...(Math.round(planned) === total
      ? []
      : [
          `The plan counts ${formatDuration(planned)}, with the figures from when it was made, and any sanding again past a recoat window.`,
        ]),
  ];
}

/** Painting by its measures, then carrying, turning and a second painter. */
function coatLines(job: Job, steps: readonly CoatStep[], units: UnitSystem): string[] {
  const measured = new Map<string, MeasuredWork>();
  for (const { piece, coat, minutes } of steps) {
    const { work, application } = paintWorkOf(job, piece, coat.faces, coat.coat);
    const share = coat.section ? minutes / coatWork(job, piece, coat.faces, coat.coat).minutes : 1;
    for (const { name, amount, minutes: own, in: unit } of minutesByMeasure(work, application)) {
      const known = measured.get(name);
      measured.set(name, {
        name,
        in: unit,
        amount: (known?.amount ?? 0) + amount * share,
        minutes: (known?.minutes ?? 0) + own * share,
      });
    }
  }
  const byMeasure = [...measured.values()];
  const painting = sumOf(byMeasure, ({ minutes }) => minutes);
  const besides = sumOf(steps, ({ minutes }) => minutes) - painting;
  return [
    ...byMeasure
      .filter(({ minutes }) => minutes >= MIN_SHOWN)
      .map((entry) => `${capital(entry.name)}: ${amountOf(entry, units)}, ${formatDuration(entry.minutes)}.`),
    ...(besides >= MIN_SHOWN ? [`Carrying, turning and reaching spots: ${formatDuration(besides)}.`] : []),
    ...(besides <= -MIN_SHOWN ? [`By two at once: ${formatDuration(-besides)} less.`] : []),
  ];
}

/** Work without paint: area of faces and edges, of which mouldings take longer, and opening the grain longest. */
function otherLines(job: Job, steps: readonly PieceStep[], units: UnitSystem): string[] {
  const pieces = [...new Map(steps.map(({ piece }) => [piece.id, piece])).values()];
  const area = sumOf(pieces.flatMap(takeOff), ({ area: own }) => own);
  const keyed = steps.flatMap(({ piece, operation }) => {
    const buildUp = groupOf(job, piece)?.buildUp;
    return buildUp?.key === operation ? [{ piece, opened: openedFaces(job, piece, buildUp) }] : [];
  });
  const profiled = sumOf(keyed, ({ piece }) => abradedAreas(piece).profiled);
  return [
    `${counted(pieces.length, 'piece')} with ${AREA.format(area, units)} of faces and edges.`,
    ...(profiled >= MIN_AREA_SHOWN
      ? [`Of that ${AREA.format(profiled, units)} is bevels and mouldings, which take twice as long.`]
      : []),
    ...(keyed.some(({ opened }) => opened.length > 0)
      ? [`Down to open pores for the grain filler: ${OPEN_PORES_TIMES} times as long.`]
      : []),
  ];
}

function amountOf({ amount, in: unit }: MeasuredWork, units: UnitSystem): string {
  if (unit === 'sides') return String(Math.round(amount));
  return unit === 'm²' ? AREA.format(amount, units) : RUN.format(amount, units);
}

const sumOf = <T>(all: readonly T[], of: (one: T) => number): number => all.reduce((sum, one) => sum + of(one), 0);
