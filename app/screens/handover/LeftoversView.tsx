import { formatMoment } from '../../../core/units/moments.ts';
import { leftAccount } from '../../../core/running/bucket-account.ts';
import { How } from '../../parts/How.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMemo } from 'react';
import { leftPaints, TIN_END_WORDS, type LeftPaint } from '../../../core/handover/leftover-paint.ts';
import type { TinEnd } from '../../../core/job/document/tin-schema.ts';
import { bucketWords } from '../../../core/running/tins-in-use.ts';
import { VOLUME } from '../../../core/units/measures.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { Caution, EmptyState } from '../../parts/Section.tsx';
import { PrintIcon } from '../../drawing/icons.tsx';
import { useJobSteps } from '../../open-job/use-reading.ts';

/** Every rest of paint: its label, and what becomes of it. */
export function LeftoversView() {
  const job = useJob();
  const localise = useLocalise();
  const problem = useJobSteps();
  const rests = useMemo(() => leftPaints(job, problem.clocks), [job, problem.clocks]);
  if (rests.length === 0) {
    return (
      <EmptyState title={localise('No tins logged')}>
        {localise('Log tins on Today and a label for each leftover appears here.')}
      </EmptyState>
    );
  }
  return (
    <Box sx={{ maxWidth: 1100 }}>
      <Box className="no-print" sx={{ mb: 2 }}>
        <Button variant="contained" startIcon={<PrintIcon />} sx={{ minHeight: 48 }} onClick={() => window.print()}>
          Print labels
        </Button>
      </Box>
      <Box component="ul" sx={{ display: 'grid', gap: 2, gridTemplateColumns: { md: '1fr 1fr' } }}>
        {rests.map((rest) => (
          <RestCard key={rest.bucket.tins[0]?.id} rest={rest} />
        ))}
      </Box>
    </Box>
  );
}

/** One rest as its label, and what becomes of it. */
function RestCard({ rest }: { rest: LeftPaint }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { bucket, on, rooms, lastUsed, disposal } = rest;
  const { units } = job.settings;
  const [first] = bucket.tins;
  if (!first) return null;
  const name = capital(localise(bucketWords(bucket)));
  const put = (kind: TinEnd | null, where: string): void => {
    for (const tin of bucket.tins)
      apply(
        'change-tin',
        { id: tin.id, facts: { end: kind === null ? null : { kind, where } } },
        { strokes: `rest/${first.id}` },
      );
  };
  const facts: [string, string][] = [
    ['Batch', bucket.tins.map(({ batch }) => (batch === '' ? 'not recorded' : batch)).join(', ')],
    ['On', `${on}${rooms.length > 0 ? ` (${rooms.join(', ')})` : ''}`],
    ['Last used', lastUsed === null ? 'never' : formatMoment(lastUsed, 'dateOfYear')],
    ['Left', `${VOLUME.format(bucket.left, units)}${bucket.isSeen ? '' : ' (estimated)'}`],
  ];
  return (
    <Box
      component="li"
      aria-label={`Leftover ${name}`}
      sx={{ display: 'grid', gap: 1.5, alignContent: 'start', breakInside: 'avoid' }}
    >
      <Box
        sx={{
          background: '#fff',
          color: '#18292b',
          border: '2px solid #18292b',
          borderRadius: '8px',
          display: 'grid',
          gridTemplateColumns: bucket.hex ? '84px minmax(0, 1fr)' : 'minmax(0, 1fr)',
          overflow: 'hidden',
        }}
      >
        {bucket.hex && <Box aria-hidden sx={{ background: bucket.hex, borderRight: '2px solid #18292b' }} />}
        <Box sx={{ p: 1.5 }}>
          <Box className="condensed" sx={{ fontSize: 22, lineHeight: 1.1, mb: 0.75 }}>
            {name}
          </Box>
          <Box sx={{ fontSize: 14, mb: 0.5 }}>
            {job.name} {bucket.hex && `· ${bucket.hex}`}
          </Box>
          <Box
            component="dl"
            sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto minmax(0, 1fr)', columnGap: 1.5 }}
          >
            {facts.map(([term, words]) => (
              <Box key={term} sx={{ display: 'contents' }}>
                <Box component="dt" sx={{ fontWeight: 700, fontSize: 14 }}>
                  {term}
                </Box>
                <Box component="dd" sx={{ m: 0, fontSize: 14 }}>
                  {localise(words)}
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
      </Box>
      <Box className="no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <How
          of={`${name}: ${VOLUME.format(bucket.left, units)} left`}
          lines={() => leftAccount(bucket, units)}
          page="quantities#leftovers"
        />
        <TextField
          select
          size="small"
          label="What happens to it"
          value={first.end?.kind ?? ''}
          onChange={(event) =>
            put(event.target.value === '' ? null : (event.target.value as TinEnd), first.end?.where ?? '')
          }
          sx={{ minWidth: 190 }}
        >
          <MenuItem value="" sx={{ minHeight: 44 }}>
            still in use
          </MenuItem>
          {disposal.allowed.map((kind) => (
            <MenuItem key={kind} value={kind} sx={{ minHeight: 44 }}>
              {TIN_END_WORDS[kind]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          size="small"
          label="Stored at"
          value={first.end?.where ?? ''}
          disabled={first.end === null}
          onChange={(event) => put(first.end?.kind ?? null, event.target.value.slice(0, 120))}
          sx={{ flex: '1 1 160px' }}
        />
      </Box>
      <Box className="no-print">
        <Caution>{localise(disposal.advice)} Follow local rules.</Caution>
      </Box>
    </Box>
  );
}
