import { inSentence } from '../units/sentence.ts';
import { shortName } from '../shelf/entry.ts';
import { TOOLS } from '../shelf/tools.ts';
import { operationOf } from '../steps/operations.ts';
import { isRehangStep } from '../steps/rehanging.ts';
import { PLAIN_WATER, dryingProduct } from '../clocks/job-clocks.ts';
import { marksInWords } from '../job/marks.ts';
import { progressByTask } from '../job/progress.ts';
import { shiftsOf } from '../steps/crew-shifts.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { outingsOf } from '../steps/night-hanging.ts';
import { patchWaits } from '../steps/patch-waits.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep, PieceStep } from '../steps/step.ts';
import { capital } from '../units/sentence.ts';
import { stepPhrase } from '../steps/step-words.ts';
import { dateAt, minutesOn, timeOn, type Day } from './day.ts';
import { doneStampsByTask, workClimateId } from './applied-coats.ts';
import { keepsFor, nextUse, toolUses } from './tools-in-use.ts';

/** Something that is to be looked at, at a minute. */
export interface Reminder {
  /** Stable, so that what was seen stays seen: kind, and what it is about. */
  id: string;
  /** Minutes from the plan's t0. */
  at: number;
  /** What to do: “Look D-03 over for drips, both sides of every edge”. */
  words: string;
  /** Why, or what comes of it. */
  detail: string;
  pieceId: string | null;
}

/** A kind of reminder: where it comes from. */
export interface ReminderKind {
  id: string;
  /** Minutes after which it is of no use any more: a drip that has set is not brushed out. */
  fades: number;
  from(day: Day): Reminder[];
}

/** A coat that was put on, with when. */
interface Laid {
  step: CoatStep;
  at: number;
}

/** Every coat in the log, in the order of time. */
function laidOf(day: Day): Laid[] {
  const stamps = doneStampsByTask(day.job.log);
  return day.job.pieces
    .flatMap((piece) => pieceSteps(day.job, piece))
    .flatMap((step): Laid[] => {
      const stamp = isCoat(step) ? stamps.get(step.id) : undefined;
      return stamp && isCoat(step) ? [{ step, at: minutesOn(day, stamp.at) }] : [];
    })
    .sort((one, other) => one.at - other.at);
}

const product = ({ coat }: CoatStep): string => shortName(coat.coating);

/** Minutes after a face until its drips have gathered and can still be brushed out. */
const DRIPS_AFTER = 10;
/** Coats that were stamped within so many minutes are looked over together. */
const TOGETHER = 5;

const dripLook: ReminderKind = {
  id: 'drip-look',
  fades: 40,
  from(day) {
    const groups: Laid[][] = [];
    for (const laid of laidOf(day)) {
      const group = groups.at(-1);
      if (group?.[0] && laid.at - group[0].at <= TOGETHER) group.push(laid);
      else groups.push([laid]);
    }
    return groups.flatMap((group) => {
      const [first] = group;
      if (first === undefined) return [];
      const marks = marksInWords(group.map(({ step }) => step.piece.mark));
      return [
        {
          id: `drip-look/${first.step.id}`,
          at: first.at + DRIPS_AFTER,
          words: `Check ${marks} for runs and drips`,
          detail: 'Both sides of every edge, and the far side. Brush runs out while wet. Once it drags, leave it.',
          pieceId: first.step.piece.id,
        },
      ];
    });
  },
};

/** Minutes after the last coat until its tape is pulled while that is still wet. */
const TAPE_AFTER = 5;

const pullTape: ReminderKind = {
  id: 'tape',
  fades: 480,
  from(day) {
    const stamps = doneStampsByTask(day.job.log);
    return day.job.pieces.flatMap((piece) => {
      const steps = pieceSteps(day.job, piece);
      const coats = steps.filter(isCoat);
      const isMasked = steps.some((step) => operationOf(step).serves === 'masking' && stamps.has(step.id));
      if (!isMasked || coats.length === 0 || !coats.every(({ id }) => stamps.has(id))) return [];
      if (steps.some((step) => isRehangStep(step) && stamps.has(step.id))) return [];
      const last = Math.max(...coats.map(({ id }) => minutesOn(day, stamps.get(id)?.at ?? day.now)));
      const dry = day.dryingPieces.find((drying) => drying.piece.id === piece.id)?.touchDry;
      const later = dry === undefined ? 'once it is touch dry' : `at touch dry, ${timeOn(day, dry)}`;
      return [
        {
          id: `tape/${piece.id}/${last}`,
          at: last + TAPE_AFTER,
          words: `Pull the tape on ${piece.mark}`,
          detail: `Pull it back on itself while wet. Missed it? Score the line, then pull ${later}.`,
          pieceId: piece.id,
        },
      ];
    });
  },
};

