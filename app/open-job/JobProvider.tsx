import { DateTime } from 'luxon';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import { localIso } from '../../core/job/site-time.ts';
import type { JobStore, Opened } from '../keeping/job-store.ts';
import { keepLastJob } from '../keeping/last-job.ts';
import { tellUnwritten } from '../keeping/keeping.ts';
import { unkeptJob } from './unkept-job.ts';
import { leave, takeOpened } from './open-ahead.ts';
import {
  CommandsContext,
  HistoryContext,
  JobContext,
  NowContext,
  TodayContext,
  LanguageContext,
  type JobCommands,
} from './use-job.ts';
import { useWhileTyping } from './use-while-typing.ts';
import { notify } from '../device/notices.ts';

const REAL_CLOCK_STEP = 20_000;

/** The time at the site, which goes on by itself. */
function useSiteTime(timeZone: string): string {
  const read = useCallback(() => localIso(DateTime.now().setZone(timeZone)), [timeZone]);
  const subscribe = useCallback((tell: () => void) => {
    const timer = setInterval(tell, REAL_CLOCK_STEP);
    return () => clearInterval(timer);
  }, []);
  return useSyncExternalStore(subscribe, read);
}

/** How far opening a job has come. */
export type Opening = Opened | { state: 'opening' } | { state: 'failed'; message: string };

interface JobProviderProps {
  jobId: string;
  children: ReactNode;
  /** Shown while the job is read, and when it can't be opened. */
  fallback(opening: Opening): ReactNode;
}

/** Opens a job from this browser and keeps it at hand for the screens inside. A demo job that is not here yet is laid out. */
export function JobProvider({ jobId, children, fallback }: JobProviderProps) {
  const [opening, setOpening] = useState<Opening>({ state: 'opening' });
  const [store, setStore] = useState<JobStore | null>(null);

  useEffect(() => {
    const { store: opened, found } = takeOpened(jobId);
    let gone = false;
    opened.onNotice = (message) => notify(message, { variant: 'info' });
    opened.onUnkept = (unkept) => tellUnwritten(`job/${jobId}`, unkept && unkeptJob(opened, unkept));
    opened.onDamaged = (damaged) => !gone && setOpening(damaged);
    setOpening({ state: 'opening' });
    found
      .then((answer) => {
        if (gone) return;
        if (answer.state === 'open') keepLastJob(jobId);
        setStore(opened);
        setOpening(answer);
      })
      .catch((error: unknown) => {
        const message = error instanceof Error ? error.message : String(error);
        if (!gone) setOpening({ state: 'failed', message });
      });
    return () => {
      gone = true;
      void leave(jobId, opened);
    };
  }, [jobId]);

  if (opening.state !== 'open' || store === null) return fallback(opening);
  return <OpenedJob store={store}>{children}</OpenedJob>;
}

function OpenedJob({ store, children }: { store: JobStore; children: ReactNode }) {
  const current = useSyncExternalStore(store.subscribe, store.snapshot);
  const [state, beginTyping] = useWhileTyping(current);
  const { clock, vocabulary = 'uk', units = 'metric' } = state?.job.settings ?? {};
  const language = useMemo(() => ({ vocabulary, units }), [vocabulary, units]);
  const siteTime = useSiteTime(state?.job.site.timeZone ?? 'UTC');
  const now = clock?.kind === 'simulated' ? clock.now : siteTime;

  const commands = useMemo(
    (): JobCommands => ({
      store,
      apply: (name, args, options = {}) => {
        if (options.strokes !== undefined) beginTyping();
        const outcome = store.apply(name, args, options.strokes ?? null);
        if (!outcome.ok && !options.quiet) notify(outcome.message, { variant: 'error' });
        return outcome;
      },
      undo: () => void store.undo(),
      redo: () => void store.redo(),
    }),
    [store, beginTyping],
  );
  const { undoLabel = null, redoLabel = null } = state ?? {};
  const labels = useMemo(() => ({ undoLabel, redoLabel }), [undoLabel, redoLabel]);

  if (state === null) return null;
  return (
    <CommandsContext value={commands}>
      <LanguageContext value={language}>
        <TodayContext value={now.slice(0, 10)}>
          <NowContext value={now}>
            <HistoryContext value={labels}>
              <JobContext value={state.job}>{children}</JobContext>
            </HistoryContext>
          </NowContext>
        </TodayContext>
      </LanguageContext>
    </CommandsContext>
  );
}
