import type { APIRoute } from 'astro';
import { clocksOf } from '../../../core/clocks/job-clocks.ts';
import { dryingClimateId } from '../../../core/job/queries/places.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import { pieceSteps } from '../../../core/steps/piece-steps.ts';
import {
  simulatePass,
  searchedOrder,
  type PassResult,
  type PassInput,
  type StrokeSetting,
} from '../../../core/sequence/simulated-pass.ts';
import { chosenOptions } from '../../../core/sequence/usual-options.ts';
import { answerWithJob, json } from '../../serving/answer.ts';

export const prerender = false;

/** Days that are looked at from the first day of the job on. */
const DAYS = 120;
/** Steps of each search: the answer waits for all of them. */
const STEPS = 1500;

/**
 * `POST /api/sequence`: a job in; out comes, for one piece of every kind in every group and each of its coats, the order
 * of strokes with times and laps in the air of its planned hour, and the best order of its school.
 */
export const POST: APIRoute = ({ request }) => answerWithJob(request, (job) => json({ passes: passesOf(job) }));

function passesOf(job: Job): object[] {
  const clocks = clocksOf(job, DAYS);
  const { clock } = job.settings;
  const now = clock.kind === 'simulated' ? minutesSince(clocks.t0, clock.now, job.site.timeZone) : 0;
  const seen = new Set<string>();
  return job.pieces.flatMap((piece) =>
    pieceSteps(job, piece).flatMap((step) => {
      if (!step.coat || step.coat.coat.extent !== 'all') return [];
      const { faces, coating, coat, number } = step.coat;
      const key = [piece.groupId, piece.kind, coating.id, faces.join('+')].join('/');
      if (seen.has(key)) return [];
      seen.add(key);
      const input: PassInput = {
        piece,
        faces,
        coating,
        climateId: dryingClimateId(job, piece, faces),
        clocks,
        crew: job.crew,
      };
      const task = job.plan?.tasks.find(({ id }) => id === step.id);
      const start = task && job.plan ? task.start * job.plan.tickMinutes : now;
      const chosen = chosenOptions(job, piece, coating.id, coat.tool);
      const setting: StrokeSetting = { ...chosen, start, isDamped: false };
      const best = searchedOrder(input, setting, 'within-the-school', STEPS);
      return [
        {
          pieceId: piece.id,
          mark: piece.mark,
          coat: number,
          product: coating.id,
          faces,
          setting: chosen,
          start,
          ...told(simulatePass(input, setting)),
          best: {
            order: best.order,
            isProved: best.isProved,
            ...worstOf(simulatePass(input, { ...setting, order: best.order })),
          },
        },
      ];
    }),
  );
}

const worstOf = ({ worst }: PassResult): object => ({
  worst: worst && {
    laps: [worst.earlier.stroke.id, worst.later.stroke.id],
    age: worst.age,
    limit: finite(worst.limit),
    state: worst.state,
  },
});

const finite = (minutes: number): number | null => (Number.isFinite(minutes) ? minutes : null);

function told(result: PassResult): object {
  const { strokes, laps, start, until, openTime } = result;
  return {
    openTime: finite(openTime),
    minutes: until - start,
    strokes: strokes.map(({ stroke, number, hand, from, until: to }) => ({
      id: stroke.id,
      name: stroke.name,
      number,
      painter: hand.id,
      from: from - start,
      until: to - start,
    })),
    laps: laps.map(({ lap, age, limit, state }) => ({
      one: lap.one,
      other: lap.other,
      kind: lap.kind,
      age,
      limit: finite(limit),
      state,
    })),
    ...worstOf(result),
  };
}
