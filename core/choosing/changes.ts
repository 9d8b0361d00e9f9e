import { TEMPERATURE } from '../units/measures.ts';
import { applyCommand, type CommandArgs, type CommandName } from '../job/commands/apply.ts';
import type { Facts } from '../job/commands/facts.ts';
import { climates } from '../job/commands/climates.ts';
import { judge } from '../build-up/judge.ts';
import { knownOf } from '../build-up/build-up-review.ts';
import type { Piece, StatedPiece } from '../job/document/piece-schema.ts';
import { hangsByNight } from '../job/queries/pieces.ts';
import { openAirOf, placeOf } from '../job/queries/places.ts';
import { WEEKDAYS, type Painter } from '../job/document/crew-schema.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { definitionOf } from '../pieces/registry.ts';
import { offerFor } from './offer.ts';
import { Weigher } from './weigh.ts';
import { changedClimate } from '../forecasting/what-if.ts';

/** A command with what it is told. */
export type CommandCall = { [N in CommandName]: { name: N; args: CommandArgs<N> } }[CommandName];

/** Something that could be done to finish earlier. */
export interface Change {
  id: string;
  /** As a painter would say it: “four more places on the rack”. */
  words(job: Job): string;
  /** What it takes, from nothing but another way of working to somebody's wages: the cheapest first. */
  effort: number;
  /** The commands that do it; none where it can't be done in this job. */
  commands(job: Job): CommandCall[];
}

/** °C at which a drying room is kept round the clock. */
const WARM = 20;

const morePlaces = (slots: number): number => Math.max(2, Math.ceil(slots / 2));

/** The week with an hour more at the end of every day that is worked. */
function longer(painter: Painter): CommandCall[] {
  const week = { ...painter.week };
  for (const day of WEEKDAYS) {
    const spans = week[day];
    const last = spans.at(-1);
    if (last === undefined || last.until > '22:59') continue;
    const until = `${String(Number(last.until.slice(0, 2)) + 1).padStart(2, '0')}${last.until.slice(2)}`;
    week[day] = [...spans.slice(0, -1), { ...last, until }];
  }
  return [{ name: 'change-painter', args: { id: painter.id, facts: { week } } }];
}

/** Everything that is tried, the cheapest first; each is one entry. */
export const CHANGES: readonly Change[] = [
  {
    id: 'turning',
    words: () => 'both faces at once, on stands',
    effort: 1,
    commands: ({ planning }) =>
      planning.turning === 'one-face' ? [{ name: 'change-planning', args: { turning: 'both-on-points' } }] : [],
  },
  {
    id: 'stand-ins',
    words: () => 'temporary doors or boards, so nothing has to hang overnight',
    effort: 2,
    commands: ({ pieces }) =>
      revised(pieces.filter(hangsByNight).map(({ id }) => ({ id, facts: { access: { standIn: true } } }))),
  },
  {
    id: 'zones',
    words: () => 'all zones of a room at once',
    effort: 2,
    commands: ({ rooms }) =>
      rooms
        .filter(({ zonesAtOnce }) => zonesAtOnce !== null)
        .map((room) => ({ name: 'change-room', args: { id: room.id, facts: { zonesAtOnce: null } } })),
  },
  {
    id: 'rack',
    words: (job) => `${morePlaces(placeOf(job, 'rack').slots)} more spaces on ${placeOf(job, 'rack').name}`,
    effort: 2,
    commands: (job) => {
      const rack = placeOf(job, 'rack');
      return [{ name: 'change-place', args: { id: rack.id, facts: { slots: rack.slots + morePlaces(rack.slots) } } }];
    },
  },
  {
    id: 'bench',
    words: () => 'one more bench space',
    effort: 2,
    commands: (job) => {
      const bench = placeOf(job, 'bench');
      return [{ name: 'change-place', args: { id: bench.id, facts: { slots: bench.slots + 1 } } }];
    },
  },
  {
    id: 'warm',
    words: (job) =>
      `${dryingClimate(job)?.name ?? 'the drying room'} kept at ${TEMPERATURE.format(WARM, job.settings.units)} day and night`,
    effort: 3,
    commands: (job) => {
      const climate = dryingClimate(job);
      if (climate === undefined || climate.id === openAirOf(job)?.id) return [];
      const heated = { setPoint: WARM, from: 0, until: 0 };
      const { ventilation } = climate;
      return [
        {
          name: 'change-climate',
          args: {
            id: climate.id,
            facts: climates.facts.difference(
              climate,
              changedClimate(climate, { climateId: climate.id, heated, ventilation }),
            ),
          },
        },
      ];
    },
  },
  {
    id: 'hour',
    words: ({ crew }) => (crew.length === 1 ? 'an hour longer every day' : 'the whole crew an hour longer every day'),
    effort: 4,
    commands: ({ crew }) => crew.flatMap(longer),
  },
  {
    id: 'build-up',
    words: () => 'build-ups that hang sooner, where work hasn’t started',
    effort: 4,
    commands: (job) => job.groups.flatMap((group) => quicker(job, group)),
  },
  {
    id: 'faces',
    words: () => 'fewer faces: leave backs and undersides as they are',
    effort: 5,
    commands: (job) =>
      revised(
        unbegun(job).flatMap(({ id, kind, scope }) => {
          const faces = scope.faces.filter((face) => face !== definitionOf(kind).lessSeen);
          const isLess = faces.length > 0 && faces.length < scope.faces.length;
          return isLess ? [{ id, facts: { scope: { faces } } }] : [];
        }),
      ),
  },
  {
    id: 'saturday',
    words: () => 'Saturdays as well',
    effort: 5,
    commands: ({ crew }) =>
      crew
        .filter(({ week }) => week.sat.length === 0 && week.fri.length > 0)
        .map((painter) => ({
          name: 'change-painter',
          args: { id: painter.id, facts: { week: { sat: painter.week.fri } } },
        })),
  },
  {
    id: 'hands',
    words: () => 'another painter',
    effort: 6,
    commands: ({ crew }) => {
      const [first] = crew;
      if (first === undefined || crew.length >= 12) return [];
      const painter = { ...first, id: `${first.id}-helper`.slice(0, 40), name: 'Helper' };
      return crew.some(({ id }) => id === painter.id) ? [] : [{ name: 'add-painter', args: { entry: painter } }];
    },
  },
];

