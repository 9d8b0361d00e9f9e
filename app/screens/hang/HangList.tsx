import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { bagOf } from '../../../core/hanging/bag.ts';
import { HANG_STATUSES, hangStatus, type HangStatus } from '../../../core/hanging/hang-status.ts';
import type { Readiness } from '../../../core/hanging/readiness.ts';
import { roomOf } from '../../../core/job/queries/places.ts';
import { forecastAt } from '../../../core/job/site-time.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { openTonight } from '../../../core/running/reminder-kinds.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Link } from '../../parts/Link.tsx';
import { Caution, Section, Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { LockIcon } from '../../drawing/icons.tsx';
import { FindPiece } from './FindPiece.tsx';
import { nextUse, USE_WORDS } from './use-words.ts';

const TITLES: Readonly<Record<HangStatus, string>> = {
  'to-hang': 'Ready to hang',
  apart: 'Hung – keep ajar',
  drying: 'Last coat curing',
  'in-work': 'Still being painted',
  free: 'Hung – free to close',
};
/** Of a long list, so many are shown before it is opened. */
const SHOWN = 12;

interface HangListProps {
  rows: readonly Readiness[];
  at: number;
  problem: JobSteps;
  reading: PlanReading | null;
}

/** Pieces by what may be done with them now; what must close tonight above all. */
export function HangList({ rows, at, problem }: HangListProps) {
  const job = useJob();
  const tonight = openTonight({ job });
  return (
    <Box sx={{ maxWidth: 1180 }}>
      <Box sx={{ mb: 3 }}>
        <FindPiece />
      </Box>
      {tonight.length > 0 && (
        <Section title="Must close tonight">
          <Sheet>
            <Box
              component="ul"
              aria-label="Must close tonight"
              sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 1.5 }}
            >
              {tonight.map(({ piece }) => (
                <li key={piece.id}>
                  <Box
                    component={Link}
                    to={{ stage: 'hang', jobId: job.id, pieceId: piece.id }}
                    sx={{
                      display: 'flex',
                      alignItems: 'center',
                      gap: 1,
                      minHeight: 52,
                      color: 'inherit',
                      textDecoration: 'none',
                    }}
                  >
                    <LockIcon sx={{ color: 'var(--late)' }} />
                    <Tag mark={piece.mark} size="large" />
                  </Box>
                </li>
              ))}
            </Box>
            <Caution>
              Hang and wedge ajar, or board up. Fire and escape doors: hang them, never wedge them. Local rules decide.
            </Caution>
          </Sheet>
        </Section>
      )}
      {HANG_STATUSES.map((standing) => {
        const own = rows.filter((row) => hangStatus(row, at) === standing);
        return own.length === 0 ? null : (
          <Standing
            key={standing}
            title={`${TITLES[standing]}: ${own.length}`}
            rows={own}
            at={at}
            t0={problem.clocks.t0}
          />
        );
      })}
    </Box>
  );
}

function Standing({ title, rows, at, t0 }: { title: string; rows: readonly Readiness[]; at: number; t0: string }) {
  const [all, setAll] = useState(false);
  const sorted = [...rows].sort((one, other) => (nextUse(one, at)?.opens ?? 0) - (nextUse(other, at)?.opens ?? 0));
  const shown = all ? sorted : sorted.slice(0, SHOWN);
  return (
    <Section title={title}>
      <Box component="ul" sx={{ display: 'grid', gap: 1, gridTemplateColumns: { lg: 'repeat(2, minmax(0, 1fr))' } }}>
        {shown.map((row) => (
          <HangRow key={row.piece.id} row={row} at={at} t0={t0} />
        ))}
      </Box>
      {sorted.length > shown.length && (
        <Button sx={{ minHeight: 48, mt: 1 }} onClick={() => setAll(true)}>
          Show {sorted.length - shown.length} more
        </Button>
      )}
    </Section>
  );
}

function HangRow({ row, at, t0 }: { row: Readiness; at: number; t0: string }) {
  const job = useJob();
  const localise = useLocalise();
  const { piece, lastCoat } = row;
  const next = nextUse(row, at);
  const bag = bagOf(piece);
  const headline =
    lastCoat === null
      ? 'no dates yet'
      : next
        ? `${USE_WORDS[next.use]} from ${forecastAt(t0, next.opens, job.site.timeZone, at)}`
        : 'ready for full use';
  const bagWords =
    bag.count === 0
      ? ''
      : bag.missing.length > 0 && bag.bagged > 0
        ? `${bag.missing.reduce((sum, { short }) => sum + short, 0)} missing from bag`
        : bag.fitted > 0
          ? `${bag.fitted} of ${bag.count} back on`
          : bag.bagged > 0
            ? 'bag complete'
            : '';
  const isShort = bag.missing.length > 0 && bag.bagged > 0;
  return (
    <li>
      <Box
        component={Link}
        to={{ stage: 'hang', jobId: job.id, pieceId: piece.id }}
        aria-label={`${piece.mark}, ${localise(definitionOf(piece.kind).name)}`}
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto minmax(0, 1fr)',
          gap: 1.5,
          alignItems: 'center',
          minHeight: 64,
          px: 1.5,
          py: 1,
          background: 'var(--sheet)',
          border: '1px solid var(--line)',
          borderRadius: '8px',
          color: 'inherit',
          textDecoration: 'none',
          '&:hover': { borderColor: 'var(--ink)' },
        }}
      >
        <Tag mark={piece.mark} />
        <Box>
          <strong>{headline}</strong>
          <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {[localise(definitionOf(piece.kind).name), roomOf(job, piece)?.name].filter(Boolean).join(', ')}
            {bagWords && (
              <Box
                component="span"
                sx={{ color: isShort ? 'var(--late)' : 'inherit', fontWeight: isShort ? 700 : 400 }}
              >
                {' '}
                · {bagWords}
              </Box>
            )}
          </Box>
        </Box>
      </Box>
    </li>
  );
}
