import { useLocalise } from '../../open-job/use-job.ts';
import { lapFlag } from '../../../core/sequence/order-words.ts';
import { groupBy } from '../../../core/units/maps.ts';
import Box from '@mui/material/Box';
import { useEffect, useImperativeHandle, useMemo, useRef, useState, type Ref } from 'react';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import type { FaceId } from '../../../core/pieces/elevation.ts';
import { lapLine } from '../../../core/sequence/lap-line.ts';
import { outOfCorners, layingOff, type Arrow } from '../../../core/sequence/laying-off.ts';
import {
  drawnAt,
  LABEL_RADIUS,
  labelPoint,
  labelWidth,
  labelsOf,
  layoutOf,
  rowOf,
  type DrawnRow,
  type Label,
  type Layout,
  clearPlace,
} from '../../../core/sequence/layout.ts';
import { dripSpots } from '../../../core/sequence/roles.ts';
import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import type { MetLap, TimedStroke } from '../../../core/sequence/simulate.ts';
import { boundsOf } from '../../../core/sequence/stroke.ts';
import { closed, ElementRelief, Gap } from '../../drawing/elevation/ElementRelief.tsx';
import { WetnessPatterns } from '../../drawing/wetness.tsx';
import { Replay } from './Replay.ts';

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

/** Laps that are marked: what goes off, or else the oldest. */
function markedLaps({ laps, worst }: PassResult): { lap: MetLap; index: number; isWorst: boolean }[] {
  return laps
    .map((lap, index) => ({ lap, index, isWorst: lap === worst }))
    .filter(({ lap, isWorst }) => isWorst || lap.state === 'gone-off')
    .sort((one, other) => Number(one.isWorst) - Number(other.isWorst));
}

/** A pass as a numbered elevation to scale, coloured by wetness as time goes. */
export function PassDrawing({ piece, result, height, shown, words, ref }: PassDrawingProps) {
  const box = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const node = box.current;
    if (!node) return undefined;
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
    observer.observe(node);
    return () => observer.disconnect();
  }, []);
  const layout = useMemo(() => (width > 0 ? layoutOf(result.pass, width, height) : null), [result.pass, width, height]);
  const time = useRef(result.start);
  const replay = useRef<Replay | null>(null);
  useEffect(() => {
    if (!svg.current || !layout) return;
    replay.current = new Replay(svg.current, result);
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
        <Box
          component="svg"
          ref={svg}
          role="img"
          aria-label={words}
          viewBox={`0 0 ${layout.width} ${Math.ceil(layout.height) + 4}`}
          sx={{
            width: layout.width,
            height: Math.ceil(layout.height) + 4,
            display: 'block',
            overflow: 'visible',
            '& [data-stroke]': { fill: 'var(--bare)', stroke: 'var(--ink)', strokeWidth: 1, strokeOpacity: 0.75 },
            '& [data-wet="painting"]': { fill: 'var(--vial)' },
            '& [data-wet="fresh"]': { fill: 'url(#texture-wet)' },
            '& [data-wet="close"]': { fill: 'url(#texture-closing)' },
            '& [data-wet="gone-off"]': { fill: 'url(#texture-tacky)' },
            '& [data-lap] path': { stroke: 'var(--late)', strokeWidth: 4, strokeDasharray: '7 5', fill: 'none' },
            '& [data-lap][data-state="fresh"] path, & [data-lap][data-state="close"] path': { stroke: 'var(--ink)' },
            '& [data-lap][data-met="true"] path': { strokeDasharray: 'none' },
            // Many that are still to come would hide what is painted.
            '& [data-quiet][data-met="false"]': { display: 'none' },
            '&[data-begun] [data-arrow]': { opacity: 0.25 },
          }}
        >
          <WetnessPatterns />
          {layout.rows.map((row) => (
            <Row key={`${row.face}/${row.from}`} row={row} layout={layout} piece={piece} result={result} />
          ))}
          {shown.arrows && <Arrows layout={layout} result={result} />}
          {shown.drips && <Drips layout={layout} result={result} />}
          {shown.numbers && <Numbers layout={layout} result={result} />}
          <LapMarks layout={layout} result={result} />
          <Hands result={result} />
        </Box>
      )}
    </Box>
  );
}

