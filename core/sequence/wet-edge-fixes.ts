import { longerWords } from '../units/comparison.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { TEMPERATURE } from '../units/measures.ts';
import { formatLength } from '../units/length.ts';
import { exposedFaceOf } from '../air/exposed-face.ts';
import { definitionOf } from '../pieces/registry.ts';
import { capital, inSentence } from '../units/sentence.ts';
import { USUAL_REACH } from './dividing.ts';
import { passOf } from './pass.ts';
import { CONDITIONER_FACTOR, DAMPING } from './open-time.ts';
import { APPLICATION_WORDS, applicationsOf } from './roles.ts';
import { EDGES, FACE_ORDERS } from './face-orders.ts';
import { simulatePass, searchedOrder, type PassResult, type PassInput, type StrokeSetting } from './simulated-pass.ts';
import type { Role } from './stroke.ts';
import type { Freshness } from './wet-edge.ts';

/** The kinds of thing that one can do when a lap goes off, by what they ask of the painter: a judgement, the least first. */
export const WAY_KINDS = [
  'order',
  'school',
  'edges',
  'stretch',
  'conditioner',
  'tool',
  'air',
  'hour',
  'joint',
  'hands',
  'gun',
] as const;
export type WayKind = (typeof WAY_KINDS)[number];

/** Something that helps, as simulated. */
export interface WetEdgeFix {
  id: string;
  kinds: readonly WayKind[];
  /** What is done. */
  does: string;
  /** What it asks or risks. */
  costs: string;
  change: Partial<StrokeSetting>;
  result: PassResult;
  /** Its oldest lap; fresh when nothing laps any more. */
  state: Freshness;
}

export interface WaysOptions {
  /** Steps of each search of an order. */
  steps: number;
  /** Times at which one could begin instead, minutes from the clocks' t0. */
  starts: readonly number[];
  /** Says a time on the clocks, “Thu 19:00”. */
  say(time: number): string;
  units: UnitSystem;
}

type Try = Pick<WetEdgeFix, 'id' | 'kinds' | 'does' | 'costs' | 'change'>;

/** What would not be noticed. */
const MIN_GAIN = 0.01;
/** What is divided by how far one reaches. */
const DIVIDED: ReadonlySet<Role> = new Set(['length', 'handrail', 'block', 'side']);
/** Stretches that are tried, as shares of the one that is too long, and the shortest in mm. */
const SHORTER = [0.75, 0.5, 0.35, 0.25];
const MIN_REACH = 200;
/** Of things that only help together, so many are told, and so many ways at all. */
const BEST_TOGETHER = 4;
const MAX_WAYS = 10;
const MAX_TOGETHER = 3;

/**
 * What can be done about the oldest lap of a setting, each of it simulated: what brings it back to fresh comes first,
 * then what keeps it wet, and among these what asks the least. Pairs are tried where nothing is enough by itself. Empty
 * when the oldest lap is fresh as it is.
 */
export function wetEdgeFixes(input: PassInput, setting: StrokeSetting, options: WaysOptions): WetEdgeFix[] {
  const now = simulatePass(input, setting);
  if (stateOf(now) === 'fresh') return [];
  const single = tries(input, setting, options).map((one) => simulated(input, setting, one));
  const helps = (way: WetEdgeFix, than: number): boolean => shareOf(way.result) < than - MIN_GAIN;
  const found = single.filter((way) => helps(way, shareOf(now)));
  // Where nothing is enough by itself, two things may be, or three.
  let best: readonly WetEdgeFix[] = single;
  for (let together = 2; together <= MAX_TOGETHER && !isEnough(found, together); together++) {
    const more = best.flatMap((one) =>
      single.flatMap((other) => {
        // What is enough by itself needs nothing beside it.
        if (one.state === 'fresh' || other.state === 'fresh' || !canJoin(one, other)) return [];
        const way = simulated(input, setting, joined(one, other));
        return helps(way, Math.min(shareOf(one.result), shareOf(other.result))) ? [way] : [];
      }),
    );
    const distinct = [
      ...new Map(
        more.map((way) => [[...way.kinds].sort().join('+') + way.id.split('+').sort().join('+'), way]),
      ).values(),
    ];
    best = inRank(distinct).slice(0, BEST_TOGETHER);
    found.push(...best);
  }
  return inRank(found).slice(0, MAX_WAYS);
}

/** Whether there is a way to keep every lap fresh without bringing a gun; in the third round, whether any keeps them wet. */
const isEnough = (found: readonly WetEdgeFix[], together: number): boolean =>
  found.some(({ state, kinds }) =>
    together === 2 ? state === 'fresh' && !kinds.includes('gun') : state !== 'gone-off',
  );

function simulated(input: PassInput, setting: StrokeSetting, one: Try): WetEdgeFix {
  const result = simulatePass(input, { ...setting, ...one.change });
  return { ...one, result, state: stateOf(result) };
}

