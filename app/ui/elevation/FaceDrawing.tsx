import { useId, type ReactNode } from 'react';
import type { Element, Face, Point, Unpainted } from '../../../core/pieces/elevation.ts';
import { breakLine, shownPart } from './shown-part.ts';

const closed = (outline: readonly Point[]): string => `M${outline.map((point) => point.join(' ')).join('L')}Z`;
const path = (element: Element): string => [element.outline, ...element.holes].map(closed).join('');

interface Bounds {
  x: number;
  y: number;
  width: number;
  height: number;
}

function boundsOf(outline: readonly Point[]): Bounds {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** Four slopes around a field, lit from the upper left: a raised panel, a moulding, a bead around glass. */
function Slopes({ bounds: { x, y, width, height }, inset }: { bounds: Bounds; inset: number }) {
  const slopes: [string, string, number][] = [
    [`M${x} ${y}h${width}l${-inset} ${inset}h${-(width - 2 * inset)}Z`, '#000', 0.16],
    [`M${x} ${y}v${height}l${inset} ${-inset}v${-(height - 2 * inset)}Z`, '#000', 0.11],
    [`M${x} ${y + height}h${width}l${-inset} ${-inset}h${-(width - 2 * inset)}Z`, '#fff', 0.4],
    [`M${x + width} ${y}v${height}l${-inset} ${-inset}v${-(height - 2 * inset)}Z`, '#fff', 0.25],
  ];
  return slopes.map(([d, fill, opacity]) => <path key={d} d={d} fill={fill} fillOpacity={opacity} />);
}

/** The slopes of a raised or moulded panel, so that a door looks like a door. */
function PanelRelief({ element }: { element: Element }) {
  const bounds = boundsOf(element.outline);
  const inset = Math.min(bounds.width, bounds.height) * 0.13;
  return (
    <>
      <Slopes bounds={bounds} inset={inset} />
      <rect
        x={bounds.x + inset}
        y={bounds.y + inset}
        width={bounds.width - 2 * inset}
        height={bounds.height - 2 * inset}
        fill="none"
        stroke="var(--ink)"
        strokeOpacity={0.45}
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
    </>
  );
}

/** A frame of moulding is as wide as what is cut out of it leaves. */
function MouldingRelief({ element }: { element: Element }) {
  const [hole] = element.holes;
  if (!hole) return null;
  const bounds = boundsOf(element.outline);
  return <Slopes bounds={bounds} inset={(bounds.width - boundsOf(hole).width) / 2} />;
}

/** Light from above on a blade, from the left on a spindle or newel. */
function Roundness({ element }: { element: Element }) {
  const { x, y, width, height } = boundsOf(element.outline);
  const lies = element.part === 'louvre' || element.part === 'run';
  return (
    <>
      <rect
        x={x}
        y={y}
        width={lies ? width : width * 0.3}
        height={lies ? height * 0.28 : height}
        fill="#fff"
        fillOpacity={0.38}
      />
      <rect
        x={lies ? x : x + width * 0.7}
        y={lies ? y + height * 0.74 : y}
        width={lies ? width : width * 0.3}
        height={lies ? height * 0.26 : height}
        fill="#000"
        fillOpacity={0.2}
      />
    </>
  );
}

const RELIEF: Readonly<Partial<Record<Element['part'], (props: { element: Element }) => ReactNode>>> = {
  panel: PanelRelief,
  moulding: MouldingRelief,
  'glazing-moulding': MouldingRelief,
  louvre: Roundness,
  run: Roundness,
  spindle: Roundness,
  newel: Roundness,
};
/** What looks raised whether or not its area grows by it. */
const ALWAYS_IN_RELIEF: ReadonlySet<Element['part']> = new Set(['louvre', 'run', 'spindle', 'newel']);

/** Glass has a glint; where nothing is, the ground is seen through it. */
function Gap({ part }: { part: Unpainted }) {
  const { x, y, width, height } = boundsOf(part.outline);
  if (part.why === 'open') return null;
  const run = Math.min(width, height) * 0.42;
  return (
    <>
      <path d={closed(part.outline)} fill="#c4d5d8" />
      <path
        d={`M${x + width * 0.14} ${y + run}L${x + width * 0.14 + run * 0.8} ${y + run * 0.2}M${x + width * 0.14} ${y + run * 1.5}L${x + width * 0.14 + run * 1.2} ${y + run * 0.3}`}
        stroke="#fff"
        strokeOpacity={0.75}
        strokeWidth={1.25}
        vectorEffect="non-scaling-stroke"
      />
    </>
  );
}

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
            const Relief = RELIEF[element.part];
            const isRaised = element.developedArea > element.projectedArea || ALWAYS_IN_RELIEF.has(element.part);
            return (
              <g key={element.id}>
                <path d={path(element)} fill={fill} fillRule="evenodd" />
                {element.part === 'panel' && (
                  <path d={path(element)} fill="#000" fillOpacity={0.05} fillRule="evenodd" />
                )}
                {Relief && isRaised && <Relief element={element} />}
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
