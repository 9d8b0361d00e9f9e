import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { priceOf } from '../../../../core/pricing/price.ts';
import { useCommands, useJob } from '../../../open-job/use-job.ts';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import { Section, Sheet } from '../../../parts/Section.tsx';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
import { QuotationButton } from './Quotation.tsx';
import { HoursByWork } from './HoursByWork.tsx';
import { PriceTable } from './PriceTable.tsx';
import { Replacements } from './Replacements.tsx';

const RATES = [
  ['hourlyRate', 'Hourly rate', 1_000_000],
  ['overhead', 'Travel and collection', 200],
  ['margin', 'Margin', 200],
  ['tax', 'Tax', 200],
] as const;

/** What the job costs and what is asked for it; and whether a new one would be cheaper. */
export function PriceView() {
  const job = useJob();
  const { apply } = useCommands();
  const price = useMemo(() => priceOf(job), [job]);
  const { currency } = job.settings;
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
  return (
    <Box sx={{ maxWidth: 980 }}>
      <Section title="Price" aside={<QuotationButton price={price} money={money} />}>
        <Sheet>
          <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', mb: 2 }}>
            {RATES.map(([key, label, most]) => (
              <StatedField
                key={key}
                label={label}
                unit={key === 'hourlyRate' ? currency : '%'}
                text={String(job.pricing[key])}
                draft={`${job.id}/pricing/${key}`}
                sx={{ width: 175 }}
                take={(typed) => {
                  const read = anyNumber(typed, 0, most);
                  return read.ok ? apply('change-pricing', { [key]: read.value }, { strokes: key, quiet: true }) : read;
                }}
              />
            ))}
          </Box>
          <PriceTable price={price} money={money} />
        </Sheet>
      </Section>
      <HoursByWork price={price} />
      <Replacements price={price} money={money} />
    </Box>
  );
}
