import { useEffect, useEffectEvent, useRef } from 'react';

/** Calls `step` with each frame while something plays, with the seconds since the one before. */
export function useFrames(isPlaying: boolean, step: (seconds: number) => void): void {
  const last = useRef<number | null>(null);
  const tell = useEffectEvent((now: number) => {
    step(last.current === null ? 0 : (now - last.current) / 1000);
    last.current = now;
  });
  useEffect(() => {
    if (!isPlaying) return undefined;
    last.current = null;
    let frame = requestAnimationFrame(function tick(now) {
      tell(now);
      frame = requestAnimationFrame(tick);
    });
    return () => cancelAnimationFrame(frame);
  }, [isPlaying]);
}
