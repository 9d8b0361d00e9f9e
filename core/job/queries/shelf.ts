import type { Coating } from '../../shelf/coating.ts';
import type { Cleaner } from '../../shelf/cleaner.ts';
import type { Filler } from '../../shelf/filler.ts';
import type { Preservative } from '../../shelf/preservative.ts';
import { overDefaults, usualShelf, type Shelf } from '../../shelf/shelf.ts';
import { tinsSoldIn } from '../../shelf/tin-sizes.ts';
import { kept } from '../../units/kept.ts';
import type { Job } from '../document/schema.ts';

/** What is on a job's shelf, by compartment and id. */
const laidOut = kept((own: Job['shelf']): { shelf: Shelf; coatings: ReadonlyMap<string, Coating> } => {
  const shelf = overDefaults(own);
  return { shelf, coatings: new Map(shelf.coatings.map((coating) => [coating.id, coating])) };
});

/** Everything that this job may take from: the defaults, the job's own figures over them, then what the job adds. */
export const shelfOf = (job: Pick<Job, 'shelf'>): Shelf => laidOut(job.shelf).shelf;

/** The coating with this id: the job's own figures before the defaults; `undefined` if neither shelf has it. */
export const coatingOf = (job: Pick<Job, 'shelf'>, id: string): Coating | undefined =>
  laidOut(job.shelf).coatings.get(id);

/** The shelf as a shop of the job's country has it: the usual tins in the sizes that are sold there. */
export const shelfOnSale = ({ shelf, settings }: Pick<Job, 'shelf' | 'settings'>): Shelf =>
  overDefaults(shelf, usualShelf(settings.units));

/** The tins in which a coating is sold: as the job states them, else the usual ones in the sizes of its country. */
export const tinsOnSale = (job: Pick<Job, 'shelf' | 'settings'>, coating: Coating): Coating['tins'] =>
  job.shelf.coatings.some(({ id }) => id === coating.id) ? coating.tins : tinsSoldIn(coating.tins, job.settings.units);

const entryIn = <E extends { id: string }>(entries: readonly E[], id: string | null): E | undefined =>
  id === null ? undefined : entries.find((entry) => entry.id === id);

export const cleanerOf = (job: Pick<Job, 'shelf'>, id: string | null): Cleaner | undefined =>
  entryIn(shelfOf(job).cleaners, id);

export const fillerOf = (job: Pick<Job, 'shelf'>, id: string | null): Filler | undefined =>
  entryIn(shelfOf(job).fillers, id);

export const preservativeOf = (job: Pick<Job, 'shelf'>, id: string | null): Preservative | undefined =>
  entryIn(shelfOf(job).preservatives, id);
