import { groupBy } from '../../../core/units/maps.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { Painter } from '../../../core/job/document/crew-schema.ts';
import { localDate, localTime } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { daysOfRun } from '../../../core/planning/reading/run-days.ts';
import { runWords } from '../../../core/steps/step-words.ts';
import { SheetIcon } from '../../drawing/icons.tsx';
import { useCommands, useJob, useLocalise, useToday } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { ALL_WEEKS, usualWeek, weekOf, WeekStrip } from './WeekStrip.tsx';

/** A line of the list: a run of pieces, or work in a room. */
interface Entry {
  id: string;
  taskId: string;
  start: number;
  end: number;
  painters: readonly string[];
  words: string;
  where: string;
  needsTwo: boolean;
}

function entriesOf(reading: PlanReading, timeZone: string): Entry[] {
  const runs = reading.runs.flatMap((run) =>
    daysOfRun(run, reading.t0, timeZone).map((day): Entry => ({
      ...run,
      ...day,
      id: `${run.id}/${day.date}`,
      taskId: run.steps[0]?.id ?? '',
      words: runWords(run, day),
      where: marksInWords(run.steps.map((step) => step.piece.mark)),
    })),
  );
  const site = reading.siteWork.map(({ place, ...work }): Entry => ({
    ...work,
    taskId: work.id,
    where: place,
    needsTwo: work.people > 1,
  }));
  return [...runs, ...site].sort((one, other) => one.start - other.start);
}

/** Weeks that are listed at once; of a longer plan one at a time. */
const FEW_WEEKS = 2;

/** Gives one painter, or all who work that day, a day off. */
function DayOffButton({ date, there }: { date: string; there: readonly Painter[] }) {
  const { apply } = useCommands();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const give = (painters: readonly Painter[]): void => {
    setAnchor(null);
    apply('give-day-off', { painterIds: painters.map(({ id }) => id), date, comes: false });
  };
  const [only] = there;
  return (
    <>
      <Button
        size="small"
        aria-haspopup={there.length > 1}
        onClick={(event) => (there.length > 1 || !only ? setAnchor(event.currentTarget) : give([only]))}
      >
        Day off
      </Button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {there.map((painter) => (
          <MenuItem key={painter.id} onClick={() => give([painter])}>
            {painter.name} is off
          </MenuItem>
        ))}
        <MenuItem onClick={() => give(there)}>Day off</MenuItem>
      </Menu>
    </>
  );
}

/** The plan as a list: days, painters, runs. What the board shows, for reading and for ears. */
export function Agenda({
  reading,
  onAsk,
}: {
  reading: PlanReading;
  /** Told of the run that is asked about. */
  onAsk(asked: { taskId: string; what: string }): void;
}) {
  const job = useJob();
  const localise = useLocalise();
  const [week, setWeek] = useState<string | null>(null);
  const today = useToday();
  const zone = job.site.timeZone;
  const timesOf = ({ start, end }: Entry): string =>
    [start, end].map((minutes) => formatMoment(localTime(reading.t0, minutes, zone), 'time')).join('–');
  const days = groupBy(entriesOf(reading, zone), ({ start }) => localDate(reading.t0, start, zone));
  const weeks = [...new Set([...days.keys()].map(weekOf))];
  const isLong = weeks.length > FEW_WEEKS;
  const chosen = week === ALL_WEEKS || (week !== null && weeks.includes(week)) ? week : usualWeek(weeks, today);
  const shown = [...days].filter(([day]) => !isLong || chosen === ALL_WEEKS || weekOf(day) === chosen);
  return (
    <>
      {isLong && <WeekStrip weeks={weeks} chosen={chosen} onChoose={setWeek} />}
      <Box
        component="ol"
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { lg: '1fr 1fr' },
          alignItems: 'start',
        }}
      >
        {shown.map(([day, runs]) => (
          <Box
            component="li"
            key={day}
            sx={{ background: 'var(--sheet)', border: '1px solid var(--line)', borderRadius: '8px', p: 2 }}
          >
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 1, flexWrap: 'wrap' }}>
              <Typography variant="h3" sx={{ flex: 1 }}>
                {formatMoment(day, 'longDay')}
              </Typography>
              <Button
                size="small"
                startIcon={<SheetIcon />}
                onClick={() => goTo({ stage: 'plan', jobId: job.id, view: 'day-sheet', day })}
              >
                Day sheet
              </Button>
              {day > today && (
                <DayOffButton
                  date={day}
                  there={job.crew.filter(({ id }) => runs.some((run) => run.painters.includes(id)))}
                />
              )}
            </Box>
            {job.crew.map((painter) => {
              const own = runs.filter((run) => run.painters.includes(painter.id));
              if (own.length === 0) return null;
              return (
                <Box key={painter.id} sx={{ mb: 1 }}>
                  {job.crew.length > 1 && <Box sx={{ fontWeight: 700, fontSize: 14 }}>{painter.name}</Box>}
                  <Box component="ul" sx={{ fontSize: 14 }}>
                    {own.map((run) => (
                      <Box
                        component="li"
                        key={run.id}
                        sx={{ display: 'grid', gridTemplateColumns: '104px 1fr', py: 0.35 }}
                      >
                        <ButtonBase
                          aria-label={`Why not earlier? ${timesOf(run)} ${localise(run.words)}: ${run.where}`}
                          sx={{
                            color: 'var(--ink-soft)',
                            justifyContent: 'start',
                            font: 'inherit',
                            alignSelf: 'start',
                          }}
                          onClick={() =>
                            onAsk({ taskId: run.taskId, what: `${timesOf(run)}, ${run.where}: ${run.words}` })
                          }
                        >
                          {timesOf(run)}
                        </ButtonBase>
                        <span>
                          {localise(run.words)}: <strong>{run.where}</strong>
                          {run.needsTwo && ', two people'}
                        </span>
                      </Box>
                    ))}
                  </Box>
                </Box>
              );
            })}
          </Box>
        ))}
      </Box>
    </>
  );
}
