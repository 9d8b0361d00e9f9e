import { useMemo } from 'react';
import { cleanerOf } from '../../../../core/job/queries/shelf.ts';
import { groupOf } from '../../../../core/job/queries/groups.ts';
import { productNeeds } from '../../../../core/quantities/litres.ts';
import { takeOff } from '../../../../core/quantities/take-off.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { Section } from '../../../parts/Section.tsx';
import { CleanerBucket, type Washed } from './CleanerBucket.tsx';
import { RecipeList } from './RecipeList.tsx';
import { ThinningTable } from './ThinningTable.tsx';
import { TwoPart } from './TwoPart.tsx';

/** Everything that is mixed before it is used: two-part products, thinned paint, the bucket, colours of one's own. */
export function MixesView() {
  const job = useJob();
  const needs = useMemo(() => productNeeds(job), [job]);
  const washed = useMemo((): Washed[] => {
    const byCleaner = new Map<string, Washed>();
    for (const piece of job.pieces) {
      const area = takeOff(piece).reduce((sum, part) => sum + part.area, 0);
      for (const { product } of groupOf(job, piece)?.buildUp?.cleaning ?? []) {
        const cleaner = cleanerOf(job, product);
        if (!cleaner) continue;
        const known = byCleaner.get(product) ?? { cleaner, area: 0 };
        byCleaner.set(product, { cleaner, area: known.area + area });
      }
    }
    return [...byCleaner.values()];
  }, [job]);
  return (
    <>
      <TwoPart needs={needs} />
      <Section title="Thinning">
        <ThinningTable needs={needs} />
      </Section>
      <Section title="Wash mix">
        <CleanerBucket washed={washed} />
      </Section>
      <RecipeList needs={needs} />
    </>
  );
}
