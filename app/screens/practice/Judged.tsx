import Box from '@mui/material/Box';
import type { Judgement } from '../../../core/practising/exercise.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { Caution, Sheet } from '../../parts/Section.tsx';

/** What an answer came to: marks, what could have hurt, what was right and what was not, each with its why. */
export function Judged({ judgement: { score, dangers, points, best } }: { judgement: Judgement }) {
  const localise = useLocalise();
  const ordered = [...points].sort((one, other) => Number(one.isRight) - Number(other.isRight));
  return (
    <Box role="region" aria-label="Result" sx={{ display: 'grid', gap: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
        <Box component="strong" className="condensed" sx={{ fontSize: 44, lineHeight: 1 }}>
          {score}
        </Box>
        <span>of 100</span>
      </Box>
      {dangers.length > 0 && (
        <Caution>{`${dangers.join(' ')} On the job, follow the safety sheet and your local rules.`}</Caution>
      )}
      <Sheet>
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5 }}>
          {ordered.map(({ isRight, words, why }, index) => (
            <Box
              key={`${index} ${words}`}
              component="li"
              sx={{ display: 'grid', gridTemplateColumns: '22px 1fr', gap: 1 }}
            >
              <Box
                component="span"
                role="img"
                aria-label={isRight ? 'Right' : 'Wrong'}
                sx={{ fontWeight: 800, color: isRight ? 'var(--ready)' : 'var(--late)' }}
              >
                {isRight ? '✓' : '✗'}
              </Box>
              <div>
                <Box sx={{ fontWeight: isRight ? 400 : 650 }}>{localise(words)}</Box>
                {why.length > 0 && (
                  <Box
                    component="details"
                    sx={{ fontSize: 14, color: 'var(--ink-soft)', '& summary': { minHeight: 32 } }}
                  >
                    <summary>Why?</summary>
                    {why.map((line, at) => (
                      <div key={`${at} ${line}`}>{localise(line)}</div>
                    ))}
                  </Box>
                )}
              </div>
            </Box>
          ))}
        </Box>
      </Sheet>
      {points.some(({ isRight }) => !isRight) && (
        <section aria-label="Best answer">
          <Box component="h2" sx={{ m: 0, mb: 0.5, fontSize: 18 }}>
            Best answer
          </Box>
          {best.map((line, at) => (
            <div key={`${at} ${line}`}>{localise(line)}</div>
          ))}
        </section>
      )}
    </Box>
  );
}