/** Pieces on which nothing is stamped. */
function unbegun(job: Job): Piece[] {
  const ids = new Set(job.pieces.map(({ id }) => id));
  const begun = new Set(job.log.map(({ taskId }) => pieceIdOf(taskId, ids)));
  return job.pieces.filter(({ id }) => !begun.has(id));
}

/** The piece that a task is of: the longest id that it begins with, since ids from files may hold a slash themselves. */
function pieceIdOf(taskId: string, ids: ReadonlySet<string>): string | null {
  for (let end = taskId.lastIndexOf('/'); end > 0; end = taskId.lastIndexOf('/', end - 1))
    if (ids.has(taskId.slice(0, end))) return taskId.slice(0, end);
  return null;
}

const revised = (edits: { id: string; facts: Facts<Omit<StatedPiece, 'shape'>> }[]): CommandCall[] =>
  edits.length === 0 ? [] : [{ name: 'revise-pieces', args: { edits } }];

/** Days by which a build-up has to be quicker to be worth choosing anew. */
const WORTH = 0.5;

/** The quickest build-up that is no greater risk than the chosen one, where it is quicker and no piece of the group is begun. */
function quicker(job: Job, group: FinishGroup): CommandCall[] {
  const { buildUp } = group;
  const own = job.pieces.filter(({ groupId }) => groupId === group.id);
  const open = new Set(unbegun(job));
  if (buildUp === null || own.length === 0 || own.some((piece) => !open.has(piece))) return [];
  const verdict = judge(job, group, buildUp);
  let least = new Weigher(job, group).cost(buildUp, verdict).days - WORTH;
  let best: BuildUp | null = null;
  for (const { candidate, cost } of offerFor(job, group).permitted) {
    if (cost.days > least || (candidate.verdict.level === 'risk' && verdict.level !== 'risk')) continue;
    [best, least] = [candidate.buildUp, cost.days];
  }
  if (best === null) return [];
  return [{ name: 'choose-build-up', args: { groupId: group.id, buildUp: best, chosenFor: knownOf(job, group) } }];
}

function dryingClimate(job: Job): Job['climates'][number] | undefined {
  return job.climates.find(({ id }) => id === placeOf(job, 'rack').climateId);
}

/** A job with changes made one after another, and the commands that made them; null where one of them can't be. */
export function withChanges(job: Job, changes: readonly Change[]): { job: Job; calls: CommandCall[] } | null {
  let changed = job;
  const made: CommandCall[] = [];
  for (const change of changes) {
    const calls = change.commands(changed);
    if (calls.length === 0) return null;
    for (const call of calls) {
      const outcome = applyCommand(changed, call.name, call.args);
      if (!outcome.ok) return null;
      changed = outcome.value.job;
      made.push(call);
    }
  }
  return { job: changed, calls: made };
}
