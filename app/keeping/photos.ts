import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { accepted, refused, type Outcome } from '../../core/units/outcome.ts';
import { database, type StoredPhoto } from './database.ts';
import { pictureFrom } from './picture-address.ts';

/** Photos are scaled down until neither side is longer than this, in px. */
const MAX_SIDE = 1600;
const JPEG_QUALITY = 0.82;

/** A picture scaled down, with its size in px. */
export interface ScaledPhoto {
  picture: Blob;
  width: number;
  height: number;
}

/** Scales a picture from camera or file down to what a screen can show. Refuses what is no picture. */
export async function scaleDown(file: Blob): Promise<Outcome<ScaledPhoto>> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return refused('Not a picture this browser can read. Choose a JPEG, PNG or WebP.');
  }
  const scale = Math.min(1, MAX_SIDE / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = document.createElement('canvas');
  Object.assign(canvas, { width, height });
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', JPEG_QUALITY));
  return picture ? accepted({ picture, width, height }) : refused('This browser can’t shrink the picture.');
}

export async function keepPhoto(photo: StoredPhoto): Promise<void> {
  await database.photos.put(photo);
}

/** The address of a kept picture for an `img`; null while it is read, or when it is not in this browser. */
export function usePhoto(jobId: string, id: string): { address: string | null; isMissing: boolean } {
  const kept = useLiveQuery(async () => (await database.photos.get([jobId, id])) ?? 'missing', [jobId, id]);
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    if (kept === undefined || kept === 'missing') return undefined;
    const url = URL.createObjectURL(kept.picture);
    setAddress(url);
    return () => URL.revokeObjectURL(url);
  }, [kept]);
  return { address, isMissing: kept === 'missing' };
}

/** All pictures of jobs as data addresses, for a backup: job's id, then photo's id. */
export async function picturesOf(jobIds: readonly string[]): Promise<Record<string, Record<string, string>>> {
  const photos = await database.photos
    .where('jobId')
    .anyOf([...jobIds])
    .toArray();
  const pictures: Record<string, Record<string, string>> = {};
  for (const { jobId, id, picture } of photos) (pictures[jobId] ??= {})[id] = await dataAddress(picture);
  return pictures;
}

function dataAddress(blob: Blob): Promise<string> {
  return new Promise((done, fail) => {
    const reader = new FileReader();
    reader.onload = () => done(typeof reader.result === 'string' ? reader.result : '');
    reader.onerror = () => fail(reader.error ?? new Error('Can’t read the picture.'));
    reader.readAsDataURL(blob);
  });
}

/** Keeps pictures of a job that came from elsewhere; those that are here already stay. */
export async function keepPictures(jobId: string, pictures: Readonly<Record<string, string>>): Promise<void> {
  for (const [id, address] of Object.entries(pictures)) {
    if ((await database.photos.get([jobId, id])) === undefined) {
      await keepPhoto({ jobId, id, picture: pictureFrom(address) });
    }
  }
}
