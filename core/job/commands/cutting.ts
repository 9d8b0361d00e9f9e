import { cuttingSchema } from '../document/schema.ts';
import { section } from './section.ts';

/** Changes the stock that moulding is cut from, the saw's kerf, or what has been cut. */
export const changeCutting = section('cutting', cuttingSchema, (changed) => `Changed the cut list: ${changed}`);
