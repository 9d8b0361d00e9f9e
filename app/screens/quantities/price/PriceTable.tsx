import type { Price } from '../../../../core/pricing/price.ts';
import { priceAccount } from '../../../../core/pricing/price-account.ts';
import { How } from '../../../parts/How.tsx';
import Box from '@mui/material/Box';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';
import { hoursOfWork } from '../../../../core/units/measures.ts';

/** What goes into the price, line by line. */
export function PriceTable({ price, money }: { price: Price; money: Intl.NumberFormat }) {
  const localise = useLocalise();
  const job = useJob();
  const rows: [string, number, string][] = [
    [
      'Labour',
      price.labour,
      `${hoursOfWork(price.handsOn)} hands-on + ${hoursOfWork(price.overhead)} travel and collection`,
    ],
    ['Tins', price.tins, 'whole tins'],
    ['Sundries', price.consumables, 'sleeves, sheets, tape, by the pack'],
    ['Margin', price.margin, `${job.pricing.margin}% on everything`],
    ['Net', price.net, ''],
    ['Tax', price.tax, job.pricing.tax === 0 ? 'not set' : `${job.pricing.tax}%, as set`],
  ];
  return (
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
            <th scope="row">{localise(name)}</th>
            <Box component="td" sx={{ color: 'var(--ink-soft)' }}>
              {localise(how)}
            </Box>
            <td>{money.format(value)}</td>
          </Box>
        ))}
      </tbody>
      <tfoot>
        <Box component="tr" className="condensed" sx={{ fontSize: 24 }}>
          <th scope="row">Total</th>
          <td>
            <How
              of={`Total ${money.format(price.gross)}`}
              lines={() => priceAccount(job, price, (amount) => money.format(amount))}
              page="quantities#how-a-price-comes-about"
            />
          </td>
          <td>{money.format(price.gross)}</td>
        </Box>
      </tfoot>
    </Box>
  );
}
