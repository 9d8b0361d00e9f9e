import { startTransition, useEffect, useState } from 'react';

/** Whether a screen has once been painted: what may stand there a moment later waits for that, and gives way to hands. */
export function useAfterPaint(): boolean {
  const [isPainted, setIsPainted] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setIsPainted(true)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, []);
  return isPainted;
}
