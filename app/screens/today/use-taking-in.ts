import { readShared } from '../../../core/exchange/day-file.ts';
import { deviceId } from '../../keeping/device.ts';
import { keepPictures } from '../../keeping/photos.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';

/** What became of what another device gave. */
export interface TakenIn {
  isFault: boolean;
  words: string;
  /** Stamps may change what is planned; a day brings its plan. */
  areStamps: boolean;
}

const fault = (words: string): TakenIn => ({ isFault: true, words, areStamps: false });

/** Takes a day, or stamps, of another device into the open job. What is refused changes nothing. */
export function useTakingIn(): (text: string) => Promise<TakenIn> {
  const job = useJob();
  const { apply } = useCommands();
  return async (text) => {
    const read = readShared(text);
    if (!read.ok) return fault(read.message);
    const shared = read.value;
    const device = deviceId();
    if ((shared.kind === 'day' ? shared.job.id : shared.jobId) !== job.id) {
      return fault('That is of another job. Open that one, and take it in there.');
    }
    if (shared.kind === 'day') {
      if (shared.from === device) return fault('This device has made that day itself: there is nothing to take in.');
      const taken = apply('take-day', { job: shared.job, device, madeAt: shared.madeAt }, { quiet: true });
      if (!taken.ok) return fault(taken.message);
      return { isFault: false, words: 'The day is taken over; what you stamped here stays.', areStamps: false };
    }
    // Pictures first: what the stamps speak of is there when they are.
    try {
      await keepPictures(job.id, shared.pictures);
    } catch (error) {
      return fault(`Its photos can’t be kept here: ${error instanceof Error ? error.message : String(error)}`);
    }
    const taken = apply('take-stamps', { entries: shared.entries }, { quiet: true });
    if (!taken.ok) return fault(taken.message);
    const added = taken.value.log.length - job.log.length;
    const words = `${added} new ${added === 1 ? 'stamp' : 'stamps'} taken in, none doubled.`;
    return { isFault: false, words, areStamps: true };
  };
}
