import Box from '@mui/material/Box';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import { FOUND, resultInWords } from '../../../core/pieces/found.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import type { ShownTest } from './shown-test.ts';

interface FoundLineProps {
  surfaceTest: ShownTest;
  finding: FindingStamp | null;
  /** Whether the walk says it by eye. */
  isSeen: boolean;
}

/** A question and what was found. */
export function FoundLine({ surfaceTest: { found, shows, takenAs }, finding, isSeen }: FoundLineProps) {
  const localise = useLocalise();
  const isBad = finding !== null && shows[finding.result]?.isBad === true;
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', mb: 0.5 }}>
      <Box component="h3" sx={{ m: 0, fontSize: 17, fontWeight: 700, flex: 1 }}>
        {localise(FOUND[found].name)}
      </Box>
      {finding ? (
        <Box
          sx={{
            fontWeight: 750,
            fontSize: 16,
            color: isBad ? 'var(--late)' : 'var(--ready)',
            display: 'flex',
            gap: 1,
          }}
        >
          {finding.hex !== null && (
            <Box component="span" sx={{ width: 34, background: finding.hex, border: '1px solid var(--line)' }} />
          )}
          {finding.hex ??
            (finding.reading === null
              ? localise(resultInWords(found, finding.result))
              : `${finding.reading}%, ${finding.result}`)}
        </Box>
      ) : (
        <Box sx={{ fontWeight: 700, color: isSeen ? 'var(--ink-soft)' : 'var(--tacky)' }}>
          {isSeen ? 'By eye' : `Not tested – ${takenAs === 'worst' ? 'worst case assumed' : 'assumed good (risk)'}`}
        </Box>
      )}
    </Box>
  );
}
