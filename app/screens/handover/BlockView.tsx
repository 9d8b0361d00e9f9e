import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Block, Cell } from '../../../core/handover/blocks.ts';
import { Caution } from '../../parts/Section.tsx';
import { Swatch } from '../../parts/Swatch.tsx';

/** A block of the handover as the screen and the printer show it. */
export function BlockView({ block }: { block: Block }) {
  switch (block.kind) {
    case 'title':
      return (
        <Box sx={{ borderBottom: '6px solid var(--bottle)', pb: 1.5, mb: 1 }}>
          <Typography variant="h1" component="h2" sx={{ fontSize: 30 }}>
            {block.text}
          </Typography>
          {block.lines.map((line) => (
            <Box key={line} sx={{ color: 'var(--ink-soft)', fontSize: 16 }}>
              {line}
            </Box>
          ))}
        </Box>
      );
    case 'heading':
      return (
        <Typography
          variant="h2"
          component="h2"
          sx={{ mt: 3.5, mb: 1, pl: 1.25, borderLeft: '8px solid var(--vial)', breakAfter: 'avoid' }}
        >
          {block.text}
        </Typography>
      );
    case 'subheading':
      return (
        <Typography variant="h3" component="h3" sx={{ mt: 2, mb: 0.75, breakAfter: 'avoid' }}>
          {block.text}
        </Typography>
      );
    case 'text':
      return <Typography sx={{ fontSize: 16, mb: 1, maxWidth: 760 }}>{block.text}</Typography>;
    case 'caution':
      return (
        <Box sx={{ my: 1.25, maxWidth: 760 }}>
          <Caution>{block.text}</Caution>
        </Box>
      );
    case 'list':
      return (
        <Box component="ul" sx={{ display: 'grid', gap: 0.5, mb: 1, maxWidth: 760 }}>
          {block.items.map((item) => (
            <Box
              component="li"
              key={item}
              sx={{ pl: 2, position: 'relative', '&::before': { content: '"–"', position: 'absolute', left: 0 } }}
            >
              {item}
            </Box>
          ))}
        </Box>
      );
    case 'table':
      return <BlockTable block={block} />;
  }
}

/** A table that is wider than a phone is a card for each row there, as in the file for everybody. */
const CARDS_ON_A_PHONE = {
  '@media screen and (max-width: 640px)': {
    '&, & tbody, & tr': { display: 'block' },
    '& thead': { position: 'absolute', clipPath: 'inset(50%)', width: '1px', height: '1px', overflow: 'hidden' },
    '& tr': { border: '1px solid var(--line)', borderRadius: '6px', mb: 1, px: 1.25, py: 0.75 },
    '& td': {
      display: 'grid',
      gridTemplateColumns: '116px minmax(0, 1fr)',
      border: 0,
      px: 0,
      py: 0.25,
      overflowWrap: 'anywhere',
    },
    '& td::before': { content: 'attr(data-head)', color: 'var(--ink-soft)', fontStyle: 'normal' },
    '& td:first-of-type': { display: 'block', whiteSpace: 'normal', fontSize: 16 },
    '& td:first-of-type::before': { content: 'none' },
    '& td:has(> span:empty)': { display: 'none' },
  },
};

function BlockTable({ block }: { block: Extract<Block, { kind: 'table' }> }) {
  return (
    <Box sx={{ overflowX: 'auto', mb: 1.5 }}>
      <Box
        component="table"
        role="table"
        aria-label={block.label}
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          fontSize: 14,
          '& th': { textAlign: 'left', borderBottom: '2px solid var(--ink)', px: 1, py: 0.5, whiteSpace: 'nowrap' },
          '& td': { borderBottom: '1px solid var(--line)', px: 1, py: 0.5, verticalAlign: 'top' },
          '& td:first-of-type': { fontWeight: 700, whiteSpace: 'nowrap' },
          '& tr': { breakInside: 'avoid' },
          '@media print': { fontSize: 10.5 },
          ...CARDS_ON_A_PHONE,
        }}
      >
        <thead role="rowgroup">
          <tr role="row">
            {block.head.map((words) => (
              <th key={words} scope="col" role="columnheader">
                {words}
              </th>
            ))}
          </tr>
        </thead>
        <tbody role="rowgroup">
          {block.rows.map((row, index) => (
            <tr key={index} role="row">
              {row.map((entry, column) => (
                <CellView key={column} entry={entry} head={block.head[column] ?? ''} />
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function CellView({ entry, head }: { entry: Cell; head: string }) {
  return (
    <Box
      component="td"
      role="cell"
      data-head={head}
      sx={entry.isGap ? { color: 'var(--late)', fontStyle: 'italic' } : undefined}
    >
      <span>
        {entry.hex && <Swatch hex={entry.hex} size={14} />}
        {entry.isGap && entry.text !== '' ? `△ ${entry.text}` : entry.text}
      </span>
    </Box>
  );
}
