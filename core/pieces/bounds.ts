import { z } from 'zod';

/** Least and most of a measure, both believable. */
export type Bounds = readonly [number, number];

/** Numbers within their bounds, as parts of a schema. */
export const within = <K extends string>(bounds: Readonly<Record<K, Bounds>>): Record<K, z.ZodNumber> =>
  Object.fromEntries(
    Object.entries<Bounds>(bounds).map(([key, [least, most]]) => [key, z.number().min(least).max(most)]),
  ) as Record<K, z.ZodNumber>;
