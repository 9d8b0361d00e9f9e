import { useJob } from '../../open-job/use-job.ts';
import { formatLength } from '../../../core/units/length.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { drawnSection, MAX_CORNERS, readDrawnProfile } from '../../../core/pieces/profiles.ts';
import { accepted, type Outcome } from '../../../core/units/outcome.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';

interface ProfileFieldProps {
  label: string;
  /** x and y in mm by turns. */
  numbers: readonly number[];
  draft: string;
  take(read: Outcome<number[]>): Outcome<unknown>;
}

type Corner = readonly [x: number, y: number];

/** Steps of the arrow keys in mm. */
const STEPS: Readonly<Record<string, Corner>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** A profile drawn by its corners: dragged, moved with the arrow keys, or typed. */
export function ProfileField({ label, numbers, draft, take }: ProfileFieldProps) {
  const { units } = useJob().settings;
  const drawing = useRef<SVGSVGElement>(null);
  const { line, girth } = drawnSection(numbers);
  const widest = Math.max(20, ...line.map(([x]) => Math.abs(x)));
  const highest = Math.max(20, ...line.map(([, y]) => Math.abs(y)));
  const unit = Math.max(widest / 250, highest / 190);
  const text = line.map(([x, y]) => `${x} ${y}`).join(', ');
  const state = (corners: readonly Corner[]): void => void take(accepted(corners.flat()));
  const moveTo = (index: number, to: Corner): void =>
    state(line.map((corner, other) => (other === index ? to : corner)));

  const drag = (index: number) => (event: PointerEvent<SVGCircleElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const matrix = drawing.current?.getScreenCTM();
    if (!matrix) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    moveTo(index, [Math.round(x), Math.round(y)]);
  };
  const step = (index: number) => (event: KeyboardEvent<SVGCircleElement>) => {
    const [x, y] = line[index] ?? [0, 0];
    const by = STEPS[event.key];
    if (event.key === 'Delete' && line.length > 2) state(line.filter((_corner, other) => other !== index));
    else if (by) moveTo(index, [x + by[0], y + by[1]]);
    else return;
    event.preventDefault();
  };
  /** A corner in the middle of the longest stretch. */
  const addCorner = (): void => {
    const lengths = line
      .slice(1)
      .map(([x, y], index) => Math.hypot(x - (line[index]?.[0] ?? 0), y - (line[index]?.[1] ?? 0)));
    const at = lengths.indexOf(Math.max(...lengths)) + 1;
    const [before, after] = [line[at - 1] ?? [0, 0], line[at] ?? [0, 0]];
    state([
      ...line.slice(0, at),
      [Math.round((before[0] + after[0]) / 2), Math.round((before[1] + after[1]) / 2)],
      ...line.slice(at),
    ]);
  };

  return (
    <Box role="group" aria-label={label} sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)', flex: 1 }}>
          Drag the corners (wall at left). Girth {formatLength(girth, units)}.
        </Typography>
        <Button size="small" onClick={addCorner} disabled={line.length >= MAX_CORNERS}>
          Add corner
        </Button>
      </Box>
      <Box
        component="svg"
        ref={drawing}
        viewBox={`${-14 * unit} ${-14 * unit} ${widest + 60 * unit} ${highest + 34 * unit}`}
        sx={{ width: '100%', maxHeight: 230, background: 'var(--ground)', borderRadius: '6px', touchAction: 'none' }}
      >
        <path d={`M0 ${-14 * unit}V${highest + 20 * unit}`} stroke="var(--ink)" strokeWidth={2 * unit} />
        <path
          d={`M${line.map((corner) => corner.join(' ')).join('L')}`}
          fill="none"
          stroke="var(--bottle)"
          strokeWidth={3 * unit}
          strokeLinejoin="round"
        />
        {line.map(([x, y], index) => (
          <circle
            // Corners have no name but their place in the line.
            key={index}
            cx={x}
            cy={y}
            r={8 * unit}
            fill="var(--vial)"
            stroke="var(--ink)"
            strokeWidth={1.5 * unit}
            tabIndex={0}
            role="button"
            aria-label={`Corner ${index + 1}, ${formatLength(x, units)} out, ${formatLength(y, units)} down`}
            style={{ cursor: 'grab' }}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={drag(index)}
            onKeyDown={step(index)}
          />
        ))}
      </Box>
      <StatedField
        label={`${label}: corners in mm`}
        text={text}
        draft={draft}
        take={(typed) => take(readDrawnProfile(typed))}
      />
    </Box>
  );
}
