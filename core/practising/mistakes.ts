/** A kind of mistake: what goes wrong, and what keeps it from going wrong. */
interface Mistake {
  name: string;
  /** One instruction. */
  learn: string;
}

/** Every kind of mistake that an exercise can show. To add one is to add an entry. */
export const MISTAKES = {
  'lap-lost': { name: 'Wet edge lost', learn: 'Finish what meets before you start elsewhere.' },
  'long-way': { name: 'A longer way than needed', learn: 'Go on to what the last part touches.' },
  'reached-over': { name: 'Reached over wet paint', learn: 'Do edges and far sides in their turn.' },
  'touched-early': { name: 'Touched too soon', learn: 'Cold slows the clock: go by this air, not the tin.' },
  'left-waiting': { name: 'Left waiting', learn: 'A ready piece holds up the rack.' },
  'window-missed': { name: 'Recoat window missed', learn: 'Sand again once the window has closed.' },
  'next-step': { name: 'Wrong next step', learn: 'Check what comes next on the tag.' },
  hazard: { name: 'Unsafe way', learn: 'Test for lead before you sand. Read the safety sheet.' },
  'wont-hold': { name: 'Coats that fail', learn: 'Match cleaner, key and primer to the surface.' },
  'not-tested': { name: 'Guessed, not tested', learn: 'Test what could make the coats fail.' },
  'tested-in-vain': { name: 'Tested for nothing', learn: 'Skip tests whose answer changes nothing.' },
  'costs-more': { name: 'More work than needed', learn: 'Leave out what the surface does not need.' },
  'wrong-cause': { name: 'Wrong cause', learn: 'Look for what sets the causes apart.' },
  'wrong-remedy': { name: 'Wrong fix', learn: 'Each defect has its own fix.' },
  'fixed-early': { name: 'Fixed too soon', learn: 'Wait until the coat is hard enough for the fix.' },
  'set-ups': { name: 'Too many set-ups', learn: 'Keep pieces of one step together.' },
  'late-finish': { name: 'Finished late', learn: 'Start what dries longest first.' },
  'too-little': { name: 'Estimated too little', learn: 'Count edges, profiles and both sides.' },
  'too-much': { name: 'Estimated too much', learn: 'Measure before you buy.' },
} as const satisfies Record<string, Mistake>;

export type MistakeId = keyof typeof MISTAKES;
export const MISTAKE_IDS = Object.keys(MISTAKES) as [MistakeId, ...MistakeId[]];
