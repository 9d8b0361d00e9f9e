import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useMemo, useState } from 'react';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { bucketsOf } from '../../../core/running/tins-in-use.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';
import { AddIcon } from '../../drawing/icons.tsx';
import { OpenTinDialog } from './OpenTinDialog.tsx';
import { TinCard } from './TinCard.tsx';

/** The tins that are open: what is in them, how far each will go, and a new one. */
export const Tins = memo(function Tins({ reading }: { reading: PlanReading }) {
  const localise = useLocalise();
  const job = useJob();
  const [isOpening, setIsOpening] = useState(false);
  const buckets = useMemo(() => bucketsOf(job, reading), [job, reading]);
  return (
    <Sheet pad={0}>
      {buckets.length === 0 && (
        <Typography sx={{ px: 2, pt: 2, color: 'var(--ink-soft)' }}>
          {localise('No tins open. Open one and each coat logs its batch for you.')}
        </Typography>
      )}
      <Box component="ul" aria-label={localise('Open tins')}>
        {buckets.map((bucket) => (
          <TinCard key={bucket.tins[0]?.id} bucket={bucket} t0={reading.t0} />
        ))}
      </Box>
      <Box sx={{ p: 1.5 }}>
        <Button variant="outlined" startIcon={<AddIcon />} sx={{ minHeight: 48 }} onClick={() => setIsOpening(true)}>
          {localise('Open a tin')}
        </Button>
      </Box>
      {isOpening && <OpenTinDialog buckets={buckets} reading={reading} onClose={() => setIsOpening(false)} />}
    </Sheet>
  );
});
