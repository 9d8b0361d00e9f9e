import type { Job } from '../job/document/schema.ts';
import { definitionOf } from '../pieces/registry.ts';
import { cutFromStock, type CuttingPlan, type WantedLength } from './cutting-stock.ts';

/** One mitred length with the piece that it is for. */
export interface MouldingLength extends WantedLength {
  mark: string;
  pieceId: string;
  /** “front, rectangle 1, across”. */
  place: string;
}

/** All lengths of one moulding, and how they are cut from stock. */
export interface MouldingCutList {
  /** “ovolo 22 × 9 mm”. */
  moulding: string;
  lengths: MouldingLength[];
  plan: CuttingPlan;
}

/** The cut list of every moulding that the job's pieces get planted. */
export function cutLists(job: Job): MouldingCutList[] {
  const byMoulding = new Map<string, MouldingLength[]>();
  for (const piece of job.pieces) {
    const { cuts } = definitionOf(piece.kind);
    for (const cut of cuts?.(piece.shape) ?? []) {
      const list = byMoulding.get(cut.moulding) ?? [];
      list.push({
        id: `${piece.id}/${cut.id}`,
        mark: piece.mark,
        pieceId: piece.id,
        place: cut.place,
        // A saw is set to half a millimetre.
        length: Math.round(cut.length * 2) / 2,
      });
      byMoulding.set(cut.moulding, list);
    }
  }
  const { stock, kerf } = job.cutting;
  return [...byMoulding].map(([moulding, lengths]) => ({
    moulding,
    lengths,
    plan: cutFromStock(lengths, stock, kerf),
  }));
}