/** Minutes before the end of a pot that it is said. */
const POT_WARNING = 15;

const potLife: ReminderKind = {
  id: 'pot-life',
  fades: 60,
  from(day) {
    const started = progressByTask(day.job.log);
    const pots: { step: CoatStep; mixed: number; ends: number }[] = [];
    for (const { step, at } of usesOfPots(day)) {
      const { coating } = step.coat;
      const [kind] = coating.drying;
      if (coating.potLife === null || kind === undefined) continue;
      const startedAt = started.get(step.id)?.startedAt;
      const mixed = startedAt ? minutesOn(day, startedAt) : at - (started.get(step.id)?.minutes ?? 0);
      const last = pots.findLast((pot) => pot.step.coat.coating.id === coating.id);
      if (last && mixed < last.ends) continue;
      const clock = day.problem.clocks.clock(workClimateId(day.job, step), kind, dryingProduct(coating));
      pots.push({ step, mixed, ends: clock.reach(mixed, coating.potLife * 60) });
    }
    return pots.map(({ step, mixed, ends }) => ({
      id: `pot-life/${step.id}`,
      at: ends - POT_WARNING,
      words: `Pot life ends ${timeOn(day, ends)}: ${product(step)}`,
      detail: `Mixed about ${timeOn(day, mixed)}. Use it up and clean your tools now. It sets in the gun too.`,
      pieceId: null,
    }));
  },
};

/** Coats that took, or take, a mixed pot: done ones and the one that is under way. */
function usesOfPots(day: Day): Laid[] {
  const progress = progressByTask(day.job.log);
  const running = day.job.pieces
    .flatMap((piece) => pieceSteps(day.job, piece))
    .flatMap((step): Laid[] => {
      const stamped = progress.get(step.id);
      return isCoat(step) && stamped?.startedAt && !stamped.doneAt
        ? [{ step, at: minutesOn(day, stamped.startedAt) }]
        : [];
    });
  return [...laidOf(day), ...running].sort((one, other) => one.at - other.at);
}

const READY_TO = {
  turn: 'turn',
  'other-side': 'paint on the other side',
  recoat: 'recoat',
  'put-right': 'make good',
  hang: 'hang',
  use: 'close',
} as const;

const opens: ReminderKind = {
  id: 'opens',
  fades: 240,
  from: (day) =>
    day.dryingPieces
      .filter((drying) => drying.opens > drying.since)
      .map((drying) => {
        const { piece, verb, coated } = drying;
        const isWedged = verb === 'use' && piece.keptApart !== null;
        const apart = piece.keptApart?.by === 'bumpers' ? 'take the bumpers off' : 'take the wedge out';
        return {
          id: `opens/${coated.id}/${verb}`,
          at: drying.opens,
          words: isWedged ? `${piece.mark} can close: ${apart}` : `${piece.mark} is ready to ${READY_TO[verb]}`,
          detail:
            drying.next === null
              ? `${capital(product(coated))}, painted ${timeOn(day, drying.since)}`
              : `Next: ${stepPhrase(drying.next)}`,
          pieceId: piece.id,
        };
      }),
};

/** Minutes before a recoat window closes that it is said. */
const WINDOW_WARNING = 120;

const closes: ReminderKind = {
  id: 'closes',
  fades: 1440,
  from: (day) =>
    day.dryingPieces.flatMap(({ piece, coated, closes: end }) =>
      end === null
        ? []
        : [
            {
              id: `closes/${coated.id}`,
              at: end - WINDOW_WARNING,
              words: `Recoat ${piece.mark} before ${timeOn(day, end)}`,
              detail: 'After that, sand before recoating.',
              pieceId: piece.id,
            },
          ],
    ),
};

/** Minutes before a gun, or a wrapped tool, keeps no longer that it is said. */
const GUN_WARNING = 4 * 60;
const WRAPPED_WARNING = 2 * 60;

const gunInWater: ReminderKind = {
  id: 'gun',
  fades: 1440,
  from(day) {
    const last = toolUses(day).findLast(({ step }) => TOOLS[step.coat.coat.tool].isSoaked);
    if (!last) return [];
    const until = last.at + keepsFor(last);
    return [
      {
        id: `gun/${last.step.id}`,
        at: until - GUN_WARNING,
        words: `Take the gun apart and clean it by ${timeOn(day, until)}`,
        detail: `In water since ${timeOn(day, last.at)}. After a day the needle and nozzle corrode. Lock it and release the pressure first.`,
        pieceId: null,
      },
    ];
  },
};

