import { z } from 'zod';
import {
  BlobReader,
  BlobWriter,
  configure,
  TextWriter,
  ZipReader,
  type FileEntry,
} from '@zip.js/zip.js/index-native.js';
import {
  CONTENTS,
  contentsSchema,
  MAX_PICTURE_FILE,
  MAX_CONTENTS,
  MAX_PRACTICE_FILE,
  type ArchiveContents,
} from '../../../core/exchange/archive.ts';
import { MAX_JOB_FILE, parseDocument, readJobFile } from '../../../core/exchange/job-file.ts';
import { attemptSchema, type Attempt } from '../../../core/practising/attempt.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';

configure({ useWebWorkers: false });

/** A picture of a backup, checked and taken out when it is asked for. */
export interface PictureInArchive {
  jobId: string;
  id: string;
  /** Rejects where it is spoilt. */
  read(): Promise<Blob>;
}

/** A backup that has been opened: all its jobs are checked, its pictures are read one by one. */
export interface OpenedArchive {
  contents: ArchiveContents;
  jobs: Job[];
  pictures: PictureInArchive[];
  /** What was done in Practice. */
  attempts: Attempt[];
}

/** The first bytes of every zip. */
const ZIP_MARK = [0x50, 0x4b];

/** Whether a file is a zip, by its first bytes. */
export async function isArchive(file: Blob): Promise<boolean> {
  const head = new Uint8Array(await file.slice(0, ZIP_MARK.length).arrayBuffer());
  return ZIP_MARK.every((byte, index) => head[index] === byte);
}

const PARTIAL = 'Part of the backup is missing or damaged';

/**
 * Opens a backup that is a zip. Nothing in it is trusted: files are looked for by its list of contents alone, their sizes
 * are known before they are unpacked, and every job is checked. A refusal says what is wrong.
 */
export async function openArchive(file: Blob): Promise<Outcome<OpenedArchive>> {
  try {
    const zip = new ZipReader(new BlobReader(file), { checkCrc32: true });
    const byName = new Map<string, FileEntry>();
    for (const entry of await zip.getEntries()) if (!entry.directory) byName.set(entry.filename, entry);
    return await readEntries(byName);
  } catch (error) {
    return refused(
      `${PARTIAL}: ${error instanceof Error ? error.message : String(error)}. Copy it again from its folder.`,
    );
  }
}

async function readEntries(byName: ReadonlyMap<string, FileEntry>): Promise<Outcome<OpenedArchive>> {
  const list = await textOf(byName.get(CONTENTS), MAX_CONTENTS);
  if (!list.ok) return refused('This zip isn’t a Nivel backup. Choose a file that Nivel saved.');
  const parsed = parseDocument(list.value, MAX_CONTENTS);
  const contents = parsed.ok ? contentsSchema.safeParse(parsed.value) : null;
  if (!contents?.success)
    return refused('The backup’s list of contents can’t be read. Choose a file that Nivel saved.');
  const jobs: Job[] = [];
  for (const { file, name } of contents.data.jobs) {
    const text = await textOf(byName.get(file), MAX_JOB_FILE);
    const job = text.ok ? readJobFile(text.value) : text;
    if (!job.ok) return refused(`${name}: ${job.message}`);
    jobs.push(job.value);
  }
  const pictures: PictureInArchive[] = [];
  for (const { file, jobId, id, type } of contents.data.pictures) {
    const entry = byName.get(file);
    if (entry === undefined) return refused(`${PARTIAL}: photo ${file} is missing. Copy it again from its folder.`);
    if (entry.uncompressedSize > MAX_PICTURE_FILE) return refused(`Photo ${file} is too large to be one of Nivel’s.`);
    pictures.push({ jobId, id, read: () => entry.getData(new BlobWriter(type), { checkCrc32: true }) });
  }
  const attempts = await attemptsOf(contents.data, byName);
  return attempts.ok ? accepted({ contents: contents.data, jobs, pictures, attempts: attempts.value }) : attempts;
}

async function attemptsOf(
  { practice }: ArchiveContents,
  byName: ReadonlyMap<string, FileEntry>,
): Promise<Outcome<Attempt[]>> {
  if (practice === undefined) return accepted([]);
  const text = await textOf(byName.get(practice.file), MAX_PRACTICE_FILE);
  if (!text.ok) return refused(`Practice: ${text.message}`);
  const parsed = parseDocument(text.value, MAX_PRACTICE_FILE);
  const read = parsed.ok ? z.array(attemptSchema).safeParse(parsed.value) : null;
  return read?.success
    ? accepted(read.data)
    : refused('The practice scores in this backup can’t be read. Choose a file that Nivel saved.');
}

async function textOf(entry: FileEntry | undefined, largest: number): Promise<Outcome<string>> {
  if (entry === undefined) return refused('its file is missing from the backup.');
  if (entry.uncompressedSize > largest) return refused('its file is too large to be one of Nivel’s.');
  return accepted(await entry.getData(new TextWriter(), { checkCrc32: true }));
}
