import { defineCollection, z } from 'astro:content';
import { glob } from 'astro/loaders';

/** The pages of the guide, in `guide/pages`. */
const guide = defineCollection({
  loader: glob({ pattern: '*.mdx', base: './app/guide/pages' }),
  schema: z.object({
    title: z.string(),
    /** What is asked where the page answers. */
    question: z.string(),
    order: z.number().int(),
    /** The stage whose page it is. */
    stage: z.string().optional(),
  }),
});

export const collections = { guide };
