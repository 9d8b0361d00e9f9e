import type { Job, Room, RoomTask } from '../job/schema.ts';

/** A task of a room as one of the plan. */
export interface RoomStep {
  id: string;
  room: Room;
  task: RoomTask;
}

/** A room's task where the plan has it; minutes from the plan's t0. */
export interface RoomWork extends RoomStep {
  start: number;
  end: number;
  painters: string[];
}

/** What is still to be done in the rooms of a job, besides paint. */
export function openRoomSteps(job: Pick<Job, 'rooms'>): RoomStep[] {
  return roomSteps(job).filter(({ task }) => task.doneAt === null);
}

function roomSteps(job: Pick<Job, 'rooms'>): RoomStep[] {
  return job.rooms.flatMap((room) => room.tasks.map((task) => ({ id: `room/${room.id}/${task.id}`, room, task })));
}

/** The tasks of rooms that a plan holds, in its order, with what has been ticked since. */
export function roomWorkOf(
  job: Pick<Job, 'rooms'>,
  planned: readonly { id: string; start: number; end: number; painters: string[] }[],
): RoomWork[] {
  const steps = new Map(roomSteps(job).map((step) => [step.id, step]));
  return planned
    .flatMap(({ id, start, end, painters }) => {
      const step = steps.get(id);
      return step ? [{ ...step, start, end, painters }] : [];
    })
    .sort((one, other) => one.start - other.start);
}
