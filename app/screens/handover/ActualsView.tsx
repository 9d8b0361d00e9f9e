import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import {
  daysAgainst,
  hoursAgainst,
  lessonsOf,
  litresAgainst,
  type HoursRow,
  type Lesson,
} from '../../../core/handover/planned-against-real.ts';
import { VOLUME } from '../../../core/units/measures.ts';
import { capital } from '../../../core/units/sentence.ts';
import { keepFigures } from '../../keeping/own-figures.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { useJobSteps } from '../../open-job/use-reading.ts';
import { DaysDrawing } from './DaysDrawing.tsx';
import { HoursBars } from './HoursBars.tsx';
import { notify } from '../../device/notices.ts';

/** Hours, days and litres as they were planned and as they were; what that teaches, one touch each; and on to the next job. */
export function ActualsView() {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const problem = useJobSteps();
  const { byWork, byKind } = useMemo(() => hoursAgainst(job), [job]);
  const days = useMemo(() => daysAgainst(job), [job]);
  const litres = useMemo(() => litresAgainst(job), [job]);
  const lessons = useMemo(() => lessonsOf(job, problem.clocks), [job, problem.clocks]);
  const carry = (): void => {
    keepFigures(job);
    notify('Kept: the next job begins with these paces and products.', { variant: 'success' });
  };
  const own = Object.keys(job.paces).length + job.shelf.coatings.length;
  return (
    <Box sx={{ maxWidth: 1180, display: 'grid', gap: 1, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Section title="What to change">
        <Sheet pad={0}>
          <Box component="ul" aria-label="What to change">
            {lessons.length === 0 && (
              <Box component="li" sx={{ p: 2 }}>
                Nothing is far enough from its default, or not enough of it was measured: stamp Start as well as Done,
                and look into a tin now and then.
              </Box>
            )}
            {lessons.map((lesson) => (
              <LessonRow key={lesson.id} lesson={lesson} />
            ))}
            <Box component="li" sx={{ p: 2, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
              <Box sx={{ flex: '1 1 260px' }}>
                {own === 0
                  ? 'Nothing of this job differs from the defaults yet.'
                  : `${own} of this job’s figures are its own: paces and products.`}
              </Box>
              <Button variant="outlined" sx={{ minHeight: 48 }} disabled={own === 0} onClick={carry}>
                Carry them into the next job
              </Button>
            </Box>
          </Box>
        </Sheet>
      </Section>
      <Section title="Hours that were timed">
        <Sheet>
          {byWork.length === 0 ? (
            'No work was timed yet: a Start and a Done make an hour that counts.'
          ) : (
            <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { md: '1fr 1fr' } }}>
              <HoursBars title="By kind of work" rows={byWork} />
              <HoursBars
                title="By kind of piece"
                rows={byKind.map((row): HoursRow => ({ ...row, name: localise(row.name) }))}
              />
            </Box>
          )}
        </Sheet>
      </Section>
      <Section
        title="Days"
        aside={
          job.baseline && (
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', color: 'var(--ink-soft)' }}>
              against the plan of {formatMoment(job.baseline.madeAt, 'dayTime')}
              <Button sx={{ minHeight: 44 }} onClick={() => apply('measure-against', {})}>
                Measure against the plan of now
              </Button>
            </Box>
          )
        }
      >
        <Sheet>
          <DaysDrawing rows={days} />
        </Sheet>
      </Section>
      <Section title={capital(localise('Litres out of the tins'))}>
        <Sheet pad={0}>
          <Box component="ul" aria-label="Litres">
            {litres.length === 0 && (
              <Box component="li" sx={{ p: 2 }}>
                {localise('No tin was opened.')}
              </Box>
            )}
            {litres.map((row) => (
              <LitresRow key={row.bucket.tins[0]?.id} row={row} />
            ))}
          </Box>
        </Sheet>
      </Section>
    </Box>
  );
}

/** What was learnt, why, and the touch that changes it. */
function LessonRow({ lesson: { words, because, command } }: { lesson: Lesson }) {
  const localise = useLocalise();
  const { apply } = useCommands();
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1.5,
        alignItems: 'center',
        flexWrap: 'wrap',
        px: 2,
        py: 1.25,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box sx={{ flex: '1 1 260px' }}>
        <strong>{capital(localise(words))}</strong>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{capital(localise(because))}.</Box>
      </Box>
      <Button
        variant="contained"
        sx={{ minHeight: 48 }}
        onClick={() => apply(command.name, command.args)}
        aria-label={`Change it: ${localise(words)}`}
      >
        Change it
      </Button>
    </Box>
  );
}

/** What a tin was to give, and what it gave. */
function LitresRow({ row: { name, reckoned, real } }: { row: ReturnType<typeof litresAgainst>[number] }) {
  const localise = useLocalise();
  const { units } = useJob().settings;
  return (
    <Box
      component="li"
      sx={{ display: 'flex', gap: 2, px: 2, py: 1, borderBottom: '1px solid var(--line)', flexWrap: 'wrap' }}
    >
      <Box sx={{ flex: '1 1 220px', fontWeight: 700 }}>{capital(localise(name))}</Box>
      <span>reckoned {VOLUME.format(reckoned, units)}</span>
      <span>{real === null ? 'nobody looked' : `really ${VOLUME.format(real, units)}`}</span>
      {real !== null && reckoned > 0 && (
        <strong>{`${real >= reckoned ? '+' : '−'}${Math.abs(Math.round((real / reckoned - 1) * 100))}%`}</strong>
      )}
    </Box>
  );
}
