import { fileStem, writeJobFile } from '../../core/exchange/job-file.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { notify } from '../device/notices.ts';
import { shareText } from '../device/share.ts';
import { packedText } from '../keeping/packed-text.ts';

/** Sends a job to the crew by the device’s share sheet, packed small enough for a message. Photos stay here. */
export async function shareJob(job: Job): Promise<void> {
  const fault = await shareText(`${fileStem(job)}.nivel.txt`, packedText(writeJobFile(job)));
  if (fault !== null) notify(fault, { variant: 'warning' });
}
