import type { DefectStatus } from '../../../core/checking/defect-status.ts';

/** How far a defect is, in a word and a colour. */
export const STANDING: Readonly<Record<DefectStatus, { words: string; colour: string }>> = {
  found: { words: 'open', colour: 'var(--late)' },
  planned: { words: 'rework planned', colour: 'var(--tacky)' },
  'under-way': { words: 'being put right', colour: 'var(--tacky)' },
  'put-right': { words: 'put right', colour: 'var(--ready)' },
  accepted: { words: 'left as it is', colour: 'var(--cured)' },
};
