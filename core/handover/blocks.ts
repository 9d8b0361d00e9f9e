/** A cell of a table: words, a colour beside them, and whether something is missing there. */
export interface Cell {
  text: string;
  hex?: string;
  isGap?: boolean;
}

/** The parts of a handover under a heading of their own. */
export type PartId = 'finishes' | 'care' | 'record' | 'checked' | 'left' | 'upkeep' | 'words';

/** A document as blocks: one content for screen, print, PDF and file. */
export type Block =
  | { kind: 'title'; text: string; lines: readonly string[] }
  | { kind: 'heading'; id: PartId; text: string }
  /** With a summary, a screen may fold the blocks under it. */
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

/** A part of a document: the block that opens it, if any, and the blocks after it. */
export interface BlockPart<B extends Block> {
  opening: B | null;
  blocks: readonly Block[];
}

/** Splits a document at every block that `opens` a part. Blocks before the first such block are a part that opens with null. */
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

export const heading = (id: PartId, words: string): Block => ({ kind: 'heading', id, text: words });
export const text = (words: string): Block => ({ kind: 'text', text: words });
/** The text of an empty cell. */
export const NOTHING = '—';
