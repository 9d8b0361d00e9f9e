import { useSyncExternalStore } from 'react';

/** Scripts of the version before, for tabs that still run it. The service worker looks here as well. */
const EARLIER_SCRIPTS = 'nivel-earlier-scripts';
/** Every tab holds a lock of this name, with its build behind it, for as long as it is open. */
const RUNS = 'nivel-runs/';
/** A new version is looked for every so many ms, while the app is in sight. */
const LOOK_EVERY = 15 * 60_000;
/** Ms after which what could not be fetched whole is fetched again. */
const TRY_AGAIN = 5000;

/** Why this tab should be reloaded. */
export type WhyReload = 'new-version' | 'not-loaded';

let offered: ServiceWorker | null = null;
let isLacking = false;
const listeners = new Set<() => void>();

const tell = (): void => {
  for (const listener of listeners) listener();
};

function offer(worker: ServiceWorker): void {
  offered = worker;
  tell();
}

/** States that a part of the version that runs here could not be loaded. */
export function tellNotLoaded(): void {
  isLacking = true;
  tell();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/**
 * Whether this tab should be reloaded, and why: there is a newer version, which waits or was taken by another tab, or a
 * part of this one can't be loaded.
 */
export const useWhyReload = (): WhyReload | null =>
  useSyncExternalStore(subscribe, () => (offered ? 'new-version' : isLacking ? 'not-loaded' : null));

/** Tells other tabs that a version runs here, for as long as this tab is open. `build` names it. */
export function holdVersion(build: string): void {
  void navigator.locks.request(`${RUNS}${build}`, { mode: 'shared' }, () => new Promise(() => undefined));
}

const heard = new WeakSet<ServiceWorkerRegistration>();
let tryAgainAfter = TRY_AGAIN;

/**
 * Registers the service worker, and notices when it has fetched another version. What could not be fetched whole, as where a
 * connection broke off, is fetched again after a while, and later each time.
 */
async function keepOffline(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/service-worker.js');
  const notice = (worker: ServiceWorker | null): void => {
    // The first service worker replaces none.
    if (worker !== null && navigator.serviceWorker.controller !== null) offer(worker);
  };
  notice(registration.waiting);
  if (heard.has(registration)) return;
  heard.add(registration);
  registration.addEventListener('updatefound', () => {
    const { installing } = registration;
    let isWhole = false;
    installing?.addEventListener('statechange', () => {
      if (installing.state === 'installed') {
        isWhole = true;
        notice(installing);
      } else if (installing.state === 'redundant' && !isWhole) {
        setTimeout(lookAgain, tryAgainAfter);
        tryAgainAfter = Math.min(2 * tryAgainAfter, LOOK_EVERY);
      }
    });
  });
}

/** Looks for a newer version; where not even this one could be kept, keeps it. Without a network there is nothing new. */
function lookAgain(): void {
  const look = async (): Promise<void> => {
    const registration = await navigator.serviceWorker.getRegistration();
    await (registration ? registration.update() : keepOffline());
  };
  look().catch(() => undefined);
}

/** Keeps Nivel for when there is no server, and looks for newer versions than `build`, which runs here. */
export function watchForVersions(build: string): void {
  void forgetScripts(build);
  let looked = Date.now();
  const look = (): void => {
    if (document.visibilityState !== 'visible' || Date.now() - looked < LOOK_EVERY) return;
    looked = Date.now();
    lookAgain();
  };
  document.addEventListener('visibilitychange', look);
  setInterval(look, LOOK_EVERY);
  // Without a network it is tried again with the next look.
  keepOffline().catch(() => undefined);
}

/** Forgets scripts of builds that no tab runs any more. */
async function forgetScripts(build: string): Promise<void> {
  const { held = [] } = await navigator.locks.query();
  const hasEarlier = held.some(({ name }) => name?.startsWith(RUNS) && name !== `${RUNS}${build}`);
  if (!hasEarlier) await caches.delete(EARLIER_SCRIPTS);
}

/**
 * Reloads the page. A version that waits takes over first, once its scripts and those of the one before are both at
 * hand. Rejects where there is no room for both, or nothing that would answer: what stands on the screen stays.
 */
export async function reload(): Promise<void> {
  // Where another tab has let it take over, a reload brings it.
  if (offered?.state === 'installed') {
    await keepScripts();
    const taken = new Promise((over) =>
      navigator.serviceWorker.addEventListener('controllerchange', over, { once: true }),
    );
    offered.postMessage({ type: 'SKIP_WAITING' });
    await taken;
  } else if (!(await canBeLoaded())) throw new Error('no connection');
  window.location.reload();
}

/** Whether there is something that would answer a reload: a service worker, or the server. */
async function canBeLoaded(): Promise<boolean> {
  const { serviceWorker } = navigator as Partial<Navigator>;
  if (serviceWorker?.controller) return true;
  return fetch(window.location.href, { method: 'HEAD', cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );
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
