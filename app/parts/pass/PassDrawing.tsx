import Box from '@mui/material/Box';
import { useEffect, useImperativeHandle, useMemo, useRef, type Ref } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { outOfCorners, layingOff, type Arrow } from '../../../core/sequence/laying-off.ts';
import { drawnAt, LABEL_RADIUS, labelsOf, labelWidth, type Layout } from '../../../core/sequence/layout.ts';
import { dripSpots } from '../../../core/sequence/roles.ts';
import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import type { TimedStroke } from '../../../core/sequence/simulate.ts';
import { groupBy } from '../../../core/units/maps.ts';
import { Hands } from './Hands.tsx';
import { LapMarks } from './LapMarks.tsx';
import { PassSheet } from './PassSheet.tsx';
import { Replay } from './Replay.ts';
import { usePassLayout } from './use-pass-layout.ts';

/** What is shown on a drawing besides the strokes. */
export interface Shown {
  numbers: boolean;
  arrows: boolean;
  drips: boolean;
}

/** Shows the drawing at a time on the pass's clock. */
export interface DrawingHandle {
  show(time: number): void;
}

interface PassDrawingProps {
  piece: Piece;
  result: PassResult;
  /** The most that it may be high, in px; long pieces in rows may be higher. */
  height: number;
  shown: Shown;
  words: string;
  ref?: Ref<DrawingHandle>;
}

/** A pass as a numbered elevation to scale, coloured by wetness as time goes. */
export function PassDrawing({ piece, result, height, shown, words, ref }: PassDrawingProps) {
  const svg = useRef<SVGSVGElement>(null);
  const { box, layout } = usePassLayout(result.pass, height);
  const strokes = useMemo(() => result.strokes.map(({ stroke }) => stroke), [result]);
  const time = useRef(result.start);
  const replay = useRef<Replay | null>(null);
  useEffect(() => {
    if (!svg.current || !layout) return;
    replay.current = new Replay(svg.current);
    replay.current.take(result);
    replay.current.show(time.current);
  }, [layout, result, shown]);
  useImperativeHandle(ref, () => ({
    show: (at) => {
      time.current = at;
      replay.current?.show(at);
    },
  }));
  return (
    <Box ref={box} sx={{ minWidth: 0, minHeight: 120 }}>
      {layout && (
        <PassSheet ref={svg} layout={layout} piece={piece} strokes={strokes} isNumbered words={words}>
          {shown.arrows && <Arrows layout={layout} result={result} />}
          {shown.drips && <Drips layout={layout} result={result} />}
          {shown.numbers && <Numbers layout={layout} result={result} />}
          <LapMarks layout={layout} result={result} isNumbered />
          <Hands result={result} />
        </PassSheet>
      )}
    </Box>
  );
}

interface PartProps {
  layout: Layout;
  result: PassResult;
}

const arrowPath = (layout: Layout, entry: TimedStroke, { from, to }: Arrow): string => {
  const [x1, y1] = drawnAt(layout, entry.stroke, from);
  const [x2, y2] = drawnAt(layout, entry.stroke, to);
  const length = Math.hypot(x2 - x1, y2 - y1);
  if (length < 12) return '';
  const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length];
  const head = Math.min(7, length * 0.4);
  const side = (turn: number): string => `${x2 - head * (ux + turn * uy * 0.6)} ${y2 - head * (uy - turn * ux * 0.6)}`;
  return `M${x1} ${y1}L${x2} ${y2}M${side(1)}L${x2} ${y2}L${side(-1)}`;
};

/** Which way each stroke is laid off: along the grain, into what is wet; panels out of their corners. */
function Arrows({ layout, result }: PartProps) {
  const before = groupBy(result.laps, ({ later }) => later.stroke.id);
  const d = result.strokes.flatMap((entry) => {
    const { stroke } = entry;
    const isCornered = stroke.role === 'panel' || stroke.role === 'moulding' || stroke.role === 'glazing';
    const corners = isCornered ? outOfCorners(stroke) : [];
    const along =
      stroke.role === 'moulding' || stroke.role === 'glazing'
        ? []
        : [
            layingOff(
              stroke,
              (before.get(stroke.id) ?? []).map(({ earlier }) => earlier.stroke),
            ),
          ];
    return [...corners, ...along].map((arrow) => arrowPath(layout, entry, arrow));
  });
  return (
    <path
      data-arrow
      d={d.join('')}
      fill="none"
      stroke="var(--bottle)"
      strokeWidth={1.5}
      strokeOpacity={0.8}
      pointerEvents="none"
    />
  );
}

/** Where drips gather. */
function Drips({ layout, result }: PartProps) {
  return (
    <g fill="var(--late)" stroke="var(--sheet)" strokeWidth={1} pointerEvents="none">
      {result.strokes.flatMap(({ stroke }) =>
        dripSpots(stroke).map((spot, index) => {
          const [x, y] = drawnAt(layout, stroke, spot);
          return <path key={`${stroke.id}/${index}`} d={`M${x} ${y - 8}q7 9 0 11.5q-7 -2.5 0 -11.5Z`} />;
        }),
      )}
    </g>
  );
}

/** The numbers of the order, where there is room for them. */
function Numbers({ layout, result }: PartProps) {
  const labels = labelsOf(
    layout,
    result.strokes.map(({ stroke }) => stroke),
  );
  return (
    <g pointerEvents="none" className="condensed" fontSize={13} textAnchor="middle">
      {labels.map(({ id, number, x, y }) => (
        <g key={id} transform={`translate(${x} ${y})`}>
          <rect
            x={-labelWidth(number) / 2}
            y={-LABEL_RADIUS}
            width={labelWidth(number)}
            height={2 * LABEL_RADIUS}
            rx={LABEL_RADIUS}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={1.2}
          />
          <text y={4.6} fill="var(--ink)">
            {number}
          </text>
        </g>
      ))}
    </g>
  );
}
