import { useEffect, useRef, useState, type RefObject } from 'react';

/** A box, and how wide it comes, in whole px; 0 before it is measured. */
export function useWidth(): { box: RefObject<HTMLDivElement | null>; width: number } {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const node = box.current;
    if (!node) return undefined;
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
    observer.observe(node);
    return () => observer.disconnect();
  }, []);
  return { box, width };
}
