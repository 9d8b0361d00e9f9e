import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { EXERCISE_IDS, type ExerciseId } from '../../../core/practising/exercise-ids.ts';
import { LEVELS, type PracticeSettings } from '../../../core/practising/exercise.ts';
import { levelOf } from '../../../core/practising/progress.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import { useRoute } from '../../device/route.ts';
import { listAttempts } from '../../keeping/attempts.ts';
import { lastSettings } from '../../keeping/jobs.ts';
import { regionalSettings } from '../../keeping/region.ts';
import { LanguageContext } from '../../open-job/use-job.ts';
import { KeepingBars } from '../../parts/keeping/KeepingBars.tsx';
import { Link } from '../../parts/Link.tsx';
import { Section } from '../../parts/Section.tsx';
import { Wordmark } from '../../parts/Wordmark.tsx';
import { ExercisePage } from './ExercisePage.tsx';
import { anySeed, taskOfRoute, writtenTask } from './task-of-route.ts';

/** Practice: exercises on the simulation, beside the jobs. */
export default function Practice() {
  const asked = taskOfRoute(useRoute());
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
  return (
    <LanguageContext value={settings}>
      <Box sx={{ maxWidth: 860, mx: 'auto', px: { xs: 2, md: 4 }, pt: { xs: 2, md: 3.5 }, pb: 6 }}>
        <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 3, mb: 2.5 }}>
          <Link to={{ stage: '' }} aria-label="Nivel, all jobs" style={{ textDecoration: 'none', color: 'inherit' }}>
            <Wordmark ink="var(--ink)" />
          </Link>
          <Typography variant="h1">{asked ? exerciseOf(asked.exercise).name : 'Practice'}</Typography>
        </Box>
        <Box component="main">
          <KeepingBars />
          {asked ? (
            <ExercisePage key={`${asked.exercise} ${writtenTask(asked)}`} asked={asked} settings={settings} />
          ) : (
            EXERCISE_IDS.map((id) => <Offered key={id} exercise={id} />)
          )}
        </Box>
      </Box>
    </LanguageContext>
  );
}

/** An exercise with its levels; the one at which the learner stands is marked. */
function Offered({ exercise: id }: { exercise: ExerciseId }) {
  const attempts = useLiveQuery(() => listAttempts().catch(() => []), []) ?? [];
  const [seed] = useState(anySeed);
  const own = levelOf(attempts, id);
  const { name, asks, levels } = exerciseOf(id);
  const scores = attempts.filter(({ exercise }) => exercise === id).map(({ score }) => score);
  return (
    <Section title={name}>
      <Box sx={{ mb: 1 }}>
        {asks} {scores.length > 0 && `Last scores: ${scores.slice(-5).join(', ')} of 100.`}
      </Box>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {LEVELS.map((level) => (
          <li key={level}>
            <Link
              to={{ stage: 'practice', view: id, task: writtenTask({ level, seed }) }}
              style={{
                display: 'inline-flex',
                alignItems: 'center',
                minHeight: 44,
                fontWeight: level === own ? 700 : 400,
              }}
            >
              Level {level}: {levels[level]}
              {level === own ? ' (yours)' : ''}
            </Link>
          </li>
        ))}
      </Box>
    </Section>
  );
}
