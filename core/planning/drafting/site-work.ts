import { warmingHours } from '../../air/warming-up.ts';
import type { Job } from '../../job/document/schema.ts';
import type { RoomTask } from '../../job/document/room-schema.ts';

/** Work that is no paint: what is moved and sheeted in a room, and heating that somebody switches on. */
export interface SiteStep {
  id: string;
  /** Where: the name of the room or of the climate. */
  place: string;
  words: string;
  /** At a professional's pace. */
  minutes: number;
  people: number;
  /** When it was done, local; null while it is open. */
  doneAt: string | null;
  of: { kind: 'room'; roomId: string; taskId: string; when: RoomTask['when'] } | { kind: 'heating'; climateId: string };
}

/** Such work where the plan has it; minutes from the plan's t0. */
export interface SiteWork extends SiteStep {
  start: number;
  end: number;
  painters: string[];
}

/** Minutes to set a heater up, see that nothing stands before it, and set its clock. */
const SWITCHING_ON = 10;

/** All such work of a job, done or open. */
export function siteSteps(job: Pick<Job, 'rooms' | 'climates'>): SiteStep[] {
  const rooms = job.rooms.flatMap((room) =>
    room.tasks.map(({ id, when, ...task }): SiteStep => ({
      ...task,
      id: `room/${room.id}/${id}`,
      place: room.name,
      of: { kind: 'room', roomId: room.id, taskId: id, when },
    })),
  );
  const heated = job.climates.flatMap((climate): SiteStep[] =>
    climate.heating === null || warmingHours(climate) === 0
      ? []
      : [
          {
            id: `heating/${climate.id}`,
            place: climate.name,
            words: 'Switch on the heating, well before the first coat',
            minutes: SWITCHING_ON,
            people: 1,
            doneAt: climate.heating.onSince,
            of: { kind: 'heating', climateId: climate.id },
          },
        ],
  );
  return [...rooms, ...heated];
}

/** The work that a plan holds besides paint, in its order, with what has been ticked since. */
export function siteWorkOf(
  job: Pick<Job, 'rooms' | 'climates'>,
  planned: readonly { id: string; start: number; end: number; painters: string[] }[],
): SiteWork[] {
  const steps = new Map(siteSteps(job).map((step) => [step.id, step]));
  return planned
    .flatMap(({ id, start, end, painters }) => {
      const step = steps.get(id);
      return step ? [{ ...step, start, end, painters }] : [];
    })
    .sort((one, other) => one.start - other.start);
}
