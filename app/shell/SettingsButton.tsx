import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { Suspense, useState } from 'react';
import { fetchedLater } from '../device/fetched-later.ts';
import { TuneIcon } from '../drawing/icons.tsx';

const SettingsPanel = fetchedLater(() => import('./SettingsPanel.tsx'));

/** Opens units, words and light, which come when they are asked for. */
export function SettingsButton() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Tooltip title="Settings">
        <IconButton aria-label="Settings" onClick={(event) => setAnchor(event.currentTarget)}>
          <TuneIcon />
        </IconButton>
      </Tooltip>
      {anchor && (
        <Suspense fallback={null}>
          <SettingsPanel anchor={anchor} onClose={() => setAnchor(null)} />
        </Suspense>
      )}
    </>
  );
}
