import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { NOT_LOADED } from '../../device/scripts.ts';
import { useUnwritten } from '../../keeping/keeping.ts';
import { useWhyReload, type WhyReload } from '../../keeping/new-version.ts';
import { useUnderway } from '../../keeping/underway.ts';
import { useReload } from './use-reload.ts';

const BECAUSE: Readonly<Record<WhyReload, string>> = {
  'new-version': 'New version',
  'not-loaded': NOT_LOADED,
};

/** Offers to reload the page where that is of use. It happens when the painter says so, and nothing is half done. */
export function ReloadBar() {
  const why = useWhyReload();
  const isUnwritten = useUnwritten().size > 0;
  const isUnderway = useUnderway();
  const { isReloading, fault, reloadPage } = useReload();
  if (why === null) return null;
  const words = (): string => {
    if (isUnwritten) return `${BECAUSE[why]}. Reload once everything is saved.`;
    if (isUnderway) return `${BECAUSE[why]}. Reload once the backup or photos are done.`;
    if (fault !== null) return `${BECAUSE[why]}. Can’t reload right now: ${fault}. Your work is saved.`;
    return `${BECAUSE[why]}. Reload – your work is saved.`;
  };
  return (
    <Alert
      severity={fault === null && why === 'new-version' ? 'info' : 'warning'}
      action={
        <Button color="inherit" disabled={isUnwritten || isUnderway || isReloading} onClick={reloadPage}>
          Reload
        </Button>
      }
    >
      {words()}
    </Alert>
  );
}
