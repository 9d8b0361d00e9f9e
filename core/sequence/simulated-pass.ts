import { keptByName } from '../units/kept.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Painter } from '../job/document/crew-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { SKILL_FACTOR } from '../quantities/pace.ts';
import type { Coating } from '../shelf/coating.ts';
import { openMinutes, wetEdge, type WetEdge } from './open-time.ts';
import { passOf, strokeMinutes, type Pass } from './pass.ts';
import { simulateStrokes, type Hand, type Simulation, type SimulationInput } from './simulate.ts';
import { localSearchOrder } from './local-search-order.ts';
import { bestOrder, searchOrder, type OrderFound } from './order-search.ts';
import { inOrder, wetEdgeProblem, type Freedom } from './stroke-order.ts';
import type { StrokeOptions } from './usual-options.ts';

/** What stays the same whatever one tries: the piece, the coat, where it dries and who is there. */
export interface PassInput {
  piece: Piece;
  faces: readonly FaceId[];
  coating: Coating;
  climateId: string;
  clocks: JobClocks;
  crew: readonly Pick<Painter, 'id' | 'name' | 'skill'>[];
}

/** How a pass is painted: what is chosen for pieces of its kind, when it is begun, and whether the air is damped. */
export interface StrokeSetting extends StrokeOptions {
  /** Minutes from the clocks' t0. */
  start: number;
  isDamped: boolean;
}

/** A pass as it was simulation. */
export interface PassResult extends Simulation {
  pass: Pass;
  edge: WetEdge;
  /** Minutes for which an edge stays wet when one begins; `Infinity` where it is too cold to set. */
  openTime: number;
}

/** Passes by input: a search changes air and hands more often than faces. */
const passNamed = keptByName((input: PassInput, _name, painted: Painted) => passOf(input.piece, input.faces, painted));
type Painted = Pick<StrokeSetting, 'face' | 'edges' | 'walls' | 'application' | 'reach'>;

const passIn = (input: PassInput, { face, edges, walls, application, reach }: StrokeSetting): Pass =>
  passNamed(input, [face, edges, walls, application, reach].join('/'), { face, edges, walls, application, reach });

/** Simulates a pass over the faces of an input, in the order of the setting; `waitBefore` as in a {@link SimulationInput}. */
export function simulatePass(
  input: PassInput,
  setting: StrokeSetting,
  waitBefore?: SimulationInput['waitBefore'],
): PassResult {
  const { coating, climateId, clocks } = input;
  const pass = passIn(input, setting);
  const edge = wetEdge(clocks, climateId, coating, setting);
  const simulation = simulateStrokes({
    strokes: inOrder(pass, setting.order),
    laps: pass.laps,
    minutesOf: (stroke) => strokeMinutes(stroke, setting),
    hands: handsOf(input, setting),
    edge,
    start: setting.start,
    touchDry: setting.breaks ? (from) => clocks.reached(coating, 'touch', from, climateId) ?? Infinity : null,
    ...(waitBefore ? { waitBefore } : {}),
  });
  return { ...simulation, pass, edge, openTime: openMinutes(edge, setting.start) };
}

/** The painters of a setting. A second pair of hands that the crew does not have is as quick as the first. */
function handsOf({ crew }: PassInput, { painters }: StrokeSetting): [Hand, ...Hand[]] {
  const hands = crew.map(({ id, name, skill }): Hand => ({ id, name, factor: SKILL_FACTOR[skill] }));
  const first = hands[0] ?? { id: 'painter', name: 'painter', factor: 1 };
  if (painters === 1) return [first];
  return [first, hands[1] ?? { ...first, id: `${first.id}-2`, name: 'a second painter' }];
}

/** Simulating an order takes as long as so many steps of the search that proves; the most that are simulation. */
const STEPS_A_TRY = 10;
const MAX_TRIES = 8000;
/** Steps of the search for one painter from which two begin: its order need not be proved. */
const ALONE_STEPS = 20_000;

/**
 * Searches the order whose oldest lap is the youngest, in minutes of who paints; the setting's own order is not looked
 * at. For one painter it is proved; two share whatever order there is, so that orders are tried, from the school's and
 * one painter's best on.
 */
export function* orderSearch(
  input: PassInput,
  setting: StrokeSetting,
  freedom: Freedom,
  steps: number,
): Generator<OrderFound, OrderFound> {
  const pass = passIn(input, setting);
  const problem = wetEdgeProblem(pass, setting, freedom, input.coating.openTime);
  const school = pass.strokes.map(({ id }) => id);
  if (setting.painters === 2) {
    const alone = bestOrder(problem, { from: school, steps: Math.min(steps, ALONE_STEPS) }).order;
    const oldestLap = (order: readonly string[]): number =>
      simulatePass(input, { ...setting, order: [...order], breaks: false }).laps.reduce(
        (oldest, { age }) => Math.max(oldest, age),
        0,
      );
    return yield* localSearchOrder(problem, {
      from: [school, alone],
      tries: Math.min(steps / STEPS_A_TRY, MAX_TRIES),
      oldestLap,
    });
  }
  const [{ factor }] = handsOf(input, setting);
  const inHands = (found: OrderFound): OrderFound => ({
    ...found,
    worst: found.worst * factor,
    bound: found.bound * factor,
  });
  const search = searchOrder(problem, { from: school, steps });
  for (;;) {
    const next = search.next();
    if (next.done) return inHands(next.value);
    yield inHands(next.value);
  }
}

/** The last order that {@link orderSearch} comes to. */
export function searchedOrder(input: PassInput, setting: StrokeSetting, freedom: Freedom, steps: number): OrderFound {
  const search = orderSearch(input, setting, freedom, steps);
  for (;;) {
    const next = search.next();
    if (next.done) return next.value;
  }
}
