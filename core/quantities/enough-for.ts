import type { Tool } from '../shelf/tools.ts';
import type { PaintUse, ProductNeed } from './litres.ts';

/** What is left of a product in the tins when all is painted and the reserve is kept. */
export interface EnoughFor {
  litres: number;
  /** m² of one more coat with the tool that most of it is put on with. */
  area: number;
  tool: Tool;
  /** Pieces of the job on which it would do for one more coat all round, in the order of the walk. */
  marks: string[];
}

/** What the rest is enough for; null when there is next to none. */
export function enoughFor({ uses, tins }: Pick<ProductNeed, 'uses' | 'tins'>): EnoughFor | null {
  const litres = tins.best.leftOver;
  const tool = mostUsed(uses);
  if (litres < 0.05 || tool === null) return null;
  return { litres, tool, area: litres / litresASquareMetre(uses, tool), marks: coveredBy(litres, uses) };
}

/** What one m² of a coat with this tool takes, without what bare grain drinks. */
function litresASquareMetre(uses: readonly PaintUse[], tool: Tool): number {
  const use = uses.find(({ coat }) => coat.tool === tool);
  return use ? use.litres / use.surfaceFactor / use.area : Infinity;
}

function mostUsed(uses: readonly PaintUse[]): Tool | null {
  const litres = new Map<Tool, number>();
  for (const { coat, litres: used } of uses) litres.set(coat.tool, (litres.get(coat.tool) ?? 0) + used);
  return [...litres].sort((one, other) => other[1] - one[1])[0]?.[0] ?? null;
}

/** Pieces on which the last coat could be put on once more. */
function coveredBy(litres: number, uses: readonly PaintUse[]): string[] {
  const last = new Map<string, { mark: string; byFace: Map<string, number> }>();
  for (const { piece, face, litres: used } of uses) {
    const known = last.get(piece.id) ?? { mark: piece.mark, byFace: new Map<string, number>() };
    known.byFace.set(face, used);
    last.set(piece.id, known);
  }
  let left = litres;
  const marks: string[] = [];
  for (const { mark, byFace } of last.values()) {
    const needed = [...byFace.values()].reduce((sum, used) => sum + used, 0);
    if (needed > left) continue;
    left -= needed;
    marks.push(mark);
  }
  return marks;
}
