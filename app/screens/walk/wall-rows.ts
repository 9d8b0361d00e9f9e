import { hasTrait } from '../../../core/pieces/registry.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { Room } from '../../../core/job/document/room-schema.ts';
import { thumbSize } from '../../drawing/elevation/thumb-size.ts';

/** One row of the wall: a room's heading, or pieces side by side at one scale. */
export type WallRow =
  | { kind: 'room'; key: string; height: number; room: Room; count: number }
  | { kind: 'pieces'; key: string; height: number; room: Room; placed: PlacedPiece[] };

export interface PlacedPiece {
  piece: Piece;
  mmPerPixel: number;
}

/** A room's highest piece is drawn so high, in px, and no piece larger than half its size. */
const MAX_HEIGHT = 190;
const MAX_SCALE = 4;
/** Something small is drawn larger than to scale, so that it can be seen and touched. */
const MIN_SIDE = 46;
/** Least room for a tag and its caption, in px. */
export const MIN_WIDTH = 108;
export const GAP = 16;
/** Tag and caption under a drawing. */
const UNDER = 72;
const HEADING = 60;

/** Lays a job's pieces out room by room, to one scale in each room, for a wall so many px wide. */
export function wallRows(job: Pick<Job, 'rooms' | 'pieces'>, width: number): WallRow[] {
  const byRoom = new Map<string, Piece[]>();
  for (const piece of job.pieces) {
    const list = byRoom.get(piece.roomId);
    if (list) list.push(piece);
    else byRoom.set(piece.roomId, [piece]);
  }
  return job.rooms.flatMap((room) => roomRows(room, byRoom.get(room.id) ?? [], width));
}

function roomRows(room: Room, pieces: readonly Piece[], width: number): WallRow[] {
  if (pieces.length === 0 && room.tasks.length === 0) return [];
  const sizes = pieces.map((piece) => thumbSize(piece, 1));
  // A wall or ceiling would make everything else tiny: it is drawn as large as it fits.
  const scaling = sizes.filter((_size, index) => {
    const kind = pieces[index]?.kind;
    return kind !== undefined && !hasTrait(kind, 'wall');
  });
  const fitting = (size: { width: number; height: number }): number =>
    Math.max(size.height / MAX_HEIGHT, size.width / Math.max(120, width - GAP));
  const scale = Math.max(MAX_SCALE, ...scaling.map(fitting));
  const rows: WallRow[] = [{ kind: 'room', key: room.id, height: HEADING, room, count: pieces.length }];
  let row: PlacedPiece[] = [];
  let used = 0;
  let height = 0;
  const close = (): void => {
    if (row.length === 0) return;
    rows.push({ kind: 'pieces', key: `${room.id}/${rows.length}`, height: height + UNDER + GAP, room, placed: row });
    [row, used, height] = [[], 0, 0];
  };
  pieces.forEach((piece, index) => {
    const size = sizes[index] ?? { width: 0, height: 0 };
    const mmPerPixel = Math.max(fitting(size), Math.min(scale, Math.max(size.width, size.height) / MIN_SIDE));
    const takes = Math.max(MIN_WIDTH, size.width / mmPerPixel) + GAP;
    if (used + takes > width + GAP) close();
    row.push({ piece, mmPerPixel });
    used += takes;
    height = Math.max(height, size.height / mmPerPixel);
  });
  close();
  return rows;
}
