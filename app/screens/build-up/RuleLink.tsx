import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Rule } from '../../../core/build-up/rule.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { RuleDialog } from './RuleDialog.tsx';

interface RuleLinkProps {
  rule: Rule;
  /** What is touched; the rule's own name where nothing is said. */
  words?: string;
  colour?: string;
}

/** A rule by its name; a touch opens what it says and what it rests on. */
export function RuleLink({ rule, words = rule.name, colour = 'inherit' }: RuleLinkProps) {
  const localise = useLocalise();
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Box
        component="button"
        type="button"
        onClick={() => setIsOpen(true)}
        sx={{
          font: 'inherit',
          fontWeight: 700,
          color: colour,
          background: 'none',
          border: 0,
          p: 0,
          cursor: 'pointer',
          textDecoration: 'underline dotted',
          textUnderlineOffset: '3px',
        }}
      >
        {localise(words)}
      </Box>
      {isOpen && <RuleDialog rule={rule} onClose={() => setIsOpen(false)} />}
    </>
  );
}
