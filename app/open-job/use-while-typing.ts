import { useCallback, useDeferredValue, useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Keys that type nothing: what comes after them has to stand on what was typed. */
const isNoCharacter = (event: KeyboardEvent): boolean => event.key.length > 1 || event.ctrlKey || event.metaKey;

/**
 * A value that is followed at once, except while somebody types: then a field shows its strokes by itself, and all else
 * follows when there is time between them. Anything but a stroke ends that before it is answered, so that nothing acts
 * on what has changed since.
 */
export function useWhileTyping<T>(current: T): [shown: T, beginTyping: () => void] {
  const later = useDeferredValue(current);
  const [isTyping, setIsTyping] = useState(false);
  const beginTyping = useCallback(() => setIsTyping(true), []);
  useEffect(() => {
    if (!isTyping) return undefined;
    const end = (): void => setIsTyping(false);
    // Lay out typed values before the press, so that no button moves between press and release.
    const endAtMove = (): void => flushSync(end);
    const endAtKey = (event: KeyboardEvent): void => {
      if (isNoCharacter(event)) end();
    };
    window.addEventListener('pointermove', endAtMove, true);
    window.addEventListener('pointerdown', end, true);
    window.addEventListener('focusout', end, true);
    window.addEventListener('keydown', endAtKey, true);
    return () => {
      window.removeEventListener('pointermove', endAtMove, true);
      window.removeEventListener('pointerdown', end, true);
      window.removeEventListener('focusout', end, true);
      window.removeEventListener('keydown', endAtKey, true);
    };
  }, [isTyping]);
  return [isTyping ? later : current, beginTyping];
}
