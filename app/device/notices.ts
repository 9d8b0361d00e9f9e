import type { OptionsObject, SnackbarMessage } from 'notistack';

type Show = (message: SnackbarMessage, options?: OptionsObject) => void;

let show: Show | null = null;
const early: Parameters<Show>[] = [];
let tell: (() => void) | null = null;

/** Tells the painter something at the foot of the screen. What is said before notices can be shown is shown then. */
export function notify(...notice: Parameters<Show>): void {
  if (show) {
    show(...notice);
    return;
  }
  early.push(notice);
  tell?.();
}

/** Calls back once there is a first notice, so that what shows notices is not loaded before. */
export function onFirstNotice(call: () => void): () => void {
  tell = call;
  if (early.length > 0) call();
  return () => {
    tell = null;
  };
}

/** Names what shows notices from now on. */
export function showNoticesWith(shown: Show): void {
  show = shown;
  for (const notice of early.splice(0)) show(...notice);
}
