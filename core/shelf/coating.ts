import { z } from 'zod';
import { fitHours } from './drying/fitted.ts';
import { DRYING_KIND_IDS } from './drying/registry.ts';
import { AS_DEFAULT, entryFields, hours } from './entry.ts';
import { USE_IDS } from './uses.ts';

/** The stages of a drying coat, in the order in which they are reached. */
export const DRYING_STAGES = ['touch', 'handle', 'recoat', 'rehang', 'close', 'wash', 'full'] as const;
export type DryingStage = (typeof DRYING_STAGES)[number];

export const SHEENS = ['matt', 'satin', 'semi-gloss', 'gloss'] as const;
export const THINNERS = ['water', 'spirit', 'alcohol', 'its own'] as const;

export type Sheen = (typeof SHEENS)[number];

const uses = () => z.array(z.enum(USE_IDS)).max(USE_IDS.length);

/** A coating as its tin states it: hours at the reference climate (23 °C, 50 % RH), °C, %, µm, minutes, litres. */
export const coatingSchema = z.lazy(() =>
  z
    .object({
      ...entryFields(),
      role: z.enum(['primer', 'topcoat', 'sealer']),
      /** The binder decides what it sticks to and what sticks to it. */
      family: z.enum(['acrylic', 'alkyd-waterborne', 'oil', 'shellac', 'two-part', 'mineral']),
      exposure: z.enum(['inside', 'outside', 'both']),
      /** First kind to touch dry, then the other where there are two. */
      drying: z.array(z.enum(DRYING_KIND_IDS)).min(1).max(2),
      volumeSolids: z.number().min(5, 'Must be at least 5%. Check the tin.').max(100, 'At most 100%.'),
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
      /** Neither air nor surface may be warmer while it is put on. */
      maxTemperature: z.number().min(15).max(60),
      maxHumidity: z.number().min(30).max(100),
      /** Not to be put on where the sun lies on the face. */
      notInSun: z.boolean(),
      /** Hours without rain after it was put on. */
      rainSafe: hours,
      /** Hours at the reference climate; null for one-part products. */
      potLife: z.number().positive().max(72).nullable(),
      /** Parts of base to one part of hardener, by volume; null for one-part products. */
      hardenerRatio: z.number().min(0.5).max(100, 'At most 100 parts to one. Check the tin.').nullable(),
      /** Minutes that a mixed pot stands before use; null for none. */
      induction: z.number().min(0).max(120).nullable(),
      /** kg/L, of the paint or the base. */
      density: z.number().min(0.6, 'Must be 0.6 to 3 kg/L.').max(3, 'Must be 0.6 to 3 kg/L.'),
      hardenerDensity: z.number().min(0.6).max(3).nullable(),
      thinner: z.enum(THINNERS),
      /** % of its volume. */
      mostThinning: z.number().min(0).max(30),
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
      /** What its tin names first, what it will also do, and what the tin says that it is not for. */
      madeFor: uses(),
      willDo: uses(),
      willNot: uses(),
      sheens: z.array(z.enum(SHEENS)).max(4),
      /** How well the cured film stands hands and knocks, from 1 to 5: a judgement, to be changed by experience. */
      toughness: z.number().int().min(1).max(5),
      spoiledByPhosphate: z.boolean(),
      tins: z
        .array(z.object({ litres: z.number().positive().max(50), price: z.number().nonnegative().max(10000) }))
        .min(1, 'Add at least one tin size.')
        .max(8),
      /** Hours to recoat that the tin states at other temperatures: two or more are fitted. */
      recoatAt: z.array(z.object({ temperature: z.number().min(-10).max(50), hours })).max(6),
    })
    .superRefine((stated, context) => {
      for (const { path, message } of contradictionsIn(stated)) context.addIssue({ code: 'custom', path, message });
    }),
);
export type Coating = z.infer<typeof coatingSchema>;

type Figures = Pick<
  Coating,
  'hours' | 'recoatMax' | 'recoatAt' | 'potLife' | 'hardenerRatio' | 'minTemperature' | 'maxTemperature'
>;

/** What can't be true of a tin at once, each with the figure that it is told at. */
function contradictionsIn(stated: Figures): { path: string[]; message: string }[] {
  const { hours: dries, recoatMax, recoatAt, potLife, hardenerRatio, minTemperature, maxTemperature } = stated;
  const fit = fitHours(recoatAt);
  const found: [boolean, string, string][] = [
    [
      hardenerRatio !== null && potLife === null,
      'potLife',
      'Two-part products need a pot life. Add its hours, or remove the hardener.',
    ],
    [
      maxTemperature <= minTemperature,
      'maxTemperature',
      `Maximum ${maxTemperature} °C must be above minimum ${minTemperature} °C. Check the tin.`,
    ],
    [
      recoatMax !== null && recoatMax < dries.recoat,
      'recoatMax',
      `The recoat window closes (${recoatMax ?? 0} h) before it opens (${dries.recoat} h). Check the tin.`,
    ],
    [
      recoatAt.length >= 2 && (fit === null || fit.slope <= 0),
      'recoatAt',
      'Enter recoat hours at two or more temperatures. Warmer must be shorter.',
    ],
  ];
  const reached = DRYING_STAGES.flatMap((stage) => (dries[stage] === null ? [] : [{ stage, after: dries[stage] }]));
  const early = reached.findIndex(({ after }, index) => after < (reached[index - 1]?.after ?? 0));
  const [before, stage] = [reached[early - 1], reached[early]];
  return [
    ...found.flatMap(([isSo, figure, message]) => (isSo ? [{ path: [figure], message }] : [])),
    ...(before && stage
      ? [
          {
            path: ['hours', stage.stage],
            message: `“${stage.stage}” (${stage.after} h) must come after “${before.stage}” (${before.after} h). Check the tin.`,
          },
        ]
      : []),
  ];
}

/** What a coating is unless its entry says otherwise. */
export const USUAL_COATING = {
  ...AS_DEFAULT,
  maxTemperature: 35,
  notInSun: true,
  rainSafe: 4,
  potLife: null,
  hardenerRatio: null,
  induction: null,
  density: 1.25,
  hardenerDensity: null,
  thinner: 'water',
  mostThinning: 10,
  recoatMax: null,
  recoatAt: [],
  blocksStains: false,
  spoiledByPhosphate: false,
  selfPriming: false,
  clear: false,
  sprayOnly: false,
  spotsOutside: false,
  darkOnPlastic: false,
  sheens: [],
  madeFor: [],
  willDo: [],
  willNot: [],
  toughness: 3,
} satisfies Partial<Coating>;

/** A coating from what is particular about it; whatever is not stated is usual. */
export const usualCoating = (stated: Omit<Coating, keyof typeof USUAL_COATING> & Partial<Coating>): Coating => ({
  ...USUAL_COATING,
  ...stated,
});
