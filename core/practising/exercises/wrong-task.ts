import { evidenceOn, type Evidence } from '../../checking/evidence.ts';
import type { CauseId } from '../../checking/causes/registry.ts';
import { DEFECTS } from '../../checking/defects.ts';
import { rankCauses, type RankedCause } from '../../checking/rank-causes.ts';
import { ToldJob } from '../../job/commands/told-job.ts';
import type { DefectId } from '../../job/document/defect-schema.ts';
import type { FindingStamp } from '../../job/document/finding-schema.ts';
import type { BuildUp } from '../../job/document/group-schema.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { coatingOf } from '../../job/queries/shelf.ts';
import { localDate, localIso, localTime, minutesSince } from '../../job/site-time.ts';
import type { FaceId } from '../../pieces/elevation.ts';
import { FOUND, type FoundId } from '../../pieces/found.ts';
import type { DryingStage } from '../../shelf/coating.ts';
import { wetFilm } from '../../shelf/film.ts';
import { jobSteps, type JobSteps } from '../../steps/job-steps.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { testsOn } from '../../surface-tests/known-surface.ts';
import { kept } from '../../units/kept.ts';
import type { Story } from './incidents.ts';
import { serves, workedLog } from './worked-log.ts';

/** How far an old coat may hold lead when it is sanded into. */
export const CARES = {
  dry: 'Sand it dry, with a dust mask',
  wet: 'Wet-sand, with a P3 mask, and bag the slurry',
  tested: 'Test for lead before you touch it',
} as const;
export type Care = keyof typeof CARES;
export const CARE_IDS = Object.keys(CARES) as [Care, ...Care[]];

/** A defect on a piece, with the log that led to it. */
export interface WrongTask {
  job: Job;
  pieceId: string;
  face: FaceId;
  defect: DefectId;
  /** Local ISO time at which it is seen. */
  now: string;
  /** Fixes to choose from: the defects that each is for. */
  remedies: DefectId[];
}

export interface WrongAnswer {
  cause: CauseId;
  /** The defect whose fix is chosen. */
  remedy: DefectId;
  /** What the coat must have reached before the fix. */
  wait: DryingStage;
  care: Care;
}

/** Stages for which one could wait, from the softest. */
export const WAITS = ['touch', 'recoat', 'handle', 'rehang', 'close', 'full'] as const satisfies readonly DryingStage[];

const pieceIn = ({ job, pieceId }: Pick<WrongTask, 'job' | 'pieceId'>): Piece => {
  const piece = job.pieces.find(({ id }) => id === pieceId);
  if (!piece) throw new Error(`No piece ${pieceId} in this job.`);
  return piece;
};

export const stepsIn = ({ job, now }: Pick<WrongTask, 'job' | 'now'>): JobSteps => jobSteps(job, now);
export const evidenceIn = kept((task: WrongTask): Evidence =>
  evidenceOn(task.job, stepsIn(task), pieceIn(task), task.face),
);
/** Its causes, the likeliest first. */
export const rankedIn = kept((task: WrongTask): RankedCause[] => rankCauses(task.defect, evidenceIn(task)));

/** Every cause that could be chosen: of the defect’s, also those that the log rules out. */
export const causesIn = ({ defect }: Pick<WrongTask, 'defect'>): CauseId[] =>
  Object.keys(DEFECTS[defect].causes) as CauseId[];

/** When the coat on top reaches a stage, in minutes of the steps’ clocks; null where its tin does not say. */
export function waitIn(task: WrongTask, stage: DryingStage): number | null {
  const { clocks, conditions } = stepsIn(task);
  const top = evidenceIn(task).coats.at(-1);
  if (!top) return null;
  const { step, at } = top.laid;
  return clocks.reached(step.coat.coating, stage, at, dryingPlace(task), conditions.get(step.id));
}

/** Where the piece of a made-up story dries. */
const dryingPlace = ({ job }: Pick<WrongTask, 'job'>): string =>
  job.places.find(({ kind }) => kind === 'rack')?.climateId ?? job.climates[0]?.id ?? '';

