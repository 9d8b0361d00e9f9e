import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { priceOf, replacementsOf } from '../../../../core/pricing/price.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import { Section, Sheet } from '../../../parts/Section.tsx';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
import { QuotationButton } from './Quotation.tsx';

const right = { textAlign: 'right' } as const;
const RATES = [
  ['hourlyRate', 'For an hour', 1_000_000],
  ['overhead', 'Driving and fetching', 200],
  ['margin', 'Margin', 200],
  ['tax', 'Tax', 200],
] as const;

/** What the job costs and what is asked for it; and whether a new one would be cheaper. */
export function PriceView() {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const price = useMemo(() => priceOf(job), [job]);
  const replacements = useMemo(() => replacementsOf(job, price), [job, price]);
  const { currency } = job.settings;
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
  // Hours of work, not of the clock: days would be misread.
  const hours = (value: number): string => {
    const minutes = Math.round(value * 60);
    return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
  };
  const rows: [string, number, string][] = [
    ['Labour', price.labour, `${hours(price.handsOn)} hands-on and ${hours(price.overhead)} besides`],
    ['Tins', price.tins, 'as they are bought'],
    ['Used up', price.consumables, 'sleeves, sheets, tape and the rest, by the pack'],
    ['Margin', price.margin, `${job.pricing.margin} % on all of it`],
    ['Net', price.net, ''],
    ['Tax', price.tax, job.pricing.tax === 0 ? 'none is stated' : `${job.pricing.tax} %, as typed`],
  ];
  return (
    <Box sx={{ maxWidth: 980 }}>
      <Section title="The price" aside={<QuotationButton price={price} money={money} />}>
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
          <Box
            component="table"
            sx={{
              width: '100%',
              borderCollapse: 'collapse',
              fontSize: 16,
              '& th': { textAlign: 'left', fontWeight: 'inherit', pr: 3 },
              '& td, & th': { py: 0.4 },
              '& td:last-child': { textAlign: 'right' },
              '& tfoot th, & tfoot td': { borderTop: '2px solid var(--ink)', pt: 1 },
            }}
          >
            <tbody>
              {rows.map(([name, value, how]) => (
                <Box component="tr" key={name} sx={{ fontWeight: name === 'Net' ? 700 : 400 }}>
                  <th scope="row">{name}</th>
                  <Box component="td" sx={{ color: 'var(--ink-soft)' }}>
                    {how}
                  </Box>
                  <td>{money.format(value)}</td>
                </Box>
              ))}
            </tbody>
            <tfoot>
              <Box component="tr" className="condensed" sx={{ fontSize: 24 }}>
                <th scope="row">Comes to</th>
                <td />
                <td>{money.format(price.gross)}</td>
              </Box>
            </tfoot>
          </Box>
        </Sheet>
      </Section>
      <Section title="Hours, by what is done">
        <Box component="ul" sx={{ display: 'grid', gap: 0.75 }}>
          {price.hours.map((entry) => (
            <Box
              component="li"
              key={entry.what}
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr auto', sm: '290px 1fr auto' },
                gap: 2,
                alignItems: 'center',
              }}
            >
              <span>{entry.what}</span>
              <Box
                aria-hidden
                sx={{ height: 12, borderRadius: 6, background: 'var(--line)', display: { xs: 'none', sm: 'block' } }}
              >
                <Box
                  sx={{
                    height: 12,
                    borderRadius: 6,
                    width: `${(100 * entry.hours) / price.handsOn}%`,
                    background: 'var(--vial-deep)',
                  }}
                />
              </Box>
              <strong>{hours(entry.hours)}</strong>
            </Box>
          ))}
        </Box>
      </Section>
      <Section title="Refinish, or replace?">
        <ListTable>
          <thead>
            <tr>
              <th scope="col">Kind</th>
              <th scope="col" style={right}>
                Pieces
              </th>
              <th scope="col" style={right}>
                Refinish one
              </th>
              <th scope="col">A new one, fitted and painted</th>
              <th scope="col">Cheaper</th>
            </tr>
          </thead>
          <tbody>
            {replacements.map(({ kind, name, pieces, refinish, replace }) => (
              <tr key={kind}>
                <th scope="row" style={{ fontWeight: 600 }}>
                  {localise(name)}
                </th>
                <td style={right}>{pieces}</td>
                <td style={right}>{money.format(refinish)}</td>
                <td>
                  <StatedField
                    label={`New: ${localise(name).toLowerCase()}`}
                    unit={currency}
                    text={replace === null ? '' : String(replace)}
                    draft={`${job.id}/replace/${kind}`}
                    sx={{ width: 250 }}
                    slotProps={{ inputLabel: { shrink: true } }}
                    take={(typed) => {
                      const state = (price: number | null) =>
                        apply(
                          'change-pricing',
                          { replacements: { [kind]: price } },
                          { strokes: `replace/${kind}`, quiet: true },
                        );
                      if (typed.trim() === '') return state(null);
                      const read = anyNumber(typed, 0, 1_000_000);
                      return read.ok ? state(read.value) : read;
                    }}
                  />
                </td>
                <td>
                  {replace === null ? (
                    <span style={{ color: 'var(--ink-soft)' }}>state what a new one costs</span>
                  ) : refinish <= replace ? (
                    <strong>refinish, by {money.format(replace - refinish)}</strong>
                  ) : (
                    <strong>replace, by {money.format(refinish - replace)}</strong>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </ListTable>
      </Section>
    </Box>
  );
}
