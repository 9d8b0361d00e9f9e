import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { batchSpan } from '../../../../../core/practising/exercises/day-picture.ts';
import { problemIn, type DayAnswer, type DayTask } from '../../../../../core/practising/exercises/day-task.ts';
import { localTime } from '../../../../../core/job/site-time.ts';
import type { OpenPlan } from '../../../../../core/scheduling/plan.ts';
import { stepWords } from '../../../../../core/steps/step-words.ts';
import { formatMoment } from '../../../../../core/units/moments.ts';
import { DeleteIcon, DragIcon } from '../../../../drawing/icons.tsx';
import { useLocalise } from '../../../../open-job/use-job.ts';
import { SortableList } from '../../../../parts/SortableList.tsx';

interface BatchListProps {
  task: DayTask;
  batches: DayAnswer['batches'];
  plan: OpenPlan;
  isDone: boolean;
  onChange(batches: DayAnswer['batches']): void;
}

const idOf = (batch: readonly string[]): string => batch[0] ?? '';

/** Batches in their order, to be dragged, with when each is worked on and what has no place. */
export function BatchList({ task, batches, plan, isDone, onChange }: BatchListProps) {
  const { steps } = problemIn(task);
  const wordsOf = (id: string): string => {
    const step = steps.get(id);
    return step ? stepWords(step) : '';
  };
  return (
    <SortableList
      ids={batches.map(idOf)}
      what="batch"
      nameOf={wordsOf}
      isDisabled={isDone}
      onOrder={(ids) => onChange(ids.flatMap((id) => batches.filter((batch) => idOf(batch) === id)))}
    >
      <Box component="ol" aria-label="Your batches" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
        {batches.map((batch) => (
          <BatchRow
            key={idOf(batch)}
            task={task}
            batch={batch}
            plan={plan}
            isDone={isDone}
            onRemove={() => onChange(batches.filter((each) => each !== batch))}
          />
        ))}
      </Box>
    </SortableList>
  );
}

interface BatchRowProps extends Pick<BatchListProps, 'task' | 'plan' | 'isDone'> {
  batch: readonly string[];
  onRemove(): void;
}

function BatchRow({ task, batch, plan, isDone, onRemove }: BatchRowProps) {
  const localise = useLocalise();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: idOf(batch) });
  const { steps, clocks } = problemIn(task);
  const own = batch.flatMap((id) => steps.get(id) ?? []);
  const { from, until, unplaced } = batchSpan(plan, batch);
  const when = (at: number, style: 'weekdayTime' | 'time'): string =>
    formatMoment(localTime(clocks.t0, at, task.job.site.timeZone), style);
  const words = own[0] ? stepWords(own[0]) : '';
  return (
    <Box
      component="li"
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      sx={{
        display: 'grid',
        gridTemplateColumns: '44px minmax(0, 1fr) 44px',
        alignItems: 'center',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        background: 'var(--sheet)',
        py: 0.75,
      }}
    >
      <Box
        {...attributes}
        {...listeners}
        aria-label={`Move ${words}`}
        sx={{ minHeight: 44, display: 'grid', placeItems: 'center', touchAction: 'none', cursor: 'grab' }}
      >
        <DragIcon />
      </Box>
      <div>
        <strong>{localise(words)}</strong>
        <div>
          {own.map(({ id, piece }) => (
            <Box
              component="span"
              key={id}
              sx={{ mr: 1, ...(unplaced.includes(id) ? { color: 'var(--late)', fontWeight: 650 } : {}) }}
            >
              {piece.mark}
              {unplaced.includes(id) ? ' no place' : ''}
            </Box>
          ))}
        </div>
        {from !== null && until !== null && (
          <Box sx={{ color: 'var(--ink-soft)' }}>
            {when(from, 'weekdayTime')} to{' '}
            {when(until, Math.floor(from / 1440) === Math.floor(until / 1440) ? 'time' : 'weekdayTime')}
          </Box>
        )}
      </div>
      <IconButton aria-label={`Remove ${words}`} disabled={isDone} onClick={onRemove}>
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}
