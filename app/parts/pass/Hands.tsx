import type { PassResult } from '../../../core/sequence/simulated-pass.ts';

/** Where each painter is. */
export function Hands({ result }: { result: PassResult }) {
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