/** Plain results of every test but what a story says. */
function findingsOf(job: Job, groupId: string, { findings, untested }: Story): FindingStamp[] {
  return testsOn(job, groupId).flatMap(({ found }): FindingStamp[] => {
    if (untested.includes(found)) return [];
    const plain: Partial<Record<FoundId, string>> = { 'old-coat': 'oil-gloss' };
    const result = findings[found] ?? plain[found] ?? Object.keys(FOUND[found].results)[0];
    if (result === undefined) return [];
    const hex = found === 'old-colour' ? '#d9d2c2' : null;
    const reading = found === 'moisture' ? (result === 'dry' ? 12 : 19) : null;
    const at = `${job.planning.start}T08:00`;
    return [{ id: `f-${found}`, groupId, found, result, reading, hex, at, where: '', photoId: null, note: '' }];
  });
}

/** A job in which a story happened to its first piece; the second one stands by. */
export function told(start: Job, buildUp: BuildUp, story: Story): { job: Job; now: string } {
  const made = new ToldJob(start);
  const [piece, beside] = start.pieces;
  if (!piece) throw new Error('No piece in this job.');
  const group = piece.groupId;
  for (const entry of findingsOf(made.job, group, story)) made.tell('add-finding', { entry });
  const [first] = buildUp.coats;
  if (story.patch !== null && first) {
    const at = `${start.planning.start}T09:00`;
    const entry = {
      id: 'patch',
      groupId: group,
      where: 'Back, lock side',
      key: buildUp.key,
      coats: [{ product: first.product, at }],
      read: { at, held: story.patch },
      note: '',
    };
    made.tell('add-patch', { entry });
  }
  const top = buildUp.coats.at(-1);
  const most = (top && coatingOf(made.job, top.product)?.mostThinning) ?? 0;
  const coats = buildUp.coats.map((coat) =>
    coat.product === top?.product ? { ...coat, thinning: Math.round(most * story.thinning) } : coat,
  );
  for (const { id: groupId } of made.job.groups) {
    made.tell('choose-build-up', { groupId, buildUp: { ...buildUp, coats }, chosenFor: null });
  }
  const worked = made.job.pieces[0] ?? piece;
  const { entries, leftOut } = workedLog(made.job, worked, story.slips);
  made.tell('stamp', { entries });
  const by = entries[0]?.by ?? null;
  const skipped = leftOut.map(({ id }) => ({ taskId: id, at: entries[0]?.at ?? '', by, why: '' }));
  if (skipped.length > 0) made.tell('leave-out', { steps: skipped });
  const steps = pieceSteps(made.job, worked);
  const last = entries.findLast(({ taskId }) => steps.some((step) => step.id === taskId && isCoat(step)));
  if (!last) throw new Error('The story has no coat.');
  const start0 = `${start.planning.start}T00:00`;
  const { timeZone } = start.site;
  const lastAt = minutesSince(start0, last.at, timeZone);
  if (story.film !== null) {
    const coat = steps.find(({ id }) => id === last.taskId)?.coat;
    const film = coat
      ? Math.round(wetFilm(coat.coating.volumeSolids, coat.coating.dryFilm, coat.coat.thinning) * story.film)
      : 0;
    const reading = { id: 'film', kind: 'film', at: last.at, from: 'typed', taskId: last.taskId, film } as const;
    made.tell('take-readings', { readings: [reading] });
  }
  if (story.sandedBeside && beside) {
    const key = pieceSteps(made.job, beside).find(serves('dust'));
    const at = localIso(localTime(start0, lastAt + 20, timeZone));
    if (key) {
      made.tell('stamp', {
        entries: [{ id: 'beside', at, taskId: key.id, event: 'done', by: last.by, minutes: 15 }],
      });
    }
  }
  const days = [story.airThatDay, story.airThatNight].flatMap((swing, index) =>
    swing === null ? [] : [{ date: localDate(start0, lastAt + index * 1440, timeZone), swing }],
  );
  const exceptions = Object.fromEntries(days.map((each) => [each.date, each]));
  if (days.length > 0) {
    for (const climate of made.job.climates.filter(({ whereabouts }) => whereabouts === 'indoors')) {
      made.tell('change-climate', { id: climate.id, facts: { exceptions } });
    }
  }
  const seen = entries.at(-1) ?? last;
  return {
    job: made.job,
    now: localIso(localTime(start0, minutesSince(start0, seen.at, timeZone) + 26 * 60, timeZone)),
  };
}
