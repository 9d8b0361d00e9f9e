import { formatMoment } from '../../../core/units/moments.ts';
import { howUse } from '../../../core/hanging/use-how.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import { How } from '../../parts/How.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { dueFilmChecks, FILM_CHECK_DEFINITIONS, type DueFilmCheck } from '../../../core/checking/film-checks.ts';
import { FILM_CHECKS } from '../../../core/job/document/defect-schema.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import { readinessOf } from '../../../core/hanging/readiness.ts';
import { deviceId } from '../../keeping/device.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { EmptyState, Section, Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { useJobSteps } from '../../open-job/use-reading.ts';

/** The checks of the dry film: one piece stands for each finish, and each check says when it tells something. */
export function FilmChecks() {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const problem = useJobSteps();
  const rows = useMemo(() => readinessOf(job, problem, new Map()), [job, problem]);
  const due = useMemo(() => dueFilmChecks(job, rows), [job, rows]);
  const at = minutesSince(problem.clocks.t0, now, job.site.timeZone);
  if (due.length === 0) {
    return (
      <EmptyState title="No finished coats yet">
        Scratch, tape and rub tests appear once a piece is fully painted and cured enough.
      </EmptyState>
    );
  }
  return (
    <Box sx={{ maxWidth: 900 }}>
      {FILM_CHECKS.map((check) => {
        const definition = FILM_CHECK_DEFINITIONS[check];
        const own = due.filter((entry) => entry.check === check);
        return (
          <Section
            key={check}
            title={localise(definition.name)}
            aside={<Box sx={{ fontSize: 15 }}>{localise(definition.how)}</Box>}
          >
            <Sheet pad={0}>
              <Box component="ul" aria-label={localise(definition.name)}>
                {own.map((entry) => (
                  <CheckRow key={entry.piece.id} entry={entry} at={at} steps={problem} />
                ))}
              </Box>
            </Sheet>
          </Section>
        );
      })}
    </Box>
  );
}

function CheckRow({ entry, at, steps }: { entry: DueFilmCheck; at: number; steps: JobSteps }) {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { check, piece, row, use, from, last } = entry;
  const definition = FILM_CHECK_DEFINITIONS[check];
  const isReady = from !== null && from <= at;
  const words =
    from === null
      ? 'won’t cure here'
      : isReady
        ? 'ready to test'
        : `from ${forecastAt(steps.clocks.t0, from, job.site.timeZone, at)}`;
  const note = (held: boolean): void =>
    void apply('add-film-check', {
      filmCheck: {
        id: nanoid(10),
        check,
        pieceId: piece.id,
        face: piece.scope.faces[0] ?? 'front',
        at: now,
        held,
        note: isReady ? '' : 'before its date',
        device: deviceId(),
      },
    });
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
        '&:last-child': { borderBottom: 0 },
      }}
    >
      <Tag mark={piece.mark} tone={isReady ? 'ready' : 'plain'} />
      <Box sx={{ flex: '1 1 200px' }}>
        <strong>{groupOf(job, piece)?.name}</strong>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          {last
            ? `${last.held ? localise(definition.held) : localise(definition.failed)} (${formatMoment(last.at, 'date')}${last.note ? `, ${last.note}` : ''})`
            : localise(definition.how)}
        </Box>
      </Box>
      <Box sx={{ fontWeight: 650, color: isReady ? 'var(--ready)' : 'var(--ink-soft)' }}>
        {words} <How of={`${piece.mark}: ${words}`} lines={() => howUse(job, steps, row, use)} page="check" />
      </Box>
      <Button
        variant="outlined"
        sx={{ minHeight: 48 }}
        onClick={() => note(true)}
        aria-label={localise(`${definition.name} on ${piece.mark} passed`)}
      >
        Pass
      </Button>
      <Button
        sx={{ minHeight: 48 }}
        onClick={() => note(false)}
        aria-label={localise(`${definition.name} on ${piece.mark} failed`)}
      >
        Fail
      </Button>
    </Box>
  );
}
