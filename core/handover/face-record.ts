import { groupBy } from '../units/maps.ts';
import { colourOn } from '../job/queries/faces.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps, stepsWith } from '../steps/piece-steps.ts';
import { stepWords } from '../steps/step-words.ts';
import { doneStampsByTask, appliedCoats } from '../running/applied-coats.ts';
import { listed } from '../units/sentence.ts';

/** One coat as it was put on: what the log knows, and null for what it does not. */
export interface RecordedCoat {
  stepId: string;
  number: number;
  product: string;
  role: 'primer' | 'topcoat' | 'sealer';
  colour: FinishGroup['colour'] | null;
  batch: string | null;
  tool: string;
  /** % thinner. */
  thinning: number;
  /** Local ISO time. */
  at: string;
  air: { temperature: number; humidity: number } | null;
  /** µm of wet film, as the comb read it. */
  film: number | null;
  by: string | null;
  /** Part of putting a defect right. */
  isRework: boolean;
  /** On spots or edges only. */
  extent: 'all' | 'spots' | 'edges';
  /** The section, where the coat was painted in sections. */
  section: string | null;
}

/** What lies on a face, and what its record lacks. */
export interface FaceRecord {
  piece: Piece;
  face: FaceId;
  faceName: string;
  group: FinishGroup | null;
  coats: RecordedCoat[];
  /** Coats of its build-up that the log does not have: still to come, or never stamped. */
  missing: string[];
  /** Steps that were left out on purpose, with why. */
  leftOut: string[];
  /** What is not known of the coats that are there. */
  gaps: string[];
}

/** The record of every painted face of a job, from its log and never from its plan, in the order of the walk. */
export function faceRecords(job: Job, clocks: Pick<JobClocks, 't0'>): FaceRecord[] {
  const names = new Map(job.crew.map(({ id, name }) => [id, name]));
  return job.pieces.flatMap((piece) => piece.scope.faces.map((face) => faceRecord(job, clocks, piece, face, names)));
}

function faceRecord(
  job: Job,
  clocks: Pick<JobClocks, 't0'>,
  piece: Piece,
  face: FaceId,
  names: ReadonlyMap<string, string>,
): FaceRecord {
  const group = groupOf(job, piece) ?? null;
  const coats = appliedCoats(job, clocks, piece, face).map(({ step, stamp, tin }): RecordedCoat => {
    const { coat, coating, number } = step.coat;
    const film = job.readings.findLast((reading) => reading.kind === 'film' && reading.taskId === step.id);
    return {
      stepId: step.id,
      number,
      product: coating.name,
      role: coating.role,
      colour: coating.role === 'topcoat' && group ? colourOn(group, face) : null,
      batch: tin && tin.batch !== '' ? tin.batch : null,
      tool: coat.tool,
      thinning: coat.thinning,
      at: stamp.at,
      air: stamp.air ?? null,
      film: film?.kind === 'film' ? film.film : null,
      by: stamp.by === null ? null : (names.get(stamp.by) ?? stamp.by),
      isRework: step.rework !== null,
      extent: coat.extent,
      section: step.coat.section?.name ?? null,
    };
  });
  const stamps = doneStampsByTask(job.log);
  const open = pieceSteps(job, piece).filter(
    (step) => isCoat(step) && step.coat.faces.includes(face) && !stamps.has(step.id),
  );
  const left = new Map(job.leftOut.map(({ taskId, why }) => [taskId, why]));
  const asked = group ? stepsWith(job, piece, group) : [];
  return {
    piece,
    face,
    faceName: definitionOf(piece.kind).faceNames[face] ?? face,
    group,
    coats,
    missing: open.map(stepWords),
    leftOut: asked
      .filter(({ id, coat }) => left.has(id) && (coat === null || coat.faces.includes(face)))
      .map((step) => [stepWords(step), left.get(step.id)].filter(Boolean).join(': ')),
    gaps: gapsOf(coats),
  };
}

/** What is not known of coats that were put on, as short phrases. */
function gapsOf(coats: readonly RecordedCoat[]): string[] {
  const of = (lacks: (coat: RecordedCoat) => boolean, what: string): string[] => {
    const numbers = [...new Set(coats.filter(lacks).map(({ number }) => String(number)))];
    if (numbers.length === 0) return [];
    return [`${what} of ${numbers.length === 1 ? 'coat' : 'coats'} ${listed(numbers)}`];
  };
  return [
    ...of(({ batch }) => batch === null, 'batch'),
    ...of(({ air }) => air === null, 'air'),
    ...of(({ by }) => by === null, 'painter'),
  ];
}

/** What a record lacks over all its faces. */
export interface RecordGaps {
  /** Faces with coats still missing from the log. */
  unfinished: number;
  /** Coats in the log without a batch, without air. */
  coats: number;
  noBatch: number;
  noAir: number;
  noFilm: number;
}

export function gapsIn(records: readonly FaceRecord[]): RecordGaps {
  const coats = records.flatMap((record) => coatsOfSections(record.coats));
  return {
    unfinished: records.filter(({ missing }) => missing.length > 0).length,
    coats: coats.length,
    noBatch: coats.filter((sections) => sections.some(({ batch }) => batch === null)).length,
    noAir: coats.filter((sections) => sections.some(({ air }) => air === null)).length,
    noFilm: coats.filter((sections) => sections.every(({ film }) => film === null)).length,
  };
}

/** The coats of a face, each with its sections; a coat that was painted without a break is its own only section. */
function coatsOfSections(coats: readonly RecordedCoat[]): RecordedCoat[][] {
  const byCoat = groupBy(coats, ({ stepId, number, section }) => (section === null ? stepId : `coat-${number}`));
  return [...byCoat.values()];
}
