import { shortName } from '../shelf/entry.ts';
import { litresOfStep } from '../steps/coat-litres.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { LogEntry } from '../job/document/log-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { OpenedTin } from '../job/document/tin-schema.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep } from '../steps/step.ts';
import type { PlanReading } from '../planning/reading/read-plan.ts';
import { residueIn } from '../shelf/tools.ts';
import type { Coating } from '../shelf/coating.ts';
import { colourOfCoat, doneStampsByTask } from './applied-coats.ts';

/** Tins that share one bucket, or a tin by itself, with what the log has taken out of it. */
export interface Bucket {
  /** In the order in which they were opened. */
  tins: OpenedTin[];
  coating: Coating;
  hex: string | null;
  /** What the colour is called in the job; null for primers. */
  colourName: string | null;
  /** Litres that were in the tins when they were opened. */
  opened: number;
  /** Litres that coats and tools have taken, estimated from the log. */
  used: number;
  /** The same in parts: in all, and since the last check. */
  drawn: { inAll: Drawn; lately: Drawn };
  /** Litres at the last check, with tins poured in since; null without a check. */
  seen: { litres: number; at: string } | null;
  /** Litres that are left: as last checked, less what was taken since; never below nothing. */
  left: number;
  /** Whether it was checked, so that `left` is more than an estimate. */
  isSeen: boolean;
  ahead: Ahead;
}

/** Paint drawn from a bucket: number of coats, litres on pieces, and litres left in tools, counted once a day. */
export interface Drawn {
  coats: number;
  onPieces: number;
  inTools: number;
}

/** What is still to be painted from a bucket. */
interface Ahead {
  /** Its open coats in the order of the plan. */
  steps: readonly CoatStep[];
  litres: number;
  /** When the first of them begins, in minutes from the plan's t0; `Infinity` where no plan says. */
  from: number;
  /** The first that it does not last for, when that begins, and whether others of its run come before it; null when it lasts for all. */
  runsOut: { step: CoatStep; start: number; isMidRun: boolean } | null;
}

/** The buckets of a job that are in use, with what is left in each and how far it will go; what is needed next comes first. */
export function bucketsOf(job: Job, reading: Pick<PlanReading, 'runs' | 'starts'> | null): Bucket[] {
  const stamps = doneStampsByTask(job.log);
  const steps = job.pieces.flatMap((piece) => pieceSteps(job, piece)).filter(isCoat);
  const buckets = joined(job.tins).flatMap((tins): Bucket[] => {
    const [first] = tins;
    const coating = first && coatingOf(job, first.product);
    if (!first || !coating) return [];
    const ids = new Set(tins.map(({ id }) => id));
    const drawn = steps.flatMap((step) => {
      const stamp = stamps.get(step.id);
      return stamp?.tinId !== undefined && ids.has(stamp.tinId) ? [{ step, stamp }] : [];
    });
    const opened = tins.reduce((sum, { litres }) => sum + litres, 0);
    const seen = tins
      .flatMap((tin) => tin.seen ?? [])
      .reduce<OpenedTin['seen']>((last, one) => (last && last.at > one.at ? last : one), null);
    const later = seen
      ? tins.filter(({ openedAt }) => openedAt > seen.at).reduce((sum, { litres }) => sum + litres, 0)
      : 0;
    const inAll = drawnSince(job, drawn, '');
    const lately = drawnSince(job, drawn, seen?.at ?? '');
    const left = Math.max(0, (seen ? seen.litres + later : opened) - litresDrawn(lately));
    const hex = first.hex?.toLowerCase() ?? null;
    const open = steps.filter(
      (step) => !stamps.has(step.id) && step.coat.coating.id === coating.id && colourOfCoat(job, step) === hex,
    );
    return [
      {
        tins,
        coating,
        hex,
        colourName: colourName(job, hex),
        opened,
        used: litresDrawn(inAll),
        drawn: { inAll, lately },
        seen: seen && { litres: seen.litres + later, at: seen.at },
        left,
        isSeen: seen !== null,
        ahead: aheadOf(job, open, reading, left),
      },
    ];
  });
  return buckets.sort((one, other) =>
    one.ahead.from < other.ahead.from ? -1 : Number(one.ahead.from > other.ahead.from),
  );
}

