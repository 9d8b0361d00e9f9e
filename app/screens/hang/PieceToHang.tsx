import { howUse } from '../../../core/hanging/use-how.ts';
import { formatWeight } from '../../../core/units/measures.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { hangingRisks, hangingStep, liftingOf } from '../../../core/hanging/hang-status.ts';
import type { Readiness } from '../../../core/hanging/readiness.ts';
import { progressByTask } from '../../../core/job/progress.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { roomOf } from '../../../core/job/queries/places.ts';
import { forecastAt, localTime } from '../../../core/job/site-time.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { capital } from '../../../core/units/sentence.ts';
import { PieceElevation } from '../../drawing/elevation/PieceElevation.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { BagLabelsButton } from '../../parts/labels/BagLabels.tsx';
import { goTo } from '../../device/route.ts';
import { Caution, Section, Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { BackIcon } from '../../drawing/icons.tsx';
import { Bag } from './Bag.tsx';
import { HangIt } from './HangIt.tsx';
import { PieceHoles } from './PieceHoles.tsx';
import { KeepApart } from './KeepApart.tsx';
import { PieceTimeline } from './PieceTimeline.tsx';

interface PieceToHangProps {
  row: Readiness;
  at: number;
  problem: JobSteps;
  reading: PlanReading | null;
}

/** One piece on its way back: dates, bag, holes, who lifts, what is risked, and what keeps it off its stop. */
export function PieceToHang({ row, at, problem, reading }: PieceToHangProps) {
  const job = useJob();
  const localise = useLocalise();
  const { piece, lastCoat } = row;
  const { clocks } = problem;
  const when = (minutes: number): string => forecastAt(clocks.t0, minutes, job.site.timeZone, at);
  const exactly = (minutes: number): string =>
    formatMoment(localTime(clocks.t0, minutes, job.site.timeZone), 'dayTime');
  const lifting = liftingOf(job, clocks, piece, at);
  const step = hangingStep(job, piece);
  const isHung = step !== null && progressByTask(job.log).get(step.id)?.doneAt != null;
  const risks = isHung ? [] : hangingRisks(job, clocks, row, at, when);
  return (
    <Box sx={{ maxWidth: 1120 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <Button startIcon={<BackIcon />} sx={{ minHeight: 48 }} onClick={() => goTo({ stage: 'hang', jobId: job.id })}>
          All pieces
        </Button>
        <Tag mark={piece.mark} size="large" />
        <Box sx={{ flex: '1 1 150px' }}>
          <Typography variant="h2">{localise(definitionOf(piece.kind).name)}</Typography>
          <Box sx={{ color: 'var(--ink-soft)' }}>
            {[roomOf(job, piece)?.name, piece.note].filter(Boolean).join(', ')}
          </Box>
        </Box>
        <BagLabelsButton pieces={[piece]} />
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 1, md: 4 },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1.35fr) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Section title="Ready dates">
            <Sheet>
              {lastCoat === null ? (
                <Typography sx={{ color: 'var(--ink-soft)' }}>
                  Dates appear once it has a build-up and a plan.
                </Typography>
              ) : (
                <PieceTimeline row={row} at={at} t0={clocks.t0} how={(use) => howUse(job, problem, row, use)} />
              )}
              <KeepApart row={row} at={at} when={when} />
            </Sheet>
          </Section>
          {piece.hardware.length > 0 && (
            <Section title="Hardware bag">
              <Bag piece={piece} />
            </Section>
          )}
          {(piece.drillings.length > 0 || piece.filledHoles > 0) && (
            <Section title="Holes">
              <PieceHoles piece={piece} />
            </Section>
          )}
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Section title={piece.comesOff ? 'Hanging' : 'Refitting'}>
            <Sheet>
              <Box sx={{ display: 'grid', gap: 1.5 }}>
                <Box sx={{ fontSize: 16 }}>
                  <strong>{formatWeight(lifting.weight, job.settings.units)}</strong>
                  {piece.comesOff && (lifting.people === 2 ? ': two people' : ': one person')}
                  {lifting.people === 2 &&
                    (lifting.together
                      ? `. Both on site ${exactly(lifting.together.from)}–${formatMoment(localTime(clocks.t0, lifting.together.until, job.site.timeZone), 'time')}`
                      : '. Never two people on site at once')}
                  .
                </Box>
                {risks.length > 0 && (
                  <Box component="ul" aria-label="Risks" sx={{ display: 'grid', gap: 1 }}>
                    {risks.map((risk) => (
                      <li key={risk}>
                        <Caution>{capital(localise(risk))}</Caution>
                      </li>
                    ))}
                  </Box>
                )}
                {step && reading && (
                  <HangIt step={step} problem={problem} reading={reading} isHung={isHung} isRisky={risks.length > 0} />
                )}
                {step && !reading && <Box>Accept a plan to log hanging.</Box>}
              </Box>
            </Sheet>
          </Section>
          <PieceElevation
            piece={piece}
            fill={groupOf(job, piece)?.colour.hex ?? '#efece2'}
            units={job.settings.units}
            width={420}
            height={340}
          />
        </Box>
      </Box>
    </Box>
  );
}
