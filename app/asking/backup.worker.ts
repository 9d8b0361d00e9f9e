import { unpackedText } from '../keeping/packed-text.ts';
import { expose } from 'comlink';
import { MAX_BACKUP, readJobsFile } from '../../core/exchange/backup.ts';
import { isDay } from '../../core/exchange/day-file.ts';
import { tooLarge } from '../../core/exchange/job-file.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { accepted, refused, type Outcome } from '../../core/units/outcome.ts';
import { forgetHalfTaken, restoreJobs, type ToTake } from '../keeping/backup/take-in.ts';
import { listAttempts } from '../keeping/attempts.ts';
import { isArchive, openArchive } from '../keeping/backup/read-archive.ts';
import { writeArchive, type ToWrite } from '../keeping/backup/write-archive.ts';
import { database } from '../keeping/database.ts';
import { pictureFrom } from '../keeping/picture-address.ts';
import { reasonOf } from '../keeping/reason.ts';
import { shownJobs } from '../keeping/shown-jobs.ts';

/** What a backup holds, and the file where it does not lie in a folder. */
export interface WrittenBackup {
  file: Blob | null;
  jobs: number;
  pictures: number;
  unreadable: number;
  bytes: number;
}

/** What a file brought: jobs, or the day of a job that is on another device, which is opened elsewhere. */
export type ReadFile =
  | { kind: 'jobs'; jobs: { id: string; name: string }[]; attempts: number }
  | { kind: 'day'; text: string };

/** The phase of a backup, and how far it has come. */
export interface BackupProgress {
  doing: 'writing' | 'checking' | 'reading' | 'keeping';
  done: number;
  all: number;
}
type Tell = (progress: BackupProgress) => void;

/** Jobs as they are given, or all that are in use, as they stand in a tab that could not write them; with their pictures. */
async function toWrite(given: readonly Job[] | null, inTabOnly: readonly Job[], madeAt: string): Promise<ToWrite> {
  const rows = given === null ? await shownJobs(database) : [];
  const kept = rows.flatMap(({ read }) => (read.ok && read.value.deletedAt === null ? [read.value.job] : []));
  const jobs = given ?? kept.map((job) => inTabOnly.find(({ id }) => id === job.id) ?? job);
  const keys = await database.photos
    .where('jobId')
    .anyOf(jobs.map(({ id }) => id))
    .primaryKeys();
  return {
    madeAt,
    jobs,
    pictures: keys.map(([jobId, id]) => ({
      jobId,
      id,
      read: async () => (await database.photos.get([jobId, id]))?.picture ?? null,
    })),
    unreadable: rows.flatMap(({ row, read }) => (read.ok ? [] : [row.job])),
    attempts: given === null ? await listAttempts() : [],
  };
}

/** Reads a backup back from where it lies, every file of it. Throws an error that names the fault. */
async function check(file: Blob, { jobs, pictures }: { jobs: number; pictures: number }, tell: Tell): Promise<void> {
  const opened = await openArchive(file);
  if (!opened.ok) throw new Error(opened.message);
  const { value } = opened;
  if (value.jobs.length !== jobs || value.pictures.length !== pictures) throw new Error('part of it is missing');
  for (const [index, picture] of value.pictures.entries()) {
    await picture.read();
    tell({ doing: 'checking', done: index + 1, all: pictures });
  }
}

async function backUp(given: ToWrite, target: FileSystemFileHandle | null, tell: Tell): Promise<WrittenBackup> {
  const onProgress = (done: number, all: number): void => tell({ doing: 'writing', done, all });
  let file: Blob;
  let contents;
  if (target === null) {
    const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
    const whole = new Response(readable).blob();
    [contents, file] = await Promise.all([writeArchive(writable, given, onProgress), whole]);
  } else {
    const writable = await target.createWritable();
    contents = await writeArchive(writable, given, onProgress);
    file = await target.getFile();
  }
  const counts = { jobs: contents.jobs.length, pictures: contents.pictures.length };
  await check(file, counts, tell);
  const unreadable = contents.unreadable.length;
  return { file: target === null ? file : null, ...counts, unreadable, bytes: file.size };
}

async function opened(file: File): Promise<Outcome<ToTake | { day: string }>> {
  if (await isArchive(file)) return openArchive(file);
  // A file longer than any backup is refused unread.
  if (file.size > MAX_BACKUP) return tooLarge(file.size, MAX_BACKUP);
  const plain = unpackedText(await file.text());
  if (!plain.ok) return plain;
  const text = plain.value;
  if (isDay(text)) return accepted({ day: text });
  const read = readJobsFile(text);
  if (!read.ok) return read;
  const pictures = Object.entries(read.value.pictures).flatMap(([jobId, ofJob]) =>
    Object.entries(ofJob).map(([id, address]) => ({ jobId, id, read: () => Promise.resolve(pictureFrom(address)) })),
  );
  return accepted({ jobs: read.value.jobs, pictures, attempts: [] });
}

/** One taking in at a time, over all tabs: what is half taken is forgotten as a whole. */
const IMPORT = 'nivel-import';
// Pages that are not secure have no locks.
const locks = (navigator as Partial<WorkerNavigator>).locks;

async function keepRead(taken: ToTake, tell: Tell): Promise<Outcome<ReadFile>> {
  try {
    const added = await restoreJobs(database, taken, (done, all) => tell({ doing: 'keeping', done, all }));
    const jobs = added.map(({ id, name }) => ({ id, name }));
    return accepted({ kind: 'jobs', jobs, attempts: taken.attempts.length });
  } catch (error) {
    return refused(`Can’t save it: ${reasonOf(error)}.`);
  }
}

/** Backups, written and read beside the screens. */
const backups = {
  /** Writes jobs as they are given, or all that are in use, into a file or a zip in memory, and reads it back. */
  async write(
    jobs: readonly Job[] | null,
    inTabOnly: readonly Job[],
    madeAt: string,
    target: FileSystemFileHandle | null,
    tell: Tell,
  ): Promise<Outcome<WrittenBackup>> {
    try {
      return accepted(await backUp(await toWrite(jobs, inTabOnly, madeAt), target, tell));
    } catch (error) {
      return refused(`Can’t write the backup: ${reasonOf(error)}. Your jobs are unchanged.`);
    }
  },

  /** Takes in whatever a file holds: a backup, a job, or the day of another device, which is only handed back. */
  async read(file: File, tell: Tell): Promise<Outcome<ReadFile>> {
    tell({ doing: 'reading', done: 0, all: 1 });
    const read = await opened(file);
    if (!read.ok) return read;
    if ('day' in read.value) return accepted({ kind: 'day', text: read.value.day });
    const taken = read.value;
    if (!locks) return keepRead(taken, tell);
    return locks.request(IMPORT, { ifAvailable: true }, (lock) =>
      lock === null ? refused('Another tab is importing a file. Import this one after that.') : keepRead(taken, tell),
    );
  },

  /** Forgets what a reading that was broken off has left. */
  async forgetHalfTaken(): Promise<void> {
    if (locks) await locks.request(IMPORT, () => forgetHalfTaken(database));
    else await forgetHalfTaken(database);
  },
};

export type Backups = typeof backups;

expose(backups);
