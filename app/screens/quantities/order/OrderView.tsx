import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { isChosen } from '../../../../core/build-up/coat-stack.ts';
import { GUN_IDS, type Gun } from '../../../../core/shelf/tools.ts';
import { consumableNeeds } from '../../../../core/quantities/consumables.ts';
import { productNeeds } from '../../../../core/quantities/litres.ts';
import { writeOrderCsv } from '../../../../core/exchange/order-csv.ts';
import { download } from '../../../device/download.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { anyNumber } from '../../../parts/fields/number-field.ts';
import { goTo } from '../../../device/route.ts';
import { Section } from '../../../parts/Section.tsx';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
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
              <Typography sx={{ fontSize: 16, flex: 1 }}>
                <strong>{money.format(total)}</strong>{' '}
                {areAllStated ? 'at the prices that you stated' : 'default prices where you stated none'}
              </Typography>
              <StatedField
                label="Boxing bucket"
                unit="L"
                text={String(job.mixing.bucket)}
                draft={`${job.id}/bucket`}
                sx={{ width: 130 }}
                take={(typed) => {
                  const bucket = anyNumber(typed, 0.5, 200);
                  return bucket.ok
                    ? apply('change-mixing', { bucket: bucket.value }, { strokes: 'bucket', quiet: true })
                    : bucket;
                }}
              />
              <TextField
                select
                label="Gun"
                value={job.mixing.gun}
                onChange={(event) => apply('change-mixing', { gun: event.target.value as Gun })}
                sx={{ width: 150 }}
              >
                {GUN_IDS.map((gun) => (
                  <MenuItem key={gun} value={gun}>
                    {gun}
                  </MenuItem>
                ))}
              </TextField>
              <Button onClick={() => download('order.csv', writeOrderCsv(job), 'text/csv')}>CSV out</Button>
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
        <Section
          title="Used up beside paint"
          aside={<Typography sx={{ fontSize: 16 }}>{money.format(used)}</Typography>}
        >
          <ConsumableTable needs={consumables} money={money} />
        </Section>
      )}
    </>
  );
}
