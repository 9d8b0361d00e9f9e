/** When a defect may be touched, in words: `opens` in minutes on the clocks, null where no coat lies, never at Infinity. */
export function waitWords(opens: number | null, at: number, when: (minutes: number) => string): string {
  if (opens === null) return 'No coat lies here by the log.';
  if (opens === Infinity) return 'In this cold it never hardens: warm the place first.';
  return opens <= at ? `It may be touched now, since ${when(opens)}.` : `Leave it until ${when(opens)}.`;
}
