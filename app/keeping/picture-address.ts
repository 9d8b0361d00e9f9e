/** A picture from its data address, as files from other devices and older backups hold it. */
export function pictureFrom(address: string): Blob {
  const [head = '', data = ''] = address.split(',', 2);
  const bytes = Uint8Array.from(atob(data), (character) => character.charCodeAt(0));
  return new Blob([bytes], { type: /^data:([^;]+)/.exec(head)?.[1] ?? 'image/jpeg' });
}
