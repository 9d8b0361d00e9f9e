import type { Severity } from '../../../core/build-up/rule.ts';

/** How grave a rule is: its word and its colour. */
export const SEVERITY: Readonly<Record<Severity, { word: string; colour: string }>> = {
  forbidden: { word: 'Won’t work', colour: 'var(--late)' },
  risk: { word: 'Risk', colour: 'var(--tacky)' },
  caution: { word: 'Caution', colour: 'var(--tacky)' },
  advice: { word: 'Tip', colour: 'var(--ink-soft)' },
};
