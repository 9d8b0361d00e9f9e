import { configure, TextReader, BlobReader, ZipWriter } from '@zip.js/zip.js/index-native.js';
import {
  ARCHIVE_FORMAT,
  CONTENTS,
  PICTURE_TYPES,
  pictureType,
  type ArchiveContents,
} from '../../../core/exchange/archive.ts';
import { writeJobFile } from '../../../core/exchange/job-file.ts';
import type { Attempt } from '../../../core/practising/attempt.ts';
import type { Job } from '../../../core/job/document/schema.ts';

configure({ useWebWorkers: false });

/** A picture that goes into a backup, read when its turn comes. */
export interface PictureToWrite {
  jobId: string;
  id: string;
  read(): Promise<Blob | null>;
}

/** What goes into a backup. */
export interface ToWrite {
  madeAt: string;
  jobs: readonly Job[];
  pictures: readonly PictureToWrite[];
  /** Documents that can't be read as jobs. */
  unreadable: readonly unknown[];
  /** What was done in Practice. */
  attempts: readonly Attempt[];
}

/** So much of a backup is done: files, of how many. */
export type OnProgress = (done: number, all: number) => void;

/** Pictures are packed already. */
const AS_THEY_ARE = { level: 0 } as const;

/**
 * Writes a backup as a zip, one file after another, so that its size is not bound by memory. Answers its contents.
 * Rejects with what `sink` rejects with, such as a full disk.
 */
export async function writeArchive(
  sink: WritableStream<Uint8Array>,
  { madeAt, jobs, pictures, unreadable, attempts }: ToWrite,
  onProgress: OnProgress = () => undefined,
): Promise<ArchiveContents> {
  const zip = new ZipWriter(sink, { zip64: true });
  const contents: ArchiveContents = { format: ARCHIVE_FORMAT, madeAt, jobs: [], pictures: [], unreadable: [] };
  const all = jobs.length + pictures.length + unreadable.length;
  let done = 0;
  const folders = new Map(jobs.map(({ id }, index) => [id, `pictures/${index + 1}`]));
  for (const [index, job] of jobs.entries()) {
    const file = `jobs/${index + 1}.nivel.json`;
    await zip.add(file, new TextReader(writeJobFile(job)));
    contents.jobs.push({ file, id: job.id, name: job.name });
    onProgress(++done, all);
  }
  for (const { jobId, id, read } of pictures) {
    const picture = await read();
    const folder = folders.get(jobId);
    if (picture !== null && folder !== undefined) {
      const type = pictureType(picture.type);
      const file = `${folder}/${contents.pictures.length + 1}.${PICTURE_TYPES[type]}`;
      await zip.add(file, new BlobReader(picture), AS_THEY_ARE);
      contents.pictures.push({ file, jobId, id, type });
    }
    onProgress(++done, all);
  }
  for (const [index, document] of unreadable.entries()) {
    const file = `unreadable/${index + 1}.json`;
    await zip.add(file, new TextReader(JSON.stringify(document)));
    contents.unreadable.push({ file });
    onProgress(++done, all);
  }
  if (attempts.length > 0) {
    contents.practice = { file: 'practice.json' };
    await zip.add(contents.practice.file, new TextReader(JSON.stringify(attempts)));
  }
  await zip.add(CONTENTS, new TextReader(JSON.stringify(contents, null, 1)));
  await zip.close();
  return contents;
}
