import { clearPlace, drawnAt, labelsOf, type Label, type Layout } from '../../../core/sequence/layout.ts';
import { lapLine } from '../../../core/sequence/lap-line.ts';
import { lapFlag } from '../../../core/sequence/order-words.ts';
import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import type { MetLap } from '../../../core/sequence/simulate.ts';

/** Laps that are marked: what goes off, or else the oldest. */
function markedLaps({ laps, worst }: PassResult): { lap: MetLap; index: number; isWorst: boolean }[] {
  return laps
    .map((lap, index) => ({ lap, index, isWorst: lap === worst }))
    .filter(({ lap, isWorst }) => isWorst || lap.state === 'gone-off')
    .sort((one, other) => Number(one.isWorst) - Number(other.isWorst));
}

/** From so many marks on, those that are not yet met are left out. */
const MANY_STROKES = 12;

interface LapMarksProps {
  layout: Layout;
  result: PassResult;
  /** Whether strokes have numbers, which a flag leaves free. */
  isNumbered: boolean;
  /** Only what will show, and only once it is met, as while one paints. */
  isLive?: boolean;
}

/** Laps that will show, or else the oldest, each where both strokes meet. */
export function LapMarks({ layout, result, isNumbered, isLive = false }: LapMarksProps) {
  const marked = markedLaps(result).filter(({ lap }) => !isLive || lap.state === 'gone-off');
  const ordered = isNumbered ? result.strokes.map(({ stroke }) => stroke) : [];
  const labels = labelsOf(layout, ordered);
  return marked.map(({ lap, index, isWorst }) => (
    <LapMark
      key={index}
      layout={layout}
      lap={lap}
      index={index}
      isWorst={isWorst}
      isQuiet={isLive || (marked.length > MANY_STROKES && !isWorst)}
      labels={labels}
    />
  ));
}

interface LapMarkProps {
  layout: Layout;
  lap: MetLap;
  index: number;
  isWorst: boolean;
  isQuiet: boolean;
  /** The numbers of strokes, which the flag leaves free. */
  labels: readonly Label[];
}

/** A lap that will show, or the oldest that will not; the oldest with its age and its limit. */
function LapMark({ layout, lap, index, isWorst, isQuiet, labels }: LapMarkProps) {
  const one = lap.earlier.stroke;
  const other = lap.later.stroke;
  const on = one.role === 'edge' ? other : one;
  const [from, to] = lapLine(one, other);
  const [x1, y1] = drawnAt(layout, on, from);
  const [x2, y2] = drawnAt(layout, on, to);
  const words = lapFlag(lap);
  const wide = words.length * 7.1 + 14;
  const [x, y] = clearPlace(layout, labels, { at: [(x1 + x2) / 2, (y1 + y2) / 2], width: wide, height: 24 });
  return (
    <g data-lap={index} data-state={lap.state} data-met="false" data-quiet={isQuiet || undefined} pointerEvents="none">
      <path d={`M${x1} ${y1}L${x2} ${y2}`} />
      {isWorst && (
        <g transform={`translate(${x} ${y})`}>
          <rect
            x={-wide / 2}
            y={-12}
            width={wide}
            height={24}
            rx={4}
            fill={lap.state === 'gone-off' ? 'var(--late)' : 'var(--ink)'}
          />
          <text y={4.8} textAnchor="middle" fontSize={14} fontWeight={650} fill="var(--sheet)">
            {words}
          </text>
        </g>
      )}
    </g>
  );
}
