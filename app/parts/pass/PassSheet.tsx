import Box from '@mui/material/Box';
import { memo, type ComponentProps, type ReactNode } from 'react';
import { useLocalise } from '../../open-job/use-job.ts';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { drawnAt, labelPoint, rowOf, type DrawnRow, type Layout } from '../../../core/sequence/layout.ts';
import { boundsOf, type Stroke } from '../../../core/sequence/stroke.ts';
import { closed, ElementRelief, Gap } from '../../drawing/elevation/ElementRelief.tsx';
import { WetnessPatterns } from '../../drawing/wetness.tsx';

interface PassSheetProps extends Omit<ComponentProps<'svg'>, 'children'> {
  layout: Layout;
  piece: Piece;
  strokes: readonly Stroke[];
  /** Whether the pointer is told the number of each stroke, by its place in `strokes`. */
  isNumbered: boolean;
  words: string;
  /** Over the strokes. */
  children?: ReactNode;
}

/** The strokes of a pass to scale, each bare until something marks how wet it is. */
export function PassSheet({ layout, piece, strokes, isNumbered, words, children, ...svg }: PassSheetProps) {
  return (
    <Box
      component="svg"
      role="img"
      aria-label={words}
      viewBox={`0 0 ${layout.width} ${Math.ceil(layout.height) + 4}`}
      sx={{
        width: layout.width,
        height: Math.ceil(layout.height) + 4,
        display: 'block',
        overflow: 'visible',
        '& [data-stroke]': { fill: 'var(--bare)', stroke: 'var(--ink)', strokeWidth: 1, strokeOpacity: 0.75 },
        '& [data-wet="queued"]': { fill: 'color-mix(in srgb, var(--vial) 38%, var(--sheet))' },
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
      {...svg}
    >
      <WetnessPatterns />
      <Rows layout={layout} piece={piece} strokes={strokes} isNumbered={isNumbered} />
      {children}
    </Box>
  );
}

type RowsProps = Pick<PassSheetProps, 'layout' | 'piece' | 'strokes' | 'isNumbered'>;

/** Drawn once, however often the marks over it change. */
const Rows = memo(function Rows(props: RowsProps) {
  return props.layout.rows.map((row) => <Row key={`${row.face}/${row.from}`} row={row} {...props} />);
});

/** The strokes of one row of a sheet, with what stays bare, and relief over them. */
function Row({ row, layout, piece, strokes, isNumbered }: RowsProps & { row: DrawnRow }) {
  const face = elevationOf(piece).faces.find(({ id }) => id === row.face);
  const isHere = (outline: Parameters<typeof boundsOf>[0]): boolean => {
    const { x, width } = boundsOf(outline);
    return x + width / 2 >= row.from && x + width / 2 <= row.until;
  };
  const painted = new Set(strokes.flatMap(({ sheet, of }) => (sheet === row.face ? [of] : [])));
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
        {strokes.map(
          (stroke, index) =>
            rowOf(layout, stroke) === row && (
              <StrokeShape key={stroke.id} stroke={stroke} number={isNumbered ? index + 1 : null} layout={layout} />
            ),
        )}
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

function StrokeShape({ stroke, number, layout }: { stroke: Stroke; number: number | null; layout: Layout }) {
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
      <title>{localise(number === null ? stroke.name : `${number}. ${stroke.name}`)}</title>
    </path>
  );
}
