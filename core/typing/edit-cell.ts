import { statedPieceSchema, type Piece, type StatedPiece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { COLUMNS, shapeFault, type CellContext, type ColumnId } from './piece-columns.ts';

/** What changes on a piece when cells of its row are typed anew. */
export interface PieceEdit {
  id: string;
  facts: Partial<Omit<StatedPiece, 'shape'>>;
  shape: StatedPiece['shape'];
}

/**
 * Reads cells typed over a piece's row of the table, each by its column, as the list in a file is read. Answers only
 * what changes; refuses the first cell that can't be, and says what would be right. Rooms have to be there.
 */
export function editCells(
  job: Job,
  piece: Piece,
  cells: Readonly<Partial<Record<ColumnId, string>>>,
): Outcome<PieceEdit> {
  const { roomId, shape } = piece;
  const stated: StatedPiece = statedPieceSchema.parse(piece);
  const context: CellContext = { job, kind: piece.kind, shape: { ...shape }, piece: stated, room: null, count: 1 };
  for (const { id, read } of COLUMNS) {
    const cell = cells[id];
    if (cell === undefined || !read) continue;
    const taken = read(cell.trim(), context);
    if (!taken.ok) return taken;
  }
  const fault = shapeFault(piece.kind, context.shape, job.settings.units);
  if (fault) return refused(fault.message);
  if (context.room && !('id' in context.room)) {
    return refused(`No room called “${context.room.name}”. Add it under Rooms, or choose another.`);
  }
  const changed: StatedPiece = { ...context.piece, roomId: context.room?.id ?? roomId };
  const differs = (key: keyof StatedPiece): boolean => JSON.stringify(changed[key]) !== JSON.stringify(stated[key]);
  const facts = Object.fromEntries(
    (Object.keys(stated) as (keyof StatedPiece)[])
      .filter((key) => key !== 'shape' && differs(key))
      .map((key) => [key, changed[key]]),
  );
  const newShape = Object.entries(context.shape).filter(([key, value]) => value !== shape[key]);
  return accepted({ id: piece.id, facts, shape: Object.fromEntries(newShape) as StatedPiece['shape'] });
}
