import Box from '@mui/material/Box';
import { definitionOf } from '../../core/pieces/registry.ts';
import type { Element, Face } from '../../core/pieces/elevation.ts';
import { elevationOf } from '../../core/job/queries.ts';
import type { Piece } from '../../core/job/piece-schema.ts';
import { formatLength } from '../../core/units/length.ts';
import type { UnitSystem } from '../../core/units/system.ts';

const path = (element: Element): string => `M${element.outline.map((point) => point.join(' ')).join('L')}Z`;

/** Bounds of an element's outline. */
function boundsOf(element: Element): { x: number; y: number; width: number; height: number } {
  const xs = element.outline.map(([x]) => x);
  const ys = element.outline.map(([, y]) => y);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** The slopes of a raised or moulded panel, lit from the upper left, so that a door looks like a door. */
function PanelRelief({ element }: { element: Element }) {
  const { x, y, width, height } = boundsOf(element);
  const inset = Math.min(width, height) * 0.13;
  const slopes: [string, string, number][] = [
    [`M${x} ${y}h${width}l${-inset} ${inset}h${-(width - 2 * inset)}Z`, '#000', 0.16],
    [`M${x} ${y}v${height}l${inset} ${-inset}v${-(height - 2 * inset)}Z`, '#000', 0.11],
    [`M${x} ${y + height}h${width}l${-inset} ${-inset}h${-(width - 2 * inset)}Z`, '#fff', 0.4],
    [`M${x + width} ${y}v${height}l${-inset} ${-inset}v${-(height - 2 * inset)}Z`, '#fff', 0.25],
  ];
  return (
    <>
      {slopes.map(([d, fill, opacity]) => (
        <path key={d} d={d} fill={fill} fillOpacity={opacity} />
      ))}
      <rect
        x={x + inset}
        y={y + inset}
        width={width - 2 * inset}
        height={height - 2 * inset}
        fill="none"
        stroke="var(--ink)"
        strokeOpacity={0.45}
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
    </>
  );
}

/** One face to scale, in mm: x to the right, y down. For use inside another drawing. */
export function FaceDrawing({ face, fill, faint = false }: { face: Face; fill: string; faint?: boolean }) {
  return (
    <g opacity={faint ? 0.35 : 1}>
      <rect width={face.width} height={face.height} fill={fill} />
      {face.elements.map((element) => (
        <g key={element.id}>
          {element.part === 'panel' && <rect {...boundsOf(element)} fill="#000" fillOpacity={0.05} />}
          {element.part === 'panel' && element.developedArea > element.projectedArea && (
            <PanelRelief element={element} />
          )}
          <path
            d={path(element)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1}
            strokeOpacity={0.7}
            vectorEffect="non-scaling-stroke"
          />
        </g>
      ))}
      <rect
        width={face.width}
        height={face.height}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </g>
  );
}

/** A small elevation of a piece's front, scaled with its neighbours: `mmPerPixel` is the same for all. */
export function PieceThumb({ piece, fill, mmPerPixel }: { piece: Piece; fill: string; mmPerPixel: number }) {
  const face = elevationOf(piece).faces.find(({ id }) => id === 'front');
  if (!face) return null;
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox={`-8 -8 ${face.width + 16} ${face.height + 16}`}
      sx={{
        width: (face.width + 16) / mmPerPixel,
        height: (face.height + 16) / mmPerPixel,
        display: 'block',
        flex: 'none',
      }}
    >
      <FaceDrawing face={face} fill={fill} faint={!piece.scope.faces.includes('front')} />
    </Box>
  );
}

interface PieceElevationProps {
  piece: Piece;
  fill: string;
  units: UnitSystem;
  /** The box that the drawing is fitted into, in px. */
  width: number;
  height: number;
}

/** Both faces of a piece side by side, with sizes; faces out of scope are faint, painted edges are drawn heavy. */
export function PieceElevation({ piece, fill, units, width, height }: PieceElevationProps) {
  const { faces, edges } = elevationOf(piece);
  const [front] = faces;
  if (!front) return null;
  const { width: w, height: h } = front;
  const gap = Math.max(w, h) * 0.12;
  const text = Math.max(h / (height - 60), (2 * w + gap) / (width - 44)) * 13.5;
  const names = definitionOf(piece.kind).faceNames;
  const edge = text * 0.4;
  const total = { width: 2 * w + gap + text * 2 + 2 * edge, height: h + text * 4.2 };
  const painted = new Set(piece.scope.edges);
  const uprights = edges.some(({ id }) => id === 'hinge') ? (['hinge', 'lock'] as const) : (['left', 'right'] as const);
  const side = (id: string): boolean => edges.some((edge) => edge.id === id && painted.has(edge.id));
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`${piece.mark}, ${formatLength(w, units)} wide, ${formatLength(h, units)} high, front and back to scale`}
      viewBox={`${-text * 2 - edge} ${-text * 2} ${total.width} ${total.height}`}
      sx={{ width: '100%', maxHeight: height, display: 'block' }}
    >
      {faces.map((face, index) => {
        const inScope = piece.scope.faces.includes(face.id);
        const x = index * (w + gap);
        // Seen from the back, left and right change places.
        const [left, right] = index === 0 ? uprights : [uprights[1], uprights[0]];
        const heavy = (on: boolean, d: string) =>
          on && <path d={d} stroke="var(--bottle)" strokeWidth={5} vectorEffect="non-scaling-stroke" fill="none" />;
        return (
          <g key={face.id} transform={`translate(${x} 0)`}>
            <FaceDrawing face={face} fill={inScope ? fill : 'var(--ground)'} faint={!inScope} />
            {heavy(side(left), `M0 0V${h}`)}
            {heavy(side(right), `M${w} 0V${h}`)}
            {heavy(side('top'), `M0 0H${w}`)}
            {heavy(side('bottom'), `M0 ${h}H${w}`)}
            <text x={w / 2} y={h + text * 1.5} textAnchor="middle" fontSize={text} fill="var(--ink-soft)">
              {names[face.id]}
              {inScope ? '' : ', left'}
            </text>
          </g>
        );
      })}
      <g fontSize={text} fill="var(--ink)" stroke="none">
        <text x={w / 2} y={-text * 0.5} textAnchor="middle">
          {formatLength(w, units)}
        </text>
        <text transform={`translate(${-text * 0.6} ${h / 2}) rotate(-90)`} textAnchor="middle">
          {formatLength(h, units)}
        </text>
      </g>
    </Box>
  );
}
