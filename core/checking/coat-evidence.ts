import { coatClimateId } from '../steps/wetness/coat-climate.ts';
import { operationOf } from '../steps/operations.ts';
import { exposedFaceOf, SUNSHINE, type FaceHour } from '../air/exposed-face.ts';
import type { Air } from '../air/climate.ts';
import { dewPoint } from '../air/humidity.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import { progressByTask } from '../job/progress.ts';

import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { filmRatioOf } from '../steps/wetness/learnt-drying.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { SKILL_FACTOR } from '../quantities/pace.ts';
import { doneStampsByTask, workClimateId, type AppliedCoat } from '../running/applied-coats.ts';
import { AS_STATED, type CoatCondition } from '../shelf/drying/stage-legs.ts';
import { openMinutes, wetEdge } from '../sequence/open-time.ts';
import { denibName } from '../steps/coat-steps.ts';
import { passOf, strokeMinutes } from '../sequence/pass.ts';
import type { Stroke } from '../sequence/stroke.ts';
import { sectionsBefore, strokesOfSection } from './section-strokes.ts';
import { simulateStrokes } from '../sequence/simulate.ts';
import { inOrder } from '../sequence/stroke-order.ts';
import { chosenOptions } from '../sequence/usual-options.ts';

/** A figure with the moment to which it belongs, in minutes from the clocks' t0. */
export interface AtMoment {
  figure: number;
  at: number;
}

/** What log and air say of one coat on a face. */
export interface CoatEvidence {
  laid: AppliedCoat;
  /** The air while it was put on: as stamped, else as the job has it. */
  air: Air;
  /** While it dried, until it could be recoated: °C, %, and how many K the air was above its dew point. */
  coldest: AtMoment;
  dampest: AtMoment;
  nearestDew: AtMoment;
  /** Hours meanwhile that were colder than the product may get. */
  hoursTooCold: number;
  /** A face in the open: its surface and whether the sun lay on it, while it was put on and in the hours after. */
  sun: { surface: number; shone: boolean; hottestAfter: AtMoment; shoneAfter: boolean } | null;
  /** Of a face in the open: when it rained within the product's rain-safe hours; null where it did not. */
  rainedAt: number | null;
  /** The coat under it: hours between, hours that were due, hours after which it had to be abraded. Null for the first. */
  under: { laid: AppliedCoat; hours: number; due: number; closes: number | null } | null;
  /** What of the open time was over at the oldest lap: 1 has just set. Null where nothing laps. */
  lapShare: number | null;
  /** Minutes for which an edge stayed open. */
  openTime: number;
  /** Wet film over what its tin supposes; 1 where nobody read it. */
  filmRatio: number;
  /** Whether it was denibbed before; null where nothing asked for that. */
  denibbed: boolean | null;
  wasTacky: boolean;
  /** A piece that was abraded in the same air while this coat was still wet, and when; null where none was. */
  sandedBeside: { mark: string; at: number } | null;
}

export interface MadeClocks {
  clocks: JobClocks;
  conditions: ReadonlyMap<string, CoatCondition>;
}

/** Hours after a coat in which the sun still lifts it, and the longest drying that is looked at. */
const SUN_AFTER = 6;
const MAX_LOOK = 48;

/** Gathers what is known of a coat; `before` is the coat under it. */
export function coatEvidence(job: Job, made: MadeClocks, laid: AppliedCoat, before: AppliedCoat | null): CoatEvidence {
  const { clocks } = made;
  const { step, at } = laid;
  const { coating } = step.coat;
  const climateId = coatClimateId(job, step);
  const recoatable = clocks.reached(coating, 'recoat', at, climateId, made.conditions.get(step.id)) ?? at;
  const until = Math.min(recoatable, at + MAX_LOOK * 60);
  const extremes = extremesOf(clocks, climateId, at, until, coating.minTemperature);
  const steps = pieceSteps(job, step.piece);
  const denib = steps[steps.findIndex(({ id }) => id === step.id) - 1];
  const asksForDenib = denib !== undefined && operationOf(denib).isBetweenCoats;
  const leftOut = job.leftOut.some(
    ({ taskId }) => taskId === `${step.piece.id}/${denibName(step.piece, step.coat.number, step.coat.faces)}`,
  );
  const face = faceHours(clocks, job, laid);
  const workAir = clocks.air(workClimateId(job, step)).at(Math.floor(at / 60));
  const edge = edgeOf(job, clocks, laid);
  return {
    laid,
    air: laid.air ?? workAir ?? { temperature: NaN, humidity: NaN },
    ...extremes,
    sun: face && sunOn(face, at),
    rainedAt: face ? rainAfter(face, at, coating.rainSafe) : null,
    under: before && underOf(job, made, laid, before),
    ...edge,
    filmRatio: filmRatioOf(job, step),
    denibbed: asksForDenib ? doneStampsByTask(job.log).has(denib.id) : leftOut ? false : null,
    wasTacky: progressByTask(job.log).get(step.id)?.tackyAt != null,
    sandedBeside: sandedBeside(job, clocks, laid, clocks.reached(coating, 'touch', at, climateId) ?? at),
  };
}

