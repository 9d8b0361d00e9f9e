import Box from '@mui/material/Box';
import { useState, type ReactNode } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { TouchGroup } from '../../../core/running/touch-groups.ts';
import { FoldBody } from '../../parts/Fold.tsx';
import { earliestClosing, groupWords, type When } from './touch-words.ts';
import { WindowVial } from './WindowVial.tsx';

interface TouchGroupRowProps {
  group: TouchGroup;
  at: number;
  when: When;
  /** A row for each piece. */
  children: ReactNode;
}

/** Pieces of which the same is said, as one: what, which, and the window that closes first; each by itself when opened. */
export function TouchGroupRow({ group, at, when, children }: TouchGroupRowProps) {
  const [isOpen, setIsOpen] = useState(false);
  const { pieces } = group;
  const soonest = earliestClosing(pieces);
  const [headline, detail] = groupWords(group, when);
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)', '&:last-child': { borderBottom: 0 } }}>
      <FoldBody
        onToggle={setIsOpen}
        isRow
        bar={
          <>
            <Box component="span" sx={{ flex: { xs: '1 1 calc(100% - 40px)', sm: 1 }, minWidth: 0 }}>
              <strong>{headline}</strong>
              <Box component="span" sx={{ display: 'block', fontSize: 14 }}>
                {marksInWords(pieces.map(({ piece }) => piece.mark))}
              </Box>
              <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                {detail}
              </Box>
            </Box>
            {soonest && (
              <Box component="span" sx={{ ml: { xs: 4.5, sm: 0 }, '&:empty': { display: 'none' } }}>
                <WindowVial drying={soonest} at={at} when={when} words={`${headline}, ${detail}`} />
              </Box>
            )}
          </>
        }
      >
        <Box
          component="ul"
          aria-label={headline}
          sx={{ borderTop: '1px solid var(--line)', background: 'var(--ground)' }}
        >
          {isOpen && children}
        </Box>
      </FoldBody>
    </Box>
  );
}
