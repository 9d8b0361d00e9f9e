import { shortName } from '../shelf/entry.ts';
import { TOOLS } from '../shelf/tools.ts';
import type { Climate } from '../air/climate.ts';
import { exposedFaceOf } from '../air/exposed-face.ts';
import { marksInWords } from '../job/marks.ts';
import { climateOf, hangingClimateId, placeOf } from '../job/queries/places.ts';
import { closesByNight, hangsByNight } from '../job/queries/pieces.ts';
import type { Job } from '../job/document/schema.ts';
import type { CoatStep, PieceStep } from '../steps/step.ts';
import { stepPhrase } from '../steps/step-words.ts';
import { VOLUME, TEMPERATURE } from '../units/measures.ts';
import { capital } from '../units/sentence.ts';
import { dateAt, timeOn, type Day } from './day.ts';
import { openTonight } from './reminder-kinds.ts';
import type { DryingPiece } from './drying-status.ts';
import { bucketsOf, bucketWords, unopenedFor } from './tins-in-use.ts';
import { keepsFor, nextUse, toolUses, type ToolUse } from './tools-in-use.ts';

/** What is done before one goes home, or is ready for the morning. */
export interface EveningTask {
  /** Stable within a day, so that a tick stays. */
  id: string;
  kind: 'tools' | 'waste' | 'paint' | 'air' | 'pieces' | 'tomorrow';
  words: string;
  why: string;
}

/** Everything that the evening asks for, tools first, what tomorrow needs last. */
export function eveningTasks(day: Day): EveningTask[] {
  return [...tools(day), ...paint(day), ...pieces(day), ...air(day), ...tomorrow(day)];
}

/** Tools that were in the hand today, and the paint that was in them. */
function usesToday(day: Day): ToolUse[] {
  const today = dateAt(day, day.at);
  return toolUses(day).filter(({ at }) => dateAt(day, at) === today);
}

const productOf = ({ coat }: CoatStep): string => shortName(coat.coating);

function tools(day: Day): EveningTask[] {
  const uses = usesToday(day);
  const tasks = uses.map((use): EveningTask => {
    const { coating, coat } = use.step.coat;
    const id = `tool/${coating.id}/${coat.tool}`;
    const next = nextUse(day, use, day.at);
    const name = `${TOOLS[coat.tool].name} of ${productOf(use.step)}`;
    const washWith = coating.thinner === 'its own' ? 'its own cleaner' : coating.thinner;
    const isKept = coating.potLife === null && next !== null && next <= use.at + keepsFor(use);
    const needed = next === null ? 'No longer needed.' : `Needed again ${timeOn(day, next)}.`;
    if (isKept && TOOLS[coat.tool].isSoaked) {
      return {
        id,
        kind: 'tools',
        words: `Stand the ${name} in ${washWith}, nozzle and needle out`,
        why: `${needed} One day at most. Lock it and release the pressure first.`,
      };
    }
    if (isKept) return { id, kind: 'tools', words: `Wrap the ${name} air-tight`, why: needed };
    const sets = coating.potLife === null ? '' : ' Two-part paint sets in it for ever.';
    return { id, kind: 'tools', words: `Clean the ${name} with ${washWith}`, why: `${needed}${sets}` };
  });
  const isOily = uses.some(({ step }) => step.coat.coating.hazards.includes('oily-rags'));
  return [
    ...tasks,
    ...(isOily
      ? [
          {
            id: 'waste/rags',
            kind: 'waste',
            words: 'Lay rags flat outdoors, or under water',
            why: 'Oily rags can catch fire on their own overnight.',
          } as const,
        ]
      : []),
    ...mixedRests(uses),
  ];
}

function mixedRests(uses: readonly ToolUse[]): EveningTask[] {
  const mixed = uses.filter(({ step }) => step.coat.coating.potLife !== null);
  const byProduct = new Map(mixed.map(({ step }) => [step.coat.coating.id, productOf(step)]));
  return [...byProduct].map(([id, product]) => ({
    id: `waste/pot/${id}`,
    kind: 'waste',
    words: `Let the leftover mixed ${product} set in the open pot`,
    why: 'Spread it thin: a full pot gets hot. Once hard, follow local disposal rules.',
  }));
}

