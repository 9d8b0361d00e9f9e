import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Verdict } from '../../../core/build-up/judge.ts';
import type { Rule } from '../../../core/build-up/rule.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { RuleLink } from './RuleLink.tsx';
import { SEVERITY } from './severity.ts';

interface FindingsProps {
  verdict: Verdict;
  isLiftable?(rule: Rule): boolean;
  onLift?(rule: Rule): void;
  /** Whether it is worth saying on which face. */
  hasTwoFaces: boolean;
}

/** What the rules say of a build-up: the verdict, its reasons, what would change it, and, at a touch, what it rests on. */
export function Findings({ verdict, isLiftable, onLift, hasTwoFaces }: FindingsProps) {
  const localise = useLocalise();
  return (
    <>
      {verdict.level === 'permitted' && (
        <Box sx={{ fontWeight: 650, color: 'var(--ready)', mt: 1 }}>No problems found.</Box>
      )}
      <Box component="ul" aria-label="Verdict" sx={{ mt: 1, display: 'grid', gap: 1 }}>
        {verdict.findings.map(({ rule, faces }) => (
          <Box
            component="li"
            key={rule.id}
            sx={{ borderLeft: `5px solid ${SEVERITY[rule.severity].colour}`, pl: 1.25, fontSize: 14 }}
          >
            <RuleLink rule={rule} words={SEVERITY[rule.severity].word} />. {localise(rule.reason)}{' '}
            <span style={{ color: 'var(--ink-soft)' }}>
              {hasTwoFaces && faces.length === 1 && `On the ${faces.join()}. `}
              {localise(rule.fixText)}
            </span>
            {onLift && isLiftable?.(rule) && (
              <Button size="small" variant="outlined" sx={{ ml: 1 }} onClick={() => onLift(rule)}>
                Fix it
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </>
  );
}
