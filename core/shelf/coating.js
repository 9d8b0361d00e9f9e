import { z } from 'zod';
import { DRYING_KIND_IDS } from './drying/registry.ts';
/** The stages of a drying coat, in the order in which they are reached. */
export const STAGES = ['touch', 'handle', 'recoat', 'rehang', 'close', 'wash', 'full'];
const hours = z.number().positive().max(5000);
/** A coating as its tin states it: hours at the reference climate (23 °C, 50 % RH), °C, %, µm, minutes, litres. */
export const coatingSchema = z
  .object({
    id: z.string().min(1).max(60),
    name: z.string().min(1).max(80),
    role: z.enum(['primer', 'topcoat', 'sealer']),
    /** The binder decides what it sticks to and what sticks to it. */
    family: z.enum(['acrylic', 'alkyd-waterborne', 'oil', 'shellac', 'two-part', 'mineral']),
    exposure: z.enum(['inside', 'outside', 'both']),
    /** First kind to touch dry, then the other where there are two. */
    drying: z.array(z.enum(DRYING_KIND_IDS)).min(1).max(2),
    volumeSolids: z.number().min(5).max(100),
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
    spoiledByPhosphate: z.boolean(),
    tins: z
      .array(z.object({ litres: z.number().positive().max(50), price: z.number().nonnegative().max(10000) }))
      .min(1),
    /** Short cautions at the point of decision; each defers to the safety sheet and local rules. */
    cautions: z.array(z.string().max(300)),
    note: z.string().max(300),
  })
  .superRefine(({ hours: stated }, context) => {
    let before = null;
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
