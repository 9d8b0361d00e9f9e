import { hasFeature, hasTrait } from '../pieces/registry.ts';
import { DateTime } from 'luxon';
import { groupOf } from '../job/queries/groups.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { marksInWords } from '../job/marks.ts';
import { knownSurface } from '../surface-tests/known-surface.ts';

/** Something that is looked at again, year after year: touching up in time saves the whole restoration. */
export interface UpkeepDefinition {
  id: string;
  name: string;
  /** What to look for and what to do then. */
  words: string;
  /** Month of the year in which it is done, 1 to 12; null for counted from the handover. */
  month: number | null;
  /** Months between two times; null for once. */
  everyMonths: number | null;
  /** Months after the handover at the earliest. */
  firstAfter: number;
  concerns(job: Job, piece: Piece): boolean;
}

const isOutside = ({ exposure, scope }: Piece): boolean => scope.faces.some((face) => exposure[face] === 'outside');

/** Everything that is looked after. To add one is to add an entry. */
export const UPKEEP: readonly UpkeepDefinition[] = [
  {
    id: 'look-back',
    name: 'Six-month check',
    words: 'Check adhesion (fingernail and tape) at handles, weathered areas, stops and repairs. Note what you find.',
    month: null,
    everyMonths: null,
    firstAfter: 6,
    concerns: () => true,
  },
  {
    id: 'sills',
    name: 'Sills and lower joints',
    words:
      'Wash. Look for hair cracks and standing water. Sand and touch in before the wood turns grey. Ladder: two people.',
    month: 4,
    everyMonths: 12,
    firstAfter: 9,
    concerns: (_job, piece) => hasFeature(piece.kind, 'window') && isOutside(piece),
  },
  {
    id: 'putty',
    name: 'Putty lines',
    words:
      'Paint runs 2 mm onto the glass to seal the putty. Close it where it has opened. Never scrape it off the glass.',
    month: 4,
    everyMonths: 12,
    firstAfter: 9,
    concerns: (_job, { kind }) => hasTrait(kind, 'putty'),
  },
  {
    id: 'bottom-edges',
    name: 'Bottom edges of outside doors',
    words: 'Feel the bottom and lock edges: bare wood soaks up water. Touch in on a dry day.',
    month: 9,
    everyMonths: 12,
    firstAfter: 6,
    concerns: (_job, piece) => isOutside(piece) && hasFeature(piece.kind, 'door'),
  },
  {
    id: 'rails',
    name: 'Rails and handrails',
    words: 'Gloss wears first where hands go. Wash, key lightly, one thin coat on worn spots.',
    month: 6,
    everyMonths: 24,
    firstAfter: 18,
    concerns: (_job, { kind }) => hasTrait(kind, 'rail'),
  },
  {
    id: 'shutters',
    name: 'Shutters: branches, chalk and warp',
    words:
      'Cut back branches. Wipe with a dark rag: chalk means wear. Dark colours on vinyl: check for warp in the first summer.',
    month: 5,
    everyMonths: 12,
    firstAfter: 2,
    concerns: (_job, piece) => hasFeature(piece.kind, 'slats') && isOutside(piece),
  },
  {
    id: 'joints',
    name: 'Joints between sections',
    words: 'Open it half way now and then in the first weeks, so joints don’t stick. Never loosen springs or cables.',
    month: null,
    everyMonths: null,
    firstAfter: 1,
    concerns: (_job, { kind }) => hasTrait(kind, 'sections'),
  },
  {
    id: 'yellowing',
    name: 'Oil enamel inside yellows',
    words: 'Compare with the sample. It yellows most in the dark. That isn’t a paint fault.',
    month: null,
    everyMonths: null,
    firstAfter: 24,
    concerns: (job, piece) =>
      groupOf(job, piece)?.buildUp?.coats.some(({ product }) => coatingOf(job, product)?.family === 'oil') === true,
  },
  {
    id: 'tannin',
    name: 'Oak: bleeding',
    words: 'Yellow or brown patches: stain block the spot, then one coat.',
    month: null,
    everyMonths: null,
    firstAfter: 3,
    concerns: (job, piece) => piece.surface.substrate === 'oak' || knownSurface(job, piece).facts.stains === 'bleeds',
  },
];

/** A date on which something is looked after. */
export interface UpkeepDate {
  definition: UpkeepDefinition;
  /** ISO date. */
  date: string;
  /** Of the pieces concerned. */
  marks: string;
}

/** Years for which upkeep is written into a calendar. */
const YEARS = 5;

/** The upkeep of a job from the day it was handed over (ISO date), five years ahead, in the order of time. */
export function upkeepDates(job: Job, handedOver: string): UpkeepDate[] {
  const start = DateTime.fromISO(handedOver, { zone: 'utc' });
  const end = start.plus({ years: YEARS });
  return UPKEEP.flatMap((definition): UpkeepDate[] => {
    const pieces = job.pieces.filter((piece) => definition.concerns(job, piece));
    if (pieces.length === 0) return [];
    const marks = definition.id === 'look-back' ? 'everything' : marksInWords(pieces.map(({ mark }) => mark));
    const dates: UpkeepDate[] = [];
    let date = firstOf(definition, start);
    while (date <= end) {
      dates.push({ definition, date: date.toISODate() ?? handedOver, marks });
      if (definition.everyMonths === null) break;
      date = date.plus({ months: definition.everyMonths });
    }
    return dates;
  }).sort((one, other) => (one.date < other.date ? -1 : 1));
}

/** The first time: so many months on, and from there the next such month. */
function firstOf({ firstAfter, month }: UpkeepDefinition, start: DateTime): DateTime {
  const earliest = start.plus({ months: firstAfter });
  if (month === null) return earliest;
  const inYear = earliest.set({ month, day: 15 });
  return inYear < earliest ? inYear.plus({ years: 1 }) : inYear;
}
