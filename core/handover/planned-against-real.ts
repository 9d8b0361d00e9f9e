import { longerWords } from '../units/comparison.ts';
import { shortName } from '../shelf/entry.ts';
import { groupBy } from '../units/maps.ts';
import { counted, capital } from '../units/sentence.ts';
import { operationOf } from '../steps/operations.ts';
import { isRehangStep } from '../steps/rehanging.ts';
import type { CommandArgs, CommandName } from '../job/commands/apply.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import { PACE_KEYS, PACE_NAMES } from '../job/document/crew-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { localDate } from '../job/site-time.ts';
import { definitionOf, type PieceKind } from '../pieces/registry.ts';
import { learntDrying } from '../steps/wetness/learnt-drying.ts';
import { learntPaces, measuredSteps, paceKeyOf, type MeasuredStep } from '../steps/learnt-paces.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import { doneStampsByTask } from '../running/applied-coats.ts';
import { bucketsOf, bucketWords, type Bucket } from '../running/tins-in-use.ts';
import { VOLUME, FILM } from '../units/measures.ts';

/** Hours of one kind of work, or of one kind of piece: as they are planned at the usual pace, and as they were measured. */
export interface HoursRow {
  key: string;
  name: string;
  planned: number;
  real: number;
  /** The steps that were measured, in the order in which they were done. */
  timed: readonly MeasuredStep[];
}

/** Days of one stage of the work: first and last, in the first plan and by the log, as ISO dates; null where there is none. */
export interface DaysRow {
  name: string;
  planned: { from: string; until: string } | null;
  real: { from: string; until: string; isOver: boolean } | null;
}

/** Litres out of one bucket: estimated from the stamps, and seen to be gone. */
export interface LitresRow {
  bucket: Bucket;
  name: string;
  estimated: number;
  /** Null while nobody has looked into the tin. */
  real: number | null;
}

const sum = (steps: readonly MeasuredStep[], of: (step: MeasuredStep) => number): number =>
  steps.reduce((total, step) => total + of(step), 0);

function hoursBy<K extends string>(
  steps: readonly MeasuredStep[],
  keyOf: (step: MeasuredStep) => K,
  nameOf: (key: K) => string,
): HoursRow[] {
  return [...groupBy(steps, keyOf)].map(([key, own]) => ({
    key,
    name: nameOf(key),
    planned: sum(own, ({ usual }) => usual) / 60,
    real: sum(own, ({ minutes }) => minutes) / 60,
    timed: own,
  }));
}

/** Measured hours by stage of work and by kind of piece, against the usual pace of whoever did them. */
export function hoursAgainst(job: Job): { byWork: HoursRow[]; byKind: HoursRow[] } {
  const steps = measuredSteps(job);
  const byWork = hoursBy(
    steps,
    ({ step }) => paceKeyOf(step),
    (key) => PACE_NAMES[key],
  );
  return {
    byWork: PACE_KEYS.flatMap((key) => byWork.filter((row) => row.key === key)),
    byKind: hoursBy(
      steps,
      ({ step }) => step.piece.kind,
      (kind: PieceKind) => definitionOf(kind).plural,
    ),
  };
}

/** Phases of the work for its days. */
const PHASES: readonly { name: string; holds(step: PieceStep): boolean }[] = [
  { name: 'Prepared', holds: (step) => operationOf(step).phase === 'prepare' },
  { name: 'Primed', holds: ({ coat }) => coat?.coating.role === 'primer' },
  { name: 'Finished', holds: ({ coat, rework }) => coat !== null && coat.coating.role !== 'primer' && rework === null },
  { name: 'Made good', holds: ({ rework }) => rework !== null },
  { name: 'Hung', holds: isRehangStep },
];

/** Days of each stage in the plan that the job is measured against, and by the log. */
export function daysAgainst(job: Job): DaysRow[] {
  const first = job.baseline;
  const stamps = doneStampsByTask(job.log);
  const steps = job.pieces.flatMap((piece) => pieceSteps(job, piece));
  const planned = new Map((first?.tasks ?? []).map((task) => [task.id, task]));
  return PHASES.flatMap(({ name, holds }): DaysRow[] => {
    const own = steps.filter(holds);
    if (own.length === 0) return [];
    const tasks = own.flatMap(({ id }) => planned.get(id) ?? []);
    const done = own.flatMap(({ id }) => stamps.get(id)?.at.slice(0, 10) ?? []).sort();
    const dateOf = (minutes: number): string => localDate(first?.t0 ?? '', minutes, job.site.timeZone);
    const [from, until] = [done[0], done.at(-1)];
    return [
      {
        name,
        planned:
          tasks.length === 0
            ? null
            : {
                from: dateOf(Math.min(...tasks.map(({ start }) => start))),
                until: dateOf(Math.max(...tasks.map(({ end }) => end)) - 1),
              },
        real: from === undefined || until === undefined ? null : { from, until, isOver: done.length === own.length },
      },
    ];
  });
}

