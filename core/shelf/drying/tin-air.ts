import type { Air } from '../../air/climate.ts';

/** The air for which tins state their hours, unless they say otherwise. */
export const TIN_AIR: Air = { temperature: 23, humidity: 50 };
