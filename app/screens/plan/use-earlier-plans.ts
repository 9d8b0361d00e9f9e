import { useEffect, useState } from 'react';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { database } from '../../keeping/database.ts';
import { earlierPlans } from '../../keeping/history.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';

/** How many plans of before are offered. */
const MAX_PLANS = 8;

/** The plans that were accepted: the one that is worked by, then those that it took the place of, the last first. */
export function useAcceptedPlans(): readonly AcceptedPlan[] {
  const job = useJob();
  const { store } = useCommands();
  const [earlier, setEarlier] = useState<readonly AcceptedPlan[]>([]);
  const { plan, id } = job;
  useEffect(() => {
    let isGone = false;
    void store
      .settled()
      .then(() => earlierPlans(database, id, MAX_PLANS))
      .then((plans) => !isGone && setEarlier(plans));
    return () => {
      isGone = true;
    };
  }, [store, id, plan]);
  return plan === null ? earlier : [plan, ...earlier];
}
