import { inSentence } from '../../../../core/units/sentence.ts';
import { TableHead, figures } from '../../../parts/TableHead.tsx';
import type { ConsumableNeed } from '../../../../core/quantities/consumables.ts';
import type { Outcome } from '../../../../core/units/outcome.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import { StatedField } from '../../../parts/fields/StatedField.tsx';

/** What a pack holds, in the stored unit of what it is counted in. */
const PACK = [0.1, 10_000] as const;

const right = { textAlign: 'right' } as const;

/** Sleeves, sheets, tape and the rest: how many, in which packs, at what price. */
export function ConsumableTable({ needs, money }: { needs: readonly ConsumableNeed[]; money: Intl.NumberFormat }) {
  const localise = useLocalise();
  const job = useJob();
  const { apply } = useCommands();
  const { units } = job.settings;
  const state = ({ id, pack, isStated }: ConsumableNeed, facts: Partial<ConsumableNeed['pack']>): Outcome<unknown> =>
    apply(
      'change-pricing',
      { packs: { [id]: isStated ? facts : { ...pack, ...facts } } },
      { strokes: `pack/${id}`, quiet: true },
    );
  return (
    <ListTable>
      <TableHead
        columns={['Item', figures('Needed'), 'Per pack', 'Price per pack', figures('Packs'), figures('Total')]}
      />
      <tbody>
        {needs.map((need) => {
          const { id, name, measure, why, needed, pack, isStated, packs, cost } = need;
          return (
            <tr key={id}>
              <th scope="row" style={{ fontWeight: 600, whiteSpace: 'normal' }}>
                {localise(name)}
                <span style={{ display: 'block', fontWeight: 400, fontSize: 13, color: 'var(--ink-soft)' }}>
                  {localise(why)}
                  {isStated ? '' : ' (default pack and price)'}
                </span>
              </th>
              <td style={right}>{measure?.format(needed, units) ?? needed}</td>
              <td>
                <StatedField
                  label={`Pack of ${inSentence(name)}`}
                  {...(measure ? { unit: measure.unit(units) } : {})}
                  text={String(measure?.fieldValue(pack.count, units) ?? pack.count)}
                  draft={`${job.id}/pack/${id}/count`}
                  sx={{ width: 110 }}
                  take={(typed) => {
                    const count = measure?.read(typed, PACK, units) ?? anyNumber(typed, ...PACK);
                    return count.ok ? state(need, { count: count.value }) : count;
                  }}
                />
              </td>
              <td>
                <StatedField
                  label={`Price of ${inSentence(name)}`}
                  unit={job.settings.currency}
                  text={String(pack.price)}
                  draft={`${job.id}/pack/${id}/price`}
                  sx={{ width: 130 }}
                  take={(typed) => {
                    const price = anyNumber(typed, 0, 1_000_000);
                    return price.ok ? state(need, { price: price.value }) : price;
                  }}
                />
              </td>
              <td style={right}>{packs}</td>
              <td style={right}>{money.format(cost)}</td>
            </tr>
          );
        })}
      </tbody>
    </ListTable>
  );
}
