import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { FinishGroup, Job } from '../../../core/job/schema.ts';
import type { Offers as Worked } from '../../workers/offers.worker.ts';
import { unpacked, type Offers } from '../../workers/packed-offers.ts';

let worker: Remote<Worked> | null = null;

/** One worker for all groups, made when it is first asked. */
function offersWorker(): Remote<Worked> {
  worker ??= wrap<Worked>(
    new Worker(new URL('../../workers/offers.worker.ts', import.meta.url), { type: 'module', name: 'offers' }),
  );
  return worker;
}

/** Strokes within this many ms are answered together. */
const PAUSE = 60;

/** What of a job and a group the offers follow from; anything else may change without asking again. */
const restsOn = (job: Job, group: FinishGroup): readonly unknown[] => [
  job.pieces,
  job.shelf,
  job.findings,
  job.patches,
  job.weights,
  job.climates,
  job.crew,
  job.places,
  job.site,
  job.planning,
  group.id,
  group.colour.hex,
  group.backColour?.hex,
  group.sheen,
  group.schools,
];

/** Offers for a group, composed and weighed in a worker; those of before stay until the new ones are there. */
export function useOffers(
  job: Job,
  group: FinishGroup,
): { offers: Offers | null; isStale: boolean; failed: string | null } {
  const [answer, setAnswer] = useState<{ for: readonly unknown[]; groupId: string; offers: Offers } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const asked = restsOn(job, group);
  const isSame = (one: readonly unknown[]): boolean => one.every((fact, index) => fact === asked[index]);
  useEffect(() => {
    let gone = false;
    const timer = setTimeout(() => {
      offersWorker()
        .offer(job, group)
        .then((packed) => {
          if (gone) return;
          setFailed(null);
          setAnswer({ for: asked, groupId: group.id, offers: unpacked(packed) });
        })
        .catch((error: unknown) => {
          if (!gone) setFailed(error instanceof Error ? error.message : String(error));
        });
    }, PAUSE);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
    // oxlint-disable-next-line react/exhaustive-deps -- asked again when what the offers rest on has changed
  }, asked);
  const offers = answer?.groupId === group.id ? answer.offers : null;
  return { offers, isStale: answer === null || !isSame(answer.for), failed };
}
