import { jobFileName, writeJobFile } from '../../core/exchange/job-file.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { refused } from '../../core/units/outcome.ts';
import { reasonOf } from '../store/reason.ts';
import { startBackup } from '../workers/backup.ts';
import { download, downloadBlob } from './download.ts';
import { notify } from './notices.ts';

/** Hands over a job as its file; one with photos as a backup of itself, so that they go with it. */
export async function exportJob(job: Job): Promise<void> {
  if (job.pieces.every(({ photos }) => photos.length === 0)) {
    download(jobFileName(job), writeJobFile(job));
    return;
  }
  const written = await startBackup([job.id], null, () => undefined).result.catch((error: unknown) =>
    refused(reasonOf(error)),
  );
  if (!written.ok) notify(written.message, { variant: 'error', autoHideDuration: 9000 });
  else if (written.value.file) downloadBlob(jobFileName(job).replace(/\.json$/, '.zip'), written.value.file);
}
