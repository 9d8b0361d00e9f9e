import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useLocalise } from '../open-job/use-job.ts';
import { ChevronIcon } from '../drawing/icons.tsx';

interface FoldBodyProps {
  /** What stands in the bar that opens it. */
  bar: ReactNode;
  /** Whether it is a row of a list from edge to edge, whose parts stand below each other on a phone. */
  isRow?: boolean;
  /** Told when it is opened or closed. */
  onToggle?(isOpen: boolean): void;
  children: ReactNode;
}

const ROW = { flexWrap: { xs: 'wrap', sm: 'nowrap' }, columnGap: 1.5, rowGap: 0.75, px: 2, py: 1.25, minHeight: 60 };

/** A part that opens by a bar of any content, with the mark that says whether it is open. */
export function FoldBody({ bar, isRow = false, onToggle, children }: FoldBodyProps) {
  return (
    <Box
      component="details"
      onToggle={(event: React.SyntheticEvent<HTMLDetailsElement>) => onToggle?.(event.currentTarget.open)}
      // A line parts it from what stands above; at the head of a sheet there is nothing to part.
      sx={{ '* + &': { borderTop: '1px solid var(--line)' }, '&[open] > summary > svg': { rotate: '90deg' } }}
    >
      <Box
        component="summary"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          minHeight: 44,
          cursor: 'pointer',
          listStyle: 'none',
          '&::-webkit-details-marker': { display: 'none' },
          ...(isRow ? ROW : {}),
        }}
      >
        <ChevronIcon sx={{ color: 'var(--ink-soft)', transition: 'rotate 120ms' }} />
        {bar}
      </Box>
      {children}
    </Box>
  );
}

interface FoldProps {
  title: string;
  /** What is inside, in a few words, so that it need not be opened to be known. */
  summary: string;
  /** Told when it is opened or closed. */
  onToggle?(isOpen: boolean): void;
  children: ReactNode;
}

/** A part that is opened when it is needed, and says what is in it while it is closed. */
export function Fold({ title, summary, onToggle, children }: FoldProps) {
  const localise = useLocalise();
  return (
    <FoldBody
      {...(onToggle ? { onToggle } : {})}
      bar={
        <>
          <strong>{localise(title)}</strong>
          <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 14, flex: 1, textAlign: 'right' }}>
            {localise(summary)}
          </Box>
        </>
      }
    >
      <Box sx={{ display: 'grid', gap: 1.5, pb: 2, pt: 0.5 }}>{children}</Box>
    </FoldBody>
  );
}
