import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { isHintSeen, putHintAway } from '../keeping/hints.ts';

interface HintProps {
  id: string;
  action?: ReactNode;
  children: ReactNode;
}

/** A word for the first use, which goes for good with a tap. */
export function Hint({ id, action, children }: HintProps) {
  const [isSeen, setIsSeen] = useState(() => isHintSeen(id));
  if (isSeen) return null;
  return (
    <Box
      component="aside"
      aria-label="Hint"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 1.5,
        mb: 2,
        px: 1.5,
        py: 0.5,
        borderLeft: '5px solid var(--vial-deep)',
        background: 'color-mix(in srgb, var(--vial) 14%, var(--sheet))',
        borderRadius: '0 6px 6px 0',
      }}
    >
      <Box sx={{ flex: '1 1 240px', py: 0.5 }}>{children}</Box>
      {action}
      <Button
        sx={{ minHeight: 44 }}
        onClick={() => {
          putHintAway(id);
          setIsSeen(true);
        }}
      >
        Got it
      </Button>
    </Box>
  );
}
