import { shortName } from '../../shelf/entry.ts';
import type { Coating } from '../../shelf/coating.ts';
import { TEMPERATURE, TEMPERATURE_DIFFERENCE } from '../../units/measures.ts';
import { strength, strongest, type Cause, type Sign } from '../cause.ts';
import type { CoatEvidence } from '../coat-evidence.ts';
import type { Evidence } from '../evidence.ts';

const nameOf = (coating: Coating): string => shortName(coating);
export const coatName = ({ laid }: CoatEvidence): string =>
  `coat ${laid.step.coat.number}, ${nameOf(laid.step.coat.coating)}`;
export const hours = (figure: number): string =>
  figure >= 48 ? `${(figure / 24).toFixed(1)} days` : `${figure.toFixed(1)} h`;
export const degrees = ({ job }: Evidence, celsius: number): string => TEMPERATURE.format(celsius, job.settings.units);

/** The strongest sign that any coat gives. */
export const overCoats = (evidence: Evidence, of: (coat: CoatEvidence) => Sign | null): Sign | null =>
  strongest(evidence.coats.map(of));

/** Hours within which a coat counts as put on in the same air as it was seen. */
const RUSHED_HOURS = 12;

/** Causes that lie in time, warmth, damp and sun: the log and the air know most of them. */
export const DRYING_CAUSES = {
  'early-recoat': {
    name: 'Recoated before the coat under it was ready',
    prevent: 'Wait for the recoat vial, not for the clock on the tin: it counts the air that there was.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { under } = coat;
        if (!under || under.hours >= under.due - 0.05) return null;
        return {
          strength: strength(0.45 + (1 - under.hours / under.due)),
          because: `${coatName(coat)} went on ${hours(under.hours)} after the one under it, where ${hours(under.due)} were due in that air`,
        };
      }),
  },
  'late-recoat': {
    name: 'Recoated too late, without abrading again',
    prevent: 'Watch the end of the recoat window, or abrade once it has closed.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { under, denibbed } = coat;
        if (!under || under.closes === null || under.hours <= under.closes) return null;
        return {
          strength: denibbed === true ? 0.25 : 0.8,
          because: `${coatName(coat)} went on after ${hours(under.hours)}, though the window closed after ${hours(under.closes)}${denibbed === true ? '; it was denibbed before' : ''}`,
        };
      }),
  },
  cold: {
    name: 'Too cold while it dried',
    prevent: 'Heat the night before and keep it up, or put the last coat on early in the day.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { coldest, hoursTooCold, laid } = coat;
        const { minTemperature } = laid.step.coat.coating;
        if (coldest.figure >= minTemperature + 2) return null;
        const isBelow = coldest.figure < minTemperature;
        return {
          strength: isBelow ? strength(0.5 + hoursTooCold / 16) : 0.25,
          because: `${degrees(evidence, coldest.figure)} on ${evidence.when(coldest.at)} while ${coatName(coat)} dried; it needs ${degrees(evidence, minTemperature)}${isBelow ? `, and stood still for ${hoursTooCold} h` : ''}`,
        };
      }),
  },
  'cold-paint': {
    name: 'Paint or surface was cold: it flows badly and slides before it sets',
    prevent: 'Keep tins at room temperature, and the surface well above the least that the tin states.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { air, laid } = coat;
        const over = air.temperature - laid.step.coat.coating.minTemperature;
        if (!(over < 4)) return null;
        return {
          strength: strength(0.3 + (4 - over) / 8),
          because: `${coatName(coat)} was put on at ${degrees(evidence, air.temperature)}`,
        };
      }),
  },
  damp: {
    name: 'The air was too damp',
    prevent: 'Dry the room, move the air, and leave off early on damp days.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { dampest, laid } = coat;
        const { maxHumidity } = laid.step.coat.coating;
        if (dampest.figure <= maxHumidity) return null;
        return {
          strength: strength(0.4 + (dampest.figure - maxHumidity) / 25),
          because: `${Math.round(dampest.figure)}% on ${evidence.when(dampest.at)} while ${coatName(coat)} dried; its tin allows ${maxHumidity}%`,
        };
      }),
  },
  dew: {
    name: 'Dew fell on the wet film',
    prevent: 'Stop early enough that the coat is touch dry before the surface comes near the dew point.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        if (coat.nearestDew.figure >= 3) return null;
        return {
          strength: strength(0.35 + (3 - coat.nearestDew.figure) / 5),
          because: `only ${TEMPERATURE_DIFFERENCE.format(Math.max(0, coat.nearestDew.figure), evidence.job.settings.units)} above the dew point on ${evidence.when(coat.nearestDew.at)}, while ${coatName(coat)} dried`,
        };
      }),
  },
  sun: {
    name: 'Painted in the sun, or on a hot face',
    prevent: 'Follow the shade round the house: each elevation has its own hours.',
    sign(evidence) {
      if (evidence.coats.every(({ sun }) => sun === null)) return 'excluded';
      return overCoats(evidence, (coat) => {
        const { sun, laid } = coat;
        const { maxTemperature } = laid.step.coat.coating;
        if (!sun || (!sun.shone && sun.surface <= maxTemperature)) return null;
        return {
          strength: strength(0.55 + (sun.surface - 22) / 40),
          because: `${coatName(coat)} went on at ${evidence.when(laid.at)} ${sun.shone ? 'with the sun on the face, ' : ''}at a surface of ${degrees(evidence, sun.surface)}`,
        };
      });
    },
  },
  'sun-after': {
    name: 'The sun came round onto a fresh coat and lifted it',
    prevent: 'Paint a face after the sun has left it, and give the last coat a day before its first sun.',
    sign(evidence) {
      if (evidence.coats.every(({ sun }) => sun === null)) return 'excluded';
      return overCoats(evidence, (coat) => {
        const { sun } = coat;
        if (!sun?.shoneAfter || sun.hottestAfter.figure < 24) return null;
        return {
          strength: strength(0.4 + (sun.hottestAfter.figure - 24) / 30),
          because: `the sun came onto ${coatName(coat)}: ${degrees(evidence, sun.hottestAfter.figure)} on ${evidence.when(sun.hottestAfter.at)}`,
        };
      });
    },
  },
  rain: {
    name: 'Rain fell on it before it was safe',
    prevent: 'Look at the rain-safe hours against the forecast before the coat goes on.',
    sign(evidence) {
      if (evidence.coats.every(({ sun }) => sun === null)) return 'excluded';
      return overCoats(evidence, (coat) =>
        coat.rainedAt === null
          ? null
          : { strength: 0.8, because: `it rained on ${evidence.when(coat.rainedAt)}, on ${coatName(coat)}` },
      );
    },
  },
  rushed: {
    name: 'The whole system was rushed on within a day',
    prevent: 'Spread coats over days, above all where the first sun comes onto it.',
    sign(evidence) {
      const [first, last] = [evidence.coats[0], evidence.coats.at(-1)];
      if (!first || !last || evidence.coats.length < 2) return null;
      const span = (last.laid.at - first.laid.at) / 60;
      if (span >= RUSHED_HOURS) return null;
      return {
        strength: strength(0.3 + evidence.coats.length * 0.15),
        because: `${evidence.coats.length} coats within ${hours(span)}`,
      };
    },
  },
  uncured: {
    name: 'Not cured through yet',
    prevent: 'Look at the date from which it may be used before anything presses on it.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.wasTacky
          ? { strength: 0.8, because: `${coatName(coat)} was found still tacky: it dries slower than its tin says` }
          : null,
      ),
  },
  'closed-early': {
    name: 'It closed against its stop before it could',
    prevent: 'Wedge or bumpers until the close date; hang it with care, and do not latch it.',
    sign({ hungAt, closesFrom, when, piece }) {
      if (hungAt === null) return 'excluded';
      if (closesFrom === null || hungAt >= closesFrom) return null;
      return {
        strength: piece.keptApart === null ? 0.9 : 0.4,
        because: `it was hung ${when(hungAt)} and may close from ${when(closesFrom)}${piece.keptApart ? ', though something was to keep it apart' : ', and nothing keeps it apart'}`,
      };
    },
  },
} as const satisfies Record<string, Cause>;
