import Button from '@mui/material/Button';
import { Suspense, useState } from 'react';
import { fetchedLater } from '../../device/fetched-later.ts';
import { DevicesIcon } from '../../drawing/icons.tsx';

const ShareDialog = fetchedLater(() => import('./ShareDialog.tsx'));

/** Two people on two devices: the way from one to the other. */
export function ShareDay({ onTaken }: { onTaken(reason: string): void }) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Button variant="outlined" startIcon={<DevicesIcon />} sx={{ minHeight: 48 }} onClick={() => setIsOpen(true)}>
        Two devices
      </Button>
      {isOpen && (
        <Suspense>
          <ShareDialog onClose={() => setIsOpen(false)} onTaken={onTaken} />
        </Suspense>
      )}
    </>
  );
}
