import { useState } from 'react';
import { counted } from '../../../core/units/sentence.ts';
import { readShared } from '../../../core/exchange/day-file.ts';
import type { StoredJob } from '../../keeping/database.ts';
import { addJob } from '../../keeping/jobs.ts';
import { askToKeep } from '../../keeping/storage-room.ts';
import { startReading, type BackupProgress, type ReadFile } from '../../asking/backup.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { goTo } from '../../device/route.ts';
import { notify } from '../../device/notices.ts';

/** Files and codes that bring jobs in. */
export interface Importing {
  reading: ReturnType<typeof useWorkerQuery<BackupProgress | null>>;
  /** Why the last one brought nothing. */
  fault: string | null;
  tell(fault: string | null): void;
  importFile(chosen: File | undefined): void;
  openDay(text: string): Promise<void>;
}

/** Takes in files and days; `kept` are the jobs that are here. */
export function useImporting(kept: readonly StoredJob[]): Importing {
  const [importFault, setImportFault] = useState<string | null>(null);
  const reading = useWorkerQuery<BackupProgress | null>();

  /** Opens the day of a job that is on another device; one that is here already is taken in on Today. */
  const openDay = async (text: string): Promise<void> => {
    const read = readShared(text);
    if (!read.ok || read.value.kind !== 'day') {
      setImportFault(
        read.ok ? 'This is a log from another device. Open its job, then Today › Two devices.' : read.message,
      );
      return;
    }
    const { job } = read.value;
    if (kept.some(({ id }) => id === job.id)) {
      setImportFault(`${job.name} is already here. Open it, then Today › Two devices.`);
      return;
    }
    await addJob(job);
    goTo({ stage: 'today', jobId: job.id });
  };

  const importFile = (chosen: File | undefined): void => {
    if (!chosen) return;
    setImportFault(null);
    reading.ask((tell) => {
      const started = startReading(chosen, tell);
      return {
        ...started,
        result: started.result.then((read) => (read.ok ? taken(read.value) : refuse(chosen, read.message))),
      };
    });
  };
  const refuse = (chosen: File, message: string): null => {
    setImportFault(`${chosen.name}: ${message}`);
    return null;
  };
  const taken = (read: ReadFile): null => {
    if (read.kind === 'day') {
      void openDay(read.text);
      return null;
    }
    const [only] = read.jobs;
    if (only === undefined && read.attempts === 0) {
      setImportFault('This backup has no jobs in it.');
      return null;
    }
    void askToKeep();
    const practised = read.attempts > 0 ? [counted(read.attempts, 'practice score')] : [];
    const jobs = only ? [read.jobs.length === 1 ? only.name : `${read.jobs.length} jobs`] : [];
    notify(`Imported ${[...jobs, ...practised].join(' and ')}.`, { variant: 'success' });
    return null;
  };

  return { reading, fault: importFault ?? reading.failure, tell: setImportFault, importFile, openDay };
}
