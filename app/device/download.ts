/** Ms after which a browser has begun to read what it was handed. */
const LET_GO_AFTER = 60_000;

/** Hands bytes to the browser as a file to keep. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // A browser may read it only after this turn is over.
  setTimeout(() => URL.revokeObjectURL(url), LET_GO_AFTER);
}

/** Hands a text to the browser as a file to keep. */
export const download = (name: string, text: string, type = 'application/json'): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands over a row that holds no job that can be read, as it lies there: nothing of it is lost. */
export function downloadUnreadable(row: { job: unknown }): void {
  download('unreadable.nivel.json', JSON.stringify(row.job, null, 1));
}
