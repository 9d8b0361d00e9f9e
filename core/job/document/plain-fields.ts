import { z } from 'zod';

/** Of whatever the job holds in a list. */
export const id = z.lazy(() => z.string().min(1).max(60));

/** Of a step, made of several ids. */
export const stepId = z.lazy(() => z.string().min(1).max(200));

export const name = z.lazy(() =>
  z.string().trim().min(1, 'Give it a name.').max(120, 'Keep the name under 120 characters.'),
);

export const hex = z.lazy(() => z.string().regex(/^#[0-9a-f]{6}$/i, 'Use # and six digits, e.g. #2f4b5c.'));

export const note = z.lazy(() => z.string().max(300, 'Keep the note under 300 characters.'));

/** A time on the clock of the place; with its offset where the clock shows it twice. */
export const localTime = z.lazy(() => z.iso.datetime({ local: true, offset: true }));
