import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import type { OrderFound } from '../../../core/sequence/order-search.ts';
import type { Freedom } from '../../../core/sequence/stroke-order.ts';
import { useJob } from '../../open-job/use-job.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { startSearch } from '../../asking/sequence.ts';
import type { StrokesView } from './use-strokes.ts';

/** How far a search goes when it is let. */
const STEPS = 1_500_000;

/** The same question while only time, air and order differ: minutes of work do not hang on them. */
const questionOf = ({ piece, pass, setting, input }: StrokesView, freedom: Freedom): string =>
  [
    piece.id,
    pass.id,
    setting.face,
    setting.edges,
    setting.walls,
    setting.application,
    setting.reach,
    setting.painters,
    input.crew.map(({ skill }) => skill),
    freedom,
  ].join('/');

function howGood({ isProved, bound }: OrderFound): string {
  if (isProved) return ' – best possible';
  return bound > 0 ? ` – best found (minimum possible ${bound.toFixed(1)} min)` : ' – best found so far';
}

interface Searched {
  question: string;
  found: OrderFound;
}

/** Searches the order with the shortest wet edge, in a worker, and tells how far from the best it is. */
export function OrderSearch({ view }: { view: StrokesView }) {
  const job = useJob();
  const { isAsking, answer: searched, ask, cancel } = useWorkerQuery<Searched | null>();
  const search = (freedom: Freedom): void => {
    const question = questionOf(view, freedom);
    ask((tell) => {
      const { result, cancel: end } = startSearch(job, view.asked, { freedom, steps: STEPS }, (found) =>
        tell({ question, found }),
      );
      const taken = result.then((found): Searched | null => {
        if (found) view.change({ order: found.order });
        return found && { question, found };
      });
      return { result: taken, cancel: end };
    });
  };
  const isCurrent =
    searched !== null &&
    (['within-the-school', 'any-order'] as const).some((freedom) => questionOf(view, freedom) === searched.question);
  const found = isCurrent ? searched.found : null;
  const isTaken = found !== null && view.setting.order?.join() === found.order.join();
  return (
    <Box sx={{ mb: 1.5, display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button size="small" variant="outlined" onClick={() => search('within-the-school')}>
          Best order, this method
        </Button>
        <Button size="small" variant="outlined" onClick={() => search('any-order')}>
          Best order, any method
        </Button>
        {isAsking && (
          <Button size="small" onClick={cancel}>
            Stop
          </Button>
        )}
      </Box>
      {isAsking && <LinearProgress aria-label="Searching" />}
      {found && (
        <Box role="status" sx={{ fontSize: 15, display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
          <span>
            Longest wet edge {found.worst.toFixed(1)} min{howGood(found)}
          </span>
          {!isTaken && (
            <Button size="small" onClick={() => view.change({ order: found.order })}>
              Use this order
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}