const wrappedTools: ReminderKind = {
  id: 'wrapped',
  fades: 1440,
  from: (day) =>
    toolUses(day).flatMap((use) => {
      const { step, at } = use;
      if (TOOLS[step.coat.coat.tool].isSoaked) return [];
      const until = at + keepsFor(use);
      const next = nextUse(day, use, at);
      if (next !== null && next <= until) return [];
      return [
        {
          id: `wrapped/${step.id}`,
          at: until - WRAPPED_WARNING,
          words: `Wash out the ${step.coat.coat.tool} of ${product(step)}`,
          detail: `Wrapped since ${timeOn(day, at)}. Keeps until about ${timeOn(day, until)}. ${next === null ? 'No longer needed' : `Not needed until ${timeOn(day, next)}`}.`,
          pieceId: null,
        },
      ];
    }),
};

const dries: ReminderKind = {
  id: 'dries',
  fades: 240,
  from(day) {
    const stamps = doneStampsByTask(day.job.log);
    return day.job.pieces.flatMap((piece) => {
      const steps = pieceSteps(day.job, piece);
      const index = steps.findLastIndex(({ id }) => stamps.has(id));
      const [step, next] = [steps[index], steps[index + 1]];
      if (!step || !next || step.dryHours === 0) return [];
      const from = minutesOn(day, stamps.get(step.id)?.at ?? day.now);
      const clock = day.problem.clocks.clock(workClimateId(day.job, step), 'evaporating', PLAIN_WATER);
      return [
        {
          id: `dries/${step.id}`,
          at: clock.reach(from, step.dryHours * 60),
          words: `${piece.mark} is dry (${stepPhrase(step)})`,
          detail: `Next: ${stepPhrase(next)}`,
          pieceId: piece.id,
        },
      ];
    });
  },
};

/** Minutes before the crew goes that an opening is named which has to close. */
const BEFORE_NIGHT = 75;

/** Pieces that are off their hinges, though their opening has to close at night. */
export function openTonight({ job }: Pick<Day, 'job'>): PieceStep[] {
  const progress = progressByTask(job.log);
  const isDone = ({ id }: PieceStep): boolean => progress.get(id)?.doneAt != null;
  return job.pieces
    .filter(({ comesOff, access }) => comesOff && access.closesAtNight && !access.standIn)
    .flatMap((piece) => {
      const out = outingsOf(pieceSteps(job, piece)).find(({ steps, back }) => steps.some(isDone) && !isDone(back));
      return out ? [out.back] : [];
    });
}

const closeTonight: ReminderKind = {
  id: 'close-tonight',
  fades: 720,
  from(day) {
    const today = dateAt(day, day.at);
    const { days } = day.problem.clocks;
    const ends = day.job.crew
      .flatMap((painter) => shiftsOf(painter, days))
      .filter(([, until]) => Math.abs(until - day.at) < 2880)
      .flatMap(([, until]) => (dateAt(day, until - 1) === today ? [until] : []));
    if (ends.length === 0) return [];
    const end = Math.max(...ends);
    return openTonight(day).map(({ id, piece }) => ({
      id: `close-tonight/${id}/${today}`,
      at: end - BEFORE_NIGHT,
      words: `${piece.mark} must close tonight`,
      detail: 'Hang it and wedge it ajar, or board up. Fire and escape doors: hang them, never wedge them.',
      pieceId: piece.id,
    }));
  },
};

const readPatch: ReminderKind = {
  id: 'patch',
  fades: 2880,
  from: (day) =>
    [...patchWaits(day.job, day.reading.t0)].map(([groupId, at]) => ({
      id: `patch/${groupId}/${at}`,
      at,
      words: `Read the test patch on ${day.job.groups.find(({ id }) => id === groupId)?.name ?? 'its group'}`,
      detail: 'Fingernail and tape. The coats are on hold until you do.',
      pieceId: null,
    })),
};

const siteWork: ReminderKind = {
  id: 'site',
  fades: 720,
  from: (day) =>
    day.reading.siteWork
      .filter(({ doneAt }) => doneAt === null)
      .map(({ id, start, words, place }) => ({
        id: `site/${id}/${start}`,
        at: start,
        words: `${place}: ${inSentence(words)}`,
        detail: 'Painting here can’t start until it’s done.',
        pieceId: null,
      })),
};

/** Every kind of reminder. To add one is to add an entry. */
export const KINDS_OF_REMINDER: readonly ReminderKind[] = [
  dripLook,
  pullTape,
  potLife,
  opens,
  closes,
  gunInWater,
  wrappedTools,
  dries,
  closeTonight,
  readPatch,
  siteWork,
];
