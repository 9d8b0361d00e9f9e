import type { APIRoute } from 'astro';
import { IANAZone } from 'luxon';
import { z } from 'zod';
import { simulatedForecast } from '../../../core/air/simulated-weather.ts';
import { json, problemDetails } from '../../serving/answer.ts';

export const prerender = false;

const asked = z.object({
  latitude: z.coerce.number().min(-90).max(90),
  longitude: z.coerce.number().min(-180).max(180),
  zone: z.string().refine((zone) => IANAZone.isValidZone(zone), 'isn’t a time zone. Write it like Europe/Berlin'),
  from: z.iso.date('isn’t a date. Write it like 2027-03-05'),
  days: z.coerce.number().int().min(1).max(14),
});

/** `GET /api/weather`: an hourly forecast of a place, simulated, and it says so. */
export const GET: APIRoute = ({ url }) => {
  const read = asked.safeParse(Object.fromEntries(url.searchParams));
  if (!read.success) {
    const faults = read.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
    return problemDetails(422, 'No forecast possible', faults.join('; '));
  }
  const { zone, ...place } = read.data;
  return json({
    service: 'simulated weather service',
    simulated: true,
    hours: simulatedForecast({ ...place, timeZone: zone }),
  });
};