interface PartProps {
  layout: Layout;
  result: PassResult;
}

/** The strokes of one row of a sheet, with what stays bare, and relief over them. */
function Row({ row, layout, piece, result }: PartProps & { row: DrawnRow; piece: Piece }) {
  const face = elevationOf(piece).faces.find(({ id }) => id === row.face);
  const isHere = (outline: Parameters<typeof boundsOf>[0]): boolean => {
    const { x, width } = boundsOf(outline);
    return x + width / 2 >= row.from && x + width / 2 <= row.until;
  };
  const strokes = result.strokes.filter(({ stroke }) => rowOf(layout, stroke) === row);
  const painted = paintedElements(result, row.face);
  return (
    <>
      {row.title && (
        <text x={row.title.x} y={row.title.y} textAnchor="middle" fontSize={14} fill="var(--ink-soft)">
          {row.title.words}
        </text>
      )}
      <g transform={`translate(${row.x} ${row.y}) scale(${layout.scale})`}>
        {face?.unpainted
          .filter(({ outline }) => isHere(outline))
          .map((part) => (
            <Gap key={part.id} part={part} />
          ))}
        {strokes.map((entry) => (
          <StrokeShape key={entry.stroke.id} entry={entry} layout={layout} />
        ))}
        <g pointerEvents="none">
          {face?.elements
            .filter((element) => painted.has(element.id) && isHere(element.outline))
            .map((element) => (
              <ElementRelief key={element.id} element={element} />
            ))}
        </g>
      </g>
    </>
  );
}

const paintedElements = (result: PassResult, face: FaceId): ReadonlySet<string> =>
  new Set(result.strokes.filter(({ stroke }) => stroke.sheet === face).map(({ stroke }) => stroke.of));

function StrokeShape({ entry: { stroke, number }, layout }: { entry: TimedStroke; layout: Layout }) {
  const localise = useLocalise();
  const [x, y] = drawnAt(layout, stroke, labelPoint(stroke));
  return (
    <path
      data-stroke={stroke.id}
      data-at={`${x} ${y}`}
      data-wet="bare"
      d={[stroke.outline, ...stroke.holes].map(closed).join('')}
      fillRule="evenodd"
      vectorEffect="non-scaling-stroke"
    >
      <title>{localise(`${number}. ${stroke.name}`)}</title>
    </path>
  );
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

/** From so many marks on, those that are not yet met are left out. */
const MANY_STROKES = 12;

function LapMarks({ layout, result }: PartProps) {
  const marked = markedLaps(result);
  const labels = labelsOf(
    layout,
    result.strokes.map(({ stroke }) => stroke),
  );
  return marked.map(({ lap, index, isWorst }) => (
    <LapMark
      key={index}
      layout={layout}
      lap={lap}
      index={index}
      isWorst={isWorst}
      isQuiet={marked.length > MANY_STROKES && !isWorst}
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

/** Where each painter is. */
function Hands({ result }: { result: PassResult }) {
  const hands = [...new Map(result.strokes.map(({ hand }) => [hand.id, hand])).values()];
  return hands.map(({ id, name }, index) => (
    <g key={id} data-hand={id} visibility="hidden" pointerEvents="none">
      <circle r={15} fill={index === 0 ? 'var(--vial)' : 'var(--ink)'} stroke="var(--ink)" strokeWidth={2.5} />
      <path
        d="M-2 -9h4v7h4v5h-12v-5h4zM-6 3v4M-2 3v5M2 3v5M6 3v4"
        fill="none"
        stroke={index === 0 ? 'var(--on-vial)' : 'var(--sheet)'}
        strokeWidth={1.8}
      />
      <title>{name}</title>
    </g>
  ));
}
