/** Hands a text to the browser as a file to keep. */
export function download(name: string, text: string, type = 'application/json'): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands over a row that holds no job that can be read, as it lies there: nothing of it is lost. */
export function downloadUnreadable(row: { job: unknown }): void {
  download('unreadable.nivel.json', JSON.stringify(row.job, null, 1));
}
