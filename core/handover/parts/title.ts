import { formatMoment } from '../../units/moments.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Block } from '../blocks.ts';
import type { HandoverFacts } from '../handover-facts.ts';

const day = (at: string): string => formatMoment(at, 'dateOfYear');

/** Whose job it is, where, by whom, and as of when. */
export function titleOf(job: Job, { now }: HandoverFacts): Block {
  const { owner, painter, at } = job.handOver;
  return {
    kind: 'title',
    text: job.name,
    lines: [
      [job.site.place, at === null ? `as of ${day(now)}` : `handed over on ${day(at)}`].filter(Boolean).join(', '),
      ...(owner === '' ? [] : [`For ${owner}`]),
      ...(painter === '' ? [] : [`Work by ${painter}`]),
    ],
  };
}
