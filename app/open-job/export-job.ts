import { jobFileName, writeJobFile } from '../../core/exchange/job-file.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { refused } from '../../core/units/outcome.ts';
import { reasonOf } from '../keeping/reason.ts';
import { startBackup } from '../asking/backup.ts';
import { download, downloadBlob } from '../device/download.ts';
import { notify } from '../device/notices.ts';

/**
 * Hands over a job as its file, as it is given; one with photos as a backup of itself, so that they go with it. Where that
 * can't be written, it goes without them, and that is told.
 */
export async function exportJob(job: Job): Promise<void> {
  const alone = (): void => download(jobFileName(job), writeJobFile(job));
  if (job.pieces.every(({ photos }) => photos.length === 0)) {
    alone();
    return;
  }
  const written = await startBackup([job], null, () => undefined).result.catch((error: unknown) =>
    refused(reasonOf(error)),
  );
  if (written.ok && written.value.file) {
    downloadBlob(jobFileName(job).replace(/\.json$/, '.zip'), written.value.file);
    return;
  }
  alone();
  const why = written.ok ? '' : ` ${written.message}`;
  notify(`Saved ${job.name} without its photos.${why}`, { variant: 'warning', autoHideDuration: 9000 });
}
