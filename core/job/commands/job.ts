import { z } from 'zod';
import { ASSUMPTIONS } from '../assumptions.ts';
import { ASSUMED_FACTS } from '../document/assumption-schema.ts';
import { inSentence } from '../../units/sentence.ts';
import { jobSchema, settingsSchema, siteSchema } from '../document/schema.ts';
import { command } from './definition.ts';
import { section } from './section.ts';

/** Renames the job. */
export const renameJob = command({
  args: () => z.object({ name: jobSchema.unwrap().shape.name }),
  label: ({ name }) => `Renamed the job to ${name}`,
  change(draft, { name }) {
    draft.name = name;
  },
});

/** Confirms what this Nivel reads otherwise than the one that made the job. */
export const confirmLifted = command({
  args: () => z.object({}),
  label: () => 'Confirmed changes from an earlier version',
  change(draft) {
    draft.lifted = [];
  },
});

/** Confirms what was assumed of things of the job, so that it is assumed no longer. */
export const confirmAssumed = command({
  args: () => z.object({ fact: z.enum(ASSUMED_FACTS), of: z.array(z.string()).min(1) }),
  label: ({ fact }) => `Confirmed: ${inSentence(ASSUMPTIONS[fact].name)}`,
  change(draft, { fact, of }) {
    const confirmed = new Set(of);
    draft.assumed = draft.assumed.filter((assumption) => assumption.fact !== fact || !confirmed.has(assumption.of));
  },
});

/** Changes units, vocabulary, currency or the job's clock. */
export const changeSettings = section('settings', settingsSchema, (changed) => `Changed ${changed}`);

/** Changes the place, its time zone or the year in which it was built. */
export const changeSite = section('site', siteSchema, (changed) => `Changed the site: ${changed}`);
