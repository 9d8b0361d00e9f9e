import Box from '@mui/material/Box';
import type { Verdict } from '../../../core/build-up/judge.ts';
import type { Severity } from '../../../core/build-up/rule.ts';
import { useJob } from '../../ui/job-context.tsx';

const SEVERITY: Readonly<Record<Severity, { word: string; colour: string }>> = {
  forbidden: { word: 'Will fail', colour: 'var(--late)' },
  risk: { word: 'Risk', colour: 'var(--tacky)' },
  caution: { word: 'Caution', colour: 'var(--tacky)' },
  advice: { word: 'Worth knowing', colour: 'var(--ink-soft)' },
};

/** What the rules say of a build-up: the verdict, its reasons, and what would change it. */
export function Findings({ verdict }: { verdict: Verdict }) {
  const { say } = useJob();
  if (verdict.findings.length === 0) {
    return <Box sx={{ fontWeight: 650, color: 'var(--ready)', mt: 1 }}>Nothing speaks against it.</Box>;
  }
  return (
    <Box component="ul" aria-label="Verdict" sx={{ mt: 1, display: 'grid', gap: 1 }}>
      {verdict.findings.map(({ rule, faces }) => (
        <Box
          component="li"
          key={rule.id}
          sx={{ borderLeft: `5px solid ${SEVERITY[rule.severity].colour}`, pl: 1.25, fontSize: 14 }}
        >
          <strong>{SEVERITY[rule.severity].word}.</strong> {say(rule.reason)}{' '}
          <span style={{ color: 'var(--ink-soft)' }}>
            {faces.length === 1 && `On the ${faces[0]}. `}
            {say(rule.lift)}
          </span>
        </Box>
      ))}
    </Box>
  );
}
