import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { lazy, Suspense } from 'react';
import { DoubtBar } from '../../ui/DoubtBar.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { goTo, useRoute } from '../../ui/route.ts';
import { WalkFirst } from '../../ui/WalkFirst.tsx';
import { OrderView } from './order/OrderView.tsx';

const TakeOffView = lazy(() =>
  import('./take-off/TakeOffView.tsx').then((module) => ({ default: module.TakeOffView })),
);
const MixesView = lazy(() => import('./mixes/MixesView.tsx').then((module) => ({ default: module.MixesView })));
const PriceView = lazy(() => import('./price/PriceView.tsx').then((module) => ({ default: module.PriceView })));

const VIEWS = { order: 'Order', 'take-off': 'Take-off', mixes: 'Mixes', price: 'Price' } as const;
type View = keyof typeof VIEWS;

/** How much of everything: what to order, where it goes, how it is mixed, and what it comes to. */
export default function Quantities() {
  const { job } = useJob();
  const route = useRoute();
  const view: View = route.view !== null && route.view in VIEWS ? (route.view as View) : 'order';
  if (job.pieces.length === 0) {
    return (
      <WalkFirst title="Nothing to measure yet">Areas and litres come from the pieces and their build-ups.</WalkFirst>
    );
  }
  return (
    <Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={view}
        aria-label="What is shown"
        className="no-print"
        onChange={(_event, next: View | null) =>
          next && goTo({ stage: 'quantities', jobId: job.id, view: next }, 'replace')
        }
        sx={{ mb: 2 }}
      >
        {Object.entries(VIEWS).map(([id, name]) => (
          <ToggleButton key={id} value={id}>
            {name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
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
