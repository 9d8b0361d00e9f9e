import { useEffect, useEffectEvent, useState } from 'react';
import { offerQuestion } from '../../../core/choosing/offer.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { KeptWorkers } from '../../asking/kept-workers.ts';
import type { Offers as Worked } from '../../asking/offers.worker.ts';
import { unpacked, type Offers } from '../../asking/packed-offers.ts';

const workers = new KeptWorkers<Worked>(
  () => new Worker(new URL('../../asking/offers.worker.ts', import.meta.url), { type: 'module', name: 'offers' }),
);

/** Strokes within this many ms are answered together. */
const PAUSE = 60;

/** Offers for a group, composed and weighed in a worker; those of before stay until the new ones are there. */
export function useOffers(
  job: Job,
  group: FinishGroup,
): { offers: Offers | null; isStale: boolean; failed: string | null } {
  const [answer, setAnswer] = useState<{ to: unknown; groupId: string; offers: Offers } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const question = offerQuestion(job, group);
  const ask = useEffectEvent(() => workers.ask((worker) => worker.offer(job, group)));
  useEffect(() => {
    let cancel = (): void => undefined;
    let gone = false;
    const timer = setTimeout(() => {
      const asked = ask();
      cancel = asked.cancel;
      asked.result
        .then((packed) => {
          if (gone) return;
          setFailed(null);
          setAnswer({ to: question, groupId: question.groupId, offers: unpacked(packed) });
        })
        .catch((error: unknown) => {
          if (!gone) setFailed(error instanceof Error ? error.message : String(error));
        });
    }, PAUSE);
    return () => {
      gone = true;
      clearTimeout(timer);
      cancel();
    };
  }, [question]);
  const offers = answer?.groupId === group.id ? answer.offers : null;
  return { offers, isStale: answer?.to !== question, failed };
}
