import { counted } from '../../../core/units/sentence.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import { whileWetOf } from '../../../core/job/queries/pieces.ts';
import { daysAccount } from '../../../core/choosing/days-account.ts';
import { How } from '../../parts/How.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { OnePiece } from '../../../core/choosing/one-piece.ts';
import { TWO_PEOPLE_FROM } from '../../../core/job/queries/pieces.ts';
import { formatWeight } from '../../../core/units/measures.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { TURNINGS, type Job } from '../../../core/job/document/schema.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { handlingOf, type Handling } from '../../../core/sequence/handling.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { Caution, Section, Sheet } from '../../parts/Section.tsx';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import type { PendingQuery } from '../../asking/pending-query.ts';
import { startPlanning } from '../../asking/planner.ts';
import { LyingDrawing } from './LyingDrawing.tsx';
import type { StrokesView } from './use-strokes.ts';

type Turning = Job['planning']['turning'];

const NAMES: Readonly<Record<Turning, string>> = {
  'one-face': 'One face at a time',
  'both-on-points': 'Both faces at once, on stands',
};

const turnedSo = (job: Job, turning: Turning): Job => ({ ...job, planning: { ...job.planning, turning } });

/** Edges, faces and turning as a whole: what lies on what while wet, where to hold it, and the days that each way costs. */
export function TurningView({ view: { piece } }: { view: StrokesView }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const group = groupOf(job, piece);
  const days = useMemo(
    () =>
      TURNINGS.map((turning) => {
        const turned = turnedSo(job, turning);
        return { turning, days: group?.buildUp ? new OnePiece(turned).days(piece, group) : null };
      }),
    [job, group, piece],
  );
  const plans = useBothPlans(job);
  if (!piece.comesOff) {
    return (
      <Section title="Painted in place">
        <Sheet>
          <Box component="ul" sx={{ display: 'grid', gap: 1, fontSize: 16 }}>
            {whileWetOf(piece).map((words) => (
              <li key={words}>{localise(words)}</li>
            ))}
          </Box>
        </Sheet>
      </Section>
    );
  }
  return (
    <Box>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 400px), 1fr))' }}>
        {TURNINGS.map((turning) => {
          const handling = handlingOf(piece, turning);
          const own = days.find((entry) => entry.turning === turning)?.days ?? null;
          const isTaken = job.planning.turning === turning;
          return (
            <Section key={turning} title={NAMES[turning]}>
              <Sheet>
                {handling && <Way handling={handling} piece={piece} />}
                <Typography sx={{ mt: 1.5, fontWeight: 650 }}>
                  {own === null
                    ? 'Choose a build-up to see the days.'
                    : own === Infinity
                      ? 'Won’t dry within 90 days.'
                      : `${piece.mark} on its own: ${own.toFixed(1)} days, start to hung.`}{' '}
                  {own !== null && group && (
                    <How
                      of={`${NAMES[turning]}: ${own.toFixed(1)} days`}
                      lines={() => daysAccount(turnedSo(job, turning), piece, group)}
                      page="sequence"
                    />
                  )}
                </Typography>
                <Finish plans={plans} turning={turning} job={job} />
                <Box sx={{ mt: 1.5 }}>
                  {isTaken ? (
                    <Box sx={{ color: 'var(--ink-soft)' }}>Used in the plan.</Box>
                  ) : (
                    <Button variant="outlined" onClick={() => apply('change-planning', { turning })}>
                      Use this
                    </Button>
                  )}
                </Box>
              </Sheet>
            </Section>
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        {plans.isRunning ? (
          <>
            <LinearProgress aria-label="Comparing" sx={{ width: 180 }} />
            <Button onClick={plans.cancel}>Stop</Button>
          </>
        ) : (
          <Button variant="contained" onClick={plans.start}>
            Compare both
          </Button>
        )}
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Compares finish dates. Your plan won’t change.</Box>
      </Box>
    </Box>
  );
}

function Way({ handling, piece }: { handling: Handling; piece: Piece }) {
  const { units } = useJob().settings;
  const localise = useLocalise();
  const isWet = handling.steps.some(({ isWetBelow }) => isWetBelow);
  return (
    <>
      <LyingDrawing handling={handling} piece={piece} />
      <Box component="ol" sx={{ display: 'grid', gap: 1, my: 1.5 }}>
        {handling.steps.map(({ does, why }, index) => (
          <Box component="li" key={does} sx={{ display: 'grid', gridTemplateColumns: '26px 1fr' }}>
            <Box component="span" className="condensed">
              {index + 1}
            </Box>
            <span>
              <strong>{localise(does)}</strong>{' '}
              <Box component="span" sx={{ color: 'var(--ink-soft)' }}>
                {localise(why)}
              </Box>
            </span>
          </Box>
        ))}
      </Box>
      <Typography>
        {localise(handling.holdWords)} It weighs {formatWeight(handling.weight, units)}.
      </Typography>
      {handling.isForTwo && (
        <Box sx={{ mt: 1 }}>
          <Caution>Over {formatWeight(TWO_PEOPLE_FROM, units)}: two people lift and turn it.</Caution>
        </Box>
      )}
      {isWet && (
        <Box sx={{ mt: 1 }}>
          <Caution>Stands leave pits in the last coat underneath. Put the less visible side down.</Caution>
        </Box>
      )}
    </>
  );
}

interface BothPlans {
  isRunning: boolean;
  finishes: Partial<Record<Turning, string>>;
  failed: string | null;
  start(): void;
  cancel(): void;
}

/** What is known so far of both ways. */
interface BothFinishes {
  job: Job;
  finishes: BothPlans['finishes'];
  failed: string | null;
}

/** When the job would be done by either way of turning, planned in workers one after the other. */
function useBothPlans(job: Job): BothPlans {
  const now = useNow();
  const { isAsking, answer, failure, ask, cancel } = useWorkerQuery<BothFinishes>();
  const start = (): void => ask((tell) => startBoth(job, now, tell));
  return {
    isRunning: isAsking,
    finishes: answer?.job === job ? answer.finishes : {},
    failed: failure ?? answer?.failed ?? null,
    start,
    cancel,
  };
}

function startBoth(job: Job, now: string, tell: (soFar: BothFinishes) => void): PendingQuery<BothFinishes> {
  let planning: PendingQuery<unknown> | null = null;
  const both = async (): Promise<BothFinishes> => {
    let known: BothFinishes = { job, finishes: {}, failed: null };
    tell(known);
    for (const turning of TURNINGS) {
      const asked = startPlanning(turnedSo(job, turning), now, () => undefined);
      planning = asked;
      const found = await asked.result;
      if ('plan' in found) {
        const { t0, tickMinutes } = found.problem;
        const finish = localTime(t0, found.plan.finish * tickMinutes, job.site.timeZone).toISO() ?? '';
        known = { ...known, finishes: { ...known.finishes, [turning]: finish } };
      } else known = { ...known, failed: 'No plan possible this way.' };
      tell(known);
    }
    return known;
  };
  return { result: both(), cancel: () => planning?.cancel() };
}

function Finish({ plans, turning, job }: { plans: BothPlans; turning: Turning; job: Job }) {
  const finish = plans.finishes[turning];
  if (!finish) return plans.failed ? <Typography role="alert">{plans.failed}</Typography> : null;
  const other = TURNINGS.map((id) => (id === turning ? undefined : plans.finishes[id])).find(Boolean);
  const at = localTime(finish.slice(0, 16), 0, job.site.timeZone);
  const days = other
    ? Math.round(at.diff(localTime(other.slice(0, 16), 0, job.site.timeZone), 'days').days * 10) / 10
    : null;
  return (
    <Typography role="status" sx={{ mt: 0.5 }}>
      Whole job done {formatMoment(at, 'longDayTime')}
      {days === null
        ? '.'
        : days === 0
          ? ', the same day either way.'
          : `: ${counted(Math.abs(days), 'day')} ${days < 0 ? 'sooner' : 'later'} than the other way.`}
    </Typography>
  );
}
