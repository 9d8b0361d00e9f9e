import { formatMoment } from '../units/moments.ts';
import { operationOf } from '../steps/operations.ts';
import { PRIMER_WHITE } from '../colour/primer-tints.ts';
import { topcoatsToHide } from '../build-up/face-colour.ts';
import { cleanerOf } from '../job/queries/shelf.ts';
import { colourOn } from '../job/queries/faces.ts';
import { dryingClimateId } from '../job/queries/places.ts';
import { groupOf } from '../job/queries/groups.ts';
import { PLAIN_WATER } from '../clocks/job-clocks.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { localTime, minutesSince } from '../job/site-time.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { Cleaner } from '../shelf/cleaner.ts';
import { isRehangStep } from '../steps/rehanging.ts';
import { pieceSteps, stepsWith } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import { knownSurface, type KnownSurface } from '../surface-tests/known-surface.ts';
import { doneStampsByTask, appliedCoats, type AppliedCoat } from '../running/applied-coats.ts';
import { coatEvidence, type CoatEvidence, type MadeClocks } from './coat-evidence.ts';

/** All that the job knows about what lies on a face, as far as it could make a defect. */
export interface Evidence {
  job: Job;
  piece: Piece;
  face: FaceId;
  group: FinishGroup | null;
  known: KnownSurface;
  /** First to last. */
  coats: CoatEvidence[];
  /** Steps on the way that were left out. */
  leftOut: PieceStep[];
  /** Whether it was keyed; null where its build-up does not ask for that. */
  keyed: boolean | null;
  /** Cleaners that leave something behind and were not rinsed off. */
  unrinsed: Pick<Cleaner, 'name' | 'residue'>[];
  /** Hours between the last wash and the first coat, and those that were due there; null where nothing was washed. */
  washDried: { hours: number; due: number } | null;
  /** Topcoats that were put on, and those that hide the old colour; null while the old colour is not known. */
  hiding: { laid: number; needed: number } | null;
  /** When it was hung, and from when it may close: minutes from the clocks' t0. */
  hungAt: number | null;
  closesFrom: number | null;
  /** Colours of tins on this piece that were opened one after another and not boxed. */
  unboxed: boolean;
  /** A moment to read. */
  when(minutes: number): string;
}

/** Gathers the evidence about a face of a piece, from the log and the air and not from the plan. */
export function evidenceOn(job: Job, made: MadeClocks, piece: Piece, face: FaceId): Evidence {
  const { clocks } = made;
  const group = groupOf(job, piece) ?? null;
  const steps = pieceSteps(job, piece);
  const asked = group ? stepsWith(job, piece, group) : [];
  const leftOut = new Set(job.leftOut.map(({ taskId }) => taskId));
  const laid = appliedCoats(job, clocks, piece, face);
  const last = laid.at(-1);
  const key = asked.find((step) => operationOf(step).disturbsOldPaint);
  const stamps = doneStampsByTask(job.log);
  const hung = steps.findLast((step) => isRehangStep(step) && stamps.has(step.id));
  const known = knownSurface(job, piece);
  return {
    job,
    piece,
    face,
    group,
    known,
    coats: laid.map((coat, index) => coatEvidence(job, made, coat, laid[index - 1] ?? null)),
    leftOut: asked.filter(({ id }) => leftOut.has(id)),
    keyed: key ? !leftOut.has(key.id) : null,
    unrinsed: (group?.buildUp?.cleaning ?? []).flatMap(({ product, rinsed }) => {
      const cleaner = cleanerOf(job, product);
      return cleaner && cleaner.residue !== 'none' && !rinsed ? [cleaner] : [];
    }),
    washDried: washDried(job, made, steps, laid[0] ?? null),
    hiding: hidingOf(laid, group && colourOn(group, face).hex, known.facts.oldColour),
    hungAt: doneAt(job, made, hung),
    closesFrom:
      last === undefined
        ? null
        : clocks.reached(
            last.step.coat.coating,
            'close',
            last.at,
            dryingClimateId(job, piece, [face]),
            made.conditions.get(last.step.id),
          ),
    unboxed: isUnboxed(laid),
    when: (minutes) => formatMoment(localTime(clocks.t0, Math.round(minutes), job.site.timeZone), 'dayTime'),
  };
}

function doneAt(job: Job, { clocks }: MadeClocks, step: PieceStep | undefined): number | null {
  const stamp = step && doneStampsByTask(job.log).get(step.id);
  return stamp ? minutesSince(clocks.t0, stamp.at, job.site.timeZone) : null;
}

function washDried(
  job: Job,
  made: MadeClocks,
  steps: readonly PieceStep[],
  first: AppliedCoat | null,
): Evidence['washDried'] {
  const wash = steps.findLast((step) => operationOf(step).serves === 'cleaning');
  const washed = doneAt(job, made, wash);
  if (!wash || washed === null || first === null) return null;
  const clock = made.clocks.clock(dryingClimateId(job, wash.piece), 'evaporating', PLAIN_WATER);
  const begun = first.at - (first.stamp.minutes ?? 0);
  return { hours: (begun - washed) / 60, due: (clock.reach(washed, wash.dryHours * 60) - washed) / 60 };
}

function hidingOf(laid: readonly AppliedCoat[], next: string | null, old: string | null): Evidence['hiding'] {
  if (next === null || old === null) return null;
  const whole = laid.filter(({ step }) => step.coat.coat.extent === 'all');
  const primers = whole.flatMap(({ step: { coat } }) =>
    coat.coating.role === 'primer' && !coat.coating.clear ? [coat.coat.tint ?? PRIMER_WHITE] : [],
  );
  const topcoats = whole.filter(({ step }) => step.coat.coating.role === 'topcoat').length;
  return { laid: topcoats, needed: topcoatsToHide(old, next, primers) };
}

/** Whether its coats of one product came from tins that were not poured together. */
function isUnboxed(laid: readonly AppliedCoat[]): boolean {
  const tins = laid.flatMap(({ tin }) => tin ?? []);
  return tins.some((one) =>
    tins.some(
      (other) =>
        one.id !== other.id &&
        one.product === other.product &&
        one.hex === other.hex &&
        !one.boxedWith.includes(other.id) &&
        !other.boxedWith.includes(one.id),
    ),
  );
}
