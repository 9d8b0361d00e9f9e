import Box from '@mui/material/Box';
import type { CutBar } from '../../../core/quantities/cutting-stock.ts';
import type { MouldingLength } from '../../../core/quantities/cut-list.ts';
import { formatLength, lengthFieldText } from '../../../core/units/length.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';

interface CutBarDrawingProps {
  number: number;
  bar: CutBar;
  /** The longest bar on sale: all bars are drawn to its scale. */
  longest: number;
  lengths: readonly MouldingLength[];
  cut: ReadonlySet<string>;
  units: UnitSystem;
  onTick(id: string): void;
}

/** From this share of a bar on there is room to say how long an offcut is. */
const SAID_FROM = 0.07;

/** One bar with its mitred lengths, to scale; a touch ticks a length off. */
export function CutBarDrawing({ number, bar, longest, lengths, cut, units, onTick }: CutBarDrawingProps) {
  return (
    <Box
      component="li"
      sx={{ display: 'grid', gridTemplateColumns: '64px minmax(0, 1fr)', gap: 1, alignItems: 'center' }}
    >
      <Box sx={{ fontSize: 13, color: 'var(--ink-soft)', lineHeight: 1.25 }}>
        <strong>Bar {number}</strong>
        <br />
        {formatLength(bar.stock, units)}
      </Box>
      <Box
        sx={{
          display: 'flex',
          gap: '2px',
          width: `${(bar.stock / longest) * 100}%`,
          height: 46,
          background: 'repeating-linear-gradient(135deg, var(--line) 0 2px, transparent 2px 8px)',
          border: '1px solid var(--line)',
        }}
      >
        {bar.cuts.map(({ id, length }) => {
          const piece = lengths.find((entry) => entry.id === id);
          const isCut = cut.has(id);
          return (
            <Box
              key={id}
              component="button"
              type="button"
              aria-pressed={isCut}
              aria-label={`${piece?.mark ?? ''}, ${piece?.place ?? ''}, ${formatLength(length, units)}`}
              title={`${piece?.mark ?? ''}, ${piece?.place ?? ''}: ${formatLength(length, units)}${isCut ? ', cut' : ''}`}
              onClick={() => onTick(id)}
              sx={{
                width: `${(length / bar.stock) * 100}%`,
                flex: 'none',
                border: 0,
                p: 0,
                font: 'inherit',
                fontSize: 13,
                lineHeight: 1.15,
                cursor: 'pointer',
                overflow: 'hidden',
                whiteSpace: 'nowrap',
                color: 'var(--ink)',
                background: isCut ? 'var(--ready-fill)' : '#e9dcc0',
                ...(isCut ? {} : { color: '#18292b' }),
                clipPath: 'polygon(0 0, 100% 0, calc(100% - 12px) 100%, 12px 100%)',
              }}
            >
              <strong>
                {isCut ? '✓ ' : ''}
                {piece?.mark}
              </strong>
              <br />
              {lengthFieldText(length, units)}
            </Box>
          );
        })}
        {bar.offcut / longest > SAID_FROM && (
          <Box sx={{ flex: 1, alignSelf: 'center', textAlign: 'center', fontSize: 13, overflow: 'hidden' }}>
            <Box component="span" sx={{ background: 'var(--sheet)', px: 0.5, color: 'var(--ink-soft)' }}>
              {lengthFieldText(bar.offcut, units)}
            </Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}
