import type { Ground } from '../build-up/situation.ts';
import type { Recipe } from '../build-up/system-coat.ts';
import { newJob } from '../job/document/new-job.ts';
import { ground, OUTSIDE, recipe } from './surfaces.ts';

export const job = newJob({
  id: 'test',
  name: 'Test',
  createdAt: '2027-02-20T08:00:00+01:00',
  start: '2027-03-01',
  timeZone: 'Europe/Berlin',
});
/** A recipe of coats by their products, washed and deglossed unless said. */
export const on = (coats: string, more: Partial<Recipe> = {}): Recipe => recipe(job, coats.split(' '), more);
/** Cleaners in their order; `mould-wash+rinsed` is rinsed off. */
export const wash = (...products: string[]): Partial<Recipe> => ({
  cleaning: products.map((written) => {
    const [product = '', rinsed] = written.split('+');
    return { product, rinsed: rinsed === 'rinsed' };
  }),
});
export const sanded = { key: 'abrade' } as const;
/** The first coat thinned, by per cent. */
export const thin = (made: Recipe, thinning: number): Recipe => {
  const laid = made.coats.front.map((coat, index) => (index === 0 ? { ...coat, thinning } : coat));
  return { ...made, coats: { front: laid, back: laid } };
};

export const TRIM = 'prime-bond-wb enamel-acrylic enamel-acrylic';
export const BLOCKED = 'prime-shellac enamel-acrylic enamel-acrylic';
export const OIL = 'prime-oil enamel-oil enamel-oil';
export const PLAIN = 'enamel-acrylic enamel-acrylic';
export const EXTERIOR = 'ext-acrylic ext-acrylic';
export const LACQUER = 'prime-bond-wb lacquer-2k-wb lacquer-2k-wb';
export const MINERAL = 'mineral-matt mineral-matt';

export const gloss = ground();
export const paint = ground({ oldCoat: 'waterborne-matt' });
export const bare = ground({ oldCoat: 'bare' });
export const bareOak = ground({ substrate: 'oak', oldCoat: 'bare' });
export const board = ground({ substrate: 'mdf', oldCoat: 'bare' });
export const melamine = ground({ substrate: 'laminate', oldCoat: 'factory-finish' });
export const steel = ground({ substrate: 'metal', oldCoat: 'bare' });
export const vinyl = (colour = '#efece2', oldColour: string | null = null): Ground =>
  ground(
    { substrate: 'vinyl', oldCoat: 'factory-finish', oldColour },
    { ...OUTSIDE, colours: { front: colour, back: colour } },
  );
export const coloured = (hex: string, oldColour: string | null = null): Ground =>
  ground({ oldColour }, { colours: { front: hex, back: hex } });
export const grain = (product: string, passes: number): Partial<Recipe> => ({ grainFill: { product, passes } });
