import { mixingSchema, pricingSchema } from '../document/buying-schema.ts';
import { section } from './section.ts';

/** Changes the bucket in which tins are boxed, or the least that can be measured. */
export const changeMixing = section('mixing', mixingSchema, (changed) => `Changed mixing: ${changed}`);

/** Changes rates, shares and prices. */
export const changePricing = section('pricing', pricingSchema, (changed) => `Changed the price: ${changed}`);