function paint(day: Day): EveningTask[] {
  const today = dateAt(day, day.at);
  const products = new Set(usesToday(day).map(({ step }) => step.coat.coating.id));
  const { units } = day.job.settings;
  return bucketsOf(day.job, day.reading)
    .filter(({ coating, left }) => products.has(coating.id) && left > 0)
    .map((bucket) => ({
      id: `paint/${bucket.tins[0]?.id ?? ''}/${today}`,
      kind: 'paint' as const,
      words: `Close the ${bucketWords(bucket)}: wipe the rim, film on the paint, lid down`,
      why: `About ${VOLUME.format(bucket.left, units)} left${bucket.isSeen ? '' : ' (estimated)'}.`,
    }));
}

function pieces(day: Day): EveningTask[] {
  const open = openTonight(day);
  const hung = day.dryingPieces.filter(
    ({ piece, verb, opens }) =>
      verb === 'use' && opens > day.at && piece.keptApart === null && piece.comesOff && !piece.fireRated,
  );
  const inPlace = day.dryingPieces.filter(
    ({ piece, state }) => !piece.comesOff && (state === 'wet' || state === 'tacky'),
  );
  const closing = inPlace.filter(({ piece }) => closesByNight(piece) && !piece.fireRated);
  const staying = inPlace.filter(({ piece }) => !closesByNight(piece));
  const fireDoors = day.dryingPieces.filter(({ piece, opens }) => piece.fireRated && opens > day.at);
  const nightly = day.dryingPieces.filter(
    ({ piece, opens }) => hangsByNight(piece) && opens > day.at && !piece.fireRated,
  );
  const marks = (steps: readonly Pick<PieceStep, 'piece'>[]): string =>
    marksInWords(steps.map(({ piece }) => piece.mark));
  const tasks: EveningTask[] = [];
  if (open.length > 0)
    tasks.push({
      id: 'pieces/tonight',
      kind: 'pieces',
      words: `Hang ${marks(open)}, or board up`,
      why: 'Must close at night. Never leave a fire or escape door off.',
    });
  const apart = [
    ...new Map(
      [...hung, ...nightly.filter(({ piece }) => piece.keptApart === null)].map((drying) => [drying.piece.id, drying]),
    ).values(),
  ];
  if (apart.length > 0)
    tasks.push({
      id: 'pieces/wedge',
      kind: 'pieces',
      words: `Wedge ${marks(apart)} ajar, or fit bumpers`,
      why: 'Soft paint sticks to the stop overnight and tears.',
    });
  for (const { piece, handled } of closing)
    tasks.push({
      id: `pieces/close/${piece.id}`,
      kind: 'pieces',
      words: `Close ${piece.mark} gently from ${timeOn(day, handled)}, for the night`,
      why: 'It closes the house. Don’t lean on it. Release paper at the stop keeps it from sticking.',
    });
  if (fireDoors.length > 0)
    tasks.push({
      id: 'pieces/fire',
      kind: 'pieces',
      words: `Leave ${marks(fireDoors)} free to close: no wedge, no bumpers, closer connected`,
      why: 'A fire door held open doesn’t work. Use release paper at the stop, clear of the seals.',
    });
  if (staying.length > 0)
    tasks.push({
      id: 'pieces/open',
      kind: 'pieces',
      words: `Leave ${marks(staying)} open and marked “wet paint”`,
      why: 'So nothing sticks to it or leans on it. Keep children and pets out.',
    });
  return tasks;
}

