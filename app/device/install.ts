import { useSyncExternalStore } from 'react';

/** What Chromium hands over when the page can be installed. */
interface InstallPrompt extends Event {
  prompt(): Promise<{ outcome: 'accepted' | 'dismissed' }>;
}

declare global {
  interface Window {
    /** The offer that came before this script, as the page's own has kept it. */
    installOffer?: InstallPrompt;
  }
}

let offered: InstallPrompt | null = typeof window === 'undefined' ? null : (window.installOffer ?? null);
const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

if (typeof window !== 'undefined') {
  window.addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    offered = event as InstallPrompt;
    tell();
  });
  window.addEventListener('appinstalled', () => {
    offered = null;
    tell();
  });
}

/** How Nivel can be put on this device’s home screen: by a button, by hand in the share menu, or not from here. */
export type InstallWay = 'button' | 'by-hand' | 'none';

function way(): InstallWay {
  if (matchMedia('(display-mode: standalone)').matches) return 'none';
  if (offered !== null) return 'button';
  // Apple’s browsers offer no button.
  return 'standalone' in navigator ? 'by-hand' : 'none';
}

export const useInstallWay = (): InstallWay =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, way);

/** Asks the browser to install; afterwards it is offered again only by the browser itself. */
export async function install(): Promise<void> {
  const asked = offered;
  offered = null;
  await asked?.prompt();
  tell();
}
