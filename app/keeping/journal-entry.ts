/** A command that was given and may not be in its job's document yet. */
export interface JournalEntry {
  /** Unique, so that a command is never carried out twice. */
  id: string;
  name: string;
  args: unknown;
  strokes: string | null;
}
