import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { FOUND, resultInWords } from '../../../core/pieces/found.ts';
import { useCommands, useLocalise, useNow } from '../../open-job/use-job.ts';
import { MoistureReading } from './MoistureReading.tsx';
import { OldColour } from './OldColour.tsx';

import { FoundLine } from './FoundLine.tsx';
import { ResultChoice } from './ResultChoice.tsx';
import { TestSteps } from './TestSteps.tsx';
import type { ShownTest } from './shown-test.ts';

interface TestCardProps {
  group: FinishGroup;
  pieces: readonly Piece[];
  surfaceTest: ShownTest;
  finding: FindingStamp | null;
  /** Whether nobody has answered it, by test or by eye. */
  isOpen: boolean;
  where: string;
}

const stampedAt = (at: string): string => formatMoment(at, 'dayTime');

/** One question: how it is asked, what each answer looks like, and what was found. Unknown stays visible as unknown. */
export function TestCard({ group, pieces, surfaceTest, finding, isOpen, where }: TestCardProps) {
  const now = useNow();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { found, shows, whileUnknown, reading } = surfaceTest;
  const stamp = (result: string, more: Partial<FindingStamp> = {}): void =>
    void apply('add-finding', {
      entry: {
        id: nanoid(10),
        groupId: group.id,
        found,
        result,
        reading: null,
        hex: null,
        at: now,
        where,
        photoId: null,
        note: '',
        ...more,
      },
    });
  const [isAsking, setIsAsking] = useState(false);
  const isSeen = finding === null && !isOpen;
  const answers = isOpen || isAsking;
  return (
    <Box
      component="li"
      aria-label={localise(
        `${FOUND[found].name}: ${finding ? resultInWords(found, finding.result) : isSeen ? 'by eye' : 'not tested'}`,
      )}
      sx={{
        background: isOpen ? 'transparent' : 'var(--sheet)',
        border: isOpen ? '2px dashed var(--tacky)' : '1px solid var(--line)',
        borderRadius: '8px',
        p: 2,
        pb: 0.5,
        gridColumn: answers ? { lg: '1 / -1' } : undefined,
      }}
    >
      <FoundLine surfaceTest={surfaceTest} finding={finding} isSeen={isSeen} />
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', mb: 1 }}>
        {finding ? (
          <>
            {localise(shows[finding.result]?.means ?? '')} {stampedAt(finding.at)}
            {finding.where && `, ${finding.where}`}.{finding.note && ` ${finding.note}`}
          </>
        ) : (
          localise(isSeen ? 'By eye only – a test would confirm it.' : whileUnknown)
        )}
      </Box>
      {answers && reading === 'moisture' && <MoistureReading pieces={pieces} finding={finding} onStamp={stamp} />}
      {answers && reading === 'colour' && <OldColour group={group} pieces={pieces} finding={finding} onStamp={stamp} />}
      {answers && reading === undefined && (
        <ResultChoice
          surfaceTest={surfaceTest}
          finding={finding}
          isOpen={isOpen}
          onChoose={(result) => {
            stamp(result);
            setIsAsking(false);
          }}
        />
      )}
      {!isOpen && (
        <Box sx={{ display: 'flex', gap: 0.5, ml: -0.75, mb: 0.5 }}>
          <Button
            size="small"
            aria-expanded={isAsking}
            sx={{ minWidth: 0, px: 1 }}
            onClick={() => setIsAsking(!isAsking)}
          >
            {isAsking ? 'Cancel' : isSeen ? 'Test' : 'Retest'}
          </Button>
          {finding && (
            <Button size="small" onClick={() => apply('remove-finding', { id: finding.id })}>
              Delete result
            </Button>
          )}
        </Box>
      )}
      <TestSteps pieces={pieces} surfaceTest={surfaceTest} finding={finding} />
    </Box>
  );
}
