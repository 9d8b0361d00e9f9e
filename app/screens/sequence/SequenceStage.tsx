import Box from '@mui/material/Box';
import { Suspense } from 'react';
import { fetchedLater } from '../../device/fetched-later.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { useJob } from '../../open-job/use-job.ts';
import { useRoute } from '../../device/route.ts';
import { Sheet } from '../../parts/Section.tsx';
import { PractiseLink } from '../../parts/practice/PractiseLink.tsx';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { OrderView } from './OrderView.tsx';
import { PassPicker } from './PassPicker.tsx';
import { useStrokes } from './use-strokes.ts';

const CompareView = fetchedLater(async () => ({ default: (await import('./CompareView.tsx')).CompareView }));
const TurningView = fetchedLater(async () => ({ default: (await import('./TurningView.tsx')).TurningView }));
const CardView = fetchedLater(async () => ({ default: (await import('./CardView.tsx')).CardView }));

const VIEWS = { order: 'Order', compare: 'Compare', turning: 'Turning', card: 'Card' } as const;

/** Which panel, which edge, in which order, before the lap goes off. */
export default function SequenceStage() {
  const job = useJob();
  const { pieceId } = useRoute();
  const piece = job.pieces.find(({ id }) => id === pieceId) ?? job.pieces[0];
  if (!piece) {
    return <WalkFirst title="Nothing to paint yet">Painting orders come from the pieces’ shapes.</WalkFirst>;
  }
  return <StrokesOf piece={piece} />;
}

function StrokesOf({ piece }: { piece: Piece }) {
  const job = useJob();
  const view = useStrokes(piece);
  const shown = useView(VIEWS, 'order');
  if (view === null) return null;
  return (
    <Box>
      <StageViews
        stage="sequence"
        views={VIEWS}
        view={shown}
        aside={<PractiseLink exercise="order" jobId={job.id} pieceId={piece.id} />}
      />
      <Box className="no-print" sx={{ mb: 3 }}>
        <Sheet>
          <PassPicker view={view} />
        </Sheet>
      </Box>
      <Suspense fallback={null}>
        {shown === 'order' && <OrderView view={view} />}
        {shown === 'compare' && <CompareView view={view} />}
        {shown === 'turning' && <TurningView view={view} />}
        {shown === 'card' && <CardView view={view} />}
      </Suspense>
    </Box>
  );
}
