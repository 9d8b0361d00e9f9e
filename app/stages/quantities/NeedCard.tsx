import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ProductNeed } from '../../../core/quantities/litres.ts';
import { spreadRate } from '../../../core/shelf/film.ts';
import { formatArea, formatVolume } from '../../../core/units/quantity.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Vial } from '../../ui/Vial.tsx';

/** The tins of a choice, drawn to the scale of their content, filled as far as they will be used. */
function Tins({ need, fill }: { need: ProductNeed; fill: string }) {
  const { say } = useJob();
  const sides = need.tins.tins.map((litres) => 30 + 24 * Math.cbrt(litres));
  const base = 84;
  const drawn = need.tins.tins.map((litres, index) => ({
    litres,
    side: sides[index] ?? 0,
    left: sides.slice(0, index).reduce((sum, side) => sum + side + 10, 4),
    before: need.tins.tins.slice(0, index).reduce((sum, other) => sum + other, 0),
  }));
  return (
    <Box
      component="svg"
      role="img"
      aria-label={say(`Tins of ${need.tins.tins.map((litres) => `${litres} L`).join(', ')}`)}
      viewBox={`0 0 ${sides.reduce((sum, side) => sum + side + 10, 8)} 108`}
      sx={{ maxHeight: 108, maxWidth: '100%', display: 'block' }}
      width={sides.reduce((sum, side) => sum + side + 10, 8)}
    >
      {drawn.map(({ litres, side, left, before }, index) => {
        const share = Math.max(0, Math.min(1, (need.litres - before) / litres));
        const height = side * 1.08;
        const top = base - height;
        const level = base - 3 - (height - 12) * share;
        return (
          <g key={index}>
            <rect
              x={left}
              y={top}
              width={side}
              height={height}
              rx={3}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            <rect x={left + 3} y={level} width={side - 6} height={base - 3 - level} fill={fill} />
            <rect
              x={left - 2}
              y={top - 3}
              width={side + 4}
              height={7}
              rx={2}
              fill="var(--ground)"
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            <path
              d={`M${left} ${top + 8}q${side / 2} ${side * 0.45} ${side} 0`}
              fill="none"
              stroke="var(--ink)"
              strokeOpacity={0.5}
            />
            <text
              x={left + side / 2}
              y={base + 17}
              fontSize={14}
              textAnchor="middle"
              fill="var(--ink)"
              className="condensed"
            >
              {litres} L
            </text>
          </g>
        );
      })}
    </Box>
  );
}

/** One product: what it is for, how the litres come about, and which tins to buy. */
export function NeedCard({ need, money }: { need: ProductNeed; money: Intl.NumberFormat }) {
  const { job, say } = useJob();
  const { units } = job.settings;
  const { coating, colour, tins } = need;
  const bought = tins.tins.reduce((sum, litres) => sum + litres, 0);
  const spread = spreadRate(coating.volumeSolids, coating.dryFilm);
  return (
    <Box
      component="li"
      aria-label={`${coating.name}${colour ? `, ${colour.name}` : ''}`}
      sx={{
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        p: 2,
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: 'auto minmax(0, 1fr) auto' },
        gap: 3,
        alignItems: 'center',
      }}
    >
      <Tins need={need} fill={colour?.hex ?? '#dcd8cb'} />
      <Box>
        <Typography variant="h3">
          {coating.name}
          {colour && <span style={{ fontWeight: 500 }}> · {colour.name}</span>}
        </Typography>
        <Box component="ul" sx={{ mt: 0.75, fontSize: 14 }}>
          {need.coats.map((coat) => (
            <li key={`${coat.groupId}/${coat.number}`}>
              {coat.groupName}, coat {coat.number}, {coat.tool}: {formatArea(coat.area, units)} →{' '}
              {formatVolume(coat.litres, units)}
            </li>
          ))}
          <Box component="li" sx={{ color: 'var(--ink-soft)' }}>
            left in tools {formatVolume(need.residue, units)}, for touching up {formatVolume(need.reserve, units)};
            spreads {spread.toFixed(1)} m²/L a coat
            {job.shelf.coatings.some(({ id }) => id === coating.id) ? '' : ' (default)'}
          </Box>
        </Box>
      </Box>
      <Box sx={{ textAlign: { sm: 'right' }, display: 'grid', gap: 0.5, justifyItems: { sm: 'end' } }}>
        <Typography variant="h2" component="p">
          {formatVolume(need.litres, units)}
        </Typography>
        <Vial
          reading={{ side: 'between', share: 1 - Math.min(1, tins.leftOver / Math.max(bought, 1e-9)) }}
          words={say(`Need ${formatVolume(need.litres, units)} of ${formatVolume(bought, units)} in tins`)}
          detail={say(
            `The cheapest tins that hold ${formatVolume(need.litres, units)}; exact over all sizes on the shelf.`,
          )}
        />
        <Typography sx={{ fontSize: 14 }}>
          {money.format(tins.cost)} · {formatVolume(tins.leftOver, units)} left over
        </Typography>
      </Box>
    </Box>
  );
}
