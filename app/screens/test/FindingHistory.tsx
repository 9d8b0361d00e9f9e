import { counted, inSentence } from '../../../core/units/sentence.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { findingsOn } from '../../../core/surface-tests/known-surface.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { FOUND, resultInWords } from '../../../core/pieces/found.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';

/** Every stamp on a group, the newest first: what was believed when. */
export function FindingHistory({ group }: { group: FinishGroup }) {
  const localise = useLocalise();
  const job = useJob();
  const all = job.findings.filter(({ groupId }) => groupId === group.id);
  if (all.length === 0) return null;
  const last = new Set(findingsOn(job, group.id).values());
  return (
    <Fold title="Test history" summary={counted(all.length, 'finding')}>
      <Box component="ul" sx={{ display: 'grid', gap: 0.5, fontSize: 14 }}>
        {[...all].reverse().map((finding) => (
          <Box component="li" key={finding.id} sx={{ color: last.has(finding) ? 'var(--ink)' : 'var(--ink-soft)' }}>
            {formatMoment(finding.at, 'dayTime')} · {localise(FOUND[finding.found].name)}:{' '}
            {finding.hex ?? localise(inSentence(resultInWords(finding.found, finding.result)))}
            {finding.reading !== null && ` at ${finding.reading}%`}
            {finding.where && ` · ${finding.where}`}
            {finding.note && ` · ${finding.note}`}
            {!last.has(finding) && ' · replaced'}
          </Box>
        ))}
      </Box>
    </Fold>
  );
}
