import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useRef } from 'react';
import {
  paintedBest,
  paintedInOrder,
  passInputOf,
  type OrderAnswer,
  type OrderTask,
} from '../../../../../core/practising/exercises/painted-order.ts';
import { capital } from '../../../../../core/units/sentence.ts';
import { lapWords } from '../../../../../core/sequence/order-words.ts';
import { clockAt, playedAt, playedSpan } from '../../../../../core/sequence/playhead.ts';
import type { PassResult } from '../../../../../core/sequence/simulated-pass.ts';
import { useLocalise } from '../../../../open-job/use-job.ts';
import { PassDrawing, type DrawingHandle } from '../../../../parts/pass/PassDrawing.tsx';
import { Player, type PlayerHandle } from '../../../../parts/pass/Player.tsx';
import { WetKey } from '../../../../parts/pass/WetKey.tsx';
import { Sheet } from '../../../../parts/Section.tsx';

const SHOWN = { numbers: true, arrows: false, drips: false };
const HEIGHT = 460;
/** From so many parts on, two drawings beside each other on a phone are too small to be read. */
const MANY_PARTS = 60;

/** One’s own order and the best one side by side, played by one clock. */
export function OrderReplay({ task, given }: { task: OrderTask; given: OrderAnswer }) {
  const localise = useLocalise();
  const { piece } = passInputOf(task);
  const own = useMemo(() => paintedInOrder(task, given), [task, given]);
  const best = paintedBest(task);
  const longest = playedSpan(own) >= playedSpan(best) ? own : best;
  const player = useRef<PlayerHandle>(null);
  const drawings = useRef(new Map<PassResult, DrawingHandle>());
  const { worst } = own;
  const orders = [
    { name: 'Yours', result: own },
    { name: task.best.isProved ? 'The best there is' : 'The best found', result: best },
  ];
  return (
    <Box component="section" aria-label="Both orders" sx={{ display: 'grid', gap: 1.5 }}>
      <WetKey />
      <Player
        ref={player}
        result={longest}
        onTime={(time) => {
          const minutes = playedAt(longest, time);
          for (const [result, drawing] of drawings.current) drawing.show(clockAt(result, minutes));
        }}
      />
      {worst && (
        <Button
          variant="outlined"
          sx={{ justifySelf: 'start', minHeight: 44 }}
          onClick={() =>
            player.current?.goTo(clockAt(longest, playedAt(own, (worst.later.from + worst.later.until) / 2)))
          }
        >
          Show your oldest lap
        </Button>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: {
            xs: own.strokes.length > MANY_PARTS ? 'minmax(0, 1fr)' : 'repeat(2, minmax(0, 1fr))',
            md: 'repeat(2, minmax(0, 1fr))',
          },
        }}
      >
        {orders.map(({ name, result }) => (
          <Box key={name} component="figure" aria-label={name} sx={{ m: 0, minWidth: 0 }}>
            <Sheet pad={1}>
              <Box component="figcaption" sx={{ mb: 1 }}>
                <strong>{name}</strong>
                <Box
                  sx={{ fontSize: 14, color: result.worst?.state === 'gone-off' ? 'var(--late)' : 'var(--ink-soft)' }}
                >
                  {result.worst ? localise(`Oldest lap ${lapWords(result.worst)}.`) : capital('no laps.')}
                </Box>
              </Box>
              <PassDrawing
                ref={(handle) => {
                  if (handle) drawings.current.set(result, handle);
                  return () => void drawings.current.delete(result);
                }}
                piece={piece}
                result={result}
                height={HEIGHT}
                shown={SHOWN}
                words={localise(`${piece.mark}, ${name.toLowerCase()}, numbered`)}
              />
            </Sheet>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
