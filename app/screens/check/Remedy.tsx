import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { DEFECTS } from '../../../core/checking/defects.ts';
import { hasChoiceOfPlace, reworkFor, remedyWait } from '../../../core/checking/rework.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { hangsByNight } from '../../../core/job/queries/pieces.ts';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import { useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { Caution, Section, Sheet } from '../../parts/Section.tsx';
import { useJobSteps } from '../../open-job/use-reading.ts';
import { ReworkSteps } from './ReworkSteps.tsx';
import type { Replanning } from '../../parts/replanning/use-replanning.ts';
import type { DefectStatus } from '../../../core/checking/defect-status.ts';
import { DefectActions } from './DefectActions.tsx';
import { waitWords } from './remedy-words.ts';

interface RemedyProps {
  piece: Piece;
  defect: Defect;
  standing: DefectStatus;
  replanning: Replanning;
  change(facts: Facts<Defect>): boolean;
}

/** What puts a defect right: how, from when, where and in which steps. */
export function Remedy({ piece, defect, standing, replanning, change }: RemedyProps) {
  const job = useJob();
  const localise = useLocalise();
  const now = useNow();
  const problem = useJobSteps();
  const definition = DEFECTS[defect.kind];
  const wait = remedyWait(job, problem, defect);
  const [isTakenDown, setIsTakenDown] = useState(false);
  const known = useMemo(() => reworkFor(job, problem, defect), [job, problem, defect]);
  const isAsked = known !== null && hasChoiceOfPlace(job, piece, { ...defect, rework: known });
  const proposed = isAsked && isTakenDown ? { ...known, isInPlace: false } : known;
  const { t0 } = problem.clocks;
  const at = minutesSince(t0, now, job.site.timeZone);
  const when = (minutes: number): string => forecastAt(t0, minutes, job.site.timeZone, at);
  const { opens } = wait;
  const words = waitWords(opens, at, when);
  return (
    <Section title="Making good">
      <Sheet>
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <Typography sx={{ fontSize: 16 }}>{localise(definition.remedy)}</Typography>
          {opens !== null && wait.since !== null && (
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
              <strong>{words}</strong>
              <Box sx={{ flexBasis: '100%', color: 'var(--ink-soft)' }}>{localise(definition.waits.because)}</Box>
            </Box>
          )}
          {opens === null && <strong>{words}</strong>}
          {definition.caution && <Caution>{localise(definition.caution)}</Caution>}
          {standing === 'found' && isAsked && (
            <ToggleButtonGroup
              exclusive
              value={isTakenDown}
              aria-label="Where to make good"
              onChange={(_event, chosen: boolean | null) => chosen !== null && setIsTakenDown(chosen)}
            >
              <ToggleButton value={false} sx={{ minHeight: 48 }}>
                In place
              </ToggleButton>
              <ToggleButton value sx={{ minHeight: 48 }}>
                Take it down
              </ToggleButton>
            </ToggleButtonGroup>
          )}
          {standing === 'found' && known?.isInPlace && hangsByNight(piece) && (
            <Box>Goes back every night, so make good in place.</Box>
          )}
          <ReworkSteps piece={piece} defect={defect.rework ? defect : { ...defect, rework: proposed }} />
          <DefectActions
            piece={piece}
            defect={defect}
            standing={standing}
            replanning={replanning}
            proposed={proposed}
            change={change}
          />
        </Box>
      </Sheet>
    </Section>
  );
}
