import type { Painter } from '../job/document/crew-schema.ts';
import type { NewJob } from '../job/document/new-job.ts';
import type { Job } from '../job/document/schema.ts';
import type { CrewDays } from './crew-days.ts';
import type { Choice, JobKind, Option } from './job-kind.ts';
import { JOB_KINDS, type JobKindId } from './job-kinds.ts';

/** What a job is begun with: what kind it is, where, who paints and when. */
export interface StartChoices {
  kind: JobKindId;
  name: string;
  /** By the id of what is counted: pieces, or length in m. */
  counts: Readonly<Record<string, number>>;
  /** By the id of a choice, the id of its option. */
  chosen: Readonly<Record<string, string>>;
  /** Lines that were typed beside the counts. */
  lines: readonly string[];
  /** Where pieces that come off are painted. */
  where: 'house' | 'workshop';
  heated: boolean;
  painters: number;
  skill: Painter['skill'];
  days: CrewDays;
}

/** What comes from the device or from jobs before. */
export type StartPlace = NewJob & {
  settings: Pick<Job['settings'], 'units' | 'vocabulary' | 'currency'>;
  /** The address; empty if not given. */
  address: string;
  latitude: number | null;
  longitude: number | null;
};

export const kindOfJob = (id: JobKindId): JobKind => JOB_KINDS[id];

/** What a start says before anybody has chosen: the usual counts and answers of its kind. */
export function usualStart(kind: JobKindId): StartChoices {
  const { name, counted, choices } = kindOfJob(kind);
  return {
    kind,
    name,
    counts: Object.fromEntries(counted.map(({ id, usual }) => [id, usual])),
    chosen: Object.fromEntries(choices.map(({ id, options }) => [id, options[0].id])),
    lines: [],
    where: 'house',
    heated: true,
    painters: 1,
    skill: 'first-timer',
    days: 'weekdays',
  };
}

/** The option that was chosen, or the usual one. */
export const optionOf = ({ id, options }: Choice, chosen: StartChoices['chosen']): Option =>
  options.find((option) => option.id === chosen[id]) ?? options[0];
