import { isRehangStep } from '../../core/steps/rehanging.ts';
import type { PieceStep } from '../../core/steps/step.ts';
import { progressByTask } from '../../core/job/progress.ts';
import { groupOf } from '../../core/job/queries/groups.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { roomChecks } from '../../core/checking/round.ts';
import { isChosen } from '../../core/build-up/coat-stack.ts';
import { outdatedBuildUps } from '../../core/build-up/build-up-review.ts';
import { openQuestions, testsOn } from '../../core/surface-tests/known-surface.ts';
import { pieceSteps } from '../../core/steps/piece-steps.ts';
import { counted } from '../../core/units/sentence.ts';
import { planFingerprint } from '../../core/planning/revising/accept.ts';
import type { StageId } from './registry.ts';

/** How far a stage is, 0 to 1, and in words. */
export interface Progress {
  share: number;
  words: string;
}

const share = (done: number, all: number): number => (all === 0 ? 0 : done / all);

function stepsDone(job: Job, wanted: (step: PieceStep) => boolean): { done: number; all: number } {
  const progress = progressByTask(job.log);
  const steps = job.pieces.flatMap((piece) => pieceSteps(job, piece)).filter(wanted);
  return { done: steps.filter((step) => progress.get(step.id)?.doneAt).length, all: steps.length };
}

const withBuildUp = (job: Job): number => job.pieces.filter((piece) => isChosen(groupOf(job, piece))).length;

/** How far each stage is, by its id. Apart from the stages themselves, for it reads what all of them know. */
export const PROGRESS: Readonly<Record<StageId, (job: Job) => Progress>> = {
  walk: (job) => ({ share: job.pieces.length > 0 ? 1 : 0, words: counted(job.pieces.length, 'piece') }),
  test: (job) => {
    const all = job.groups.reduce((sum, { id }) => sum + testsOn(job, id).length, 0);
    const open = job.groups.reduce((sum, { id }) => sum + openQuestions(job, id).size, 0);
    return { share: share(all - open, all), words: `${all - open} of ${all} tests done` };
  },
  'build-up': (job) => {
    const doubts = outdatedBuildUps(job).length;
    const chosen = `${withBuildUp(job)} of ${job.pieces.length} pieces have a build-up`;
    return {
      share: share(withBuildUp(job), job.pieces.length) * (doubts > 0 ? 0.7 : 1),
      words: doubts > 0 ? `${chosen}, ${doubts} to check` : chosen,
    };
  },
  quantities: (job) => ({
    share: share(withBuildUp(job), job.pieces.length),
    words: `${withBuildUp(job)} of ${job.pieces.length} pieces counted`,
  }),
  conditions: (job) => {
    const open = job.climates.find(({ whereabouts }) => whereabouts === 'outdoors');
    const said = [job.site.latitude !== null, (open?.stated.hours.length ?? 0) > 0, job.readings.length > 0];
    const words = ['location', 'weather', 'a reading'].filter((_name, index) => !said[index]);
    return {
      share: share(said.filter(Boolean).length, said.length),
      words: words.length === 0 ? 'weather and readings in' : `still needed: ${words.join(', ')}`,
    };
  },
  sequence: (job) => {
    const kinds = new Set(job.pieces.map(({ groupId, kind }) => `${groupId}/${kind}`)).size;
    const chosen = new Set(job.strokes.map(({ groupId, kind }) => `${groupId}/${kind}`)).size;
    return {
      share: share(chosen, kinds),
      words: `set for ${chosen} of ${kinds} kinds, default for the rest`,
    };
  },
  plan: (job) => {
    if (job.plan === null) return { share: 0, words: 'no plan yet' };
    const current = job.plan.fingerprint === planFingerprint(job);
    return current ? { share: 1, words: 'plan accepted' } : { share: 0.6, words: 'job changed since the plan' };
  },
  today: (job) => {
    const { done, all } = stepsDone(job, () => true);
    return { share: share(done, all), words: `${done} of ${all} steps done` };
  },
  hang: (job) => {
    const { done, all } = stepsDone(job, isRehangStep);
    return { share: share(done, all), words: `${done} of ${all} pieces hung` };
  },
  check: (job) => {
    const rooms = roomChecks(job);
    const faces = rooms.reduce((sum, room) => sum + room.faces.length, 0);
    const looked = rooms.reduce((sum, room) => sum + room.looked, 0);
    const open = rooms.reduce((sum, room) => sum + room.openDefects, 0);
    return {
      share: share(looked, faces) * (open > 0 ? 0.9 : 1),
      words: `${looked} of ${faces} faces inspected, ${counted(open, 'defect')} open`,
    };
  },
  handover: (job) => {
    const signed = job.signOffs.length;
    const rooms = job.rooms.filter(({ id }) => job.pieces.some(({ roomId }) => roomId === id)).length;
    const isOver = job.handOver.at !== null;
    return {
      share: isOver ? 1 : share(signed, rooms) * 0.9,
      words: isOver ? 'handed over' : `${signed} of ${rooms} rooms signed off`,
    };
  },
};
