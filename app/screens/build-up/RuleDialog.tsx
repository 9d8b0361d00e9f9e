import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { SOURCES, type Rule } from '../../../core/build-up/rule.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { SEVERITY } from './severity.ts';

/** One rule: what it says, what would lift it, and what it rests on. */
export function RuleDialog({ rule, onClose }: { rule: Rule; onClose(): void }) {
  const localise = useLocalise();
  const { name, severity, reason, fixText, source, autoFix, ofSurface } = rule;
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="rule-title">
      <DialogTitle id="rule-title" sx={{ borderLeft: `10px solid ${SEVERITY[severity].colour}` }}>
        {localise(name)}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '12px !important', fontSize: 16 }}>
        <Box>
          <strong>{SEVERITY[severity].word}.</strong> {localise(reason)}
        </Box>
        <Box>
          <strong>Fix:</strong> {localise(fixText)}
        </Box>
        <Box sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
          Based on {SOURCES[source]}.{' '}
          {ofSurface
            ? 'About the surface alone: no product makes up for it.'
            : autoFix
              ? 'Nivel’s own suggestions already allow for this.'
              : 'Needs you: a test, another choice, or another product.'}
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
