import { z } from 'zod';
import { inSentence } from '../units/sentence.ts';
import { HAZARD_IDS } from './hazards.ts';

/** Where a figure comes from, as the painter states it. Figures without a word of it are defaults. */
export const FIGURE_SOURCES = { tin: 'the tin', sheet: 'the data sheet', own: 'own experience' } as const;
export type FigureSource = keyof typeof FIGURE_SOURCES;

const statedFigure = z.lazy(() =>
  z.object({
    from: z.enum(Object.keys(FIGURE_SOURCES) as [FigureSource, ...FigureSource[]]),
    on: z.iso.date(),
  }),
);

/**
 * A product as it is said in passing, inside a sentence: “enamel” for “Enamel, oil-alkyd gloss”. The name of an entry says
 * what it is first; what follows a comma tells it from others of its kind.
 */
export const shortName = ({ name }: { name: string }): string => inSentence(name.replace(/,.*$/, ''));

/** What every entry of the shelf has. */
export const entryFields = () => ({
  id: z.string().min(1).max(60),
  name: z.string().trim().min(1, 'Give it a name.').max(80, 'Keep the name under 80 characters.'),
  note: z.string().max(300, 'Keep the note under 300 characters.'),
  hazards: z.array(z.enum(HAZARD_IDS)).max(8),
  /** Put away: kept for what it was used on, and not offered any more. */
  archived: z.boolean(),
  /** By figure, such as `hours.recoat`: where it was read, and when. */
  stated: z.record(z.string().max(40), statedFigure),
});

/** Hours, at the reference climate of 23 °C and 50 % RH unless said otherwise. */
export const hours = z.lazy(() =>
  z.number().positive('Must be above 0 h.').max(5000, 'At most 5,000 h. Check the tin.'),
);

/** What an entry of the default shelf starts with. */
export const AS_DEFAULT = { note: '', hazards: [], archived: false, stated: {} };
