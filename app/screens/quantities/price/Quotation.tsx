import { formatMoment } from '../../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { PrintDialog } from '../../../parts/PrintDialog.tsx';
import { isChosen } from '../../../../core/build-up/coat-stack.ts';
import { coatingOf } from '../../../../core/job/queries/shelf.ts';
import type { BuildUp } from '../../../../core/job/document/group-schema.ts';
import type { Job } from '../../../../core/job/document/schema.ts';
import type { Price } from '../../../../core/pricing/price.ts';
import { useJob, useLocalise, useNow } from '../../../open-job/use-job.ts';

/** Shows and prints the quotation. */
export function QuotationButton({ price, money }: { price: Price; money: Intl.NumberFormat }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="contained" onClick={() => setOpen(true)}>
        Quotation
      </Button>
      <PrintDialog open={open} fullWidth title="Quotation" onClose={() => setOpen(false)}>
        <Quotation price={price} money={money} />
      </PrintDialog>
    </>
  );
}

/** What the customer gets: the rooms and their prices, what goes onto what, and what is not in it. */
function Quotation({ price, money }: { price: Price; money: Intl.NumberFormat }) {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const { tax } = job.pricing;
  return (
    <Box
      sx={{
        fontSize: 15,
        '& td, & th': { textAlign: 'left', py: 0.5, pr: 2, verticalAlign: 'top' },
        '& .money': { textAlign: 'right', pr: 0 },
      }}
    >
      <Box component="h2" sx={{ fontSize: 24, m: 0 }}>
        {job.name}
      </Box>
      <Box sx={{ mb: 2 }}>
        {job.site.place && `${job.site.place}; `}quotation of {formatMoment(now, 'longDate')}
      </Box>
      <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse' }}>
        <thead>
          <tr>
            <th scope="col">Room</th>
            <th scope="col">Pieces</th>
            <th scope="col" className="money">
              Net
            </th>
          </tr>
        </thead>
        <tbody>
          {price.rooms.map(({ room, pieces, net }) => (
            <tr key={room.id}>
              <td>{room.name}</td>
              <td>{pieces}</td>
              <td className="money">{money.format(net)}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" colSpan={2}>
              Net
            </th>
            <td className="money">{money.format(price.net)}</td>
          </tr>
          <tr>
            <th scope="row" colSpan={2}>
              Tax, {tax}%
            </th>
            <td className="money">{money.format(price.tax)}</td>
          </tr>
          <tr>
            <th scope="row" colSpan={2}>
              Total
            </th>
            <td className="money">
              <strong>{money.format(price.gross)}</strong>
            </td>
          </tr>
        </tfoot>
      </Box>
      <h3>Work included</h3>
      <ul>
        {job.groups.filter(isChosen).map(({ id, name, colour, buildUp }) => (
          <li key={id}>{localise(`${name}, ${colour.name}: ${coatsInWords(job, buildUp)}`)}</li>
        ))}
      </ul>
      <p>
        Not included: repairs found once work starts, lead or asbestos found by a test, unlisted walls and ceilings,
        scaffolding. Valid for 30 days.
      </p>
    </Box>
  );
}

/** As in “bonding primer, then 2 × trim enamel”. */
function coatsInWords(job: Job, { coats }: BuildUp): string {
  const products = [...new Set(coats.map(({ product }) => product))];
  return products
    .map((product) => {
      const count = coats.filter((coat) => coat.product === product).length;
      return `${count > 1 ? `${count} × ` : ''}${coatingOf(job, product)?.name ?? product}`;
    })
    .join(', then ');
}
