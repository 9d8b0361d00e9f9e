import type { Job } from '../../job/document/schema.ts';
import type { Room } from '../../job/document/room-schema.ts';
import type { ProblemDraft } from './problem-draft.ts';
import { zoneSpace, type PieceSpan } from './spaces.ts';

/** Rooms whose zones take turns, with the zones that are left of each. */
function roomsInZones(job: Pick<Job, 'rooms'>, spans: readonly PieceSpan[]): { room: Room; zones: string[] }[] {
  return job.rooms.flatMap((room) => {
    const own = spans.filter(({ roomId, zone }) => roomId === room.id && zone !== '');
    const zones = [...new Set(own.map(({ zone }) => zone))];
    return room.zonesAtOnce !== null && zones.length > room.zonesAtOnce ? [{ room, zones }] : [];
  });
}

/**
 * A zone is in work from the first step of any of its pieces until the last of them is back, and only so many of a room
 * are at once: each takes a slot of its room between two moments. Those that have been begun have theirs from `now`.
 */
export function takeTurns(draft: ProblemDraft, spans: readonly PieceSpan[]): void {
  const { now } = draft;
  for (const { room, zones } of roomsInZones(draft.job, spans)) {
    const id = zoneSpace(room.id);
    const turns = zones.map((zone) => {
      const own = spans.filter((span) => span.roomId === room.id && span.zone === zone);
      const [begin, free] = [`${id}/${zone}/begin`, `${id}/${zone}/free`];
      const isBegun = own.some(({ next }) => next === null);
      const moment = { work: 0, painters: 0, spaces: [], pausable: false };
      return {
        isBegun,
        tasks: [
          { ...moment, id: begin, earliest: now, latest: isBegun ? now : null },
          { ...moment, id: free },
        ],
        waits: own.flatMap(({ next, last }) => [
          ...(next === null ? [] : [{ from: begin, to: next, atLeast: { ticks: 0 } }]),
          { from: last, to: free, atLeast: { ticks: 0 } },
        ]),
        hold: { space: id, slots: 1, after: begin, until: free },
      };
    });
    const begun = turns.filter(({ isBegun }) => isBegun).length;
    draft.spaces.push({ id, slots: Math.max(room.zonesAtOnce ?? 1, begun) });
    for (const { tasks, waits, hold } of turns) {
      draft.tasks.push(...tasks);
      draft.waits.push(...waits);
      draft.holds.push(hold);
    }
  }
}
