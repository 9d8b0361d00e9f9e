import {
  PLAN_PROBLEM_FORMAT,
  planProblemSchema,
  type PlanProblem,
  type PlanProblemFile,
} from '../core/scheduling/problem.ts';
import { seededRandom } from '../core/units/seeded-random.ts';

/** What problems of one family have to do with. */
export interface Family {
  name: string;
  painters: [number, number];
  /** Places of the bench and of the rack; as many as anybody wants where it is left out. */
  places?: [number, number];
  keys: number;
  /** Whether coats wait by a clock that slows down at night, and are rubbed down again when they are left too long. */
  dries: boolean;
}

export const FAMILIES: readonly Family[] = [
  { name: 'set-ups, one painter', painters: [1, 1], keys: 4, dries: false },
  { name: 'several painters', painters: [2, 3], keys: 2, dries: false },
  { name: 'tight racks', painters: [1, 2], places: [1, 3], keys: 2, dries: false },
  { name: 'nights', painters: [1, 2], keys: 2, dries: true },
];

const TICK = 15;
const DAY = 1440 / TICK;
const DAYS = 28;

/** A random problem of about so many tasks: pieces that go through steps one after the other. Deterministic. */
export function randomProblem(family: Family, tasks: number, seed: number): PlanProblem {
  const random = seededRandom(seed);
  const between = ([low, high]: [number, number]): number => low + Math.floor(random() * (high - low + 1));
  const crew = Array.from({ length: between(family.painters) }, (_unused, index) => {
    // The second comes an hour later and has a short Friday.
    const [from, until] = index === 1 ? [9, 16] : [8, 16.5];
    const shifts = Array.from({ length: DAYS }, (_each, day): [number, number][] => {
      const at = (hour: number): number => day * DAY + (hour * 60) / TICK;
      if (day % 7 >= 5) return [];
      const morning: [number, number] = [at(from), at(12)];
      return index === 1 && day % 7 === 4 ? [morning] : [morning, [at(12.5), at(until)]];
    }).flat();
    return { id: `painter-${index + 1}`, shifts };
  });
  const keys = Array.from({ length: family.keys }, (_unused, index) => `colour-${index + 1}`);
  const hasPlaces = family.places !== undefined;
  const drawn: NonNullable<PlanProblemFile['tasks']> = [];
  const waits: NonNullable<PlanProblemFile['waits']> = [];
  const holds: NonNullable<PlanProblemFile['holds']> = [];
  for (let piece = 0; drawn.length < tasks; piece++) {
    const steps = Math.min(between([2, 6]), tasks - drawn.length);
    const key = keys[between([0, keys.length - 1])] ?? null;
    for (let step = 0; step < steps; step++) {
      const id = `piece-${piece + 1}.${step + 1}`;
      const isCoat = step > 0 && random() < 0.7;
      const isTeam = !isCoat && crew.length > 1 && random() < 0.15;
      const isBound = !isTeam && crew.length > 1 && random() < 0.2;
      drawn.push({
        id,
        work: between([1, 6]),
        painters: isTeam ? 2 : 1,
        setup: isCoat ? key : null,
        spaces: hasPlaces && random() < 0.6 ? [{ id: 'bench', slots: 1 }] : [],
        by: isBound ? [crew[between([0, crew.length - 1])]?.id ?? ''] : null,
      });
      if (step === 0) continue;
      const from = `piece-${piece + 1}.${step}`;
      const isLong = random() < 0.5;
      waits.push({
        from,
        to: id,
        atLeast:
          family.dries && isLong ? { clock: 'room', dose: between([4, 24]) } : { ticks: isLong ? between([2, 16]) : 0 },
        ...(family.dries && random() < 0.4
          ? { atMost: { clock: 'room', dose: between([40, 60]) }, late: { work: 1 } }
          : {}),
      });
      if (hasPlaces && random() < 0.7) holds.push({ space: 'rack', slots: 1, after: from, until: id });
    }
  }
  return planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: TICK,
    t0: '2027-03-01T00:00',
    horizon: DAYS * DAY,
    painters: crew,
    spaces: family.places
      ? [
          { id: 'bench', slots: between([1, 2]) },
          { id: 'rack', slots: between(family.places) },
        ]
      : [],
    clocks: [
      {
        id: 'room',
        step: 4,
        rate: Array.from({ length: DAYS * 24 }, (_unused, hour) => (hour % 24 >= 8 && hour % 24 < 19 ? 1 : 0.4)),
      },
    ],
    setups: keys.map((key, index) => ({
      key,
      work: between([1, 2]),
      keeps: between([8, 40]),
      acrossShifts: index % 2 === 1,
      after: random() < 0.5 ? {} : Object.fromEntries(keys.slice(index + 1).map((darker) => [darker, 3])),
    })),
    tasks: drawn,
    waits,
    holds,
  });
}
