/** Why something could not be written or read, as the second half of a sentence. */
export function reasonOf(error: unknown): string {
  if (!(error instanceof Error)) return String(error);
  const isFull = error.name === 'QuotaExceededError' || /quota/i.test(error.message);
  return isFull ? 'the disk or the browser’s storage is full' : error.message;
}
