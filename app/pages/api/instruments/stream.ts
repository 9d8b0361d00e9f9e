import type { APIRoute } from 'astro';
import { z } from 'zod';
import { SETTLED_AFTER, simulatedAir, simulatedSurface } from '../../../../core/air/simulated-instruments.ts';
import { problemDetails } from '../../../serving/answer.ts';

export const prerender = false;

const asked = z.object({
  /** The climate in which the hygrometer hangs, or the piece that the surface thermometer lies on. */
  place: z.string().min(1).max(200),
  instrument: z.enum(['hygrometer', 'surface']),
  temperature: z.coerce.number().min(-30).max(90),
  humidity: z.coerce.number().min(1).max(100).default(50),
});

/** A reading every second, for so many seconds. */
const LASTS = 60;

/** `GET /api/instruments/stream`: what a simulated instrument shows, second by second, as server-sent events. */
export const GET: APIRoute = ({ url, request }) => {
  const read = asked.safeParse(Object.fromEntries(url.searchParams));
  if (!read.success) {
    const faults = read.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
    return problemDetails(422, 'No such instrument', faults.join('; '));
  }
  const { place, instrument, temperature, humidity } = read.data;
  const shown = (seconds: number): object => ({
    instrument,
    simulated: true,
    isSettled: seconds >= SETTLED_AFTER,
    ...(instrument === 'hygrometer'
      ? simulatedAir(place, { temperature, humidity }, seconds)
      : { temperature: simulatedSurface(place, temperature, seconds) }),
  });
  let timer: NodeJS.Timeout | undefined;
  const stream = new ReadableStream<string>({
    start(controller) {
      let seconds = 0;
      const tell = (): void => {
        controller.enqueue(`data: ${JSON.stringify(shown(seconds))}\n\n`);
        if (++seconds <= LASTS) return;
        clearInterval(timer);
        controller.close();
      };
      tell();
      timer = setInterval(tell, 1000);
      request.signal.addEventListener('abort', () => clearInterval(timer));
    },
    cancel: () => clearInterval(timer),
  });
  return new Response(stream.pipeThrough(new TextEncoderStream()), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  });
};
