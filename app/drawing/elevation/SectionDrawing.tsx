import type { UnitSystem } from '../../../core/units/unit-systems.ts';
import { formatLength } from '../../../core/units/length.ts';
import Box from '@mui/material/Box';
import type { Section } from '../../../core/pieces/profiles.ts';

interface SectionDrawingProps {
  units: UnitSystem;
  section: Section;
  fill: string;
  /** Height of the drawing in px. */
  height: number;
}

/** A profile as cut, the wall hatched to its left; its painted line is drawn heavy. */
export function SectionDrawing({ section, fill, height, units }: SectionDrawingProps) {
  const xs = section.line.map(([x]) => x);
  const ys = section.line.map(([, y]) => y);
  const [left, right] = [Math.min(0, ...xs), Math.max(1, ...xs)];
  const [top, bottom] = [Math.min(0, ...ys), Math.max(1, ...ys)];
  const scale = (bottom - top) / (height - 20);
  const wall = 10 * scale;
  const painted = `M${section.line.map((point) => point.join(' ')).join('L')}`;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Profile, girth ${formatLength(section.girth, units)}`}
      viewBox={`${left - wall} ${top - 10 * scale} ${right - left + wall + 10 * scale} ${bottom - top + 20 * scale}`}
      sx={{ height, width: 'auto', maxWidth: '100%', display: 'block' }}
    >
      <path
        d={Array.from({ length: 12 }, (_unused, index) => {
          const y = top + ((bottom - top) * (index + 0.5)) / 12;
          return `M${left - wall} ${y + wall}L${left} ${y}`;
        }).join('')}
        stroke="var(--ink-soft)"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      <path d={`M${left} ${top}V${bottom}`} stroke="var(--ink)" strokeWidth={1.5} vectorEffect="non-scaling-stroke" />
      <path d={`${painted}L${left} ${bottom}L${left} ${top}Z`} fill={fill} />
      <path
        d={painted}
        fill="none"
        stroke="var(--bottle)"
        strokeWidth={4}
        strokeLinejoin="round"
        vectorEffect="non-scaling-stroke"
      />
    </Box>
  );
}
