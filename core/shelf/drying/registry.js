import { evaporating } from './evaporating.ts';
import { oxidising } from './oxidising.ts';
import { reacting } from './reacting.ts';
import { solvent } from './solvent.ts';
/** Every drying kind. To add one, write its file and list it here. */
export const DRYING_KINDS = { evaporating, solvent, oxidising, reacting };
export const DRYING_KIND_IDS = Object.keys(DRYING_KINDS);
