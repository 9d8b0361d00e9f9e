import { sessionOf, type PaintUse, type ProductNeed } from './litres.ts';
import { residueIn } from '../shelf/tools.ts';

/** A run of faces in the order of painting: one coat on faces of like pieces. */
export interface BoxedRun {
  groupName: string;
  number: number;
  /** Marks of the pieces, in order; a piece whose two faces fall into different boxes is in both. */
  marks: string[];
}

/** Tins that are poured together before painting goes on, and what is painted from them. */
export interface Box {
  /** Litres of each tin, smallest first. */
  tins: number[];
  /** Litres that were left of the box before, and are poured in. */
  carried: number;
  /** Litres in the bucket when it is mixed. */
  litres: number;
  runs: BoxedRun[];
  /** Litres that are left when its last face is painted. */
  left: number;
  /** More than the bucket holds: one face alone takes so much, or a tin is larger. */
  isOverfull: boolean;
}

/** Paint that is used in one go: a face, with what stays in the tool where it opens a session. */
interface Draw {
  use: PaintUse;
  litres: number;
}

/**
 * Which tins are mixed together, and before which coat. Tins of one colour differ a little from each other, so that what
 * fits into the bucket is boxed; where not all does, the change falls between two faces and never on one, and what is left
 * is poured into the next box. Uncoloured products are taken tin by tin, with the same care. Faces come in the order of
 * coats, group by group. `bucket` in litres.
 */
export function boxingPlan(need: Pick<ProductNeed, 'colour' | 'uses' | 'stock' | 'tins'>, bucket: number): Box[] {
  const waiting = [...need.stock, ...need.tins.best.tins].sort((one, other) => other - one);
  const boxes: Box[] = [];
  let box: Box | null = null;
  for (const { use, litres } of drawsOf(need.uses)) {
    while (box === null || box.left < litres - 1e-9) {
      const carried: number = box?.left ?? 0;
      const tins = nextTins(waiting, need.colour === null ? 0 : bucket - carried, litres - carried);
      // The need counts every face: tins can't run out before the faces do, but for a hair of rounding.
      if (tins.length === 0) break;
      const poured = carried + tins.reduce((sum, tin) => sum + tin, 0);
      if (box && box.runs.length > 0) box.left = 0;
      box = {
        tins: tins.sort((one, other) => one - other),
        carried,
        litres: poured,
        runs: [],
        left: poured,
        isOverfull: poured > bucket + 1e-9,
      };
      boxes.push(box);
    }
    if (box === null) break;
    box.left = Math.max(0, box.left - litres);
    addTo(box.runs, use);
  }
  if (box && waiting.length > 0) {
    box.tins = [...box.tins, ...waiting].sort((one, other) => one - other);
    const more = waiting.reduce((sum, tin) => sum + tin, 0);
    box.litres += more;
    box.left += more;
    box.isOverfull = box.litres > bucket + 1e-9;
  }
  return boxes;
}

/** The faces in the order of coats; the first of each session with what stays in its tool. */
function drawsOf(uses: readonly PaintUse[]): Draw[] {
  const seen = new Set<string>();
  const groups = [...new Set(uses.map(({ group }) => group.id))];
  const placeOf = ({ group }: PaintUse): number => groups.indexOf(group.id);
  return uses
    .toSorted((one, other) => one.number - other.number || placeOf(one) - placeOf(other))
    .map((use) => {
      const session = sessionOf(use);
      const opens = !seen.has(session);
      seen.add(session);
      return { use, litres: use.litres + (opens ? residueIn(use.coat.tool) : 0) };
    });
}

/** Takes tins from those that wait: as many as there is room for, and at least so much as the next face asks. */
function nextTins(waiting: number[], room: number, asked: number): number[] {
  const taken: number[] = [];
  let litres = 0;
  for (let index = 0; index < waiting.length;) {
    const tin = waiting[index] ?? 0;
    if (litres < asked - 1e-9 || litres + tin <= room + 1e-9) {
      taken.push(tin);
      litres += tin;
      waiting.splice(index, 1);
    } else index++;
  }
  return taken;
}

function addTo(runs: BoxedRun[], { group, number, piece }: PaintUse): void {
  const last = runs.at(-1);
  if (last?.groupName !== group.name || last.number !== number) {
    runs.push({ groupName: group.name, number, marks: [piece.mark] });
  } else if (last.marks.at(-1) !== piece.mark) last.marks.push(piece.mark);
}
