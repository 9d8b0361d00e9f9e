import { buyLines } from '../../../../core/starting/road.ts';
import { How } from '../../../parts/How.tsx';
import { VOLUME } from '../../../../core/units/measures.ts';
import { MeasureField } from '../../../parts/fields/MeasureField.tsx';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { isChosen } from '../../../../core/build-up/coat-stack.ts';
import { GUN_IDS } from '../../../../core/shelf/tools.ts';
import { consumableNeeds } from '../../../../core/quantities/consumables.ts';
import { productNeeds } from '../../../../core/quantities/litres.ts';
import { writeOrderCsv } from '../../../../core/exchange/order-csv.ts';
import { download } from '../../../device/download.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { goTo } from '../../../device/route.ts';
import { Section } from '../../../parts/Section.tsx';
import { PrintIcon } from '../../../drawing/icons.tsx';
import { ConsumableTable } from './ConsumableTable.tsx';
import { NeedCard } from './NeedCard.tsx';

/** What to buy: the cheapest tins of every product, how they are boxed, and what is used up beside paint. */
export function OrderView() {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const needs = useMemo(() => productNeeds(job), [job]);
  const consumables = useMemo(() => consumableNeeds(job), [job]);
  const without = job.groups.filter((group) => !isChosen(group));
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency: job.settings.currency });
  const total = needs.reduce((sum, need) => sum + need.tins.best.cost, 0);
  const used = consumables.reduce((sum, { cost }) => sum + cost, 0);
  const areAllStated = needs.every((need) => job.shelf.coatings.some(({ id }) => id === need.product));
  return (
    <>
      <Section
        title={localise('Tins to buy')}
        aside={
          needs.length > 0 && (
            <>
              <Typography sx={{ fontSize: 16, flex: { xs: '1 1 100%', sm: 1 } }}>
                <strong>{money.format(total)}</strong> {areAllStated ? 'at your prices' : 'at default prices, or yours'}{' '}
                <How of="Tins to buy" lines={() => buyLines(job)} page="quantities" />
              </Typography>
              <MeasureField
                label="Boxing bucket"
                measure={VOLUME}
                value={job.mixing.bucket}
                limits={[0.5, 200]}
                draft={`${job.id}/bucket`}
                sx={{ width: 130 }}
                take={(bucket) => apply('change-mixing', { bucket }, { strokes: 'bucket', quiet: true })}
              />
              <ChoiceField
                label="Gun"
                value={job.mixing.gun}
                sx={{ width: 150 }}
                choices={GUN_IDS.map((gun) => ({ value: gun, words: gun }))}
                onChange={(chosen) => apply('change-mixing', { gun: chosen })}
              />
              <Button onClick={() => download('order.csv', writeOrderCsv(job), 'text/csv')}>Export CSV</Button>
              <Button startIcon={<PrintIcon />} onClick={() => window.print()}>
                Print
              </Button>
            </>
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
      {consumables.length > 0 && (
        <Section title="Sundries" aside={<Typography sx={{ fontSize: 16 }}>{money.format(used)}</Typography>}>
          <ConsumableTable needs={consumables} money={money} />
        </Section>
      )}
    </>
  );
}
