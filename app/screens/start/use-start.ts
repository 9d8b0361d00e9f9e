import { DateTime } from 'luxon';
import { nanoid } from 'nanoid';
import { useEffect, useMemo, useState } from 'react';
import { z } from 'zod';
import { SKILLS } from '../../../core/job/document/crew-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { CREW_DAYS_IDS } from '../../../core/starting/crew-days.ts';
import { readLine } from '../../../core/typing/typed-line/read-line.ts';
import { JOB_KIND_IDS, jobKindOf, type JobKindId } from '../../../core/starting/job-kinds.ts';
import { firstDay, latitudeOf, usualBeginning } from '../../../core/starting/first-day.ts';
import { kindOfJob, usualStart, type StartChoices, type StartPlace } from '../../../core/starting/start-choices.ts';
import { startedJob } from '../../../core/starting/start-job.ts';
import type { Outcome } from '../../../core/units/outcome.ts';
import { drafts } from '../../keeping/drafts.ts';
import { lastSettings } from '../../keeping/jobs.ts';
import { regionalSettings } from '../../keeping/region.ts';

const DRAFT = 'start';

/** An unfinished start as it is stored, so that a closed tab loses none of it. */
const begunSchema = z.lazy(() =>
  z.object({
    kind: z.enum(JOB_KIND_IDS),
    name: z.string().max(120),
    counts: z.record(z.string(), z.number()),
    chosen: z.record(z.string(), z.string()),
    lines: z.array(z.string().max(300)).max(50),
    where: z.enum(['house', 'workshop']),
    heated: z.boolean(),
    painters: z.number().int().min(1).max(12),
    skill: z.enum(SKILLS),
    days: z.enum(CREW_DAYS_IDS),
    /** The day that was chosen; null for the usual one. */
    start: z.iso.date().nullable(),
    /** Starts that were kept before it was asked for have none. */
    address: z.string().max(120).default(''),
    latitude: z.number().nullable(),
    longitude: z.number().nullable(),
    /** The line before it is added. */
    line: z.string().max(300),
  }),
);
export type BegunStart = z.infer<typeof begunSchema>;

const begin = (kind: JobKindId): BegunStart => ({
  ...(usualStart(kind) as Omit<BegunStart, 'start' | 'address' | 'latitude' | 'longitude' | 'line'>),
  start: null,
  address: '',
  latitude: null,
  longitude: null,
  line: '',
});

export interface StartState {
  begun: BegunStart;
  /** Changes some of it. */
  change(facts: Partial<BegunStart>): void;
  /** Sets the line. The first line replaces the usual counts, and sets the kind of job by its piece. */
  type(line: string): void;
  /** Another kind of job, with its usual counts; what was said of place and crew stays. */
  choose(kind: JobKindId): void;
  /** The job as it would be begun now, or why it can't be. */
  made: Outcome<Job>;
  start: string;
  /** Whether the start waits for warmer days. */
  isPutOff: boolean;
  settings: StartPlace['settings'];
  forget(): Promise<void>;
}

/** The start of a job as it is being filled in. */
export function useStart(): StartState {
  const [begun, setBegun] = useState<BegunStart>(() => begin('kitchen'));
  const [settings, setSettings] = useState(() => regionalSettings(navigator.language));
  useEffect(() => {
    let gone = false;
    void drafts.read(DRAFT).then((kept) => {
      const read = begunSchema.safeParse(kept === null || kept === '' ? null : JSON.parse(kept));
      if (!gone && read.success) setBegun(read.data);
    });
    void lastSettings().then((last) => !gone && last && setSettings(last));
    return () => {
      gone = true;
    };
  }, []);
  const keep = (next: BegunStart): void => {
    setBegun(next);
    void drafts.keep(DRAFT, JSON.stringify(next));
  };
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const tomorrow = DateTime.now().plus({ days: 1 }).toISODate();
  const latitude = latitudeOf({ latitude: begun.latitude, timeZone, start: tomorrow });
  const usual = usualBeginning(begun, tomorrow, latitude);
  const start = begun.start === null ? usual.start : firstDay(begun.start, begun.days);
  const made = useMemo(() => {
    const place: StartPlace = {
      id: 'begun',
      name: begun.name,
      createdAt: DateTime.now().toUTC().toISO(),
      start,
      timeZone,
      settings,
      address: begun.address.trim(),
      latitude: begun.latitude,
      longitude: begun.longitude,
    };
    const choices: StartChoices = {
      ...begun,
      lines: begun.line.trim() === '' ? begun.lines : [...begun.lines, begun.line],
    };
    return startedJob(choices, place, () => nanoid(10));
  }, [begun, start, timeZone, settings]);

  return {
    begun,
    change: (facts) => keep({ ...begun, ...facts }),
    type: (line) => {
      const isFirst = begun.lines.length === 0;
      const read = isFirst ? readLine(line, { units: settings.units, rooms: [], roomId: '' }) : null;
      const kind = read?.ok ? jobKindOf(read.kind, Object.values(read.piece.exposure).includes('outside')) : begun.kind;
      const isRenamed = begun.name !== kindOfJob(begun.kind).name;
      keep({
        ...begun,
        line,
        kind,
        ...(kind === begun.kind
          ? {}
          : { chosen: usualStart(kind).chosen, name: isRenamed ? begun.name : kindOfJob(kind).name }),
        ...(isFirst && line !== '' ? { counts: {} } : {}),
      });
    },
    choose: (kind) => {
      const { counts, chosen, name } = begin(kind);
      keep({ ...begun, kind, counts, chosen, name, start: null });
    },
    made,
    start,
    isPutOff: begun.start === null && usual.isPutOff,
    settings,
    forget: () => drafts.forgetAll(DRAFT),
  };
}
