import { useSyncExternalStore } from 'react';

/** Scripts of the version before, for tabs that still run it. The service worker looks here as well. */
const EARLIER_SCRIPTS = 'nivel-earlier-scripts';
/** Every tab holds a lock of this name, with its build behind it, for as long as it is open. */
const RUNS = 'nivel-runs/';
/** A new version is looked for when the app is taken up again, at most every so many ms. */
const LOOK_EVERY = 15 * 60_000;

let waiting: ServiceWorker | null = null;
const listeners = new Set<() => void>();

function setWaiting(worker: ServiceWorker | null): void {
  waiting = worker;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Whether a new version has been fetched and waits to be taken. */
export const useNewVersion = (): boolean => useSyncExternalStore(subscribe, () => waiting !== null);

/** Registers the service worker, and notices when it has fetched another version. `build` names the one that runs here. */
export async function watchForVersions(build: string): Promise<void> {
  void holdRun(build);
  const registration = await navigator.serviceWorker.register('/service-worker.js');
  const notice = (worker: ServiceWorker | null): void => {
    // The first service worker replaces none.
    if (worker !== null && navigator.serviceWorker.controller !== null) setWaiting(worker);
  };
  notice(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const { installing } = registration;
    installing?.addEventListener('statechange', () => {
      if (installing.state === 'installed') notice(installing);
      if (installing.state === 'activated') setWaiting(null);
    });
  });
  let looked = Date.now();
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState !== 'visible' || Date.now() - looked < LOOK_EVERY) return;
    looked = Date.now();
    // Without a network there is nothing new.
    registration.update().catch(() => undefined);
  });
}

/** Holds the lock of this tab's build, and forgets scripts of builds that no tab runs any more. */
async function holdRun(build: string): Promise<void> {
  void navigator.locks.request(`${RUNS}${build}`, { mode: 'shared' }, () => new Promise(() => undefined));
  const { held = [] } = await navigator.locks.query();
  const hasEarlier = held.some(({ name }) => name?.startsWith(RUNS) && name !== `${RUNS}${build}`);
  if (!hasEarlier) await caches.delete(EARLIER_SCRIPTS);
}

/** Lets the new version take over, once its scripts and those of the one before are both at hand, and reloads the page. */
export async function takeNewVersion(): Promise<void> {
  const worker = waiting;
  if (worker === null) return;
  await keepScripts();
  const taken = new Promise((over) =>
    navigator.serviceWorker.addEventListener('controllerchange', over, { once: true }),
  );
  worker.postMessage({ type: 'SKIP_WAITING' });
  await taken;
  window.location.reload();
}

/** Copies what the service worker holds of scripts and styles: other tabs may still fetch some of this version. */
async function keepScripts(): Promise<void> {
  const kept = await caches.open(EARLIER_SCRIPTS);
  for (const name of await caches.keys()) {
    if (!name.includes('precache')) continue;
    const cache = await caches.open(name);
    for (const request of await cache.keys()) {
      const { pathname } = new URL(request.url);
      const response = pathname.startsWith('/_astro/') ? await cache.match(request) : undefined;
      if (response) await kept.put(pathname, response);
    }
  }
}