/** Litres out of every bucket that was opened, against what its coats should have taken. */
export function litresAgainst(job: Job): LitresRow[] {
  const all = { ...job, tins: job.tins.map((tin) => ({ ...tin, end: null })) };
  return bucketsOf(all, null).map((bucket) => ({
    bucket,
    name: bucketWords(bucket),
    estimated: bucket.used,
    real: bucket.isSeen ? bucket.opened - bucket.left : null,
  }));
}

/** A default that the job has shown to be off, and the command that changes it. */
export interface Lesson {
  id: string;
  /** What to change: “Coats by brush take 1.3 times as long”. */
  words: string;
  /** What it rests on. */
  because: string;
  command: { [N in CommandName]: { name: N; args: CommandArgs<N> } }[CommandName];
}

/** Nearer to the default than this share, nothing is to be learnt. */
const WORTH_IT = 0.08;
/** What was drawn from a tin by less than this many litres says nothing of its spread. */
const MIN_DRAWN = 0.4;

/** What to change in paces, spread rates and drying hours, by what was measured; what is stated already is left out. */
export function lessonsOf(job: Job, clocks: JobClocks): Lesson[] {
  const paces = [...learntPaces(job).learnt].flatMap(([key, { factor, entries }]): Lesson[] => {
    const stated = job.paces[key] ?? 1;
    if (Math.abs(factor / stated - 1) < WORTH_IT) return [];
    const rounded = Math.round(factor * 100) / 100;
    return [
      {
        id: `pace/${key}`,
        words: `${PACE_NAMES[key]}: ${longerWords(rounded)} than standard`,
        because: `median of ${entries} timed${stated === 1 ? '' : `; set now: ${longerWords(stated)}`}`,
        command: { name: 'state-pace', args: { key, factor: rounded } },
      },
    ];
  });
  const spreads = litresAgainst(job).flatMap(({ bucket, name, estimated, real }): Lesson[] => {
    if (real === null || estimated < MIN_DRAWN || Math.abs(real / estimated - 1) < WORTH_IT) return [];
    const { coating } = bucket;
    const dryFilm = Math.round(Math.max(5, Math.min(500, (coating.dryFilm * real) / estimated)));
    const { units } = job.settings;
    return [
      {
        id: `spread/${coating.id}/${bucket.hex ?? ''}/${bucket.tins[0]?.id ?? ''}`,
        words: `${name}: ${FILM.brief(dryFilm, job.settings.units)} a coat, not ${FILM.brief(coating.dryFilm, job.settings.units)}`,
        because: `${VOLUME.format(real, units)} used, ${VOLUME.format(estimated, units)} estimated`,
        command: { name: 'change-entry', args: { compartment: 'coatings', id: coating.id, facts: { dryFilm } } },
      },
    ];
  });
  const drying = [...learntDrying(job, clocks)].flatMap(([id, { factor, observations }]): Lesson[] => {
    const coating = observations[0]?.step.coat.coating;
    if (!coating || Math.abs(factor - 1) < WORTH_IT) return [];
    const slower = (hours: number): number => Math.round(hours * factor * 100) / 100;
    const { touch, handle, recoat, rehang, close, wash, full } = coating.hours;
    const hours = {
      touch: slower(touch),
      handle: slower(handle),
      recoat: slower(recoat),
      rehang: slower(rehang),
      close: slower(close),
      wash: wash === null ? null : slower(wash),
      full: slower(full),
    };
    return [
      {
        id: `drying/${id}`,
        words: `${capital(shortName(coating))} takes ${longerWords(factor)} to dry than its tin says`,
        because: `${counted(observations.length, 'check')} on this job`,
        command: { name: 'change-entry', args: { compartment: 'coatings', id: coating.id, facts: { hours } } },
      },
    ];
  });
  return [...paces, ...spreads, ...drying];
}
