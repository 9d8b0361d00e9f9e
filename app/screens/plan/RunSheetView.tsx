import { formatMoment } from '../../../core/units/moments.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { localDate, localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import {
  runSheet,
  workedDays,
  type RunSheet,
  type SheetBatch,
  type SheetLine,
} from '../../../core/planning/reading/run-sheet.ts';
import { formatDuration, VOLUME } from '../../../core/units/measures.ts';
import { ChevronIcon, PrintIcon } from '../../drawing/icons.tsx';
import { useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { WETNESS_SHORT } from '../../drawing/wetness.tsx';

interface RunSheetViewProps {
  reading: PlanReading;
  problem: JobProblem;
  /** ISO; null for today. */
  day: string | null;
}

/** A day as a sheet of paper for every painter who works on it. */
export function RunSheetView({ reading, problem, day }: RunSheetViewProps) {
  const job = useJob();
  const now = useNow();
  const days = [...new Set(job.crew.flatMap(({ id }) => workedDays(job, reading, id)))].sort();
  const today = localDate(reading.t0, minutesSince(reading.t0, now, job.site.timeZone), job.site.timeZone);
  const date = day ?? days.find((worked) => worked >= today) ?? days[0] ?? today;
  const sheets = job.crew
    .map((painter) => runSheet(job, problem, reading, painter, date))
    .filter(({ batches }) => batches.length > 0);
  return (
    <Box>
      <Box className="no-print" sx={{ display: 'flex', gap: 1.5, mb: 2.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button onClick={() => goTo({ stage: 'plan', jobId: job.id })}>Back to the plan</Button>
        <ChoiceField
          label="Day"
          value={days.includes(date) ? date : ''}
          sx={{ minWidth: 240 }}
          choices={days.map((worked) => ({ value: worked, words: formatMoment(worked, 'longDay') }))}
          onChange={(chosen) => goTo({ stage: 'plan', jobId: job.id, view: 'day-sheet', day: chosen }, 'replace')}
        />
        <Button variant="contained" startIcon={<PrintIcon />} onClick={() => window.print()}>
          Print
        </Button>
      </Box>
      {sheets.length === 0 && <Typography>No work on {formatMoment(date, 'longDay')}.</Typography>}
      {sheets.map((sheet) => (
        <PaperSheet key={sheet.painter.id} sheet={sheet} t0={reading.t0} />
      ))}
    </Box>
  );
}

/** One painter's day on paper: boxes to tick, what each coat takes, and what must be left alone. */
function PaperSheet({ sheet, t0 }: { sheet: RunSheet; t0: string }) {
  const job = useJob();
  const localise = useLocalise();
  const zone = job.site.timeZone;
  const clock = (minutes: number): string => formatMoment(localTime(t0, minutes, zone), 'time');
  const hours = sheet.hours.map(([from, until]) => `${clock(from)}–${clock(until)}`).join(', ');
  return (
    <Box
      component="article"
      aria-label={`Day sheet for ${sheet.painter.name}`}
      sx={{
        background: '#fff',
        color: '#000',
        border: '1px solid var(--line)',
        boxShadow: 'var(--shadow)',
        maxWidth: 860,
        p: { xs: 2, sm: 4 },
        mb: 3,
        '@media print': { border: 0, boxShadow: 'none', p: 0, maxWidth: 'none', breakAfter: 'page' },
      }}
    >
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'baseline',
          columnGap: 2,
          borderBottom: '3px solid #000',
          pb: 1,
          mb: 1,
        }}
      >
        <Typography variant="h2" component="h2" sx={{ flex: '1 1 260px', color: '#000' }}>
          {formatMoment(sheet.date, 'longDay')} · {sheet.painter.name}
        </Typography>
        <span>
          {job.name} · {hours}
        </span>
      </Box>
      <Box component="ol" aria-label="Today’s batches">
        {sheet.batches.map((batch) => (
          <BatchRow key={batch.start} batch={batch} clock={clock} t0={t0} />
        ))}
      </Box>
      {sheet.leave.length > 0 && (
        <Note title="Don’t touch – still wet">
          {sheet.leave
            .map(
              ({ mark, state, until }) =>
                `${mark} (${WETNESS_SHORT[state]} until ${formatMoment(localTime(t0, Math.ceil(until), zone), 'weekdayTime')})`,
            )
            .join(', ')}
        </Note>
      )}
      {sheet.hazards.length > 0 && (
        <Note title="Safety">
          {sheet.hazards
            .map(({ name, mask, gloves, air }) => localise(`${name}: ${[mask, gloves, air].filter(Boolean).join(' ')}`))
            .join(' ')}{' '}
          Safety data sheets and local rules come first.
        </Note>
      )}
    </Box>
  );
}

interface BatchRowProps {
  batch: SheetBatch;
  clock: (minutes: number) => string;
  t0: string;
}

/** A batch as one entry: when, with what, how many pieces; what is done to which of them opens, and is always on paper. */
function BatchRow({ batch, clock, t0 }: BatchRowProps) {
  const localise = useLocalise();
  const [isOpen, setIsOpen] = useState(false);
  const { lines, pieces } = batch;
  const [first] = lines;
  if (first === undefined) return null;
  const isOne = lines.length === 1;
  const title = isOne ? first.what : (batch.setUp ?? first.what);
  const detail = [
    pieces > 1 ? `${pieces} pieces` : '',
    batch.where,
    formatDuration(batch.minutes),
    batch.setupMinutes > 0 ? `set up from ${clock(batch.start - batch.setupMinutes)}` : '',
    isOne && first.with.length > 0 ? `with ${first.with.join(' and ')}` : '',
  ];
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '26px 1fr', sm: '26px 112px 1fr' },
        columnGap: 1.5,
        py: 0.9,
        borderBottom: '1px solid #bbb',
        breakInside: 'avoid',
      }}
    >
      <Box aria-hidden sx={{ width: 20, height: 20, border: '2px solid #000', borderRadius: '3px' }} />
      <Box sx={{ fontWeight: 700, fontVariantNumeric: 'tabular-nums' }}>
        {clock(batch.start)}–{clock(batch.end)}
      </Box>
      <Box sx={{ gridColumn: { xs: 2, sm: 3 } }}>
        {isOne ? (
          <>
            <strong>{localise(title)}</strong>
            {first.which && `: ${first.which}`}
          </>
        ) : (
          <Box
            component="button"
            type="button"
            aria-expanded={isOpen}
            onClick={() => setIsOpen(!isOpen)}
            sx={{
              border: 0,
              background: 'none',
              font: 'inherit',
              fontWeight: 700,
              p: 0,
              textAlign: 'left',
              cursor: 'pointer',
            }}
          >
            {localise(title)}
            <ChevronIcon className="no-print" sx={{ verticalAlign: 'middle', rotate: isOpen ? '90deg' : 'none' }} />
          </Box>
        )}
        <Box sx={{ color: '#333', fontSize: 14 }}>{detail.filter(Boolean).join(' · ')}</Box>
        {isOne ? (
          <CoatLine line={first} t0={t0} />
        ) : (
          <Box
            component="ol"
            aria-label={localise(title)}
            sx={{ display: isOpen ? 'block' : 'none', '@media print': { display: 'block' }, mt: 0.5 }}
          >
            {lines.map((line) => (
              <Box component="li" key={`${line.start}/${line.what}`} sx={{ py: 0.4 }}>
                {clock(line.start)} <strong>{localise(line.what)}</strong>
                {line.which && `: ${line.which}`}
                {line.with.length > 0 && ` · with ${line.with.join(' and ')}`}
                <CoatLine line={line} t0={t0} />
              </Box>
            ))}
          </Box>
        )}
      </Box>
    </Box>
  );
}

/** What a coat takes, and when what it lies on may be touched. */
function CoatLine({ line: { coat, start }, t0 }: { line: SheetLine; t0: string }) {
  const job = useJob();
  const localise = useLocalise();
  if (coat === null) return null;
  const zone = job.site.timeZone;
  const later = (minutes: number | null): string => {
    if (minutes === null) return 'not in these days';
    const at = localTime(t0, minutes, zone);
    return at.hasSame(localTime(t0, start, zone), 'day') ? formatMoment(at, 'time') : formatMoment(at, 'weekdayTime');
  };
  return (
    <Box sx={{ color: '#333', fontSize: 14 }}>
      {localise(
        `${coat.product}, by ${coat.tool}, ${VOLUME.format(coat.litres, job.settings.units)} · touch dry ${later(coat.touchDry)}, next coat ${later(coat.recoat)}`,
      )}
    </Box>
  );
}

function Note({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box sx={{ mt: 1.5, fontSize: 14.5, breakInside: 'avoid' }}>
      <strong>{title}: </strong>
      {children}
    </Box>
  );
}
