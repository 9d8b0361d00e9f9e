import type { APIRoute } from 'astro';
import { priceOf, replacementsOf } from '../../../core/pricing/price.ts';
import { boxingPlan } from '../../../core/quantities/boxing.ts';
import { consumableNeeds } from '../../../core/quantities/consumables.ts';
import { enoughFor } from '../../../core/quantities/enough-for.ts';
import { productNeeds } from '../../../core/quantities/litres.ts';
import { takeOff } from '../../../core/quantities/take-off.ts';
import { answerWithJob, json } from '../../serving/answer.ts';

export const prerender = false;

/**
 * `POST /api/quantities`: a job in; out come the areas of its pieces, the litres, tins, boxes and rests of its products,
 * what is used up beside them, and the price.
 */
export const POST: APIRoute = ({ request }) =>
  answerWithJob(request, (job) => {
    const price = priceOf(job);
    return json({
      pieces: job.pieces.map((piece) => ({ id: piece.id, mark: piece.mark, parts: takeOff(piece) })),
      products: productNeeds(job).map((need) => ({
        product: need.product,
        name: need.coating.name,
        colour: need.colour,
        coats: need.coats,
        residue: need.residue,
        reserve: need.reserve,
        litres: need.litres,
        thinner: need.thinner,
        stock: need.stock,
        tins: need.tins,
        boxes: boxingPlan(need, job.mixing.bucket),
        rest: enoughFor(need),
      })),
      consumables: consumableNeeds(job),
      price: { ...price, rooms: price.rooms.map(({ room, ...share }) => ({ roomId: room.id, ...share })) },
      replacements: replacementsOf(job, price),
    });
  });
