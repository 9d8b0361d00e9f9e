import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useState } from 'react';
import type { PracticeSettings } from '../../../core/practising/exercise.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import type { PracticeSession } from '../../asking/practice.ts';
import { useRoute } from '../../device/route.ts';
import { lastSettings } from '../../keeping/jobs.ts';
import { regionalSettings } from '../../keeping/region.ts';
import { LanguageContext } from '../../open-job/use-job.ts';
import { GuideLink } from '../../parts/GuideLink.tsx';
import { KeepingBars } from '../../parts/keeping/KeepingBars.tsx';
import { Link } from '../../parts/Link.tsx';
import { Wordmark } from '../../parts/Wordmark.tsx';
import { ExercisePage } from './ExercisePage.tsx';
import { JobExercise } from './JobExercise.tsx';
import { PracticeHome } from './PracticeHome.tsx';
import { taskOfRoute, writtenTask, type AskedTask } from '../../parts/practice/practice-task.ts';

/** Practice: exercises on the simulation, beside the jobs. */
export default function Practice() {
  const route = useRoute();
  const asked = taskOfRoute(route);
  const [settings, setSettings] = useState<PracticeSettings | null>(null);
  useEffect(() => {
    const usual = regionalSettings(navigator.language);
    // Where nothing can be read of jobs, a device’s own region does.
    lastSettings().then(
      (own) => setSettings(own ?? usual),
      () => setSettings(usual),
    );
  }, []);
  if (settings === null) return null;
  const key = asked && `${asked.exercise} ${writtenTask(asked)}`;
  return (
    <LanguageContext value={settings}>
      <Box sx={{ maxWidth: 860, mx: 'auto', px: { xs: 2, md: 4 }, pt: { xs: 2, md: 3.5 }, pb: 6 }}>
        <Box component="header" sx={{ display: 'flex', alignItems: 'center', columnGap: 3, flexWrap: 'wrap', mb: 2.5 }}>
          <Link to={{ stage: '' }} aria-label="Nivel, all jobs" style={{ textDecoration: 'none', color: 'inherit' }}>
            <Wordmark ink="var(--ink)" />
          </Link>
          <Typography variant="h1">{asked ? exerciseOf(asked.exercise).name : 'Practice'}</Typography>
          {asked === null && (
            <Box sx={{ ml: 'auto' }}>
              <GuideLink page="practice" words="How it works" />
            </Box>
          )}
        </Box>
        <Box component="main">
          <KeepingBars />
          {asked === null ? (
            <PracticeHome />
          ) : asked.source === 'job' ? (
            <JobExercise key={key} asked={asked} jobId={route.jobId ?? ''} pieceId={route.pieceId} />
          ) : (
            <MadeExercise key={key} asked={asked} settings={settings} />
          )}
        </Box>
      </Box>
    </LanguageContext>
  );
}

/** An exercise that a seed makes. */
function MadeExercise({ asked, settings }: { asked: AskedTask; settings: PracticeSettings }) {
  const { exercise, level, seed } = asked;
  const start = useCallback(
    (session: PracticeSession) => session.made(exercise, level, seed, settings),
    [exercise, level, seed, settings],
  );
  return <ExercisePage asked={asked} start={start} name={`practice/${exercise}/${writtenTask(asked)}`} />;
}
