import type { Prepared } from './prepared.ts';

type Random = () => number;

/** How much sooner than others is done what others wait for, in days. */
export interface Clearing {
  /** What needs all of a space that others hold, as dust does: it is short, and lets them in again. */
  dust: number;
  /** What gives back more places than it takes, as hanging does. */
  hang: number;
}

const DUST = [0, 1, 3, 30];
const HANG = [0, 2, 30];

export const NO_CLEARING: Clearing = { dust: 0, hang: 0 };

const pick = (list: readonly number[], random: Random): number => list[Math.floor(random() * list.length)] ?? 0;

/** Figures near others. */
export function variedClearing(clearing: Clearing, random: Random): Clearing {
  if (random() < 0.6) return clearing;
  return random() < 0.5 ? { ...clearing, dust: pick(DUST, random) } : { ...clearing, hang: pick(HANG, random) };
}

/** Adds to priorities in ticks what clearing counts. */
export function addClearing(
  { turned, tasks, problem }: Prepared,
  priority: Float64Array,
  { dust, hang }: Clearing,
): void {
  const day = 1440 / problem.tickMinutes;
  if (dust > 0) {
    for (const { clearing } of turned) for (const task of clearing) priority[task] = (priority[task] ?? 0) + dust * day;
  }
  if (hang === 0) return;
  for (const { index, releases, opens } of tasks) {
    if (releases.length > 0 && opens.length === 0) priority[index] = (priority[index] ?? 0) + hang * day;
  }
}