function extremesOf(
  clocks: JobClocks,
  climateId: string,
  from: number,
  until: number,
  least: number,
): Pick<CoatEvidence, 'coldest' | 'dampest' | 'nearestDew' | 'hoursTooCold'> {
  const air = clocks.air(climateId);
  const coldest: AtMoment = { figure: Infinity, at: from };
  const dampest: AtMoment = { figure: -Infinity, at: from };
  const nearestDew: AtMoment = { figure: Infinity, at: from };
  let hoursTooCold = 0;
  for (let hour = Math.floor(from / 60); hour * 60 <= until; hour++) {
    const now = air.at(hour);
    if (!now) continue;
    const at = Math.max(from, hour * 60);
    const dew = now.temperature - dewPoint(now.temperature, Math.max(1, now.humidity));
    if (now.temperature < coldest.figure) Object.assign(coldest, { figure: now.temperature, at });
    if (now.humidity > dampest.figure) Object.assign(dampest, { figure: now.humidity, at });
    if (dew < nearestDew.figure) Object.assign(nearestDew, { figure: dew, at });
    if (now.temperature < least) hoursTooCold++;
  }
  return { coldest, dampest, nearestDew, hoursTooCold };
}

/** The hours of a face that was painted, or dries, in the open; null inside. */
function faceHours(clocks: JobClocks, job: Job, { step }: AppliedCoat): readonly FaceHour[] | null {
  const id = coatClimateId(job, step);
  return exposedFaceOf(id) ? clocks.face(id) : null;
}

function sunOn(hours: readonly FaceHour[], at: number): CoatEvidence['sun'] {
  const first = Math.floor(at / 60);
  const now = hours[first];
  if (!now) return null;
  const hottestAfter: AtMoment = { figure: now.surface, at };
  let shoneAfter = false;
  for (let hour = first + 1; hour <= first + SUN_AFTER; hour++) {
    const later = hours[hour];
    if (!later) break;
    if (later.surface > hottestAfter.figure) Object.assign(hottestAfter, { figure: later.surface, at: hour * 60 });
    shoneAfter ||= later.light.direct >= SUNSHINE;
  }
  return { surface: now.surface, shone: now.light.direct >= SUNSHINE, hottestAfter, shoneAfter };
}

function rainAfter(hours: readonly FaceHour[], at: number, safe: number): number | null {
  const first = Math.floor(at / 60);
  for (let hour = first; hour < first + Math.ceil(safe); hour++) {
    if ((hours[hour]?.outdoor.rain ?? 0) > 0) return Math.max(at, hour * 60);
  }
  return null;
}

function underOf(
  job: Job,
  { clocks, conditions }: MadeClocks,
  laid: AppliedCoat,
  before: AppliedCoat,
): CoatEvidence['under'] {
  const { coating } = before.step.coat;
  const climateId = coatClimateId(job, before.step);
  // What a coat was found to be afterwards counts too: whoever finds it tacky knows that it dries slower.
  const condition = conditions.get(before.step.id) ?? AS_STATED;
  const due = clocks.reached(coating, 'recoat', before.at, climateId, condition) ?? before.at;
  const begun = laid.at - (laid.stamp.minutes ?? 0);
  return {
    laid: before,
    hours: (begun - before.at) / 60,
    due: (due - before.at) / 60,
    closes: coating.recoatMax,
  };
}

/** How old the oldest lap was, played in the air of that hour at the pace that was measured, or else the painter's usual one. */
function edgeOf(
  job: Job,
  clocks: JobClocks,
  { step, stamp, at }: AppliedCoat,
): Pick<CoatEvidence, 'lapShare' | 'openTime'> {
  const { piece, coat } = step;
  const climateId = workClimateId(job, step);
  const options = chosenOptions(job, piece, coat.coating.id, coat.coat.tool);
  const edge = wetEdge(clocks, climateId, coat.coating, { conditioner: options.conditioner, isDamped: false });
  const start = at - (stamp.minutes ?? step.minutes);
  const openTime = openMinutes(edge, start);
  if (coat.coat.extent !== 'all') return { lapShare: null, openTime };
  const pass = passOf(piece, coat.faces, options);
  const minutesOf = (stroke: Stroke): number => strokeMinutes(stroke, options);
  const strokes = strokesOfSection(inOrder(pass, options.order), minutesOf, sectionsBefore(job, step), coat.section);
  const painted = new Set(strokes.map(({ id }) => id));
  const usual = strokes.reduce((sum, stroke) => sum + minutesOf(stroke), 0);
  const skill = job.crew.find(({ id }) => id === stamp.by)?.skill ?? 'professional';
  const factor = stamp.isMeasured && stamp.minutes !== null && usual > 0 ? stamp.minutes / usual : SKILL_FACTOR[skill];
  const simulation = simulateStrokes({
    strokes,
    laps: pass.laps.filter(({ one, other }) => painted.has(one) && painted.has(other)),
    minutesOf,
    hands: [{ id: 'painter', name: 'painter', factor }],
    edge,
    start,
    touchDry: options.breaks ? (from) => clocks.reached(coat.coating, 'touch', from, climateId) ?? Infinity : null,
  });
  return { lapShare: simulation.worst?.share ?? null, openTime };
}

function sandedBeside(
  job: Job,
  clocks: JobClocks,
  { step, at }: AppliedCoat,
  touchDry: number,
): CoatEvidence['sandedBeside'] {
  const stamps = doneStampsByTask(job.log);
  const air = workClimateId(job, step);
  for (const piece of job.pieces) {
    if (piece.id === step.piece.id) continue;
    for (const other of pieceSteps(job, piece)) {
      const stamp = operationOf(other).isDusty ? stamps.get(other.id) : undefined;
      if (!stamp) continue;
      const then = minutesSince(clocks.t0, stamp.at, job.site.timeZone);
      if (then > at && then - (stamp.minutes ?? 0) < touchDry && workClimateId(job, other) === air) {
        return { mark: piece.mark, at: then };
      }
    }
  }
  return null;
}
