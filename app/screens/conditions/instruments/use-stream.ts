import { useEffect, useState } from 'react';
import { z } from 'zod';

const shownSchema = z.lazy(() =>
  z.object({
    temperature: z.number(),
    humidity: z.number().optional(),
    isSettled: z.boolean(),
  }),
);
/** What an instrument shows. */
export type Shown = z.infer<typeof shownSchema>;

/** What there is to be read, and where; null for an instrument that lies in the tray. */
export interface Hung {
  instrument: 'hygrometer' | 'surface';
  place: string;
  temperature: number;
  humidity: number;
}

/** Follows the live stream of an instrument while it hangs somewhere. */
export function useStream(hung: Hung | null): { shown: Shown | null; fault: string | null } {
  const [shown, setShown] = useState<Shown | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const address = hung === null ? null : `/api/instruments/stream?${query(hung)}`;
  useEffect(() => {
    setShown(null);
    setFault(null);
    if (address === null) return;
    const source = new EventSource(address);
    source.onmessage = (event) => {
      const read = shownSchema.safeParse(JSON.parse(String(event.data)));
      if (read.success) setShown(read.data);
    };
    source.onerror = () => {
      // The stream ends by itself when the instrument has been read for long enough; the last figures stay.
      source.close();
      setShown((last) => {
        if (last === null) setFault('Demo instrument offline. Type your reading instead.');
        return last;
      });
    };
    return () => source.close();
  }, [address]);
  return { shown, fault };
}

const query = (hung: Hung): string =>
  new URLSearchParams({
    instrument: hung.instrument,
    place: hung.place,
    temperature: hung.temperature.toFixed(2),
    humidity: hung.humidity.toFixed(1),
  }).toString();
