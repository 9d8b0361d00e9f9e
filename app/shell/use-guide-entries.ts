import { useEffect, useState } from 'react';
import type { GuideEntry } from '../guide/search-entries.ts';

/** What Find knows of the guide, fetched with its first use; nothing where it can’t be fetched. */
export function useGuideEntries(): readonly GuideEntry[] {
  const [entries, setEntries] = useState<readonly GuideEntry[]>([]);
  useEffect(() => {
    let gone = false;
    fetch('/guide/search.json')
      .then((answer) => (answer.ok ? (answer.json() as Promise<GuideEntry[]>) : []))
      .then((found) => !gone && setEntries(found))
      // All else is found without it.
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, []);
  return entries;
}
