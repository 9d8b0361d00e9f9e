import { useState } from 'react';
import { reload } from '../../keeping/new-version.ts';
import { reasonOf } from '../../keeping/reason.ts';

/** Reloads the page for a button: whether it is under way, and why it could not be. */
export function useReload(): { isReloading: boolean; fault: string | null; reloadPage(): void } {
  const [isReloading, setIsReloading] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const reloadPage = (): void => {
    setIsReloading(true);
    reload().catch((error: unknown) => {
      setFault(reasonOf(error));
      setIsReloading(false);
    });
  };
  return { isReloading, fault, reloadPage };
}
