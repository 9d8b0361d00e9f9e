import type { Room, RoomTask } from './room-schema.ts';

/** What a room usually asks for before its paint and after it, at a professional's pace. */
export const USUAL_TASKS: readonly Pick<RoomTask, 'words' | 'when' | 'minutes' | 'people'>[] = [
  { words: 'Move furniture to the middle, cover it', when: 'before', minutes: 30, people: 2 },
  { words: 'Take curtains down, bag them', when: 'before', minutes: 15, people: 1 },
  { words: 'Lay dust sheets, tape the thresholds', when: 'before', minutes: 20, people: 1 },
  { words: 'Vacuum, wipe the dust', when: 'before', minutes: 15, people: 1 },
  { words: 'Take up sheets, vacuum', when: 'after', minutes: 20, people: 1 },
  { words: 'Put furniture back', when: 'after', minutes: 25, people: 2 },
  { words: 'Hang curtains again', when: 'after', minutes: 15, people: 1 },
];

/** The usual tasks that a room does not have yet, to be added to it. */
export function missingTasks(room: Room, newId: () => string): RoomTask[] {
  const known = new Set(room.tasks.map(({ words }) => words));
  return USUAL_TASKS.filter(({ words }) => !known.has(words)).map((task) => ({ ...task, id: newId(), doneAt: null }));
}
