import { groupBy } from '../units/maps.ts';
import { formatLength, formatSize } from '../units/length.ts';
import { TEMPERATURE } from '../units/measures.ts';
import { counted, inSentence } from '../units/sentence.ts';
import { definitionOf } from '../pieces/registry.ts';
import { EXISTING_COATS, SUBSTRATES } from '../pieces/substrate.ts';
import { marksInWords } from './marks.ts';
import type { AssumedFact, Assumption } from './document/assumption-schema.ts';
import type { Piece } from './document/piece-schema.ts';
import type { Job } from './document/schema.ts';

/** A fact that a job may begin with before anybody has looked. */
interface AssumptionDefinition {
  name: string;
  /** What follows from it, and is as good as it is. */
  decides: string;
  /** What the job says of one thing now, so that a change is told; null when it is gone. */
  valueOf(job: Job, id: string): string | null;
  /** The same in words, for things of which it is the same. */
  words(job: Job, ids: readonly string[]): string;
}

const pieceOf = (job: Job, id: string | undefined): Piece | undefined => job.pieces.find((piece) => piece.id === id);
const ofPiece =
  (value: (piece: Piece) => string): AssumptionDefinition['valueOf'] =>
  (job, id) => {
    const piece = pieceOf(job, id);
    return piece === undefined ? null : value(piece);
  };

/** Which pieces, as in “14 cupboard doors” or “D-01”. */
function whichPieces(job: Job, ids: readonly string[]): string {
  const wanted = new Set(ids);
  const pieces = job.pieces.filter(({ id }) => wanted.has(id));
  const [first] = pieces;
  if (first === undefined) return 'nothing';
  const isOneKind = pieces.every(({ kind }) => kind === first.kind);
  if (!isOneKind || pieces.length === 1) return marksInWords(pieces.map(({ mark }) => mark));
  return `${pieces.length} ${inSentence(definitionOf(first.kind).plural)}`;
}

/** The main sizes of a piece, as in “497 × 720 mm” or “3600 mm”. */
function mainSizes({ kind, shape }: Piece, units: Job['settings']['units']): string {
  const lengths = definitionOf(kind)
    .fields.filter((field) => field.main && field.unit === 'mm' && (field.when?.(shape) ?? true))
    .map(({ key }) => Number(shape[key]));
  const [width, height] = lengths;
  if (width === undefined) return 'usual size';
  return height === undefined ? formatLength(width, units) : formatSize(width, height, units);
}

/** Every fact that may be assumed. To add one is to add an entry. */
export const ASSUMPTIONS: Readonly<Record<AssumedFact, AssumptionDefinition>> = {
  size: {
    name: 'Size',
    decides: 'paint to buy and hours',
    valueOf: ofPiece(({ shape }) => JSON.stringify(shape)),
    words: (job, ids) => {
      const piece = pieceOf(job, ids[0]);
      return `${whichPieces(job, ids)}: ${piece ? mainSizes(piece, job.settings.units) : ''}`;
    },
  },
  surface: {
    name: 'Surface',
    decides: 'primer and preparation',
    valueOf: ofPiece(({ surface }) => Object.values(surface).join('/')),
    words: (job, ids) => {
      const surface = pieceOf(job, ids[0])?.surface;
      if (surface === undefined) return '';
      const coat = surface.existing === 'unknown' ? 'finish not known' : inSentence(EXISTING_COATS[surface.existing]);
      return `${whichPieces(job, ids)}: ${inSentence(SUBSTRATES[surface.substrate].name)}, ${coat}`;
    },
  },
  closing: {
    name: 'Closed at night',
    decides: 'the days of its coats',
    valueOf: ofPiece(({ access }) => String(access.closesAtNight)),
    words: (job, ids) => `${whichPieces(job, ids)} closes every night`,
  },
  slots: {
    name: 'Spaces',
    decides: 'how many pieces dry at once',
    valueOf: (job, id) => job.places.find((place) => place.id === id)?.slots.toString() ?? null,
    words: (job, [id]) => {
      const place = job.places.find((candidate) => candidate.id === id);
      return place ? `${place.name}: ${counted(place.slots, 'space')}` : '';
    },
  },
  air: {
    name: 'Temperature',
    decides: 'drying times',
    valueOf: (job, id) => {
      const climate = job.climates.find((candidate) => candidate.id === id);
      return climate
        ? JSON.stringify([climate.usual, climate.heating, climate.shelter, climate.stated.hours[0]])
        : null;
    },
    words: (job, [id]) => {
      const climate = job.climates.find((candidate) => candidate.id === id);
      if (climate === undefined) return '';
      const { coldest, warmest } = climate.usual;
      const { units } = job.settings;
      if (climate.heating !== null) {
        const setPoint = Math.max(...climate.heating.spans.map((span) => span.setPoint));
        return `${climate.name}: heated to ${TEMPERATURE.format(setPoint, units)}`;
      }
      const [from, to] = [TEMPERATURE.format(coldest, units), TEMPERATURE.format(warmest, units)];
      return `${climate.name}: ${from === to ? from : `${from} to ${to}`}`;
    },
  },
  colour: {
    name: 'Colour',
    decides: 'coats to hide the old colour',
    valueOf: (job, id) => job.groups.find((group) => group.id === id)?.colour.hex ?? null,
    words: (job, ids) =>
      `${counted(ids.length, 'group')}: ${job.groups.find((group) => group.id === ids[0])?.colour.name ?? ''}`,
  },
};

/** What is still assumed, together for all things of which the same is. */
export interface StandingAssumption {
  fact: AssumedFact;
  of: string[];
  words: string;
}

/** Whether the job still says what was assumed. What was changed since is assumed no longer. */
const stillStands = (job: Job, { fact, of, value }: Assumption): boolean =>
  ASSUMPTIONS[fact].valueOf(job, of) === value;

/** The assumptions that neither a change nor anybody’s word has replaced, in the order in which they were made. */
export function standingAssumptions(job: Job): StandingAssumption[] {
  const standing = job.assumed.filter((assumption) => stillStands(job, assumption));
  const alike = groupBy(standing, ({ fact, of, value }) => {
    const kind = job.pieces.find(({ id }) => id === of)?.kind ?? '';
    return `${fact}/${kind}/${value}${fact === 'air' || fact === 'slots' ? of : ''}`;
  });
  return [...alike.values()].map((same) => {
    const fact = same[0]?.fact ?? 'size';
    const of = same.map((assumption) => assumption.of);
    return { fact, of, words: ASSUMPTIONS[fact].words(job, of) };
  });
}

/** An assumption about a thing, as the job says it now. */
export function assumedOf(job: Job, fact: AssumedFact, of: string): Assumption {
  return { fact, of, value: ASSUMPTIONS[fact].valueOf(job, of) ?? '' };
}
