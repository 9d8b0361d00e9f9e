import type { APIRoute } from 'astro';
import { productNeeds } from '../../../core/quantities/litres.ts';
import { takeOff } from '../../../core/quantities/take-off.ts';
import { answerWithJob, json } from '../../server/answer.ts';

export const prerender = false;

/** `POST /api/quantities`: a job in, the areas of its pieces and the litres and tins of its products out. */
export const POST: APIRoute = ({ request }) =>
  answerWithJob(request, (job) =>
    json({
      pieces: job.pieces.map((piece) => ({ id: piece.id, mark: piece.mark, parts: takeOff(piece) })),
      products: productNeeds(job).map(({ coating, ...need }) => ({ ...need, name: coating.name })),
    }),
  );
