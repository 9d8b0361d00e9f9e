import type { TestOutcome } from '../../../core/choosing/surer.ts';
import { counted, listed } from '../../../core/units/sentence.ts';

/** Below these a difference is not worth a word. */
const LEAST = { days: 0.5, hours: 0.5, money: 5 } as const;

const difference = (value: number, words: string): string => `${words} ${value > 0 ? 'more' : 'less'}`;

/** What a result of a test would change, as in “these coats would fail: 5 h more”. */
export function outcomeWords({ fails, name, more }: TestOutcome, currency: string): string {
  if (name === null) return 'nothing on the shelf would hold';
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency, maximumFractionDigits: 0 });
  const parts = [
    ...(more.coats === 0 ? [] : [difference(more.coats, counted(Math.abs(more.coats), 'coat'))]),
    ...(Math.abs(more.days) < LEAST.days
      ? []
      : [difference(more.days, counted(Math.round(Math.abs(more.days) * 2) / 2, 'day'))]),
    ...(Math.abs(more.hours) < LEAST.hours ? [] : [difference(more.hours, `${Math.round(Math.abs(more.hours))} h`)]),
    ...(Math.abs(more.money) < LEAST.money ? [] : [difference(more.money, money.format(Math.abs(more.money)))]),
  ];
  const change = parts.length > 0 ? listed(parts) : 'other preparation, about the same time';
  return fails ? `these coats would be at risk. Then ${change}` : change;
}
