/** When a defect may be touched, in words: `opens` in minutes on the clocks, null where no coat lies, never at Infinity. */
export function waitWords(opens: number | null, at: number, when: (minutes: number) => string): string {
  if (opens === null) return 'No coat logged here.';
  if (opens === Infinity) return 'Too cold to cure: warm the room first.';
  return opens <= at ? `Ready to work on since ${when(opens)}.` : `Leave until ${when(opens)}.`;
}
