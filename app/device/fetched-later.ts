import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

/** A part of Nivel could not be fetched: the server is away, or has a newer build. Loading the page anew is the remedy. */
export class NotFetched extends Error {}

/**
 * A part of a screen that is fetched when it is first drawn; it waits in the nearest `Suspense`.
 * @throws NotFetched when drawn and it can't be fetched
 */
export function fetchedLater<Props>(
  load: () => Promise<{ default: ComponentType<Props> }>,
): LazyExoticComponent<ComponentType<Props>> {
  return lazy(() =>
    load().catch((cause: unknown) => {
      throw new NotFetched(cause instanceof Error ? cause.message : String(cause), { cause });
    }),
  );
}
