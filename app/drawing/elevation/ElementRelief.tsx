import type { ReactNode } from 'react';
import type { Element, Point, Unpainted } from '../../../core/pieces/elevation.ts';
import { boundsOf, type Bounds } from '../../../core/sequence/stroke.ts';

/** A closed outline as a path. */
export const closed = (outline: readonly Point[]): string => `M${outline.map((point) => point.join(' ')).join('L')}Z`;

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
  const field = boundsOf(element.relief?.inside ?? element.outline);
  const inset = (bounds.width - field.width) / 2;
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

/** What makes an element look as it stands out: slopes, roundness; nothing for what is flat. */
export function ElementRelief({ element }: { element: Element }) {
  const Relief = RELIEF[element.part];
  const isRaised = element.developedArea > element.projectedArea || ALWAYS_IN_RELIEF.has(element.part);
  return Relief && isRaised ? <Relief element={element} /> : null;
}

/** Glass has a glint; where nothing is, the ground is seen through it. */
export function Gap({ part }: { part: Unpainted }) {
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
