import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { z } from 'zod';
import {
  batchKindsIn,
  bestDay,
  plannedDay,
  problemIn,
  workIn,
  type DayAnswer,
  type DayPlan,
  type DayTask,
} from '../../../../../core/practising/exercises/day-task.ts';
import { stuckWords } from '../../../../../core/practising/exercises/day.ts';
import { pieceTimes } from '../../../../../core/practising/exercises/day-picture.ts';
import { minutesSince, localTime } from '../../../../../core/job/site-time.ts';
import { placeOf } from '../../../../../core/job/queries/places.ts';
import { formatMoment } from '../../../../../core/units/moments.ts';
import { counted } from '../../../../../core/units/sentence.ts';
import { useLocalise } from '../../../../open-job/use-job.ts';
import { Section, Sheet } from '../../../../parts/Section.tsx';
import type { ExerciseViewProps } from '../../exercise-views.ts';
import { useStarted } from '../../use-started.ts';
import { BatchList } from './BatchList.tsx';
import { DayChart } from './DayChart.tsx';
import { KindList } from './KindList.tsx';

/** What is shown of the time after now, at least, in minutes. */
const SHOWN = 38 * 60;
const NOTHING_PLANNED: DayAnswer = { batches: [] };
const answerSchema: z.ZodType<DayAnswer> = z.object({ batches: z.array(z.array(z.string()).min(1)) });

/** A small job to plan batch by batch: each drop is worked out and checked against wet paint and the rack. */
export function DayView({ task, given, onAnswer }: ExerciseViewProps<DayTask, DayAnswer>) {
  const [started, setStarted] = useStarted(answerSchema, NOTHING_PLANNED);
  const answer = given ?? started;
  const set = (batches: DayAnswer['batches']): void => {
    if (given === null) setStarted({ batches });
  };
  const planned = useMemo(() => plannedDay(task, answer.batches.flat()), [task, answer]);
  const batched = new Set(answer.batches.flat());
  const left = workIn(task).filter((id) => !batched.has(id));
  return (
    <div>
      <Circumstances task={task} />
      <Sheet>
        <Chart task={task} planned={planned} label="Your plan" />
        <Box role="status" sx={{ mt: 1, minHeight: 24 }}>
          <Standing task={task} planned={planned} left={left.length} />
        </Box>
      </Sheet>
      {given !== null && (
        <Box sx={{ mt: 2 }}>
          <Section title={task.best.isProved ? 'The best plan' : 'The best plan found'}>
            <Sheet>
              <Chart task={task} planned={bestDay(task)} label="The best plan" />
            </Sheet>
          </Section>
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 3, mt: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 1fr' } }}>
        {given === null && (
          <Section title="To do">
            <KindList
              kinds={batchKindsIn(task)}
              batched={batched}
              work={workIn(task)}
              onAdd={(batch) => set([...answer.batches, batch])}
            />
          </Section>
        )}
        <Section title="Your batches">
          <BatchList task={task} batches={answer.batches} plan={planned.plan} isDone={given !== null} onChange={set} />
        </Section>
      </Box>
      {given === null && (
        <Button
          variant="contained"
          disabled={left.length > 0 || planned.left.length > 0}
          onClick={() => onAnswer(answer)}
          sx={{ minHeight: 48 }}
        >
          Check plan
        </Button>
      )}
    </div>
  );
}

/** Hours, rack and air. */
function Circumstances({ task: { job, now } }: { task: DayTask }) {
  const localise = useLocalise();
  const rack = placeOf(job, 'rack');
  const { crew } = job;
  return (
    <Box sx={{ color: 'var(--ink-soft)', mb: 1.5 }}>
      {localise(
        `It’s ${formatMoment(now, 'weekdayTime')}. ${counted(job.pieces.length, 'piece')}, ${counted(rack.slots, 'rack space')}, ${counted(crew.length, 'painter')}. A piece keeps its rack space from its first coat until it is denibbed, and from its last until it is touch dry. Nothing is sanded beside wet paint.`,
      )}
    </Box>
  );
}

interface PlannedProps {
  task: DayTask;
  planned: DayPlan;
}

function Chart({ task, planned, label }: PlannedProps & { label: string }) {
  const { clocks } = problemIn(task);
  const { timeZone } = task.job.site;
  const now = minutesSince(clocks.t0, task.now, timeZone);
  return (
    <DayChart
      times={pieceTimes(task, planned.plan)}
      from={now}
      until={now + SHOWN}
      t0={clocks.t0}
      timeZone={timeZone}
      label={label}
    />
  );
}

/** What comes of the batches so far: what stops them, or when all is dry. */
function Standing({ task, planned, left }: PlannedProps & { left: number }) {
  const localise = useLocalise();
  const stuck = stuckWords(task, planned);
  if (stuck !== null) {
    return (
      <Box component="strong" sx={{ color: 'var(--late)' }}>
        {localise(stuck)} Take it out of its batch, or move the batch.
      </Box>
    );
  }
  if (planned.plan.tasks.length === 0) return <>Add the first batch.</>;
  const { clocks } = problemIn(task);
  const finish = formatMoment(localTime(clocks.t0, planned.cost.finish, task.job.site.timeZone), 'weekdayTime');
  const setups = counted(planned.cost.setups, 'set-up');
  return <>{left > 0 ? `${setups} so far.` : `All dry ${finish}, ${setups}.`}</>;
}
