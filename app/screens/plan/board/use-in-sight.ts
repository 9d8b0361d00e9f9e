import { useLayoutEffect, useState, type RefObject } from 'react';

/** Pixels from the left between which what is drawn can be seen soon. */
export interface InSight {
  from: number;
  until: number;
}

/** The visible stretch of a board that scrolls sideways, plus half a screen on either side. Empty before layout. */
export function useInSight(scroll: RefObject<HTMLElement | null>): InSight {
  const [sight, setSight] = useState<InSight>({ from: 0, until: 0 });
  useLayoutEffect(() => {
    const box = scroll.current;
    if (box === null) return;
    const look = (): void => {
      const step = Math.max(200, box.clientWidth / 2);
      const at = Math.floor(box.scrollLeft / step) * step;
      const [from, until] = [at - step, at + 4 * step];
      setSight((known) => (known.from === from && known.until === until ? known : { from, until }));
    };
    look();
    const observer = new ResizeObserver(look);
    observer.observe(box);
    box.addEventListener('scroll', look, { passive: true });
    return () => {
      observer.disconnect();
      box.removeEventListener('scroll', look);
    };
  }, [scroll]);
  return sight;
}
