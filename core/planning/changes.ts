import { applyCommand, type CommandArgs, type CommandName } from '../job/commands/apply.ts';
import { openAirOf, placeOf } from '../job/queries.ts';
import { WEEKDAYS, type Job, type Painter } from '../job/schema.ts';
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
  return [{ name: 'state-painter', args: { painter: { ...painter, week } } }];
}

/** Everything that is tried, the cheapest first; each is one entry. */
export const CHANGES: readonly Change[] = [
  {
    id: 'turning',
    words: () => 'both faces in one pass, on points',
    effort: 1,
    commands: ({ planning }) =>
      planning.turning === 'one-face' ? [{ name: 'change-planning', args: { turning: 'both-on-points' } }] : [],
  },
  {
    id: 'rack',
    words: (job) =>
      `${morePlaces(placeOf(job, 'rack').slots)} more places on the ${placeOf(job, 'rack').name.toLowerCase()}`,
    effort: 2,
    commands: (job) => {
      const rack = placeOf(job, 'rack');
      return [{ name: 'change-place', args: { place: { ...rack, slots: rack.slots + morePlaces(rack.slots) } } }];
    },
  },
  {
    id: 'bench',
    words: () => 'one more place to work at',
    effort: 2,
    commands: (job) => {
      const bench = placeOf(job, 'bench');
      return [{ name: 'change-place', args: { place: { ...bench, slots: bench.slots + 1 } } }];
    },
  },
  {
    id: 'warm',
    words: (job) => `the drying place kept at ${WARM} °C day and night (${dryingClimate(job)?.name ?? ''})`,
    effort: 3,
    commands: (job) => {
      const climate = dryingClimate(job);
      if (climate === undefined || climate.id === openAirOf(job)?.id) return [];
      const heated = { setPoint: WARM, from: 0, until: 0 };
      const { ventilation } = climate;
      return [
        {
          name: 'state-climate',
          args: { climate: changedClimate(climate, { climateId: climate.id, heated, ventilation }) },
        },
      ];
    },
  },
  {
    id: 'hour',
    words: ({ crew }) => (crew.length === 1 ? 'an hour longer every day' : 'everybody an hour longer every day'),
    effort: 4,
    commands: ({ crew }) => crew.flatMap(longer),
  },
  {
    id: 'saturday',
    words: () => 'Saturdays as well',
    effort: 5,
    commands: ({ crew }) =>
      crew
        .filter(({ week }) => week.sat.length === 0 && week.fri.length > 0)
        .map((painter) => ({
          name: 'state-painter',
          args: { painter: { ...painter, week: { ...painter.week, sat: painter.week.fri } } },
        })),
  },
  {
    id: 'hands',
    words: () => 'another pair of hands',
    effort: 6,
    commands: ({ crew }) => {
      const [first] = crew;
      if (first === undefined || crew.length >= 12) return [];
      const painter = { ...first, id: `${first.id}-helper`.slice(0, 40), name: 'Helper' };
      return crew.some(({ id }) => id === painter.id) ? [] : [{ name: 'state-painter', args: { painter } }];
    },
  },
];

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
