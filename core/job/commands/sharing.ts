import { counted } from '../../units/sentence.ts';
import { z } from 'zod';
import { jobSchema } from '../document/schema.ts';
import { isNews, ownEntries, ownEntriesSchema, withEntries } from '../document/own-entries.ts';
import { command, CommandRefused } from './definition.ts';
import { current } from 'immer';

/** Takes in what another device has added. What was in already changes nothing. */
export const importStamps = command({
  isRecord: true,
  args: () => z.object({ entries: ownEntriesSchema }),
  label: ({ entries }) => `Loaded ${counted(entries.log.length, 'entry', 'entries')} from another device`,
  change(draft, { entries }) {
    if (!isNews(draft, entries)) throw new CommandRefused('Already loaded. Duplicates skipped.');
    Object.assign(draft, withEntries(current(draft), entries));
  },
});

/** Takes the day over as another device has it, and keeps what was added on this one. */
export const importDay = command({
  args: () => z.object({ job: jobSchema, device: z.string().min(1).max(40), madeAt: z.iso.datetime() }),
  label: () => 'Loaded the day from another device',
  change(draft, { job, device, madeAt }) {
    if (job.id !== draft.id) throw new CommandRefused('That day is for another job.');
    const before = current(draft);
    const { settings: _theirs, ...taken } = withEntries(job, ownEntries(before, device, madeAt));
    // That this device has its own entries needs no mark; whose stamps it has taken in does.
    Object.assign(draft, taken, { devices: job.devices.filter(({ id }) => id !== device), settings: before.settings });
    draft.settings.clock = job.settings.clock;
  },
});
