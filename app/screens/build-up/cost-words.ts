import type { Weights } from '../../../core/job/document/group-schema.ts';
import type { Cost } from '../../../core/choosing/weigh.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { counted } from '../../../core/units/sentence.ts';
import { useJob } from '../../open-job/use-job.ts';

const DAY = 24 * 60;

/** Names for one and for several. */
const MORE = {
  risk: { one: 'more risk', several: 'more risks' },
  coats: { one: 'more coat', several: 'more coats' },
  smell: { one: 'more smelly product', several: 'more smelly products' },
} as const;

interface CostWords {
  /** The figures that a painter looks at first. */
  figures(cost: Cost): { name: string; value: string }[];
  /** One figure. */
  value(criterion: keyof Weights, amount: number): string;
  /** How much more it is than the best: “14 € more paint”. */
  more(criterion: keyof Weights, amount: number): string;
}

/** What a build-up costs, in words and in the job's currency. */
export const useCostWords = (): CostWords => costWords(useJob().settings.currency);

/** What a build-up costs, in words and in a currency by its three letters. */
export function costWords(currency: string): CostWords {
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency, maximumFractionDigits: 0 });
  const value = (criterion: keyof Weights, amount: number): string => {
    if (criterion === 'money') return money.format(amount);
    if (criterion === 'days') return Number.isFinite(amount) ? amount.toFixed(1) : 'never';
    if (criterion === 'hours' || criterion === 'dust') return formatDuration(amount * 60);
    if (criterion === 'toughness') return `${amount}/5`;
    if (criterion === 'smell' && amount > 0) return counted(amount, 'product', 'products');
    return amount === 0 ? 'none' : String(amount);
  };
  return {
    value,
    figures: (cost) => [
      { name: 'days to hanging', value: value('days', cost.days) },
      { name: 'labour', value: value('hours', cost.hours) },
      { name: 'paint', value: value('money', cost.money) },
      { name: cost.coats === 1 ? 'coat' : 'coats', value: value('coats', cost.coats) },
    ],
    more: (criterion, amount) => {
      if (criterion === 'money') return `${money.format(amount)} more paint`;
      if (criterion === 'days') return Number.isFinite(amount) ? `${formatDuration(amount * DAY)} longer` : 'won’t dry';
      if (criterion === 'hours') return `${formatDuration(amount * 60)} more work`;
      if (criterion === 'dust') return `${formatDuration(amount * 60)} more sanding`;
      if (criterion === 'toughness') return `${amount} less tough`;
      return counted(amount, MORE[criterion].one, MORE[criterion].several);
    },
  };
}
