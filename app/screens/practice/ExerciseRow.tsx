import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Attempt } from '../../../core/practising/attempt.ts';
import type { ExerciseId } from '../../../core/practising/exercise-ids.ts';
import { FULL_MARKS, LEVELS } from '../../../core/practising/exercise.ts';
import { levelOf } from '../../../core/practising/progress.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import { Link } from '../../parts/Link.tsx';
import { anySeed, freeTask } from '../../parts/practice/practice-task.ts';

/** Scores that are drawn, the newest. */
const DRAWN = 16;
const [BAR, HIGH] = [7, 28];

/** An exercise with its levels, one’s own filled, and the last scores. */
export function ExerciseRow({ exercise: id, attempts }: { exercise: ExerciseId; attempts: readonly Attempt[] }) {
  const [seed] = useState(anySeed);
  const own = levelOf(attempts, id);
  const { name, levels } = exerciseOf(id);
  const scores = attempts.filter(({ exercise }) => exercise === id).map(({ score }) => score);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) auto' },
        alignItems: 'center',
      }}
    >
      <div>
        <strong>{name}</strong>
        <Box sx={{ color: 'var(--ink-soft)' }}>{levels[own]}.</Box>
        {scores.length > 0 && <Scores scores={scores.slice(-DRAWN)} />}
      </div>
      <Box role="group" aria-label={`${name}, levels`} sx={{ display: 'flex', gap: 0.75 }}>
        {LEVELS.map((level) => (
          <Link
            key={level}
            to={freeTask(id, level, seed)}
            aria-label={`${name}, level ${level}: ${levels[level]}${level === own ? ', yours' : ''}`}
            style={{
              display: 'grid',
              placeItems: 'center',
              width: 44,
              height: 44,
              borderRadius: 6,
              border: '1px solid var(--line)',
              textDecoration: 'none',
              fontWeight: 650,
              background: level === own ? 'var(--bottle)' : 'var(--sheet)',
              color: level === own ? 'var(--on-bottle)' : 'var(--ink)',
            }}
          >
            {level}
          </Link>
        ))}
      </Box>
    </Box>
  );
}

/** Scores over time as bars, the newest to the right. */
function Scores({ scores }: { scores: readonly number[] }) {
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-end', mt: 0.5 }}>
      <svg
        width={scores.length * BAR}
        height={HIGH}
        role="img"
        aria-label={`Last scores: ${scores.join(', ')} of ${FULL_MARKS}`}
      >
        {scores.map((score, index) => {
          const high = Math.max(2, (score / FULL_MARKS) * HIGH);
          return (
            <rect key={index} x={index * BAR} y={HIGH - high} width={BAR - 2} height={high} fill="var(--bottle)" />
          );
        })}
      </svg>
      <span>{`last ${scores.at(-1) ?? 0} of ${FULL_MARKS}`}</span>
    </Box>
  );
}
