import { z } from 'zod';
import { DRYING_STAGES } from '../../shelf/coating.ts';
import { localTime, stepId as id } from './plain-fields.ts';

const fields = () => ({
  id: z.string().min(1).max(60),
  /** Local time at which it was read. */
  at: localTime,
});
/** How a figure came into the job: read and typed, or from a stand-in that ships with Nivel, or played from a file. */
const from = z.lazy(() => z.enum(['typed', 'simulated', 'file']));

/** What an instrument, or a finger, showed: air in a climate, a piece's surface, a wet film, a stage that was reached. */
export const readingSchema = z.lazy(() =>
  z.discriminatedUnion('kind', [
    z.object({
      ...fields(),
      kind: z.literal('air'),
      from,
      climateId: id,
      temperature: z
        .number()
        .min(-30, 'At least −30 °C. Check the instrument.')
        .max(60, 'At most 60 °C. Check the instrument.'),
      humidity: z.number().min(1, 'Humidity must be 1 to 100%.').max(100, 'Humidity must be 1 to 100%.'),
    }),
    z.object({
      ...fields(),
      kind: z.literal('surface'),
      from,
      pieceId: id,
      temperature: z
        .number()
        .min(-30, 'At least −30 °C. Check the instrument.')
        .max(90, 'At most 90 °C. Check the instrument.'),
    }),
    z.object({
      ...fields(),
      kind: z.literal('film'),
      from,
      /** The step of the coat that it was read in. */
      taskId: id,
      /** µm. */
      film: z.number().min(5, 'At least 5 µm.').max(1000, 'At most 1,000 µm.'),
    }),
    z.object({ ...fields(), kind: z.literal('stage'), taskId: id, stage: z.enum(DRYING_STAGES) }),
  ]),
);
export type Reading = z.infer<typeof readingSchema>;
export type AirReading = Extract<Reading, { kind: 'air' }>;
