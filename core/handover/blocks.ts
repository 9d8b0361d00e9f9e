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
  /** With a summary, what stands under it may be folded on a screen. */
  | { kind: 'subheading'; text: string; summary?: string }
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

/** What stands between two blocks of a kind that begins something: the one that begins it, if any, and what follows. */
export interface BlockPart<B extends Block> {
  opening: B | null;
  blocks: readonly Block[];
}

/** A document in parts, each opened by a block that `opens` one; what stands before the first opens with null. */
export function partsOf<B extends Block>(
  blocks: readonly Block[],
  opens: (block: Block) => block is B,
): BlockPart<B>[] {
  const parts: { opening: B | null; blocks: Block[] }[] = [{ opening: null, blocks: [] }];
  for (const block of blocks) {
    if (opens(block)) parts.push({ opening: block, blocks: [] });
    else parts.at(-1)?.blocks.push(block);
  }
  return parts.filter(({ opening, blocks: own }) => opening !== null || own.length > 0);
}

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
      case 'subheading':
        return {
          ...block,
          text: say(block.text),
          ...(block.summary === undefined ? {} : { summary: say(block.summary) }),
        };
      default:
        return { ...block, text: say(block.text) };
    }
  });
}

export const heading = (id: string, words: string): Block => ({ kind: 'heading', id, text: words });
export const text = (words: string): Block => ({ kind: 'text', text: words });
/** What stands in a cell that has nothing to say. */
export const NOTHING = '—';
