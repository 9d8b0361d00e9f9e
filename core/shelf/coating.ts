import { z } from 'zod';
import { TRAIT_IDS } from '../pieces/traits.ts';
import { fitHours } from './drying/fitted.ts';
import { DRYING_KIND_IDS } from './drying/registry.ts';
import { AS_DEFAULT, entryFields, hours } from './entry.ts';

/** The stages of a drying coat, in the order in which they are reached. */
export const STAGES = ['touch', 'handle', 'recoat', 'rehang', 'close', 'wash', 'full'] as const;
export type DryingStage = (typeof STAGES)[number];

export const SHEENS = ['matt', 'satin', 'gloss'] as const;
export type Sheen = (typeof SHEENS)[number];

/** A coating as its tin states it: hours at the reference climate (23 °C, 50 % RH), °C, %, µm, minutes, litres. */
export const coatingSchema = z
  .object({
    ...entryFields,
    role: z.enum(['primer', 'topcoat', 'sealer']),
    /** The binder decides what it sticks to and what sticks to it. */
    family: z.enum(['acrylic', 'alkyd-waterborne', 'oil', 'shellac', 'two-part', 'mineral']),
    exposure: z.enum(['inside', 'outside', 'both']),
    /** First kind to touch dry, then the other where there are two. */
    drying: z.array(z.enum(DRYING_KIND_IDS)).min(1).max(2),
    volumeSolids: z
      .number()
      .min(5, 'Under 5 % solids is no paint. Check the tin.')
      .max(100, 'Solids are a share of the paint: 100 % at most.'),
    dryFilm: z.number().min(5).max(500),
    openTime: z.number().min(1).max(240),
    hours: z.object({
      touch: hours,
      handle: hours,
      recoat: hours,
      rehang: hours,
      close: hours,
      wash: hours.nullable(),
      full: hours,
    }),
    /** Later than this (clock hours) it must be abraded again; null when the tin sets no limit. */
    recoatMax: hours.nullable(),
    minTemperature: z.number().min(-10).max(30),
    maxHumidity: z.number().min(30).max(100),
    /** Hours at the reference climate; null for one-part products. */
    potLife: z.number().positive().max(72).nullable(),
    bondsTo: z.array(z.enum(['laminate', 'glossy', 'bare-timber', 'metal', 'vinyl'])),
    blocksStains: z.boolean(),
    /** Whether it may go straight onto sound paint, or onto what it bonds to, without a primer. */
    selfPriming: z.boolean(),
    /** Dries clear, so that it hides nothing and missed spots do not show. */
    clear: z.boolean(),
    /** Made for the spray gun alone. */
    sprayOnly: z.boolean(),
    /** Made for inside, and allowed outside as a spot primer under other coats. */
    spotsOutside: z.boolean(),
    /** Whether its base stands dark colours on plastic in the sun. */
    darkOnPlastic: z.boolean(),
    /** What it is made for, where that is not joinery at large. */
    madeFor: z.array(z.enum(TRAIT_IDS)).max(4),
    sheens: z.array(z.enum(SHEENS)).max(3),
    /** How well the cured film stands hands and knocks, from 1 to 5: a judgement, to be changed by experience. */
    toughness: z.number().int().min(1).max(5),
    spoiledByPhosphate: z.boolean(),
    tins: z
      .array(z.object({ litres: z.number().positive().max(50), price: z.number().nonnegative().max(10000) }))
      .min(1, 'State at least one tin that is on sale.')
      .max(8),
    /** Hours to recoat that the tin states at other temperatures: two or more are fitted. */
    recoatAt: z.array(z.object({ temperature: z.number().min(-10).max(50), hours })).max(6),
  })
  .superRefine(({ hours: stated, recoatMax, recoatAt }, context) => {
    if (recoatMax !== null && recoatMax < stated.recoat) {
      const message = `The recoat window can’t close after ${recoatMax} h, before it opens after ${stated.recoat} h. Check the tin.`;
      context.addIssue({ code: 'custom', path: ['recoatMax'], message });
    }
    const fit = fitHours(recoatAt);
    if (recoatAt.length >= 2 && (fit === null || fit.slope <= 0)) {
      const message =
        'Colder takes longer: state the hours to recoat at two or more temperatures, falling as it gets warmer.';
      context.addIssue({ code: 'custom', path: ['recoatAt'], message });
    }
    let before: DryingStage | null = null;
    for (const stage of STAGES) {
      const reached = stated[stage];
      if (reached === null) continue;
      const earlier = before === null ? null : stated[before];
      if (before !== null && earlier !== null && reached < earlier) {
        const message = `“${stage}” after ${reached} h can’t come before “${before}” after ${earlier} h. Check the tin.`;
        context.addIssue({ code: 'custom', path: ['hours', stage], message });
        return;
      }
      before = stage;
    }
  });
export type Coating = z.infer<typeof coatingSchema>;

/** What a coating is unless its entry says otherwise. */
export const USUAL_COATING = {
  ...AS_DEFAULT,
  potLife: null,
  recoatMax: null,
  recoatAt: [],
  bondsTo: [],
  blocksStains: false,
  spoiledByPhosphate: false,
  selfPriming: false,
  clear: false,
  sprayOnly: false,
  spotsOutside: false,
  darkOnPlastic: false,
  sheens: [],
  madeFor: [],
  toughness: 3,
} satisfies Partial<Coating>;
