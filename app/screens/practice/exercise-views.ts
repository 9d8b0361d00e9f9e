import type { ComponentType } from 'react';
import type { ExerciseId } from '../../../core/practising/exercise-ids.ts';
import { fetchedLater } from '../../device/fetched-later.ts';

/** What shows an exercise: its task, and the answer once it is given. */
export interface ExerciseViewProps<Task, Answer> {
  task: Task;
  /** The answer that was judged; null while it is still being thought about. */
  given: Answer | null;
  onAnswer(answer: Answer): void;
}

type AnyView = ComponentType<ExerciseViewProps<unknown, unknown>>;

/** A view by what it shows: the worker makes the task by the same id. */
const viewFrom = <Task, Answer>(load: () => Promise<ComponentType<ExerciseViewProps<Task, Answer>>>): AnyView =>
  fetchedLater(async () => ({ default: (await load()) as unknown as AnyView }));

/** What shows each exercise. */
export const EXERCISE_VIEWS: Readonly<Record<ExerciseId, AnyView>> = {
  coats: viewFrom(async () => (await import('./views/CoatsView.tsx')).CoatsView),
  estimate: viewFrom(async () => (await import('./views/EstimateView.tsx')).EstimateView),
  order: viewFrom(async () => (await import('./views/order/OrderView.tsx')).OrderView),
  day: viewFrom(async () => (await import('./views/day/DayView.tsx')).DayView),
  touch: viewFrom(async () => (await import('./views/TouchView.tsx')).TouchView),
  wrong: viewFrom(async () => (await import('./views/WrongView.tsx')).WrongView),
};
