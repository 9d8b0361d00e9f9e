import type { DaySwing } from '../../air/climate.ts';
import type { CauseId } from '../../checking/causes/registry.ts';
import type { FoundId } from '../../pieces/found.ts';
import type { Random } from '../drawing-lots.ts';
import { serves, type Slips } from './worked-log.ts';

/** What happened to a piece: departures in its work, in its air and in what was found before. */
export interface Story {
  slips: Slips;
  /** Results of tests that are not the plain ones. */
  findings: Partial<Record<FoundId, string>>;
  /** Tests that were not made. */
  untested: FoundId[];
  /** The day of the last coat, and the night after it, where they were other than usual. */
  airThatDay: DaySwing | null;
  airThatNight: DaySwing | null;
  /** What the comb read in the last coat, against its tin: 1 as stated; null where it was not read. */
  film: number | null;
  /** % by which the topcoat was thinned. */
  thinning: number;
  /** Whether another piece was sanded beside it while it was wet. */
  sandedBeside: boolean;
  /** Whether a test patch was tried, and whether it held. */
  patch: boolean | null;
}

export const NOTHING_HAPPENED: Story = {
  slips: {},
  findings: {},
  untested: [],
  airThatDay: null,
  airThatNight: null,
  film: 1,
  thinning: 0,
  sandedBeside: false,
  patch: true,
};

/** Changes a story so that a cause is at work in it. */
type Incident = (story: Story, random: Random) => Story;

const between = (random: Random, least: number, most: number): number => least + random() * (most - least);
const slip =
  (slips: (random: Random) => Slips): Incident =>
  (story, random) => ({ ...story, slips: { ...story.slips, ...slips(random) } });
const found =
  (test: FoundId, result: string): Incident =>
  (story) => ({ ...story, findings: { ...story.findings, [test]: result } });

/** How each cause comes about, of those that a log can show. To add one is to add an entry. */
export const INCIDENTS: Readonly<Partial<Record<CauseId, Incident>>> = {
  'early-recoat': slip((random) => ({ recoatedAfter: between(random, 0.3, 0.6) })),
  'late-recoat': slip((random) => ({ recoatedLate: between(random, 12, 60), skips: serves('denib') })),
  'not-denibbed': slip(() => ({ skips: serves('denib') })),
  'not-keyed': slip(() => ({ skips: serves('key') })),
  unclean: slip(() => ({ skips: serves('cleaning') })),
  'edge-set': slip((random) => ({ slow: between(random, 2.2, 3) })),
  'closed-early': slip((random) => ({ hungAfter: between(random, 14, 26) })),
  cold: (story, random) => {
    const coldest = Math.round(between(random, 0, 4));
    return {
      ...story,
      airThatNight: { warmest: 12, coldest, humidityAtWarmest: 55, humidityAtColdest: 70 },
    };
  },
  damp: (story, random) => ({
    ...story,
    airThatNight: {
      warmest: 17,
      coldest: 14,
      humidityAtWarmest: 88,
      humidityAtColdest: Math.round(between(random, 92, 97)),
    },
  }),
  'cold-paint': (story, random) => {
    const temperature = Math.round(between(random, 9, 11));
    return {
      ...story,
      airThatDay: { warmest: temperature, coldest: temperature - 1, humidityAtWarmest: 55, humidityAtColdest: 60 },
    };
  },
  'film-thick': (story, random) => ({ ...story, film: between(random, 1.4, 1.8) }),
  'film-thin': (story, random) => ({ ...story, film: between(random, 0.5, 0.7) }),
  thinned: (story) => ({ ...story, thinning: 1 }),
  'dusty-air': (story) => ({ ...story, sandedBeside: true }),
  'damp-wood': found('moisture', 'damp'),
  silicone: found('contamination', 'wax'),
  'weak-ground': found('soundness', 'lets-go'),
  tannin: found('stains', 'bleeds'),
  'patch-failed': (story) => ({ ...story, patch: false }),
};
export const INCIDENT_IDS = Object.keys(INCIDENTS) as CauseId[];
