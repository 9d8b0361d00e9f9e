import { useMemo, useSyncExternalStore } from 'react';

/** Where the painter is: the stage in the path; the job, the view of the stage, the group, the piece and the day in the query. */
export interface Route {
  stage: string;
  jobId: string | null;
  view: string | null;
  groupId: string | null;
  pieceId: string | null;
  defectId: string | null;
  /** A climate of the job. */
  placeId: string | null;
  /** A day, ISO. */
  day: string | null;
  /** A task of Practice: its level and seed, or the lesson. */
  task: string | null;
}

const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('popstate', tell);
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) window.removeEventListener('popstate', tell);
  };
}

const address = (): string => window.location.pathname + window.location.search;

/** The names under which a route stands in the query, in their order. */
const PARAMETERS = {
  jobId: 'job',
  view: 'view',
  groupId: 'group',
  pieceId: 'piece',
  defectId: 'defect',
  placeId: 'place',
  day: 'day',
  task: 'task',
} as const satisfies Record<Exclude<keyof Route, 'stage'>, string>;
const PARAMETER_KEYS = Object.keys(PARAMETERS) as (keyof typeof PARAMETERS)[];

/** The address of a stage: `/walk?job=…&view=…&group=…&piece=…`. */
export function addressOf({ stage, ...named }: Partial<Route> & { stage: string }): string {
  const query = new URLSearchParams();
  for (const key of PARAMETER_KEYS) {
    const value = named[key];
    if (value) query.set(PARAMETERS[key], value);
  }
  const asked = query.toString();
  return `/${stage}${asked ? `?${asked}` : ''}`;
}

/** Goes to a stage without asking a server. */
export function goTo(route: Partial<Route> & { stage: string }, how: 'push' | 'replace' = 'push'): void {
  const url = addressOf(route);
  if (how === 'push') window.history.pushState(null, '', url);
  else window.history.replaceState(null, '', url);
  tell();
}

const stageOf = (path: string): string => path.replace(/^\/|\/$|\.html$/g, '');

/** What an address says: a path with its query. */
export function routeOf(address: string): Route {
  // The host does not matter; it only completes the address.
  const url = new URL(address, 'http://localhost');
  const named = PARAMETER_KEYS.map((key) => [key, url.searchParams.get(PARAMETERS[key])]);
  return { stage: stageOf(url.pathname), ...(Object.fromEntries(named) as Omit<Route, 'stage'>) };
}

/** The route of the address bar, before anything is shown. */
export const currentRoute = (): Route => routeOf(address());

/** The route of the address bar. */
export function useRoute(): Route {
  const shown = useSyncExternalStore(subscribe, address);
  return useMemo(() => routeOf(shown), [shown]);
}
