import { createContext, use, useCallback, type Context } from 'react';
import type { CommandArgs, CommandName } from '../../core/job/commands/apply.ts';
import type { Job } from '../../core/job/document/schema.ts';
import type { Outcome } from '../../core/units/outcome.ts';
import { lengthsIn } from '../../core/units/length.ts';
import { inVocabulary } from '../../core/units/vocabulary.ts';
import type { JobState, JobStore } from '../keeping/job-store.ts';

/** What may be done with the open job; stays the same for as long as it is open. */
export interface JobCommands {
  /** Gives a command; a refusal is shown as a notice unless it is taken quietly, by a field that shows it itself. */
  apply<N extends CommandName>(
    name: N,
    args: CommandArgs<N>,
    options?: { strokes?: string; quiet?: boolean },
  ): Outcome<Job>;
  undo(): void;
  redo(): void;
  store: JobStore;
}

/** The document, the minute, the commands and the language apart: whoever reads one is not drawn anew by the others. */
export const JobContext = createContext<Job | null>(null);
export const HistoryContext = createContext<Pick<JobState, 'undoLabel' | 'redoLabel'> | null>(null);
export const NowContext = createContext<string | null>(null);
export const TodayContext = createContext<string | null>(null);
export const CommandsContext = createContext<JobCommands | null>(null);
/** The words and the units in which the open job is said. */
export const LanguageContext = createContext<Pick<Job['settings'], 'vocabulary' | 'units'>>({
  vocabulary: 'uk',
  units: 'metric',
});

function useOpen<T>(context: Context<T | null>): T {
  const value = use(context);
  if (value === null) throw new Error('No job is open here.');
  return value;
}

/** The document of the open job: another one after each command. Only for screens inside a `JobProvider`, as all below. */
export const useJob = (): Job => useOpen(JobContext);

/** What undo and redo would take back or bring again; null when there is nothing. */
export const useHistoryLabels = (): Pick<JobState, 'undoLabel' | 'redoLabel'> => useOpen(HistoryContext);

/** The job's time: the site's clock, or the simulated workshop clock. Local ISO to the minute. */
export const useNow = (): string => useOpen(NowContext);

/** The day at the site, ISO; another one at midnight only. */
export const useToday = (): string => useOpen(TodayContext);

/** What changes the open job. */
export const useCommands = (): JobCommands => useOpen(CommandsContext);

/** Words a sentence in the job's vocabulary and lengths. */
export function useLocalise(): (sentence: string) => string {
  const { vocabulary, units } = use(LanguageContext);
  return useCallback((sentence: string) => lengthsIn(inVocabulary(sentence, vocabulary), units), [vocabulary, units]);
}
