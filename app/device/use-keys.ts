import { useEffect, useRef } from 'react';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** What keeps keys to itself while it is open; what is fading away after it was closed no longer does. */
const OPEN_OVER_THE_PAGE = ['dialog', 'menu', 'listbox']
  .map((role) => `[role="${role}"]:not([aria-hidden="true"] *)`)
  .join();

/** The name of a stroke: `w`, `?`, `Mod+k`, `Mod+Shift+z`. */
function strokeOf(event: KeyboardEvent): string {
  const mod = event.ctrlKey || event.metaKey ? 'Mod+' : '';
  const shift = event.shiftKey && mod ? 'Shift+' : '';
  return `${mod}${shift}${event.key.length === 1 ? event.key.toLowerCase() : event.key}`;
}

/** Answers keys anywhere on the page. Plain letters are left alone while somebody types or a dialog is open. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    const answer = (event: KeyboardEvent): void => {
      const stroke = strokeOf(event);
      const action = current.current[stroke];
      if (!action || event.altKey) return;
      const busy = isTyping(event.target) || document.querySelector(OPEN_OVER_THE_PAGE);
      if (busy && stroke !== 'Mod+k') return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', answer);
    return () => window.removeEventListener('keydown', answer);
  }, []);
}