/** What a colour is called in the job. */
function colourName(job: Job, hex: string | null): string | null {
  if (hex === null) return null;
  const colours = job.groups.flatMap(({ colour, backColour }) => [colour, ...(backColour ? [backColour] : [])]);
  return colours.find((colour) => colour.hex.toLowerCase() === hex)?.name ?? hex;
}

/** Litres that were drawn after a moment: onto pieces, and once a day what stays in each tool. */
function drawnSince(job: Job, drawn: readonly { step: CoatStep; stamp: LogEntry }[], since: string): Drawn {
  const counted = drawn.filter(({ stamp }) => stamp.at > since);
  const sessions = new Map(
    counted.map(({ step, stamp }) => [`${stamp.at.slice(0, 10)}/${step.coat.coat.tool}`, step.coat.coat.tool]),
  );
  return {
    coats: counted.length,
    onPieces: counted.reduce((sum, { step }) => sum + litresOfStep(step, job.mixing.gun), 0),
    inTools: [...sessions.values()].reduce((sum, tool) => sum + residueIn(tool), 0),
  };
}

const litresDrawn = ({ onPieces, inTools }: Drawn): number => onPieces + inTools;

function aheadOf(
  job: Job,
  open: readonly CoatStep[],
  reading: Pick<PlanReading, 'runs' | 'starts'> | null,
  left: number,
): Ahead {
  const starts = reading?.starts;
  const steps = starts
    ? open
        .filter(({ id }) => starts.has(id))
        .sort((one, other) => (starts.get(one.id) ?? 0) - (starts.get(other.id) ?? 0))
    : open;
  let rest = left;
  let litres = 0;
  let short: CoatStep | null = null;
  for (const step of steps) {
    const taken = litresOfStep(step, job.mixing.gun);
    litres += taken;
    rest -= taken;
    if (rest < -1e-9) short ??= step;
  }
  const startOf = (step: CoatStep | undefined): number => (step && starts?.get(step.id)) ?? Infinity;
  const from = startOf(steps[0]);
  if (short === null) return { steps, litres, from, runsOut: null };
  const { id } = short;
  const run = reading?.runs.find((candidate) => candidate.steps.some((step) => step.id === id));
  const isMidRun = run !== undefined && run.steps[0]?.id !== id;
  return { steps, litres, from, runsOut: { step: short, start: startOf(short), isMidRun } };
}

/** Tins by the buckets into which they were poured; what was put away is in use no more. */
function joined(tins: readonly OpenedTin[]): OpenedTin[][] {
  const inUse = tins
    .filter(({ end }) => end === null)
    .toSorted((one, other) => (one.openedAt < other.openedAt ? -1 : 1));
  const buckets: OpenedTin[][] = [];
  for (const tin of inUse) {
    const own = buckets.filter((bucket) =>
      bucket.some(({ id, boxedWith }) => tin.boxedWith.includes(id) || boxedWith.includes(tin.id)),
    );
    const merged = [...own.flat(), tin];
    for (const bucket of own) buckets.splice(buckets.indexOf(bucket), 1);
    buckets.push(merged);
  }
  return buckets;
}

/** A bucket in words: “trim enamel, reed”. */
export const bucketWords = ({ coating, colourName: name }: Pick<Bucket, 'coating' | 'colourName'>): string =>
  [shortName(coating), name].filter(Boolean).join(', ');

/** Products that the plan needs by a moment (minutes from its t0) and of which nothing is open. */
export function unopenedFor(
  job: Job,
  reading: PlanReading,
  from: number,
  until: number,
): { coating: Coating; hex: string | null; litres: number }[] {
  const stamps = doneStampsByTask(job.log);
  const needed = new Map<string, { coating: Coating; hex: string | null; litres: number }>();
  const open = bucketsOf(job, null);
  for (const run of reading.runs) {
    if (run.start < from || run.start >= until) continue;
    for (const step of run.steps.filter(isCoat)) {
      const hex = colourOfCoat(job, step);
      const { coating } = step.coat;
      if (
        stamps.has(step.id) ||
        open.some((bucket) => bucket.coating.id === coating.id && bucket.hex === hex && bucket.left > 0)
      )
        continue;
      if (groupOf(job, step.piece) === undefined) continue;
      const key = `${coating.id}/${hex ?? ''}`;
      const known = needed.get(key) ?? { coating, hex, litres: 0 };
      needed.set(key, { ...known, litres: known.litres + litresOfStep(step, job.mixing.gun) });
    }
  }
  return [...needed.values()];
}
