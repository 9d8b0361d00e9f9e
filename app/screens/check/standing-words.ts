import type { DefectStatus } from '../../../core/checking/defect-status.ts';

/** How far a defect is, in a word and a colour. */
export const STANDING: Readonly<Record<DefectStatus, { words: string; colour: string }>> = {
  found: { words: 'open', colour: 'var(--late)' },
  planned: { words: 'planned', colour: 'var(--tacky)' },
  'under-way': { words: 'being made good', colour: 'var(--tacky)' },
  'put-right': { words: 'made good', colour: 'var(--ready)' },
  accepted: { words: 'accepted as is', colour: 'var(--cured)' },
};
