import { useId } from 'react';
import type { Element, Face, Point } from '../../../core/pieces/elevation.ts';
import { closed, ElementRelief, Gap } from './ElementRelief.tsx';
import { breakLine, shownPart } from './shown-part.ts';

const path = (element: Element): string => [element.outline, ...element.holes].map(closed).join('');

interface FaceDrawingProps {
  face: Face;
  fill: string;
  faint?: boolean;
}

/** One face to scale, in mm: x to the right, y down; very wide ones are broken off. For use inside another drawing. */
export function FaceDrawing({ face, fill, faint = false }: FaceDrawingProps) {
  const clip = useId();
  const { width, isBroken } = shownPart(face);
  const isShown = (outline: readonly Point[]): boolean => !isBroken || outline.some(([x]) => x < width);
  return (
    <g opacity={faint ? 0.35 : 1}>
      {isBroken && (
        <clipPath id={clip}>
          <path d={`M0 0L${breakLine(width, face.height)}L0 ${face.height}Z`} />
        </clipPath>
      )}
      <g clipPath={isBroken ? `url(#${clip})` : undefined}>
        {face.unpainted
          .filter(({ outline }) => isShown(outline))
          .map((part) => (
            <Gap key={part.id} part={part} />
          ))}
        {face.elements
          .filter(({ outline }) => isShown(outline))
          .map((element) => {
            return (
              <g key={element.id}>
                <path d={path(element)} fill={fill} fillRule="evenodd" />
                {element.part === 'panel' && (
                  <path d={path(element)} fill="#000" fillOpacity={0.05} fillRule="evenodd" />
                )}
                <ElementRelief element={element} />
                <path
                  d={path(element)}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth={1}
                  strokeOpacity={0.7}
                  vectorEffect="non-scaling-stroke"
                />
              </g>
            );
          })}
      </g>
      <path
        d={isBroken ? `M${width} 0H0V${face.height}H${width}` : `M0 0H${width}V${face.height}H0Z`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
      {isBroken && (
        <path
          d={`M${breakLine(width, face.height)}`}
          fill="none"
          stroke="var(--ink-soft)"
          strokeWidth={1.25}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  );
}
