import { nanoid } from 'nanoid';
import { inStock, litresOf } from '../../../../core/job/queries/stock.ts';
import type { ProductNeed } from '../../../../core/quantities/litres.ts';
import { VOLUME } from '../../../../core/units/measures.ts';
import { accepted, type Outcome } from '../../../../core/units/outcome.ts';
import { useCommands, useJob } from '../../../open-job/use-job.ts';
import { MeasureField } from '../../../parts/fields/MeasureField.tsx';

/** What of a product is in the van or in the house: it is used up before anything is bought. */
export function InStock({ need: { product, colour } }: { need: ProductNeed }) {
  const job = useJob();
  const { apply } = useCommands();
  const hex = colour?.hex.toLowerCase() ?? null;
  const [first, ...others] = inStock(job, product, hex);
  const state = (litres: number): Outcome<unknown> => {
    for (const { id } of others) apply('remove-stock', { id }, { quiet: true });
    const options = { strokes: `stock/${product}/${hex ?? ''}`, quiet: true };
    if (litres === 0) return first ? apply('remove-stock', { id: first.id }, options) : accepted(null);
    return first
      ? apply('change-stock', { id: first.id, facts: { litres } }, options)
      : apply('add-stock', { entry: { id: nanoid(10), product, hex, litres } }, options);
  };
  return (
    <MeasureField
      label="In stock"
      measure={VOLUME}
      value={first ? litresOf([first, ...others]) : 0}
      limits={[0, 1000]}
      draft={`${job.id}/stock/${product}/${hex ?? ''}`}
      sx={{ width: 130, mt: 1.25 }}
      take={state}
    />
  );
}
