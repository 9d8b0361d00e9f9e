import Box from '@mui/material/Box';
import type { Wetness } from '../../core/planning/reading/drying-places.ts';

/** Wetness has one code everywhere: a colour, a texture and a word. */
export const WETNESS_WORDS: Readonly<Record<Wetness, string>> = {
  wet: 'wet',
  tacky: 'tacky: leave it',
  hardening: 'curing: handle only',
  ready: 'ready',
  late: 'past recoat: sand again',
  cured: 'cured',
};

/** The same in a word. */
export const WETNESS_SHORT: Readonly<Record<Wetness, string>> = {
  wet: 'wet',
  tacky: 'tacky',
  hardening: 'curing',
  ready: 'ready',
  late: 'past recoat',
  cured: 'cured',
};

/** The textures, as SVG patterns to be defined once in a drawing: hatched, dotted, sparsely dotted, crossed. */
export function WetnessPatterns() {
  return (
    <defs>
      <pattern id="texture-wet" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width={6} height={6} fill="var(--wet)" />
        <line x1={1} x2={1} y1={0} y2={6} stroke="#fff" strokeOpacity={0.42} strokeWidth={1.6} />
      </pattern>
      <pattern id="texture-closing" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width={7} height={7} fill="color-mix(in srgb, var(--wet) 34%, var(--sheet))" />
        <line x1={1.5} x2={1.5} y1={0} y2={7} stroke="var(--wet)" strokeWidth={1.6} />
      </pattern>
      <pattern id="texture-tacky" width={7} height={7} patternUnits="userSpaceOnUse">
        <rect width={7} height={7} fill="var(--tacky)" />
        <circle cx={2} cy={2} r={1.1} fill="#fff" fillOpacity={0.75} />
        <circle cx={5.5} cy={5.5} r={1.1} fill="#fff" fillOpacity={0.75} />
      </pattern>
      <pattern id="texture-hardening" width={9} height={9} patternUnits="userSpaceOnUse">
        <rect width={9} height={9} fill="color-mix(in srgb, var(--tacky) 24%, var(--sheet))" />
        <circle cx={2.5} cy={2.5} r={1.2} fill="var(--tacky)" />
      </pattern>
      <pattern id="texture-late" width={7} height={7} patternUnits="userSpaceOnUse">
        <rect width={7} height={7} fill="var(--late)" />
        <path d="M0 0L7 7M7 0L0 7" stroke="#fff" strokeOpacity={0.5} strokeWidth={1.2} />
      </pattern>
    </defs>
  );
}

/** How a stretch in a state is filled and outlined. */
export function wetnessPaint(state: Wetness): { fill: string; stroke: string } {
  switch (state) {
    case 'wet':
    case 'tacky':
    case 'late':
      return { fill: `url(#texture-${state})`, stroke: 'none' };
    case 'hardening':
      return { fill: 'url(#texture-hardening)', stroke: 'var(--tacky)' };
    case 'ready':
      return { fill: 'var(--ready-fill)', stroke: 'var(--ready)' };
    case 'cured':
      return { fill: 'var(--cured)', stroke: 'none' };
  }
}

/** The legend of states, in words beside their textures. */
export function WetnessKey({ states }: { states: readonly Wetness[] }) {
  return (
    <Box component="ul" aria-label="Key" sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap' }}>
      {states.map((state) => (
        <Box component="li" key={state} sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 14 }}>
          <svg width={30} height={14} aria-hidden>
            <WetnessPatterns />
            <rect x={0.75} y={0.75} width={28.5} height={12.5} rx={2} {...wetnessPaint(state)} strokeWidth={1.5} />
          </svg>
          {WETNESS_WORDS[state]}
        </Box>
      ))}
    </Box>
  );
}
