import { formatMoment } from '../../../../core/units/moments.ts';
import { MeasureField } from '../../../parts/fields/MeasureField.tsx';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { dryingClimateId } from '../../../../core/job/queries/places.ts';
import { marksInWords } from '../../../../core/job/marks.ts';
import { clocksOf } from '../../../../core/clocks/job-clocks.ts';
import { localTime, minutesSince } from '../../../../core/job/site-time.ts';
import { potAccount, potLifeAt, potRuns } from '../../../../core/planning/reading/pot-runs.ts';
import type { ProductNeed } from '../../../../core/quantities/litres.ts';
import { residueIn } from '../../../../core/shelf/tools.ts';
import { potPortions, type Portions } from '../../../../core/quantities/mixes.ts';
import { coatMinutes, crewFactor } from '../../../../core/quantities/pace.ts';
import type { Coating } from '../../../../core/shelf/coating.ts';
import { formatDuration, VOLUME, PORTION, GRAMS } from '../../../../core/units/measures.ts';
import { useCommands, useJob, useNow, useLocalise } from '../../../open-job/use-job.ts';
import { How } from '../../../parts/How.tsx';
import { Caution, Section } from '../../../parts/Section.tsx';
import { useJobProblem, usePlanReading } from '../../../open-job/use-reading.ts';

const HORIZON = 120;

/** Two-part products: how each planned run is mixed, or, without a plan, each coat as if it were put on now. */
export function TwoPart({ needs }: { needs: readonly ProductNeed[] }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const problem = useJobProblem();
  const reading = usePlanReading(problem, job.plan);
  const twoPart = needs.filter(({ coating }) => coating.potLife !== null);
  const runs = reading ? potRuns(job, problem, reading) : [];
  const at = reading ? minutesSince(reading.t0, now, job.site.timeZone) : 0;
  return (
    <Section
      title="Two-part products"
      aside={
        twoPart.length > 0 && (
          <MeasureField
            label="Smallest measure"
            measure={PORTION}
            value={job.mixing.smallest}
            limits={[0.5, 500]}
            draft={`${job.id}/smallest`}
            sx={{ width: 210 }}
            take={(smallest) => apply('change-mixing', { smallest }, { strokes: 'smallest', quiet: true })}
          />
        )
      }
    >
      {twoPart.length === 0 && <Typography sx={{ color: 'var(--ink-soft)' }}>No two-part products chosen.</Typography>}
      {twoPart.length > 0 && (
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <Caution>
            Hardeners sensitise: gloves and glasses for every mix, mask as the data sheet says. A full pot gets hot:
            never close the tin on it.
          </Caution>
          <Box component="ul" aria-label="Portions" sx={{ display: 'grid', gap: 1 }}>
            {runs.map((run) => (
              <PortionCard
                key={run.run.id}
                coating={run.coating}
                when={`${formatMoment(localTime(reading?.t0 ?? '', run.run.start, job.site.timeZone), 'longDayTime')}${run.run.end <= at ? ', done' : ''}`}
                what={marksInWords(run.marks)}
                litres={run.litres}
                portions={run.portions}
                how={() => potAccount(problem.clocks, run.coating, run.climateId, run.run.start, job.settings.units)}
              />
            ))}
            {runs.length === 0 &&
              twoPart.map((need) => <CoatsNow key={`${need.product}/${need.colour?.hex ?? ''}`} need={need} />)}
          </Box>
          {runs.length === 0 && (
            <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
              Based on painting now. With a plan, portions follow its jobs.
            </Typography>
          )}
        </Box>
      )}
    </Section>
  );
}

