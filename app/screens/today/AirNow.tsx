import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { dewPoint } from '../../../core/air/humidity.ts';
import { climateOf, placeOf } from '../../../core/job/queries/places.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import { TEMPERATURE } from '../../../core/units/measures.ts';
import { useJob } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';

/** The air where pieces dry, as the job's climate has it for this hour. */
export const AirNow = memo(function AirNow({ problem, at }: { problem: JobSteps; at: number }) {
  const job = useJob();
  const { climateId } = placeOf(job, 'rack');
  const air = problem.clocks.air(climateId).at(Math.floor(at / 60));
  if (!air) return null;
  const { units } = job.settings;
  return (
    <Box
      sx={{ fontSize: 15, color: 'var(--ink-soft)', display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}
    >
      <span>
        {climateOf(job, climateId)?.name}:{' '}
        <strong style={{ color: 'var(--ink)' }}>{TEMPERATURE.format(air.temperature, units)}</strong> ·{' '}
        {Math.round(air.humidity)}% RH · dew point {TEMPERATURE.format(dewPoint(air.temperature, air.humidity), units)}
      </span>
      <Button sx={{ minHeight: 44 }} onClick={() => goTo({ stage: 'conditions', jobId: job.id, view: 'instruments' })}>
        Log a reading
      </Button>
    </Box>
  );
});
