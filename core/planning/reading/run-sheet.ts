import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { marksInWords } from '../../job/marks.ts';
import { placeOf, roomOf } from '../../job/queries/places.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Painter } from '../../job/document/crew-schema.ts';
import { localDate } from '../../job/site-time.ts';
import { residueIn } from '../../shelf/tools.ts';
import type { Hazard } from '../../shelf/hazards.ts';
import { shiftsOf } from '../../steps/crew-shifts.ts';
import type { Wetness } from './drying-places.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { setupKey, setupWords } from '../drafting/job-setups.ts';
import { isBenchWork } from '../../steps/step-needs.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { litresOfStep } from '../../steps/coat-litres.ts';
import type { PlanReading, Run } from './read-plan.ts';
import { daysOfRun } from './run-days.ts';
import { hazardsOf } from '../../steps/step-hazards.ts';
import { runWords } from '../../steps/step-words.ts';

/** What is done in one go with what is set up once; minutes from the plan's t0. */
export interface SheetBatch {
  start: number;
  end: number;
  /** Minutes of setting up before it. */
  setupMinutes: number;
  /** Minutes for which hands are on it. */
  minutes: number;
  /** What is got out for it, in words; null for nothing. */
  setUp: string | null;
  /** How many pieces are in hand; 0 for work about a room. */
  pieces: number;
  where: string;
  /** In their order; of one kind of work each. */
  lines: SheetLine[];
}

/** One line of a day's sheet; minutes from the plan's t0. */
export interface SheetLine {
  start: number;
  end: number;
  what: string;
  /** Marks of the pieces in words, or the name of the room. */
  which: string;
  where: string;
  /** Who else has hands on it. */
  with: string[];
  setupMinutes: number;
  coat: CoatOnSheet | null;
  /** What it is set up with: a key that others of its batch have, and words. Null for nothing. */
  setUp: { key: string; words: string } | null;
  /** Ids of the pieces in hand. */
  pieces: readonly string[];
}

/** What a coat of the day takes, and what may be done with it afterwards. */
export interface CoatOnSheet {
  product: string;
  tool: string;
  /** For all pieces of the run, with what stays in the tool. */
  litres: number;
  /** When the last piece of the run is touch dry, and may be coated again; null for never within the plan. */
  touchDry: number | null;
  recoat: number | null;
}

/** What a painter does on one day, in its order, with what it takes and what has to be left alone. */
export interface RunSheet {
  date: string;
  painter: Painter;
  /** Working hours of that day. */
  hours: readonly (readonly [number, number])[];
  batches: SheetBatch[];
  /** What can hurt somebody in the day's work. */
  hazards: Hazard[];
  /** Pieces that must not be touched when the day ends, with how they are then. */
  leave: { mark: string; state: Wetness; until: number }[];
}

/** The sheet of a painter's day, an ISO date at the site. */
export function runSheet(
  job: Job,
  problem: Pick<JobProblem, 'clocks' | 'conditions'>,
  reading: PlanReading,
  painter: Painter,
  date: string,
): RunSheet {
  const isOn = (minutes: number): boolean => localDate(reading.t0, minutes, job.site.timeZone) === date;
  const runs = reading.runs
    .filter((run) => run.painters.includes(painter.id))
    .flatMap((run) => {
      const day = daysOfRun(run, reading.t0, job.site.timeZone).find((candidate) => candidate.date === date);
      return day ? [{ run, day }] : [];
    });
  const onSite = reading.siteWork.filter((work) => work.painters.includes(painter.id) && isOn(work.start));
  const others = (painters: readonly string[]): string[] =>
    job.crew.filter(({ id }) => id !== painter.id && painters.includes(id)).map(({ name }) => name);
  const lines = [
    ...runs.map(({ run, day }): SheetLine => ({
      start: day.start,
      end: day.end,
      what: runWords(run, day),
      which: marksInWords(run.steps.map(({ piece }) => piece.mark)),
      where: placeWords(job, run),
      with: others(run.painters),
      setupMinutes: day.goesOn ? 0 : run.setupMinutes,
      coat: coatOf(job, problem, run),
      setUp: setUpOf(job, run),
      pieces: run.steps.map(({ piece }) => piece.id),
    })),
    ...onSite.map(({ start, end, words, place, painters }): SheetLine => ({
      start,
      end,
      what: words,
      which: '',
      where: place,
      with: others(painters),
      setupMinutes: 0,
      coat: null,
      setUp: null,
      pieces: [],
    })),
  ].sort((one, other) => one.start - other.start);
  const hours = shiftsOf(painter, problem.clocks.days).filter(([from]) => isOn(from));
  const ends = hours.at(-1)?.[1] ?? lines.at(-1)?.end ?? 0;
  return {
    date,
    painter,
    hours,
    batches: batchesOf(lines),
    hazards: [...new Set(runs.flatMap(({ run: { steps } }) => steps.flatMap((step) => hazardsOf(job, step))))],
    leave: leftAlone(reading, ends),
  };
}

