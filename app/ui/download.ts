/** Hands bytes to the browser as a file to keep. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands a text to the browser as a file to keep. */
export const download = (name: string, text: string, type = 'application/json'): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands over a row that holds no job that can be read, as it lies there: nothing of it is lost. */
export function downloadUnreadable(row: { job: unknown }): void {
  download('unreadable.nivel.json', JSON.stringify(row.job, null, 1));
}
