import Button from '@mui/material/Button';
import { install, useInstallWay } from '../../device/install.ts';
import { Hint } from '../../parts/Hint.tsx';

/** Says once how Nivel comes onto the home screen, where this browser can do it. */
export function InstallHint() {
  const way = useInstallWay();
  if (way === 'none') return null;
  return (
    <Hint
      id="install"
      action={
        way === 'button' && (
          <Button variant="outlined" onClick={() => void install()}>
            Install Nivel
          </Button>
        )
      }
    >
      {way === 'button'
        ? 'Put Nivel on your home screen: it opens without a network.'
        : 'Put Nivel on your home screen: tap Share, then Add to Home Screen.'}
    </Hint>
  );
}
