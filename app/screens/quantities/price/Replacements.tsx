import { inSentence } from '../../../../core/units/sentence.ts';
import { TableHead, figures } from '../../../parts/TableHead.tsx';
import { replacementsOf, type Price } from '../../../../core/pricing/price.ts';
import { useMemo } from 'react';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import { Section } from '../../../parts/Section.tsx';
import { StatedField } from '../../../parts/fields/StatedField.tsx';

const right = { textAlign: 'right' } as const;

/** Whether a new one would be cheaper, kind by kind. */
export function Replacements({ price, money }: { price: Price; money: Intl.NumberFormat }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const replacements = useMemo(() => replacementsOf(job, price), [job, price]);
  const { currency } = job.settings;
  return (
    <Section title="Refinish or replace">
      <ListTable>
        <TableHead
          columns={['Kind', figures('Pieces'), figures('Refinish one'), 'New, fitted and painted', 'Cheaper']}
        />
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
                  label={`New: ${inSentence(localise(name))}`}
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
                  <span style={{ color: 'var(--ink-soft)' }}>enter cost of new</span>
                ) : refinish <= replace ? (
                  <strong>refinish – saves {money.format(replace - refinish)}</strong>
                ) : (
                  <strong>replace – saves {money.format(refinish - replace)}</strong>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </ListTable>
    </Section>
  );
}
