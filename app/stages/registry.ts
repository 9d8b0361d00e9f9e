import { lazy, type ComponentType, type LazyExoticComponent } from 'react';
import { progressByTask } from '../../core/job/progress.ts';
import { groupOf } from '../../core/job/queries.ts';
import type { Job } from '../../core/job/schema.ts';
import { roomChecks } from '../../core/checking/round.ts';
import { isChosen } from '../../core/build-up/coat-stack.ts';
import { inDoubt } from '../../core/build-up/standing.ts';
import { openQuestions, testsOn } from '../../core/proving/proof.ts';
import { pieceSteps } from '../../core/planning/piece-steps.ts';
import { planFingerprint } from '../../core/planning/accept.ts';

/** One stage of the work: all that the ladder, the keys and the palette know of it. */
export interface Stage {
  id: string;
  name: string;
  /** The key that goes there. */
  key: string;
  /** What one does there, for the palette. */
  does: string;
  /** How far it is, 0 to 1, and in words. */
  progress(job: Job): { share: number; words: string };
  screen: LazyExoticComponent<ComponentType>;
  /** Fetches the screen before it is shown. */
  prepare(): void;
}

function screenFrom(load: () => Promise<{ default: ComponentType }>): Pick<Stage, 'screen' | 'prepare'> {
  return { screen: lazy(load), prepare: () => void load() };
}

const share = (done: number, all: number): number => (all === 0 ? 0 : done / all);

function stepsDone(job: Job, wanted: (operation: string) => boolean): { done: number; all: number } {
  const progress = progressByTask(job.log);
  const steps = job.pieces.flatMap((piece) => pieceSteps(job, piece)).filter((step) => wanted(step.operation));
  return { done: steps.filter((step) => progress.get(step.id)?.doneAt).length, all: steps.length };
}

const withBuildUp = (job: Job): number => job.pieces.filter((piece) => isChosen(groupOf(job, piece))).length;

