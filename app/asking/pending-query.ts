/** Something that a worker was asked, and is working at. */
export interface PendingQuery<Answer> {
  result: Promise<Answer>;
  /** Ends it; `result` then never settles. */
  cancel(): void;
}
