import { useCallback, useMemo, useSyncExternalStore } from 'react';
import { keepLocally, local } from './local.ts';

/** Ticks of this device: reminders that were seen, evening tasks that are done. They are of no matter to the record. */
const PREFIX = 'nivel-ticks';
/** So many are kept of each list: older ones can't come up again. */
const MAX_KEPT = 400;

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** A list of ticks that outlives a reload, and how to set them. */
export function useTicks(
  jobId: string,
  list: string,
): [ReadonlySet<string>, (ids: readonly string[], on: boolean) => void] {
  const key = `${PREFIX}/${jobId}/${list}`;
  const text = useSyncExternalStore(subscribe, () => local.getItem(key) ?? '');
  const ticked = useMemo(() => new Set(text === '' ? [] : text.split('\n')), [text]);
  const set = useCallback(
    (ids: readonly string[], on: boolean): void => {
      const now = (local.getItem(key) ?? '').split('\n').filter((id) => id !== '' && !ids.includes(id));
      keepLocally(key, [...now, ...(on ? ids : [])].slice(-MAX_KEPT).join('\n'));
      for (const listener of listeners) listener();
    },
    [key],
  );
  return [ticked, set];
}