/** The coats of a product as if each were put on now. */
function CoatsNow({ need }: { need: ProductNeed }) {
  const job = useJob();
  const now = useNow();
  const clocks = clocksOf(job, HORIZON);
  const at = Math.max(0, minutesSince(clocks.t0, now, job.site.timeZone));
  const factor = crewFactor(job.crew);
  return need.coats.map((coat) => {
    const uses = need.uses.filter(({ group, number }) => group.id === coat.groupId && number === coat.number);
    const [first] = uses;
    if (!first) return null;
    const litres = coat.litres + residueIn(coat.tool);
    const workMinutes = uses.reduce((sum, use) => sum + coatMinutes(use.piece, use.face, use.coat), 0) * factor;
    const climateId = dryingClimateId(job, first.piece, [first.face]);
    const potLife = potLifeAt(clocks, need.coating, climateId, at);
    return (
      <PortionCard
        key={`${coat.groupId}/${coat.number}`}
        coating={need.coating}
        when={`as of ${formatMoment(now, 'dayTime')}`}
        what={`${coat.groupName}, coat ${coat.number}`}
        litres={litres}
        portions={potPortions(need.coating, { litres, workMinutes, potLife }, job.mixing.smallest)}
        how={() => potAccount(clocks, need.coating, climateId, at, job.settings.units)}
      />
    );
  });
}

interface PortionCardProps {
  coating: Coating;
  when: string;
  what: string;
  litres: number;
  portions: Portions;
  /** How long the pot lives, and why. */
  how(): readonly string[];
}

/** How one run is mixed: so many portions, each by volume and by mass, when to use it and by when it is used up. */
function PortionCard({ coating, when, what, litres, portions, how }: PortionCardProps) {
  const { units } = useJob().settings;
  const localise = useLocalise();
  return (
    <Box
      component="li"
      sx={{ background: 'var(--sheet)', border: '1px solid var(--line)', borderRadius: '8px', p: 1.75 }}
    >
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <strong>{coating.name}</strong>
        <span>{when}</span>
        <Box component="span" sx={{ color: 'var(--ink-soft)', flex: 1 }}>
          {what} · {VOLUME.format(litres, units)} in all
        </Box>
      </Box>
      {portions.kind === 'portions' ? (
        <>
          <Box sx={{ mt: 0.5 }}>
            {portions.count === 1 ? 'One portion' : `${portions.count} portions, each:`}{' '}
            <How
              of={`Use within ${formatDuration(portions.potLife)}`}
              lines={how}
              page="quantities#two-part-products"
            />
          </Box>
          <Box
            component="dl"
            sx={{
              display: 'grid',
              gridTemplateColumns: 'repeat(auto-fit, minmax(104px, 1fr))',
              gap: 1,
              m: 0,
              mt: 0.5,
              dt: { fontSize: 14, color: 'var(--ink-soft)' },
              dd: { m: 0, fontSize: 20, fontWeight: 700 },
            }}
          >
            <Figure
              name="Base"
              value={PORTION.format(portions.each.base.millilitres, units)}
              detail={GRAMS.format(portions.each.base.grams, units)}
            />
            <Figure
              name="Hardener"
              value={PORTION.format(portions.each.hardener.millilitres, units)}
              detail={GRAMS.format(portions.each.hardener.grams, units)}
            />
            <Figure name="Stand" value={portions.induction > 0 ? `${portions.induction} min` : 'none'} />
            <Figure
              name="Use within"
              value={formatDuration(portions.potLife)}
              detail={`takes about ${formatDuration(portions.workMinutes)}`}
            />
          </Box>
        </>
      ) : (
        <Box role="alert" sx={{ color: 'var(--late)', fontWeight: 650 }}>
          {portions.kind === 'not-stated'
            ? localise('Add its mix ratio on the shelf (it’s on the tin).')
            : `Sets too fast: pot life ${formatDuration(portions.potLife)}, smallest mix takes ${formatDuration(portions.workMinutes)}. Work cooler, add a painter, or use a smaller measure.`}
        </Box>
      )}
    </Box>
  );
}

/** One figure with its name; `detail` stands under it. */
function Figure({ name, value, detail }: { name: string; value: string; detail?: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{value}</dd>
      {detail && <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{detail}</Box>}
    </div>
  );
}
