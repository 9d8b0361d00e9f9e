/** Where the bubble stands: left of the lines, between them, or right of them, and how far. */
export interface VialReading {
  side: 'before' | 'between' | 'after';
  /** 0 at the left end of that part, 1 at its right end. */
  share: number;
}

const clamp = (share: number): number => Math.max(0, Math.min(1, Number.isFinite(share) ? share : 0));

/** The reading of a moment against a window of time (or of any figure against its two limits). */
export function vialReading(now: number, window: { since: number; opens: number; closes: number | null }): VialReading {
  const { since, opens, closes } = window;
  if (now < opens) {
    return { side: 'before', share: opens === Infinity ? 0 : clamp((now - since) / Math.max(1e-9, opens - since)) };
  }
  if (closes === null) return { side: 'between', share: 0.5 };
  if (now <= closes) return { side: 'between', share: clamp((now - opens) / Math.max(1e-9, closes - opens)) };
  return { side: 'after', share: clamp((now - closes) / Math.max(1, (closes - opens) / 2)) };
}
