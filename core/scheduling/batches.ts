import type { PlanTask } from './problem.ts';

/**
 * What a task has in common with those that go on in one batch: its set-up, or without one the step of its piece, which is
 * the end of its id.
 */
export const kindName = ({ id, setup }: Pick<PlanTask, 'id' | 'setup'>): string =>
  setup ?? `/${id.slice(id.lastIndexOf('/') + 1)}`;
