import Box from '@mui/material/Box';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import type { EdgeId, Face } from '../../../core/pieces/elevation.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { formatLength } from '../../../core/units/length.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';
import { FaceDrawing } from './FaceDrawing.tsx';
import { SectionDrawing } from './SectionDrawing.tsx';
import { shownPart } from './shown-part.ts';

interface PieceElevationProps {
  piece: Piece;
  fill: string;
  units: UnitSystem;
  /** The box that the drawing is fitted into, in px. */
  width: number;
  height: number;
}

/** The faces of a piece side by side, with sizes; faces out of scope are faint, painted edges are drawn heavy. */
export function PieceElevation({ piece, fill, units, width, height }: PieceElevationProps) {
  const { faces } = elevationOf(piece);
  const { faceNames, section, remarks } = definitionOf(piece.kind);
  const [front] = faces;
  if (!front) return null;
  const { width: w } = shownPart(front);
  const { height: h } = front;
  const gap = Math.max(w, h) * 0.12;
  const across = faces.length * w + (faces.length - 1) * gap;
  const text = Math.max(h / (height - 60), across / (width - 44)) * 13.5;
  const edge = text * 0.4;
  const said = remarks?.(piece.shape, units) ?? [];
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box
        component="svg"
        role="img"
        aria-label={`${piece.mark}, ${formatLength(front.width, units)} wide, ${formatLength(h, units)} high, ${faces.map((face) => faceNames[face.id]).join(' and ')} to scale`}
        viewBox={`${-text * 2 - edge} ${-text * 2} ${across + text * 2 + 2 * edge} ${h + text * 4.2}`}
        sx={{ width: '100%', maxHeight: height, display: 'block' }}
      >
        {faces.map((face, index) => (
          <g key={face.id} transform={`translate(${index * (w + gap)} 0)`}>
            <ScopedFace piece={piece} face={face} fill={fill} text={text} name={faceNames[face.id] ?? ''} />
          </g>
        ))}
        <g fontSize={text} fill="var(--ink)" stroke="none">
          <text x={w / 2} y={-text * 0.5} textAnchor="middle">
            {formatLength(front.width, units)}
          </text>
          <text transform={`translate(${-text * 0.6} ${h / 2}) rotate(-90)`} textAnchor="middle">
            {formatLength(h, units)}
          </text>
        </g>
      </Box>
      {(section || said.length > 0) && (
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', justifyContent: 'center', flexWrap: 'wrap' }}>
          {section && <SectionDrawing units={units} section={section(piece.shape)} fill={fill} height={96} />}
          <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{said.join(' · ')}</Box>
        </Box>
      )}
    </Box>
  );
}

interface ScopedFaceProps {
  piece: Piece;
  face: Face;
  fill: string;
  /** Size of the lettering in mm. */
  text: number;
  name: string;
}

/** One face with what of its edges is painted, its new holes, and its name. */
function ScopedFace({ piece, face, fill, text, name }: ScopedFaceProps) {
  const { edges } = elevationOf(piece);
  const painted = new Set(edges.map(({ id }) => id).filter((id) => piece.scope.edges.includes(id)));
  const uprights: [EdgeId, EdgeId] = edges.some(({ id }) => id === 'hinge') ? ['hinge', 'lock'] : ['left', 'right'];
  // Seen from the back, left and right change places.
  const [left, right] = face.id === 'front' ? uprights : [uprights[1], uprights[0]];
  const isInScope = piece.scope.faces.includes(face.id);
  const { height } = face;
  const { width, isBroken } = shownPart(face);
  const heavy = (id: EdgeId, d: string) =>
    painted.has(id) && (
      <path d={d} stroke="var(--bottle)" strokeWidth={5} vectorEffect="non-scaling-stroke" fill="none" />
    );
  return (
    <>
      <FaceDrawing face={face} fill={isInScope ? fill : 'var(--ground)'} faint={!isInScope} />
      {heavy(left, `M0 0V${height}`)}
      {!isBroken && heavy(right, `M${width} 0V${height}`)}
      {heavy('top', `M0 0H${width}`)}
      {heavy('bottom', `M0 ${height}H${width}`)}
      {face.id === 'front' &&
        piece.drillings
          .filter(({ on, x }) => on === 'front' && x <= width)
          .flatMap(({ id, x, y, centres, upright, diameter }) =>
            (centres === 0 ? [0] : [-centres / 2, centres / 2]).map((offset) => (
              <circle
                key={`${id}/${offset}`}
                cx={x + (upright ? 0 : offset)}
                cy={y + (upright ? offset : 0)}
                r={Math.max(diameter / 2, text * 0.22)}
                fill="var(--sheet)"
                stroke="var(--late)"
                strokeWidth={1.75}
                vectorEffect="non-scaling-stroke"
              />
            )),
          )}
      <text x={width / 2} y={height + text * 1.5} textAnchor="middle" fontSize={text} fill="var(--ink-soft)">
        {name}
        {isInScope ? '' : ', left'}
      </text>
    </>
  );
}
