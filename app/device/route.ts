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

/** The address of a stage: `/walk?job=…&view=…&group=…&piece=…`. */
export function addressOf({
  stage,
  jobId,
  view,
  groupId,
  pieceId,
  defectId,
  placeId,
  day,
}: Partial<Route> & { stage: string }): string {
  const query = new URLSearchParams();
  if (jobId) query.set('job', jobId);
  if (view) query.set('view', view);
  if (groupId) query.set('group', groupId);
  if (pieceId) query.set('piece', pieceId);
  if (defectId) query.set('defect', defectId);
  if (placeId) query.set('place', placeId);
  if (day) query.set('day', day);
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

function routeOf(address: string): Route {
  const url = new URL(address, window.location.origin);
  return {
    stage: stageOf(url.pathname),
    jobId: url.searchParams.get('job'),
    view: url.searchParams.get('view'),
    groupId: url.searchParams.get('group'),
    pieceId: url.searchParams.get('piece'),
    defectId: url.searchParams.get('defect'),
    placeId: url.searchParams.get('place'),
    day: url.searchParams.get('day'),
  };
}

/** The route of the address bar, before anything is shown. */
export const currentRoute = (): Route => routeOf(address());

/** The route of the address bar. */
export function useRoute(): Route {
  const shown = useSyncExternalStore(subscribe, address);
  return useMemo(() => routeOf(shown), [shown]);
}
