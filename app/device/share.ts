/** Whether this device has a share sheet that takes text files. */
export function canShareFiles(): boolean {
  if (!('share' in navigator) || !('canShare' in navigator)) return false;
  return navigator.canShare({ files: [new File([''], 'job.txt', { type: 'text/plain' })] });
}

/** Hands a text file to the device’s share sheet; answers what went wrong, null where it was sent or cancelled. */
export async function shareText(name: string, text: string): Promise<string | null> {
  try {
    await navigator.share({ title: name, files: [new File([text], name, { type: 'text/plain' })] });
    return null;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    return 'This device can’t share it. Save it as a file instead.';
  }
}