/** Lines that follow each other with the same thing in hand, as batches. */
function batchesOf(lines: readonly SheetLine[]): SheetBatch[] {
  const batches: SheetLine[][] = [];
  for (const line of lines) {
    const last = batches.at(-1);
    if (last && line.setUp !== null && last[0]?.setUp?.key === line.setUp.key) last.push(line);
    else batches.push([line]);
  }
  return batches.map((batch) => {
    const [first] = batch;
    return {
      start: first?.start ?? 0,
      end: batch.at(-1)?.end ?? 0,
      setupMinutes: first?.setupMinutes ?? 0,
      minutes: batch.reduce((sum, { start, end }) => sum + end - start, 0),
      setUp: first?.setUp?.words ?? null,
      pieces: new Set(batch.flatMap(({ pieces }) => pieces)).size,
      where: [...new Set(batch.map(({ where }) => where))].filter(Boolean).join(', '),
      lines: batch,
    };
  });
}

function setUpOf(job: Job, { steps: [step] }: Run): SheetLine['setUp'] {
  const key = step ? setupKey(job, step) : null;
  return step && key !== null ? { key, words: setupWords(job, step) ?? '' } : null;
}

/** Days on which a painter has something to do, as ISO dates in order. */
export function workedDays(job: Job, reading: PlanReading, painterId: string): string[] {
  const { timeZone } = job.site;
  const isOwn = ({ painters }: { painters: readonly string[] }): boolean => painters.includes(painterId);
  const days = [
    ...reading.runs.filter(isOwn).flatMap((run) => daysOfRun(run, reading.t0, timeZone).map(({ date }) => date)),
    ...reading.siteWork.filter(isOwn).map(({ start }) => localDate(reading.t0, start, timeZone)),
  ];
  return [...new Set(days)].sort();
}

function placeWords(job: Job, { steps }: Run): string {
  const [step] = steps;
  if (step === undefined) return '';
  if (isBenchWork(step)) return placeOf(job, 'bench').name;
  return [...new Set(steps.map(({ piece }) => roomOf(job, piece)?.name ?? ''))].join(', ');
}

function coatOf(
  job: Job,
  { clocks, conditions }: Pick<JobProblem, 'clocks' | 'conditions'>,
  run: Run,
): CoatOnSheet | null {
  const coats = run.steps.filter(isCoat);
  const last = coats.at(-1);
  if (last === undefined) return null;
  const { coating, coat } = last.coat;
  const climateId = coatClimateId(job, last);
  const at = (stage: 'touch' | 'recoat'): number | null => {
    const reached = clocks.reached(coating, stage, run.end, climateId, conditions.get(last.id));
    return reached === null || reached === Infinity ? null : Math.ceil(reached);
  };
  return {
    product: coating.name,
    tool: coat.tool,
    litres: coats.reduce((sum, step) => sum + litresOfStep(step, job.mixing.gun), residueIn(coat.tool)),
    touchDry: at('touch'),
    recoat: at('recoat'),
  };
}

/** What is wet, tacky or hardening at a moment, the longest first. */
function leftAlone({ lyings, inPlace }: PlanReading, at: number): RunSheet['leave'] {
  return [...lyings, ...inPlace]
    .flatMap(({ piece, stretches }) => {
      const now = stretches.find(({ from, until }) => from <= at && at < until);
      if (now === undefined || (now.state !== 'wet' && now.state !== 'tacky')) return [];
      return [{ mark: piece.mark, state: now.state, until: now.until }];
    })
    .sort((one, other) => other.until - one.until);
}
