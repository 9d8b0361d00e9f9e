import Box from '@mui/material/Box';
import { Suspense } from 'react';
import { fetchedLater } from '../../device/fetched-later.ts';
import { OutdatedBuildUpBar } from '../../parts/OutdatedBuildUpBar.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { OrderView } from './order/OrderView.tsx';

const TakeOffView = fetchedLater(async () => ({ default: (await import('./take-off/TakeOffView.tsx')).TakeOffView }));
const MixesView = fetchedLater(async () => ({ default: (await import('./mixes/MixesView.tsx')).MixesView }));
const PriceView = fetchedLater(async () => ({ default: (await import('./price/PriceView.tsx')).PriceView }));

const VIEWS = { order: 'Order', 'take-off': 'Take-off', mixes: 'Mixes', price: 'Price' } as const;

/** How much of everything: what to order, where it goes, how it is mixed, and what it comes to. */
export default function Quantities() {
  const job = useJob();
  const view = useView(VIEWS, 'order');
  if (job.pieces.length === 0) {
    return <WalkFirst title="Nothing to measure yet">Add pieces and choose build-ups first.</WalkFirst>;
  }
  return (
    <Box>
      <StageViews stage="quantities" views={VIEWS} view={view} />
      <OutdatedBuildUpBar rests="This order uses" />
      <Suspense fallback={null}>
        {view === 'order' && <OrderView />}
        {view === 'take-off' && <TakeOffView />}
        {view === 'mixes' && <MixesView />}
        {view === 'price' && <PriceView />}
      </Suspense>
    </Box>
  );
}
