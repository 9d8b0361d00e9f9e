import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { isChosen } from '../../../core/build-up/coat-stack.ts';
import { productNeeds } from '../../../core/quantities/litres.ts';
import { DoubtBar } from '../../ui/DoubtBar.tsx';
import { WalkFirst } from '../../ui/WalkFirst.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { goTo } from '../../ui/route.ts';
import { Section } from '../../ui/Section.tsx';
import { AreaTable } from './AreaTable.tsx';
import { NeedCard } from './NeedCard.tsx';

/** Areas from the geometry, litres of every product, and the cheapest tins that hold them. */
export default function Quantities() {
  const { job, say } = useJob();
  const needs = productNeeds(job);
  const without = job.groups.filter((group) => !isChosen(group));
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency: job.settings.currency });
  const total = needs.reduce((sum, need) => sum + need.tins.cost, 0);
  const areAllStated = needs.every((need) => job.shelf.coatings.some(({ id }) => id === need.product));
  if (job.pieces.length === 0) {
    return (
      <WalkFirst title="Nothing to measure yet">Areas and litres come from the pieces and their build-ups.</WalkFirst>
    );
  }
  return (
    <Box>
      <DoubtBar rests="This order" />
      <Section
        title={say('Tins to buy')}
        aside={
          needs.length > 0 && (
            <Typography sx={{ fontSize: 16 }}>
              <strong>{money.format(total)}</strong>{' '}
              {areAllStated ? 'at the prices that you stated' : 'default prices where you stated none'}
            </Typography>
          )
        }
      >
        {without.length > 0 && (
          <Typography sx={{ mb: 1.5, color: 'var(--tacky)', fontWeight: 650 }}>
            Not counted: {without.map((group) => group.name).join('; ')}. Choose{' '}
            {without.length === 1 ? 'its' : 'their'} build-up first.{' '}
            <Button size="small" onClick={() => goTo({ stage: 'build-up', jobId: job.id })}>
              Choose
            </Button>
          </Typography>
        )}
        <Box component="ul" sx={{ display: 'grid', gap: 1.5 }}>
          {needs.map((need) => (
            <NeedCard key={`${need.product}/${need.colour?.hex ?? ''}`} need={need} money={money} />
          ))}
        </Box>
      </Section>
      <Section title="Areas, as painted">
        <AreaTable />
      </Section>
    </Box>
  );
}
