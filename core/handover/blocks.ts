/** A cell of a table: words, a colour beside them, and whether something is missing there. */
export interface Cell {
  text: string;
  hex?: string;
  isGap?: boolean;
}

/** A document as blocks: one content for screen, print, PDF and file. */
export type Block =
  | { kind: 'title'; text: string; lines: readonly string[] }
  | { kind: 'heading'; id: string; text: string }
  | { kind: 'subheading'; text: string }
  | { kind: 'text'; text: string }
  | { kind: 'caution'; text: string }
  | { kind: 'list'; items: readonly string[] }
  | {
      kind: 'table';
      label: string;
      head: readonly string[];
      rows: readonly (readonly Cell[])[];
      widths?: readonly ('auto' | '*')[];
    };

export const cell = (text: string, more: Omit<Cell, 'text'> = {}): Cell => ({ text, ...more });

/** The blocks with every word said by `say`: in the one vocabulary or the other. */
export function saidIn(blocks: readonly Block[], say: (sentence: string) => string): Block[] {
  return blocks.map((block): Block => {
    switch (block.kind) {
      case 'title':
        return { ...block, lines: block.lines.map(say) };
      case 'list':
        return { ...block, items: block.items.map(say) };
      case 'table':
        return {
          ...block,
          label: say(block.label),
          head: block.head.map(say),
          rows: block.rows.map((row) => row.map((entry) => ({ ...entry, text: say(entry.text) }))),
        };
      default:
        return { ...block, text: say(block.text) };
    }
  });
}
