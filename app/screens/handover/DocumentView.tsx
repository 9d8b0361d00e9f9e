import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { partsOf, type Block, type PartId } from '../../../core/handover/blocks.ts';
import { usePrinting } from '../../device/use-printing.ts';
import { Fold } from '../../parts/Fold.tsx';
import { BlockView } from './BlockView.tsx';

type Heading = Extract<Block, { kind: 'heading' }>;
type Subheading = Extract<Block, { kind: 'subheading' }>;
const isHeading = (block: Block): block is Heading => block.kind === 'heading';
const isSubheading = (block: Block): block is Subheading => block.kind === 'subheading';

interface DocumentViewProps {
  blocks: readonly Block[];
  /** Whether a part is shown on a screen; null is the title. */
  isShown(part: PartId | null): boolean;
}

/** Parts of the record as they will be read; on paper, the whole record whichever part is open. */
export function DocumentView({ blocks, isShown }: DocumentViewProps) {
  const isPrinting = usePrinting();
  return (
    <Box
      component="article"
      aria-label="Handover record"
      sx={{
        maxWidth: 1180,
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        boxShadow: 'var(--shadow)',
        p: { xs: 2, md: 4 },
        '& > div:first-of-type > h2:first-of-type': { mt: 0 },
        '@media print': { border: 0, boxShadow: 'none', p: 0 },
      }}
    >
      {isPrinting
        ? inOrder(blocks)
        : partsOf(blocks, isHeading)
            .filter(({ opening }) => isShown(opening?.id ?? null))
            .map((part) => (
              <div key={part.opening?.id ?? ''}>
                {part.opening && <BlockView block={part.opening} />}
                {folded(part.blocks)}
              </div>
            ))}
    </Box>
  );
}

const inOrder = (blocks: readonly Block[]): ReactNode =>
  blocks.map((block, index) => <BlockView key={index} block={block} />);

/** Blocks under a subheading with a summary are folded. */
const folded = (blocks: readonly Block[]): ReactNode =>
  partsOf(blocks, isSubheading).map(({ opening, blocks: own }) =>
    opening?.summary === undefined ? (
      <div key={opening?.text ?? ''}>{inOrder(opening ? [opening, ...own] : own)}</div>
    ) : (
      <Fold key={opening.text} title={opening.text} summary={opening.summary}>
        <div>{inOrder(own)}</div>
      </Fold>
    ),
  );