/** What of its open time the oldest lap has used up. */
const shareOf = ({ worst }: Pick<PassResult, 'worst'>): number => worst?.share ?? 0;

function stateOf({ worst }: Pick<PassResult, 'worst'>): Freshness {
  return worst === null || worst.state === 'stopped' ? 'fresh' : worst.state;
}

const BURDEN: Readonly<Record<WayKind, number>> = Object.fromEntries(
  WAY_KINDS.map((kind, index) => [kind, index]),
) as Record<WayKind, number>;
const STATES: readonly Freshness[] = ['fresh', 'close', 'gone-off'];

function inRank(ways: readonly WetEdgeFix[]): WetEdgeFix[] {
  const burden = ({ kinds }: WetEdgeFix): number => kinds.reduce((sum, kind) => sum + BURDEN[kind] + 1, 0);
  return [...ways].sort(
    (one, other) =>
      STATES.indexOf(one.state) - STATES.indexOf(other.state) ||
      // Among what is not enough, what helps most; among what is, what asks least.
      (one.state === 'gone-off' ? shareOf(one.result) - shareOf(other.result) : 0) ||
      burden(one) - burden(other) ||
      shareOf(one.result) - shareOf(other.result),
  );
}

/** Two things of different kinds; an order that was searched for one school is none of another. */
function canJoin(one: WetEdgeFix, other: WetEdgeFix): boolean {
  const orders: readonly WayKind[] = ['order', 'school', 'edges'];
  const isOneTool = [one, other].every(({ kinds }) => kinds.includes('tool') || kinds.includes('gun'));
  if (isOneTool) return false;
  const both = [one, other].every(({ kinds }) => kinds.some((kind) => orders.includes(kind)));
  return !both && !one.kinds.some((kind) => other.kinds.includes(kind));
}

function joined(one: WetEdgeFix, other: WetEdgeFix): Try {
  return {
    id: `${one.id}+${other.id}`,
    kinds: [...one.kinds, ...other.kinds],
    does: `${one.does}, and ${inSentence(other.does)}`,
    costs: `${one.costs} ${other.costs}`,
    change: { ...one.change, ...other.change },
  };
}

function tries(input: PassInput, setting: StrokeSetting, options: WaysOptions): Try[] {
  return [
    ...orders(input, setting, options),
    ...schools(input, setting, options),
    ...edges(input, setting),
    ...stretches(input, setting, options),
    ...conditioner(setting),
    ...tools(input, setting),
    ...damping(input, setting),
    ...hours(input, setting, options),
    ...joints(input, setting),
    ...hands(setting),
  ];
}

function orders(input: PassInput, setting: StrokeSetting, { steps }: WaysOptions): Try[] {
  const within = searchedOrder(input, setting, 'within-the-school', steps);
  const any = searchedOrder(input, setting, 'any-order', steps);
  const name = inSentence(FACE_ORDERS[setting.face].name);
  const proof = (isProved: boolean): string => (isProved ? 'Best possible.' : 'There may be a better one.');
  return [
    {
      id: 'order',
      kinds: ['order'],
      does: `Best order, ${name}`,
      costs: `No extra time or cost. ${proof(within.isProved)}`,
      change: { order: within.order },
    },
    {
      id: 'any-order',
      kinds: ['school'],
      does: 'Best order, any method',
      costs: `Lay off crossing brush marks with care. ${proof(any.isProved)}`,
      change: { order: any.order },
    },
  ];
}

function schools(input: PassInput, setting: StrokeSetting, { steps }: WaysOptions): Try[] {
  return definitionOf(input.piece.kind)
    .schools.filter((face) => face !== setting.face)
    .flatMap((face): Try[] => {
      const changed = { ...setting, face, order: null };
      const found = searchedOrder(input, changed, 'within-the-school', steps);
      const school = FACE_ORDERS[face];
      return [
        {
          id: face,
          kinds: ['school'],
          does: `${school.name}, best order`,
          costs: school.weighs,
          change: { face, order: found.order },
        },
      ];
    });
}

function edges({ piece }: PassInput, setting: StrokeSetting): Try[] {
  if (setting.edges === 'edges-first' || piece.scope.edges.length === 0) return [];
  const { name, weighs } = EDGES['edges-first'];
  return [
    { id: 'edges-first', kinds: ['edges'], does: name, costs: weighs, change: { edges: 'edges-first', order: null } },
  ];
}

