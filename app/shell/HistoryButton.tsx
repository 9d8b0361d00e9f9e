import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { Suspense, useState } from 'react';
import { fetchedLater } from '../device/fetched-later.ts';
import { HistoryIcon } from '../drawing/icons.tsx';

const HistoryPanel = fetchedLater(() => import('./HistoryPanel.tsx'));

/** Opens what was done to the job. */
export function HistoryButton() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Tooltip title="History">
        <IconButton aria-label="History" onClick={(event) => setAnchor(event.currentTarget)}>
          <HistoryIcon />
        </IconButton>
      </Tooltip>
      {anchor && (
        <Suspense fallback={null}>
          <HistoryPanel anchor={anchor} onClose={() => setAnchor(null)} />
        </Suspense>
      )}
    </>
  );
}
