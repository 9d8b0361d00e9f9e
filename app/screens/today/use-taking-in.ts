import { deviceId } from '../../keeping/device.ts';
import { keepPictures } from '../../keeping/photos.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { takenIn, type TakenIn } from './taking-in.ts';

/** Takes a day, or stamps, of another device into the open job. */
export function useTakingIn(): (text: string) => Promise<TakenIn> {
  const job = useJob();
  const { apply } = useCommands();
  return (text) =>
    takenIn(text, job, {
      device: deviceId(),
      takeDay: (args) => apply('take-day', args, { quiet: true }),
      takeStamps: (args) => apply('take-stamps', args, { quiet: true }),
      keepPictures: (pictures) => keepPictures(job.id, pictures),
    });
}
