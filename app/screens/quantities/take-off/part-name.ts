import { definitionOf, type PieceKind } from '../../../../core/pieces/registry.ts';

/** What a part of a piece is called in a take-off: its edges by their names, elements as the trade says them. */
export function partName(kind: PieceKind, part: string): string {
  const edges: Readonly<Record<string, string | undefined>> = definitionOf(kind).edgeNames;
  return edges[part] ?? part.replaceAll('-', ' ');
}
