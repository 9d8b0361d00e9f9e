import { ProgressMark } from '../../../drawing/ProgressMark.tsx';
import { tinSizeInWords } from '../../../../core/shelf/tin-sizes.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { boxingPlan } from '../../../../core/quantities/boxing.ts';
import { enoughFor } from '../../../../core/quantities/enough-for.ts';
import type { ProductNeed } from '../../../../core/quantities/litres.ts';
import { marksInWords } from '../../../../core/job/marks.ts';
import { spreadRate } from '../../../../core/shelf/film.ts';
import { AREA, VOLUME, SPREAD_RATE } from '../../../../core/units/measures.ts';
import { counted } from '../../../../core/units/sentence.ts';
import { Fold } from '../../../parts/Fold.tsx';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';
import { BoxingList } from './BoxingList.tsx';
import { InStock } from './InStock.tsx';
import { Tins } from './Tins.tsx';

/** One product: how the litres come about, which tins to buy, what one would buy instead, and how they are boxed. */
export function NeedCard({ need, money }: { need: ProductNeed; money: Intl.NumberFormat }) {
  const job = useJob();
  const localise = useLocalise();
  const { units } = job.settings;
  const { coating, colour } = need;
  const { best, second } = need.tins;
  const had = need.stock.reduce((sum, litres) => sum + litres, 0);
  const bought = best.tins.reduce((sum, litres) => sum + litres, had);
  const spread = spreadRate(coating.volumeSolids, coating.dryFilm);
  const rest = enoughFor(need);
  const boxes = boxingPlan(need, job.mixing.bucket);
  const fill = colour?.hex ?? '#dcd8cb';
  const listed = (tins: readonly number[]): string =>
    [...new Set(tins)]
      .map((size) => `${tins.filter((tin) => tin === size).length} × ${tinSizeInWords(size, units)}`)
      .join(' + ');
  return (
    <Box
      component="li"
      aria-label={`${coating.name}${colour ? `, ${colour.name}` : ''}`}
      sx={{ background: 'var(--sheet)', border: '1px solid var(--line)', borderRadius: '8px', px: 2, pt: 2, pb: 0.5 }}
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '280px minmax(0, 1fr) auto' },
          columnGap: 3,
          rowGap: 1.25,
          alignItems: 'center',
          mb: 1.5,
        }}
      >
        <Tins tins={best.tins} litres={Math.max(0, need.litres - had)} fill={fill} />
        <Box sx={{ order: { xs: -2, sm: 0 } }}>
          <Typography variant="h3">
            {coating.name}
            {colour && <span style={{ fontWeight: 500 }}> · {colour.name}</span>}
          </Typography>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mt: 0.75, fontSize: 15 }}>
            <span>need {VOLUME.format(need.litres, units)}</span>
            <ProgressMark
              width={96}
              share={Math.min(0.999, need.litres / Math.max(bought, 1e-9))}
              words={localise(`Need ${VOLUME.format(need.litres, units)} of ${VOLUME.format(bought, units)} in tins`)}
            />
          </Box>
          <InStock need={need} />
        </Box>
        <Box sx={{ textAlign: { sm: 'right' }, display: 'grid', gap: 0.25, order: { xs: -1, sm: 0 } }}>
          <Typography variant="h2" component="p">
            {best.tins.length === 0 ? 'nothing to buy' : listed(best.tins)}
          </Typography>
          {best.tins.length > 0 && <Typography sx={{ fontSize: 15 }}>{money.format(best.cost)}</Typography>}
          {second && (
            <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
              next best {listed(second.tins)}, {money.format(second.cost)}
            </Typography>
          )}
        </Box>
      </Box>
      <Fold
        title="Breakdown"
        summary={`${counted(need.coats.length, 'coat')}, ${VOLUME.format(need.residue + need.reserve, units)} for tools and touch-ups`}
      >
        <Box component="ul" sx={{ fontSize: 14 }}>
          {need.coats.map((coat) => (
            <li key={`${coat.groupId}/${coat.number}/${coat.tool}`}>
              {coat.groupName}, coat {coat.number}, {coat.tool}
              {coat.thinning > 0 ? `, thinned ${coat.thinning}%` : ''}: {AREA.format(coat.area, units)} →{' '}
              {VOLUME.format(coat.litres, units)}
            </li>
          ))}
          <li>{VOLUME.format(need.residue, units)} lost in tools</li>
          <li>{VOLUME.format(need.reserve, units)} for touch-ups</li>
          <Box component="li" sx={{ color: 'var(--ink-soft)' }}>
            coverage {SPREAD_RATE.format(spread, units)}
            {job.shelf.coatings.some(({ id }) => id === coating.id) ? '' : ', default'}
          </Box>
        </Box>
      </Fold>
      <Fold
        title={colour ? localise('Boxing, and where to change tins') : localise('Where to change tins')}
        summary={
          rest
            ? `${VOLUME.format(rest.litres, units)} left over: one more coat on ${AREA.format(rest.area, units)}`
            : 'almost none left over'
        }
      >
        <BoxingList boxes={boxes} isColoured={colour !== null} fill={fill} />
        {colour && (
          <Typography sx={{ fontSize: 14 }}>
            {localise(
              best.tins.length > 1
                ? `Buy all ${best.tins.length} tins of ${colour.name} together, from one batch. Check the number on each lid.`
                : 'One tin, one batch.',
            )}
          </Typography>
        )}
        {rest && (
          <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {rest.marks.length > 0
              ? `Leftover covers one more coat on ${marksInWords(rest.marks)} (${rest.tool}).`
              : 'Leftover won’t cover one more coat on any piece.'}
          </Typography>
        )}
      </Fold>
    </Box>
  );
}
