import { labOf, reflectance } from '../../core/colour/colour.ts';
import { BASES, baseOf } from '../../core/colour/hiding.ts';

/** What is measured of a colour: CIELAB, reflectance, and the base that it is tinted into. */
export function ColourFigures({ hex }: { hex: string }) {
  const { l, a, b } = labOf(hex);
  return (
    <span>
      {hex} · L* {l.toFixed(0)} a* {a.toFixed(0)} b* {b.toFixed(0)} · LRV {reflectance(hex).toFixed(0)}% ·{' '}
      {BASES[baseOf(hex)].name}
    </span>
  );
}
