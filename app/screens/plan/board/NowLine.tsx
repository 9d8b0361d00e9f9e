import { HEAD } from './Backdrop.tsx';

/** The line of now through all rows. */
export function NowLine({ x, height }: { x: number; height: number }) {
  return (
    <g aria-hidden style={{ pointerEvents: 'none' }}>
      <line x1={x} x2={x} y1={HEAD - 12} y2={height} stroke="var(--late)" strokeWidth={2} />
      <path d={`M${x - 6} ${HEAD - 18}h12l-6 9z`} fill="var(--late)" />
    </g>
  );
}
