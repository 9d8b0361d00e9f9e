import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import { useState } from 'react';
import { useLocalise } from '../open-job/use-job.ts';
import { GuideLink } from './GuideLink.tsx';

interface HowProps {
  /** What the figure is, for who only hears the button. */
  of: string;
  /** How it came about, worked out when it is asked for. */
  lines(): readonly string[];
  /** The guide’s page on it. */
  page: string;
}

/** Opens how a figure came about. */
export function How({ of, lines, page }: HowProps) {
  const localise = useLocalise();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        size="small"
        aria-label={localise(`How? ${of}`)}
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          minWidth: 44,
          minHeight: 44,
          my: -1.5,
          px: 1,
          textDecoration: 'underline',
          textUnderlineOffset: '3px',
          fontSize: 14,
        }}
      >
        How?
      </Button>
      {anchor && (
        <Popover
          open
          anchorEl={anchor}
          onClose={() => setAnchor(null)}
          anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
          slotProps={{
            paper: { sx: { p: 2, maxWidth: 360, border: '1px solid var(--line)' }, 'aria-label': localise(of) },
          }}
        >
          <strong>{localise(of)}</strong>
          <Box component="ul" sx={{ my: 0.5, display: 'grid', gap: 0.5 }}>
            {lines().map((line, index) => (
              <li key={`${index} ${line}`}>{localise(line)}</li>
            ))}
          </Box>
          <GuideLink page={page} words="More in the guide" />
        </Popover>
      )}
    </>
  );
}
