import Box from '@mui/material/Box';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import { resultInWords } from '../../../core/pieces/found.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import type { ShownTest } from './shown-test.ts';

interface ResultChoiceProps {
  surfaceTest: ShownTest;
  finding: FindingStamp | null;
  isOpen: boolean;
  onChoose(result: string): void;
}

/** What may be seen, as buttons. */
export function ResultChoice({
  surfaceTest: { found, shows, judgedAs },
  finding,
  isOpen,
  onChoose,
}: ResultChoiceProps) {
  const localise = useLocalise();
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 0.75,
        mb: 1,
        gridTemplateColumns: 'repeat(auto-fit, minmax(210px, 1fr))',
      }}
    >
      {Object.entries(shows).map(([result, { sees, means }]) => {
        const isHere = finding?.result === result;
        return (
          <Box
            component="button"
            type="button"
            key={result}
            aria-pressed={isHere}
            aria-label={resultInWords(found, result)}
            onClick={() => onChoose(result)}
            sx={{
              font: 'inherit',
              color: 'inherit',
              textAlign: 'left',
              cursor: 'pointer',
              minHeight: 44,
              px: 1.5,
              py: 0.75,
              borderRadius: '6px',
              border: '1px solid',
              borderColor: isHere ? 'var(--ink)' : 'var(--line)',
              background: isHere ? 'var(--ready-fill)' : 'var(--sheet)',
            }}
          >
            <strong>{resultInWords(found, result)}</strong>
            {result === judgedAs && isOpen && (
              <Box component="span" sx={{ color: 'var(--tacky)', fontSize: 13, ml: 1 }}>
                assumed for now
              </Box>
            )}
            <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
              {localise(`${sees}. ${means}`)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
