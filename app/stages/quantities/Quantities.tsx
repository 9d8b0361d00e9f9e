import Box from '@mui/material/Box';
import { lazy, Suspense } from 'react';
import { DoubtBar } from '../../ui/DoubtBar.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { StageViews, useView } from '../../ui/StageViews.tsx';
import { WalkFirst } from '../../ui/WalkFirst.tsx';
import { OrderView } from './order/OrderView.tsx';

const TakeOffView = lazy(() =>
  import('./take-off/TakeOffView.tsx').then((module) => ({ default: module.TakeOffView })),
);
const MixesView = lazy(() => import('./mixes/MixesView.tsx').then((module) => ({ default: module.MixesView })));
const PriceView = lazy(() => import('./price/PriceView.tsx').then((module) => ({ default: module.PriceView })));

const VIEWS = { order: 'Order', 'take-off': 'Take-off', mixes: 'Mixes', price: 'Price' } as const;

/** How much of everything: what to order, where it goes, how it is mixed, and what it comes to. */
export default function Quantities() {
  const { job } = useJob();
  const view = useView(VIEWS, 'order');
  if (job.pieces.length === 0) {
    return (
      <WalkFirst title="Nothing to measure yet">Areas and litres come from the pieces and their build-ups.</WalkFirst>
    );
  }
  return (
    <Box>
      <StageViews stage="quantities" views={VIEWS} view={view} />
      <DoubtBar rests="This order" />
      <Suspense fallback={null}>
        {view === 'order' && <OrderView />}
        {view === 'take-off' && <TakeOffView />}
        {view === 'mixes' && <MixesView />}
        {view === 'price' && <PriceView />}
      </Suspense>
    </Box>
  );
}
