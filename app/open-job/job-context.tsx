import { DateTime } from 'luxon';
import {
  createContext,
  use,
  useCallback,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { CommandArgs, CommandName } from '../../core/job/commands/apply.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { localIso } from '../../core/job/site-time.ts';
import type { Outcome } from '../../core/units/outcome.ts';
import { inVocabulary } from '../../core/units/vocabulary.ts';
import type { JobStore, Opened } from '../keeping/job-store.ts';
import { tellUnwritten } from '../keeping/keeping.ts';
import { unkeptJob } from './unkept-job.ts';
import { leave, takeOpened } from './open-ahead.ts';
import { useWhileTyping } from './use-while-typing.ts';
import { notify } from '../device/notices.ts';

/** The open job and what may be done with it. */
export interface OpenJob {
  job: Job;
  undoLabel: string | null;
  redoLabel: string | null;
  /** Gives a command; a refusal is shown as a notice unless it is taken quietly, by a field that shows it itself. */
  apply<N extends CommandName>(
    name: N,
    args: CommandArgs<N>,
    options?: { strokes?: string; quiet?: boolean },
  ): Outcome<Job>;
  undo(): void;
  redo(): void;
  store: JobStore;
  /** The job's time: the site's clock, or the simulated workshop clock. Local ISO to the minute. */
  now: string;
  /** Says a sentence in the job's vocabulary. */
  say(sentence: string): string;
}

const JobContext = createContext<OpenJob | null>(null);

/** The open job. Only for screens inside {@link JobProvider}. */
export function useJob(): OpenJob {
  const open = use(JobContext);
  if (open === null) throw new Error('There is no open job here.');
  return open;
}

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
  const { clock, vocabulary } = state?.job.settings ?? {};
  const siteTime = useSiteTime(state?.job.site.timeZone ?? 'UTC');
  const now = clock?.kind === 'simulated' ? clock.now : siteTime;

  const open = useMemo((): OpenJob | null => {
    if (state === null) return null;
    return {
      ...state,
      store,
      now,
      say: (sentence) => inVocabulary(sentence, vocabulary ?? 'uk'),
      apply: (name, args, options = {}) => {
        if (options.strokes !== undefined) beginTyping();
        const outcome = store.apply(name, args, options.strokes ?? null);
        if (!outcome.ok && !options.quiet) notify(outcome.message, { variant: 'error' });
        return outcome;
      },
      undo: () => void store.undo(),
      redo: () => void store.redo(),
    };
  }, [state, store, now, vocabulary, beginTyping]);

  if (open === null) return null;
  return <JobContext value={open}>{children}</JobContext>;
}
