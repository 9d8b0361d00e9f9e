import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { keepPhoto, scaleDown } from '../../keeping/photos.ts';
import { tellUnwritten } from '../../keeping/keeping.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { begin } from '../../keeping/underway.ts';
import { downloadBlob } from '../../device/download.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';

/** Adds pictures to a piece; what could not be taken is told, file by file. */
export function usePhotoTaking(piece: Piece): {
  faults: readonly string[];
  /** Answers the ids of the photos that were taken. */
  take(files: readonly File[], caption?: string): Promise<string[]>;
} {
  const job = useJob();
  const { apply } = useCommands();
  const [faults, setFaults] = useState<string[]>([]);
  const takeAll = async (files: readonly File[], caption: string): Promise<string[]> => {
    const told: string[] = [];
    const taken: string[] = [];
    for (const chosen of files) {
      const scaled = await scaleDown(chosen);
      if (!scaled.ok) {
        told.push(`${chosen.name}: ${scaled.message}`);
        continue;
      }
      const { picture, width, height } = scaled.value;
      const id = nanoid(10);
      const photo = { id, caption, width, height, spots: [] };
      const keep = async (): Promise<void> => {
        try {
          await keepPhoto({ jobId: job.id, id, picture });
        } catch (error) {
          tellUnwritten(`photo/${id}`, {
            words: `A photo of ${piece.mark} (${chosen.name}): ${reasonOf(error)}. Free some space, or save it as a file.`,
            tryAgain: () => void keep(),
            save: () => downloadBlob(`${piece.mark} ${chosen.name}`, picture),
          });
          return;
        }
        tellUnwritten(`photo/${id}`, null);
        const outcome = apply('add-photo', { id: piece.id, photo });
        if (outcome.ok) taken.push(id);
        else told.push(`${chosen.name}: ${outcome.message}`);
      };
      await keep();
    }
    setFaults(told);
    return taken;
  };
  const take = async (files: readonly File[], caption = ''): Promise<string[]> => {
    const over = begin();
    return takeAll(files, caption).finally(over);
  };
  return { faults, take };
}
