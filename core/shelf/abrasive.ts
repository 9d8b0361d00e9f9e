import { z } from 'zod';
import { AS_DEFAULT, entryFields } from './entry.ts';

/** Paper or sponge, and what it is for. */
export const abrasiveSchema = z.lazy(() =>
  z.object({
    ...entryFields(),
    grit: z.number().int().min(24).max(3000),
    wet: z.boolean(),
    for: z.enum(['bare', 'key', 'denib', 'profile']),
  }),
);
export type Abrasive = z.infer<typeof abrasiveSchema>;

const paper = (grit: number, use: Abrasive['for'], note: string): Abrasive => ({
  ...AS_DEFAULT,
  id: `paper-${grit}`,
  name: `Paper ${grit}`,
  grit,
  wet: grit >= 180,
  for: use,
  note,
});

/** The default abrasives. */
export const DEFAULT_ABRASIVES: readonly Abrasive[] = [
  paper(120, 'bare', 'Bare timber, feathering a broken edge.'),
  paper(150, 'bare', 'Bare timber, second pass.'),
  paper(180, 'key', 'Keying old gloss and varnish.'),
  paper(220, 'key', 'Keying laminate, factory finish and board.'),
  paper(320, 'denib', 'Between coats, one light pass.'),
  {
    ...AS_DEFAULT,
    id: 'sponge-180',
    name: 'Sanding sponge 180',
    grit: 180,
    wet: true,
    for: 'profile',
    note: 'Mouldings and grooves. Wet where dust must not rise.',
  },
];