/** The longest of some shorter stretches that is fresh, or else the one whose oldest lap is the youngest. */
function stretches(input: PassInput, setting: StrokeSetting, { units }: WaysOptions): Try[] {
  const parts = passOf(input.piece, input.faces, setting).strokes.filter(({ role }) => DIVIDED.has(role));
  if (parts.length < 2) return [];
  let best: { reach: number; share: number } | null = null;
  for (const reach of SHORTER.map((share) => setting.reach * share).filter((each) => each >= MIN_REACH)) {
    const shorter = simulatePass(input, { ...setting, reach, order: null });
    const share = shareOf(shorter);
    if (best === null || share < best.share - MIN_GAIN) best = { reach, share };
    if (stateOf(shorter) === 'fresh') break;
  }
  if (best === null) return [];
  return [
    {
      id: 'stretch',
      kinds: ['stretch'],
      does: parts.some(({ role }) => role === 'block' || role === 'side')
        ? `Smaller blocks or narrower strips: ${((100 * best.reach) / USUAL_REACH).toFixed(0)}% of usual`
        : `Shorter stretches: ${formatLength(best.reach, units)} at a time`,
      costs: 'More laps, each reached sooner.',
      change: { reach: best.reach, order: null },
    },
  ];
}

function conditioner(setting: StrokeSetting): Try[] {
  if (setting.conditioner) return [];
  return [
    {
      id: 'conditioner',
      kinds: ['conditioner'],
      does: 'Add conditioner',
      costs: `${longerWords(CONDITIONER_FACTOR)} wet edge (default). Follow its tin. Touch dry comes later.`,
      change: { conditioner: true },
    },
  ];
}

function tools({ piece, coating }: PassInput, setting: StrokeSetting): Try[] {
  return (
    applicationsOf(coating)
      .filter((application) => application !== setting.application)
      .filter((application) => application !== 'cut-first')
      // What stays in place is sprayed only by those who have sheeted everything around it.
      .filter((application) => application !== 'spray' || piece.comesOff)
      .map((application): Try => {
        const { name, does } = APPLICATION_WORDS[application];
        const asks = application === 'spray' ? ' Set-up, masking and a mask are extra.' : '';
        return {
          id: application,
          kinds: [application === 'spray' ? 'gun' : 'tool'],
          does: name,
          costs: `${capital(does)}.${asks}`,
          change: { application },
        };
      })
  );
}

function damping({ climateId, clocks, coating }: PassInput, setting: StrokeSetting): Try[] {
  const humidity = clocks.air(climateId).at(Math.floor(setting.start / 60))?.humidity ?? 100;
  const room = Math.min(DAMPING, coating.maxHumidity - 5 - humidity);
  if (setting.isDamped || exposedFaceOf(climateId) !== null || room < 1) return [];
  return [
    {
      id: 'damp',
      kinds: ['air'],
      does: `Dampen the air by ${room.toFixed(0)}% RH: wet sheets, a sprinkled floor`,
      costs: `Tin: up to ${coating.maxHumidity}% RH. Everything else dries slower too. Keep water away from sockets.`,
      change: { isDamped: true },
    },
  ];
}

/** The next hour that is fresh, or else the one at which the oldest lap is the youngest. */
function hours(input: PassInput, setting: StrokeSetting, { starts, say, units }: WaysOptions): Try[] {
  let best: { start: number; share: number } | null = null;
  for (const start of starts) {
    const later = simulatePass(input, { ...setting, start });
    const share = shareOf(later);
    if (stateOf(later) === 'fresh') {
      best = { start, share };
      break;
    }
    if (best === null || share < best.share) best = { start, share };
  }
  if (best === null) return [];
  const air = input.clocks.air(input.climateId).at(Math.floor(best.start / 60));
  const there = air ? `${TEMPERATURE.format(air.temperature, units)}, ${air.humidity.toFixed(0)}% RH then. ` : '';
  return [
    {
      id: 'hour',
      kinds: ['hour'],
      does: `Start ${say(best.start)}`,
      costs: `${there}Pushes back everything after it.`,
      change: { start: best.start },
    },
  ];
}

function joints(input: PassInput, setting: StrokeSetting): Try[] {
  if (setting.breaks) return [];
  const stopping = simulatePass(input, { ...setting, breaks: true });
  if (stopping.stops.length === 0) return [];
  const waits = stopping.stops.reduce((sum, { from, until }) => sum + until - from, 0) / 60;
  const often = stopping.stops.length === 1 ? 'Once' : `${stopping.stops.length} times`;
  return [
    {
      id: 'joints',
      kinds: ['joint'],
      does: 'Stop at a joint, not in the middle',
      costs: Number.isFinite(waits)
        ? `${often}, until touch dry: ${waits.toFixed(1)} h waiting. Keep the line sharp. Don’t feather it.`
        : `${often}, but it won’t get touch dry here.`,
      change: { breaks: true },
    },
  ];
}

function hands(setting: StrokeSetting): Try[] {
  if (setting.painters === 2) return [];
  return [
    {
      id: 'hands',
      kinds: ['hands'],
      does: 'Two painters',
      costs: 'Takes both off other work meanwhile.',
      change: { painters: 2 },
    },
  ];
}
