import { slowerWords } from '../../../core/units/comparison.ts';
import { capital, counted } from '../../../core/units/sentence.ts';
import { shortName } from '../../../core/shelf/entry.ts';
import Box from '@mui/material/Box';
import { memo, useMemo } from 'react';
import { PACE_NAMES } from '../../../core/job/document/crew-schema.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import { learntDrying } from '../../../core/steps/wetness/learnt-drying.ts';
import { learntPaces } from '../../../core/steps/learnt-paces.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Fold } from '../../parts/Fold.tsx';
import { Link } from '../../parts/Link.tsx';

const NOTICED = 0.05;

/** What the log has taught so far, and that the estimates go by it. */
export const Learnt = memo(function Learnt({ problem }: { problem: JobSteps }) {
  const job = useJob();
  const localise = useLocalise();
  const lines = useMemo(() => {
    const paces = [...learntPaces(job).learnt].flatMap(([key, { factor, entries }]) =>
      Math.abs(factor - 1) < NOTICED
        ? []
        : [`${PACE_NAMES[key]}: ${slowerWords(factor)} than standard, ${entries} timed`],
    );
    const drying = [...learntDrying(job, problem.clocks).values()].flatMap(({ factor, observations }) => {
      const coating = observations[0] && shortName(observations[0].step.coat.coating);
      return coating === undefined || Math.abs(factor - 1) < NOTICED
        ? []
        : [`${capital(coating)}: ${slowerWords(factor)} to dry, ${counted(observations.length, 'check')}`];
    });
    return [...paces, ...drying];
  }, [job, problem.clocks]);
  if (lines.length === 0) return null;
  return (
    <Box sx={{ mt: 1.5 }}>
      <Fold title="Learnt from your log" summary={counted(lines.length, 'figure')}>
        <Box component="ul" sx={{ fontSize: 14.5, display: 'grid', gap: 0.5 }}>
          {lines.map((line) => (
            <li key={line}>{localise(line)}</li>
          ))}
        </Box>
        <Link to={{ stage: 'handover', jobId: job.id, view: 'real' }}>Planned v actual</Link>
      </Fold>
    </Box>
  );
});
