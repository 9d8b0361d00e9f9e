import { useState } from 'react';
import Box from '@mui/material/Box';
import type { PartId } from '../../../core/handover/blocks.ts';
import type { Vocabulary } from '../../../core/units/vocabulary.ts';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { ActualsView } from './ActualsView.tsx';
import { BeforeHandover } from './BeforeHandover.tsx';
import { DocumentView } from './DocumentView.tsx';
import { LeftoversView } from './LeftoversView.tsx';
import { RecordActions } from './RecordActions.tsx';
import { useHandover } from './use-handover.ts';

const VIEWS = {
  record: 'Record',
  care: 'Care',
  coats: 'Coats',
  inspection: 'Inspection',
  left: 'Leftover paint',
  real: 'Planned v actual',
} as const;
type RecordPart = 'record' | 'care' | 'coats' | 'inspection';
/** The view that shows a part of the record; its title stands on the first. */
const VIEW_OF: Readonly<Record<PartId, RecordPart>> = {
  finishes: 'record',
  left: 'record',
  words: 'record',
  care: 'care',
  upkeep: 'care',
  record: 'coats',
  checked: 'inspection',
};

/** What is left when the job is over: the record and the care sheet, the paint, and what the next job learns. */
export default function HandoverStage() {
  const job = useJob();
  const view = useView(VIEWS, 'record');
  const [vocabulary, setVocabulary] = useState<Vocabulary>(job.settings.vocabulary);
  if (job.pieces.length === 0) {
    return <WalkFirst title="Nothing to hand over yet">Log work on Today and the record builds here.</WalkFirst>;
  }
  return (
    <>
      <StageViews stage="handover" views={VIEWS} view={view} />
      {view === 'left' && <LeftoversView />}
      {view === 'real' && <ActualsView />}
      {view !== 'left' && view !== 'real' && (
        <RecordView view={view} vocabulary={vocabulary} onVocabulary={setVocabulary} />
      )}
    </>
  );
}

interface RecordViewProps {
  view: RecordPart;
  vocabulary: Vocabulary;
  onVocabulary(vocabulary: Vocabulary): void;
}

/** A view of the handover record; its first one with what is missing and how it is given out. */
function RecordView({ view, vocabulary, onVocabulary }: RecordViewProps) {
  const { blocks, gaps, rows, clocks } = useHandover(vocabulary);
  return (
    <Box sx={{ maxWidth: 1180 }}>
      {view === 'record' && (
        <>
          <BeforeHandover gaps={gaps} />
          <RecordActions
            blocks={blocks}
            rows={rows}
            clocks={clocks}
            vocabulary={vocabulary}
            onVocabulary={onVocabulary}
          />
        </>
      )}
      <DocumentView blocks={blocks} isShown={(part) => (part === null ? 'record' : VIEW_OF[part]) === view} />
    </Box>
  );
}
