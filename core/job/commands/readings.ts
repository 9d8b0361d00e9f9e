import { z } from 'zod';
import { readingSchema } from '../document/reading-schema.ts';
import { command, entryOf } from './definition.ts';

/** Writes readings of instruments, or stages that a finger found reached, into the job. */
export const importReadings = command({
  args: () => z.object({ readings: z.array(readingSchema).min(1).max(500) }),
  label: ({ readings }) => (readings.length === 1 ? 'Logged a reading' : `Logged ${readings.length} readings`),
  change(draft, { readings }) {
    for (const reading of readings) {
      if (reading.kind === 'air') entryOf(draft.climates, reading.climateId, 'climate');
      if (reading.kind === 'surface') entryOf(draft.pieces, reading.pieceId, 'piece');
    }
    draft.readings.push(...readings);
  },
});

/** Takes a reading out again: it was a slip. */
export const removeReading = command({
  args: () => z.object({ id: z.string() }),
  label: () => 'Deleted a reading',
  change(draft, { id }) {
    entryOf(draft.readings, id, 'reading');
    draft.readings = draft.readings.filter((reading) => reading.id !== id);
  },
});
