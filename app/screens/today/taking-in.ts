import { readShared } from '../../../core/exchange/day-file.ts';
import type { Pictures } from '../../../core/exchange/pictures.ts';
import type { CommandArgs } from '../../../core/job/commands/apply.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { Outcome } from '../../../core/units/outcome.ts';
import { unpackedText } from '../../keeping/packed-text.ts';
import { counted } from '../../../core/units/sentence.ts';

/** The result of an import from another device. */
export interface TakenIn {
  isFault: boolean;
  words: string;
  /** Stamps may change what is planned; a day brings its plan. */
  areStamps: boolean;
}

/** The effects of an import, injected for tests; each returns the changed job. */
export interface Taking {
  device: string;
  takeDay(args: CommandArgs<'take-day'>): Outcome<Job>;
  takeStamps(args: CommandArgs<'take-stamps'>): Outcome<Job>;
  keepPictures(pictures: Pictures): Promise<void>;
}

const fault = (words: string): TakenIn => ({ isFault: true, words, areStamps: false });

/** Takes a day, or stamps, of another device into a job. What is refused changes nothing. */
export async function takenIn(text: string, job: Job, taking: Taking): Promise<TakenIn> {
  const plain = unpackedText(text);
  if (!plain.ok) return fault(plain.message);
  const read = readShared(plain.value);
  if (!read.ok) return fault(read.message);
  const shared = read.value;
  const { device } = taking;
  if ((shared.kind === 'day' ? shared.job.id : shared.jobId) !== job.id) {
    return fault('That’s for another job. Open that job and load it there.');
  }
  if (shared.kind === 'day') {
    if (shared.from === device) return fault('This device sent that day. There’s nothing to load.');
    const taken = taking.takeDay({ job: shared.job, device, madeAt: shared.madeAt });
    if (!taken.ok) return fault(taken.message);
    return { isFault: false, words: 'Day loaded. Work logged on this device is kept.', areStamps: false };
  }
  // Pictures first: what the stamps speak of is there when they are.
  try {
    await taking.keepPictures(shared.pictures);
  } catch (error) {
    return fault(`Can’t save its photos: ${error instanceof Error ? error.message : String(error)}`);
  }
  const taken = taking.takeStamps({ entries: shared.entries });
  if (!taken.ok) return fault(taken.message);
  const added = taken.value.log.length - job.log.length;
  return {
    isFault: false,
    words: `${counted(added, 'new entry', 'new entries')} loaded. Duplicates skipped.`,
    areStamps: true,
  };
}