function air(day: Day): EveningTask[] {
  const { clocks } = day.problem;
  const coldAt = new Map<string, { place: Climate; marks: string[]; coldest: number; least: number }>();
  for (const { piece, coated, state, hangs } of day.dryingPieces) {
    if (state !== 'wet' && state !== 'tacky') continue;
    const { minTemperature } = coated.coat.coating;
    const place = climateOf(day.job, airBefore(day.job, { piece, coated, hangs }));
    if (!place) continue;
    const hours = clocks.air(place.id);
    let coldest = Infinity;
    for (let hour = Math.floor(day.at / 60); hour < day.at / 60 + 14; hour++)
      coldest = Math.min(coldest, hours.at(hour)?.temperature ?? Infinity);
    if (coldest >= minTemperature + 1) continue;
    const known = coldAt.get(place.id);
    coldAt.set(place.id, {
      place,
      marks: [...(known?.marks ?? []), piece.mark],
      coldest: Math.min(coldest, known?.coldest ?? Infinity),
      least: Math.max(minTemperature, known?.least ?? -Infinity),
    });
  }
  const { units } = day.job.settings;
  return [...coldAt.values()].map(({ place, marks, coldest, least }) => {
    const soft = marksInWords(marks);
    const why = `${TEMPERATURE.format(coldest, units)} forecast. ${soft} won’t dry below ${TEMPERATURE.brief(least, units)}.`;
    return place.whereabouts === 'outdoors'
      ? {
          id: `air/${place.id}`,
          kind: 'air',
          words: `Hang a sheet in front of ${soft} tonight, clear of the paint`,
          why: `${why} Dew and frost dull the gloss.`,
        }
      : {
          id: `air/${place.id}`,
          kind: 'air',
          words: `Keep ${place.name} above ${TEMPERATURE.format(Math.ceil(least), units)} tonight`,
          why: `${why} No open flame near solvent vapour.`,
        };
  });
}

/** The climate of the air before a coat that dries: the rack's, or that of where its piece hangs. */
function airBefore(job: Job, { piece, coated, hangs }: Pick<DryingPiece, 'piece' | 'coated' | 'hangs'>): string {
  if (piece.comesOff && !hangs) return placeOf(job, 'rack').climateId;
  const id = hangingClimateId(job, piece, coated.coat.faces);
  return exposedFaceOf(id)?.climateId ?? id;
}

/** What the next working day begins with. */
function tomorrow(day: Day): EveningTask[] {
  const { reading, at, job } = day;
  const today = dateAt(day, at);
  const ahead = reading.runs.filter(({ start }) => dateAt(day, start) > today);
  const [first] = ahead.toSorted((one, other) => one.start - other.start);
  if (!first) return [];
  const date = dateAt(day, first.start);
  const runs = ahead.filter(({ start }) => dateAt(day, start) === date);
  const until = Math.max(...runs.map(({ end }) => end)) + 1;
  const tasks: EveningTask[] = [
    {
      id: `tomorrow/first/${date}`,
      kind: 'tomorrow',
      words: `${timeOn(day, first.start)}: ${first.steps[0] ? stepPhrase(first.steps[0]) : ''}, ${marksInWords(first.steps.map(({ piece }) => piece.mark))}`,
      why: 'First job tomorrow.',
    },
  ];
  for (const { coating, hex, litres } of unopenedFor(job, reading, first.start, until)) {
    const name = bucketWords({
      coating,
      colourName:
        hex === null
          ? null
          : (job.groups
              .flatMap(({ colour, backColour }) => [colour, ...(backColour ? [backColour] : [])])
              .find((colour) => colour.hex.toLowerCase() === hex)?.name ?? hex),
    });
    tasks.push({
      id: `tomorrow/tin/${coating.id}/${hex ?? ''}`,
      kind: 'tomorrow',
      words: `Bring ${name}: ${VOLUME.format(litres, job.settings.units)} or more`,
      why: 'No tin open. Bring one in tonight: cold paint drags.',
    });
  }
  const heavy = runs.filter(({ needsTwo }) => needsTwo);
  if (heavy.length > 0)
    tasks.push({
      id: `tomorrow/two/${date}`,
      kind: 'tomorrow',
      words: `Two people ${timeOn(day, heavy[0]?.start ?? 0)}: ${marksInWords(heavy.flatMap(({ steps }) => steps.map(({ piece }) => piece.mark)))}`,
      why: 'Too heavy for one.',
    });
  for (const work of reading.siteWork) {
    if (work.doneAt === null && dateAt(day, work.start) === date)
      tasks.push({
        id: `tomorrow/${work.id}`,
        kind: 'tomorrow',
        words: `${capital(work.words)} (${work.place})`,
        why: `Planned ${timeOn(day, work.start)}.`,
      });
  }
  return tasks;
}
