import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useRef, useState } from 'react';
import { z } from 'zod';
import {
  passInputOf,
  paintedByMethod,
  type OrderAnswer,
  type OrderTask,
} from '../../../../../core/practising/exercises/painted-order.ts';
import {
  leftToPaint,
  NOTHING_PAINTED,
  paintedSoFar,
  withoutLast,
  withTapped,
} from '../../../../../core/practising/exercises/painting.ts';
import { meanAir, airWords } from '../../../../../core/forecasting/drying-account.ts';
import type { PassResult } from '../../../../../core/sequence/simulated-pass.ts';
import { capital, counted } from '../../../../../core/units/sentence.ts';
import { shortName } from '../../../../../core/shelf/entry.ts';
import { useLocalise } from '../../../../open-job/use-job.ts';
import { ToggleChoice } from '../../../../parts/fields/ToggleChoice.tsx';
import { WetKey } from '../../../../parts/pass/WetKey.tsx';
import { Sheet } from '../../../../parts/Section.tsx';
import type { ExerciseViewProps } from '../../exercise-views.ts';
import { useStarted } from '../../use-started.ts';
import { OrderReplay } from './OrderReplay.tsx';
import { PaintingDrawing } from './PaintingDrawing.tsx';
import { PartList } from './PartList.tsx';

const CLOCKS = [
  { value: 'off', words: 'No clock' },
  { value: 'on', words: 'Clock: a minute a second' },
] as const;

const orderAnswerSchema = z.object({ order: z.array(z.string()), waited: z.array(z.number().min(0)) });

/** A piece to be painted part by part; once judged, one’s own order beside the best. */
export function OrderView(props: ExerciseViewProps<OrderTask, OrderAnswer>) {
  return props.given ? <OrderReplay task={props.task} given={props.given} /> : <Painting {...props} />;
}

function Painting({ task, onAnswer }: ExerciseViewProps<OrderTask, OrderAnswer>) {
  const localise = useLocalise();
  const [answer, setStarted, latest] = useStarted(orderAnswerSchema, NOTHING_PAINTED);
  const [clock, setClock] = useState<'off' | 'on'>('off');
  const result = useMemo(() => paintedSoFar(task, answer), [task, answer]);
  const left = useMemo(() => leftToPaint(task, answer), [task, answer]);
  const time = useRef(result.start);
  const [minute, setMinute] = useState(0);
  const isBegun = answer.order.length > 0;
  const paint = (ids: readonly string[]): void => {
    const at = clock === 'on' ? time.current : null;
    setStarted(withTapped(task, latest.current, ids, at));
  };
  const showTime = (at: number): void => {
    time.current = at;
    setMinute(Math.floor(at - result.start));
  };
  const { piece } = passInputOf(task);
  const last = result.pass.strokes.find(({ id }) => id === answer.order.at(-1));
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Circumstances task={task} />
      <ToggleChoice label="Clock" value={clock} choices={CLOCKS} isDisabled={isBegun} onChange={setClock} />
      <Sheet>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap', mb: 1 }}>
          <Box className="condensed" sx={{ fontSize: 24, minWidth: 72 }}>
            {minute} min
          </Box>
          <Standing result={result} minute={minute} left={left.length} />
        </Box>
        <PaintingDrawing
          piece={piece}
          result={result}
          isTimed={clock === 'on' && left.length > 0}
          isOpen={(id) => !latest.current.order.includes(id)}
          words={localise(`${piece.mark}, to paint by tapping. The same parts stand in a list below.`)}
          onPaint={paint}
          onTime={showTime}
        />
        <Box role="status" sx={{ mt: 1, minHeight: 24, fontSize: 15 }}>
          {last ? localise(`${capital(last.name)} painted.`) : 'Tap the first part. Sweep over thin ones.'}
        </Box>
        <WetKey />
      </Sheet>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', '& button': { minHeight: 48 } }}>
        <Button variant="contained" disabled={left.length > 0} onClick={() => onAnswer(answer)}>
          Check order
        </Button>
        <Button variant="outlined" disabled={!isBegun} onClick={() => setStarted(withoutLast(latest.current))}>
          Undo last part
        </Button>
        <Button disabled={!isBegun} onClick={() => setStarted(NOTHING_PAINTED)}>
          Start over
        </Button>
      </Box>
      <PartList pass={result.pass} painted={answer.order} left={left} onPaint={(id) => paint([id])} />
    </Box>
  );
}

/** Coat, air, and for how long an edge stays wet in it. */
function Circumstances({ task }: { task: OrderTask }) {
  const localise = useLocalise();
  const { coating, clocks, climateId } = passInputOf(task);
  const { openTime, until } = paintedByMethod(task);
  const { start, painters } = task.setting;
  const air = airWords(meanAir(clocks, climateId, start, until), task.job.settings.units);
  const wet = openTime === Infinity ? 'Too cold to set' : `An edge stays wet for ${openTime.toFixed(0)} min`;
  return (
    <Box sx={{ color: 'var(--ink-soft)' }}>
      {localise(`${capital(shortName(coating))}, ${air}. ${wet}.`)}
      {painters === 2 && ' Two painters: each takes the next part when free.'}
    </Box>
  );
}

interface StandingProps {
  result: PassResult;
  minute: number;
  left: number;
}

/** How many parts are painted, and how many laps have gone off until now. */
function Standing({ result, minute, left }: StandingProps) {
  const lost = result.laps.filter(
    ({ state, later }) => state === 'gone-off' && (later.from + later.until) / 2 - result.start <= minute + 1,
  ).length;
  const painted = result.strokes.length;
  return (
    <>
      <span>
        {painted} of {painted + left} parts
      </span>
      {lost > 0 && (
        <Box component="strong" sx={{ color: 'var(--late)' }}>
          {counted(lost, 'lap')} will show
        </Box>
      )}
    </>
  );
}
