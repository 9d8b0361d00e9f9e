import {
  PLAN_PROBLEM_FORMAT,
  planProblemSchema,
  type PlanProblem,
  type PlanProblemFile,
} from '../scheduling/problem.ts';
import { seededRandom } from '../units/seeded-random.ts';

/** A made-up job: so many pieces, painters and places. */
export interface MadeUp {
  pieces: number;
  painters: number;
  bench: number;
  rack: number;
  seed: number;
  /** Days of the calendar. */
  days?: number;
  /** Passes of paint a piece has at most: primer twice, then enamel twice. */
  passes?: number;
}

const TICK = 5;
const DAY = 1440 / TICK;
const hours = (count: number): number => Math.round((count * 60) / TICK);
const ENAMELS = ['enamel/white', 'enamel/grey', 'enamel/slate'];

/**
 * Pieces that are taken off, washed, abraded, painted on both faces time and again and hung, by painters of five days a
 * week, in a room that is cold at night. Tools wear off, dark colours take longer to clean out. Deterministic.
 */
export function madeUpProblem({ pieces, painters, bench, rack, seed, days = 400, passes = 4 }: MadeUp): PlanProblem {
  const random = seededRandom(seed);
  const work = (): number => 2 + Math.floor(random() * 3);
  const shifts = Array.from({ length: days }, (_unused, day): [number, number][] =>
    day % 7 >= 5
      ? []
      : [
          [day * DAY + hours(8), day * DAY + hours(12)],
          [day * DAY + hours(12.5), day * DAY + hours(16.5)],
        ],
  ).flat();
  const rate = Array.from({ length: days * 24 }, (_unused, index) => {
    const hour = index % 24;
    const usual = hour >= 9 && hour < 19 ? 1 : hour >= 6 && hour < 23 ? 0.6 : 0.4;
    return random() < 0.2 ? usual * 0.9 : usual;
  });
  const tasks: PlanProblemFile['tasks'] = [];
  const waits: NonNullable<PlanProblemFile['waits']> = [];
  const holds: NonNullable<PlanProblemFile['holds']> = [];
  for (let piece = 0; piece < pieces; piece++) {
    const kind = Math.floor(random() * 4);
    const enamel = ENAMELS[kind % ENAMELS.length] ?? '';
    let before: { id: string; dose: number; lies: boolean } | null = null;
    const add = (
      name: string,
      minutes: number,
      more: { key?: string; dose?: number; lies?: boolean; bench?: boolean },
    ): void => {
      const id = `p${piece}.${name}`;
      const { key, dose = 0, lies = false, bench: onBench = true } = more;
      tasks.push({
        id,
        work: minutes,
        painters: 1,
        setup: key ?? null,
        spaces: onBench ? [{ id: 'bench', slots: 1 }] : [],
      });
      if (before) {
        waits.push({
          from: before.id,
          to: id,
          atLeast: before.dose > 0 ? { clock: 'room', dose: before.dose } : { ticks: 0 },
        });
        if (before.lies) holds.push({ space: 'rack', slots: 1, after: before.id, until: id });
      }
      before = { id, dose, lies };
    };
    add('take-off', 1, { bench: false });
    add('wash', work(), { dose: 12 });
    add('abrade', work() + 1, {});
    const coats = [
      { name: 'prime-1', key: 'primer/white', dose: 14 },
      { name: 'prime-2', key: 'primer/white', dose: 14 },
      { name: 'top-1', key: enamel, dose: 40 },
      { name: 'top-2', key: enamel, dose: 40 },
    ].slice(kind % 2, passes);
    coats.forEach(({ name, key, dose }, index) => {
      const isLast = index === coats.length - 1;
      if (name.endsWith('2')) add(`${name}.denib`, 1, { lies: true });
      add(`${name}.back`, work(), { key, dose, lies: true });
      add(`${name}.front`, work(), { key, dose: isLast ? hours(16) : dose, lies: true });
    });
    add('hang', 2, { bench: false });
  }
  const keys = ['primer/white', ...ENAMELS];
  return planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: TICK,
    t0: '2027-03-01T00:00',
    horizon: days * DAY,
    painters: Array.from({ length: painters }, (_unused, index) => ({ id: `painter-${index + 1}`, shifts })),
    spaces: [
      { id: 'bench', slots: bench },
      { id: 'rack', slots: rack },
    ],
    clocks: [{ id: 'room', step: hours(1), rate }],
    setups: keys.map((key, index) => ({
      key,
      work: 2,
      keeps: index > 0 ? hours(16) : hours(6),
      acrossShifts: index > 0,
      after: Object.fromEntries(keys.slice(index + 1).map((darker) => [darker, 5])),
    })),
    tasks,
    waits,
    holds,
  });
}
