import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';

let isAsked = false;

function subscribe(changed: () => void): () => void {
  // The page is laid out for paper as soon as the event is over: what is drawn for paper has to stand by then.
  const tell = (isNow: boolean) => () => {
    isAsked = isNow;
    flushSync(changed);
  };
  const [before, after] = [tell(true), tell(false)];
  const media = window.matchMedia('print');
  window.addEventListener('beforeprint', before);
  window.addEventListener('afterprint', after);
  media.addEventListener('change', changed);
  return () => {
    window.removeEventListener('beforeprint', before);
    window.removeEventListener('afterprint', after);
    media.removeEventListener('change', changed);
  };
}

const isPrinting = (): boolean => isAsked || window.matchMedia('print').matches;

/** Whether the page is being printed now, or shown as it would be on paper. */
export const usePrinting = (): boolean => useSyncExternalStore(subscribe, isPrinting);
