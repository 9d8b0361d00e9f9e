import type { Modifier } from '@dnd-kit/core';

/** Keeps what is dragged in a list on its vertical line. */
export const restrictToParent: Modifier = ({ transform }) => ({ ...transform, x: 0 });
