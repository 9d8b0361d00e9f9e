import type { CoatStep } from '../../steps/step.ts';
import type { ProblemDraft } from './problem-draft.ts';
import { AIR_SLOTS, sharedAir } from './shared-air.ts';

/**
 * Keeps dust out of wet paint: coats take some of the air of their room until they are touch dry, and what makes dust
 * takes all of it.
 */
export function shareAir(draft: ProblemDraft, takenDownFor: ReadonlyMap<string, string>): void {
  const open = draft.open();
  const ends = new Map(draft.recorded.map(({ id, end }) => [id, end]));
  for (const { spaceId, coats, dusty } of sharedAir(draft.job, [...draft.steps.values()])) {
    const use = (id: string, slots: number): void => void open.get(id)?.spaces.push({ id: spaceId, slots });
    for (const step of dusty) {
      use(step.id, AIR_SLOTS);
      const before = takenDownFor.get(step.id);
      if (before === undefined || !open.has(before)) continue;
      // What comes down to be denibbed does not come down into wet paint: it would wait, and not be back by night.
      use(before, AIR_SLOTS);
      draft.hold(spaceId, before, step.id, AIR_SLOTS);
    }
    for (const step of coats) {
      use(step.id, 1);
      const end = ends.get(step.id);
      const isWet = end === undefined ? open.has(step.id) : touchDryAt(draft, step, end) > draft.now;
      if (isWet) draft.hold(spaceId, step.id, draft.touchDry(step));
    }
    draft.spaces.push({ id: spaceId, slots: AIR_SLOTS });
  }
}

function touchDryAt(draft: ProblemDraft, step: CoatStep, from: number): number {
  const condition = draft.conditions.get(step.id);
  return draft.clocks.reached(step.coat.coating, 'touch', from, draft.climateId(step), condition) ?? from;
}
