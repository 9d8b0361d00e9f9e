import Box from '@mui/material/Box';
import { DEFECTS } from '../../../core/checking/defects.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { colourOn } from '../../../core/job/queries/faces.ts';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import type { FaceId } from '../../../core/pieces/elevation.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useJob } from '../../open-job/use-job.ts';
import { FaceDrawing } from '../../drawing/elevation/FaceDrawing.tsx';
import { RakingLight } from '../../drawing/elevation/RakingLight.tsx';
import { shownPart } from '../../drawing/elevation/shown-part.ts';

interface FaceToTapProps {
  piece: Piece;
  face: FaceId;
  /** Numbered in the order of the list. */
  defects: readonly Defect[];
  /** Where something was tapped and is not named yet. */
  spot: { x: number; y: number } | null;
  /** The highest that it may be, in px. */
  maxHeight: number;
  onTap?(spot: { x: number; y: number }): void;
  onDefect?(defect: Defect): void;
}

/** A face to scale under a raking lamp: a tap says where something is, a number leads to what was found. */
export function TappableFace({ piece, face: faceId, defects, spot, maxHeight, onTap, onDefect }: FaceToTapProps) {
  const job = useJob();
  const face = elevationOf(piece).faces.find(({ id }) => id === faceId);
  const group = groupOf(job, piece);
  if (!face) return null;
  const { width } = shownPart(face);
  const { height } = face;
  const margin = Math.max(width, height) * 0.03;
  const radius = Math.max(width, height) * 0.028;
  const name = definitionOf(piece.kind).faceNames[faceId] ?? faceId;
  return (
    <Box
      component="svg"
      role="group"
      aria-label={`${piece.mark}, ${name}: tap the defect`}
      viewBox={`${-margin} ${-margin} ${width + 2 * margin} ${height + 2 * margin}`}
      sx={{
        width: '100%',
        maxHeight: `min(${maxHeight}px, 52vh)`,
        display: 'block',
        touchAction: 'manipulation',
        cursor: onTap ? 'crosshair' : 'default',
      }}
      onClick={(event: React.MouseEvent<SVGSVGElement>) => {
        const matrix = event.currentTarget.getScreenCTM();
        if (!onTap || !matrix) return;
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
        const within = (value: number, most: number): number => Math.round(Math.max(0, Math.min(most, value)));
        onTap({ x: within(at.x, face.width), y: within(at.y, height) });
      }}
    >
      <FaceDrawing face={face} fill={group ? colourOn(group, faceId).hex : '#efece2'} />
      <RakingLight id={`rake-${piece.id}-${faceId}`} width={width} height={height} />
      {defects.map((defect, index) => (
        <g
          key={defect.id}
          role="button"
          tabIndex={onDefect ? 0 : undefined}
          aria-label={`${index + 1}: ${DEFECTS[defect.kind].name}`}
          style={{ cursor: onDefect ? 'pointer' : 'inherit' }}
          onClick={(event) => {
            event.stopPropagation();
            onDefect?.(defect);
          }}
          onKeyDown={(event) => event.key === 'Enter' && onDefect?.(defect)}
          transform={`translate(${Math.min(width, defect.spot?.x ?? width / 2)} ${defect.spot?.y ?? height / 2})`}
        >
          <circle r={radius * 1.9} fill="transparent" />
          <circle r={radius} fill="var(--late)" stroke="#fff" strokeWidth={2.5} vectorEffect="non-scaling-stroke" />
          <text
            textAnchor="middle"
            dominantBaseline="central"
            fontSize={radius * 1.2}
            fill="var(--sheet)"
            className="condensed"
          >
            {index + 1}
          </text>
        </g>
      ))}
      {spot && (
        <g transform={`translate(${Math.min(width, spot.x)} ${spot.y})`} style={{ pointerEvents: 'none' }}>
          <circle r={radius * 1.3} fill="none" stroke="#18292b" strokeWidth={5} vectorEffect="non-scaling-stroke" />
          <circle
            r={radius * 1.3}
            fill="none"
            stroke="var(--vial)"
            strokeWidth={3}
            strokeDasharray="5 3"
            vectorEffect="non-scaling-stroke"
          />
        </g>
      )}
    </Box>
  );
}
