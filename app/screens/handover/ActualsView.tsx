import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
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
import { capital, counted } from '../../../core/units/sentence.ts';
import { GESTURE } from '../../keeping/history.ts';
import { keepFigures } from '../../keeping/own-figures.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { usedAccount } from '../../../core/running/bucket-account.ts';
import { How } from '../../parts/How.tsx';
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
    notify('Saved. Your next job starts with these figures.', { variant: 'success' });
  };
  // One tap is one step of history.
  const updateAll = (): void => {
    const strokes = `${GESTURE}${nanoid(12)}`;
    for (const { command } of lessons) apply(command.name, command.args, { strokes });
  };
  const inTerms = (row: HoursRow): HoursRow => ({ ...row, name: localise(row.name) });
  const own = Object.keys(job.paces).length + job.shelf.coatings.length;
  return (
    <Box sx={{ maxWidth: 1180, display: 'grid', gap: 1, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Section title="Adjust your figures">
        <Sheet pad={0}>
          <Box component="ul" aria-label="Adjust your figures">
            {lessons.length === 0 && (
              <Box component="li" sx={{ p: 2 }}>
                {localise('Nothing to adjust yet. Log Start as well as Done, and check your tins now and then.')}
              </Box>
            )}
            {lessons.map((lesson) => (
              <LessonRow key={lesson.id} lesson={lesson} />
            ))}
            {lessons.length > 1 && (
              <Box component="li" sx={{ px: 2, py: 1.5, borderBottom: '1px solid var(--line)' }}>
                <Button variant="contained" sx={{ minHeight: 48 }} onClick={updateAll}>
                  Update all {lessons.length}
                </Button>
              </Box>
            )}
            <Box component="li" sx={{ p: 2, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
              <Box sx={{ flex: '1 1 260px' }}>
                {own === 0
                  ? 'This job still uses the standard figures.'
                  : `${counted(own, 'figure')} adjusted on this job.`}
              </Box>
              <Button variant="outlined" sx={{ minHeight: 48 }} disabled={own === 0} onClick={carry}>
                Use for next job
              </Button>
            </Box>
          </Box>
        </Sheet>
      </Section>
      <Section title="Timed work">
        <Sheet>
          {byWork.length === 0 ? (
            'No times yet. Tap Start and Done to time a job.'
          ) : (
            <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { md: '1fr 1fr' } }}>
              <HoursBars title="By kind of work" rows={byWork.map(inTerms)} />
              <HoursBars title="By kind of piece" rows={byKind.map(inTerms)} />
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
                Compare with current plan
              </Button>
            </Box>
          )
        }
      >
        <Sheet>
          <DaysDrawing rows={days} />
        </Sheet>
      </Section>
      <Section title={capital(localise('Paint used'))}>
        <Sheet pad={0}>
          <Box component="ul" aria-label={localise('Litres')}>
            {litres.length === 0 && (
              <Box component="li" sx={{ p: 2 }}>
                {localise('No tins opened yet.')}
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
        variant="outlined"
        sx={{ minHeight: 48 }}
        onClick={() => apply(command.name, command.args)}
        aria-label={`Update: ${localise(words)}`}
      >
        Update
      </Button>
    </Box>
  );
}

/** What a tin was to give, and what it gave. */
function LitresRow({ row: { bucket, name, estimated, real } }: { row: ReturnType<typeof litresAgainst>[number] }) {
  const localise = useLocalise();
  const { units } = useJob().settings;
  return (
    <Box
      component="li"
      sx={{ display: 'flex', gap: 2, px: 2, py: 1, borderBottom: '1px solid var(--line)', flexWrap: 'wrap' }}
    >
      <Box sx={{ flex: '1 1 220px', fontWeight: 700 }}>{capital(localise(name))}</Box>
      <span>
        estimated {VOLUME.format(estimated, units)}{' '}
        <How
          of={`${capital(localise(name))}: estimated ${VOLUME.format(estimated, units)}`}
          lines={() => usedAccount(bucket, units)}
          page="quantities#how-litres-come-about"
        />
      </span>
      <span>{real === null ? 'not checked' : `actual ${VOLUME.format(real, units)}`}</span>
      {real !== null && estimated > 0 && (
        <strong>{`${real >= estimated ? '+' : '−'}${Math.abs(Math.round((real / estimated - 1) * 100))}%`}</strong>
      )}
    </Box>
  );
}
