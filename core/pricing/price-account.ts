import type { Job } from '../job/document/schema.ts';
import { crewPaceWords } from '../quantities/pace.ts';
import { hoursOfWork } from '../units/measures.ts';
import { counted } from '../units/sentence.ts';
import { productNeeds } from '../quantities/litres.ts';
import type { Price } from './price.ts';

/** How the price of a job came about, from hours to tax; `money` writes amounts. The amounts after “is” add up to it. */
export function priceAccount(job: Job, price: Price, money: (amount: number) => string): string[] {
  const { hourlyRate, margin, tax } = job.pricing;
  const tins = productNeeds(job).reduce((sum, need) => sum + need.tins.best.tins.length, 0);
  return [
    ...price.hours.map(({ what, hours }) => `${what}: ${hoursOfWork(hours)}.`),
    `Your crew: ${crewPaceWords(job.crew)}.`,
    `Labour: ${hoursOfWork(price.handsOn)}, and ${hoursOfWork(price.overhead)} for travel and collection, at ${money(hourlyRate)} an hour is ${money(price.labour)}.`,
    `${counted(tins, 'tin')}, whole and at the stated prices, is ${money(price.tins)}.`,
    `Sundries, by the pack, is ${money(price.consumables)}.`,
    `Margin: ${margin}% of ${money(price.cost)} is ${money(price.margin)}.`,
    `Tax: ${tax}% of ${money(price.net)} is ${money(price.tax)}.`,
  ];
}
