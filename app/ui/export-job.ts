import { writeBackup } from '../../core/exchange/backup.ts';
import { jobFileName, writeJobFile } from '../../core/exchange/job-file.ts';
import type { Job } from '../../core/job/schema.ts';
import { picturesOf } from '../store/photos.ts';
import { download } from './download.ts';

/** Hands over a job as its file; one with photos as a backup of itself, so that they go with it. */
export async function exportJob(job: Job): Promise<void> {
  if (job.pieces.every(({ photos }) => photos.length === 0)) download(jobFileName(job), writeJobFile(job));
  else download(jobFileName(job), writeBackup({ jobs: [job], pictures: await picturesOf([job.id]) }));
}