/** The stages in the order of the work. */
export const STAGES: readonly Stage[] = [
  {
    id: 'walk',
    name: 'Walk',
    key: 'w',
    does: 'List and measure the pieces',
    progress: (job) => ({ share: job.pieces.length > 0 ? 1 : 0, words: `${job.pieces.length} pieces` }),
    ...screenFrom(() => import('./walk/Walk.tsx')),
  },
  {
    id: 'prove',
    name: 'Prove',
    key: 'v',
    does: 'Test what is there before anything is chosen',
    progress: (job) => {
      const all = job.groups.reduce((sum, { id }) => sum + testsOn(job, id).length, 0);
      const open = job.groups.reduce((sum, { id }) => sum + openQuestions(job, id).size, 0);
      return { share: share(all - open, all), words: `${all - open} of ${all} questions answered` };
    },
    ...screenFrom(() => import('./prove/ProveStage.tsx')),
  },
  {
    id: 'build-up',
    name: 'Build-up',
    key: 'b',
    does: 'Choose what goes on, coat by coat',
    progress: (job) => {
      const doubts = inDoubt(job).length;
      const chosen = `${withBuildUp(job)} of ${job.pieces.length} pieces have a build-up`;
      return {
        share: share(withBuildUp(job), job.pieces.length) * (doubts > 0 ? 0.7 : 1),
        words: doubts > 0 ? `${chosen}, ${doubts} to look at again` : chosen,
      };
    },
    ...screenFrom(() => import('./build-up/BuildUpStage.tsx')),
  },
  {
    id: 'quantities',
    name: 'Quantities',
    key: 'q',
    does: 'Areas, litres and tins',
    progress: (job) => ({
      share: share(withBuildUp(job), job.pieces.length),
      words: `${withBuildUp(job)} of ${job.pieces.length} pieces are counted`,
    }),
    ...screenFrom(() => import('./quantities/Quantities.tsx')),
  },
  {
    id: 'air',
    name: 'Air',
    key: 'a',
    does: 'Weather, rooms, drying clocks and instruments',
    progress: (job) => {
      const open = job.climates.find(({ whereabouts }) => whereabouts === 'outdoors');
      const said = [job.site.latitude !== null, (open?.stated.hours.length ?? 0) > 0, job.readings.length > 0];
      const words = ['where the job lies', 'its weather', 'a reading'].filter((_name, index) => !said[index]);
      return {
        share: share(said.filter(Boolean).length, said.length),
        words: words.length === 0 ? 'weather and readings are in' : `not said yet: ${words.join(', ')}`,
      };
    },
    ...screenFrom(() => import('./air/AirStage.tsx')),
  },
  {
    id: 'strokes',
    name: 'Strokes',
    key: 's',
    does: 'Which panel, which edge, in which order',
    progress: (job) => {
      const kinds = new Set(job.pieces.map(({ groupId, kind }) => `${groupId}/${kind}`)).size;
      const chosen = new Set(job.strokes.map(({ groupId, kind }) => `${groupId}/${kind}`)).size;
      return {
        share: share(chosen, kinds),
        words: `chosen for ${chosen} of ${kinds} kinds of piece; the others go the usual way`,
      };
    },
    ...screenFrom(() => import('./strokes/StrokesStage.tsx')),
  },
  {
    id: 'plan',
    name: 'Plan',
    key: 'p',
    does: 'Days, runs and the rack',
    progress: (job) => {
      if (job.plan === null) return { share: 0, words: 'no plan yet' };
      const current = job.plan.fingerprint === planFingerprint(job);
      return current
        ? { share: 1, words: 'plan accepted' }
        : { share: 0.6, words: 'the job has changed since the plan' };
    },
    ...screenFrom(() => import('./plan/Plan.tsx')),
  },
  {
    id: 'today',
    name: 'Today',
    key: 't',
    does: 'What is next and what may be touched',
    progress: (job) => {
      const { done, all } = stepsDone(job, () => true);
      return { share: share(done, all), words: `${done} of ${all} steps done` };
    },
    ...screenFrom(() => import('./today/Today.tsx')),
  },
  {
    id: 'hang',
    name: 'Hang',
    key: 'h',
    does: 'Bags of hardware, and when each piece may be used',
    progress: (job) => {
      const { done, all } = stepsDone(job, (operation) => operation === 'rehang' || operation === 'refit');
      return { share: share(done, all), words: `${done} of ${all} pieces hung` };
    },
    ...screenFrom(() => import('./hang/Hang.tsx')),
  },
  {
    id: 'check',
    name: 'Check',
    key: 'c',
    does: 'A round in raking light, defects and their causes, rooms signed off',
    progress: (job) => {
      const rooms = roomChecks(job);
      const faces = rooms.reduce((sum, room) => sum + room.faces.length, 0);
      const looked = rooms.reduce((sum, room) => sum + room.looked, 0);
      const open = rooms.reduce((sum, room) => sum + room.openDefects, 0);
      return {
        share: share(looked, faces) * (open > 0 ? 0.9 : 1),
        words: `${looked} of ${faces} faces looked over, ${open} defects open`,
      };
    },
    ...screenFrom(() => import('./check/CheckStage.tsx')),
  },
  {
    id: 'hand-over',
    name: 'Hand-over',
    key: 'o',
    does: 'The record, the care sheet, the touch-up kit, and what the next job learns',
    progress: (job) => {
      const signed = job.signOffs.length;
      const rooms = job.rooms.filter(({ id }) => job.pieces.some(({ roomId }) => roomId === id)).length;
      const isOver = job.handOver.at !== null;
      return {
        share: isOver ? 1 : share(signed, rooms) * 0.9,
        words: isOver ? 'handed over' : `${signed} of ${rooms} rooms signed off`,
      };
    },
    ...screenFrom(() => import('./hand-over/HandOverStage.tsx')),
  },
];
