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
    name: 'Recoated too soon',
    prevent: 'Go by the recoat time here, not the tin: it allows for your conditions.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { under } = coat;
        if (!under || under.hours >= under.due - 0.05) return null;
        return {
          strength: strength(0.45 + (1 - under.hours / under.due)),
          because: `${coatName(coat)} went on after ${hours(under.hours)}. It needed ${hours(under.due)}`,
        };
      }),
  },
  'late-recoat': {
    name: 'Recoated too late, not sanded',
    prevent: 'Recoat inside the window, or sand once it has closed.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { under, denibbed } = coat;
        if (!under || under.closes === null || under.hours <= under.closes) return null;
        return {
          strength: denibbed === true ? 0.25 : 0.8,
          because: `${coatName(coat)} went on after ${hours(under.hours)}${denibbed === true ? ', denibbed first' : ''}. The window closed after ${hours(under.closes)}`,
        };
      }),
  },
  cold: {
    name: 'Too cold while drying',
    prevent: 'Heat the night before and keep it up, or paint the last coat early in the day.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { coldest, hoursTooCold, laid } = coat;
        const { minTemperature } = laid.step.coat.coating;
        if (coldest.figure >= minTemperature + 2) return null;
        const isBelow = coldest.figure < minTemperature;
        return {
          strength: isBelow ? strength(0.5 + hoursTooCold / 16) : 0.25,
          because: `${degrees(evidence, coldest.figure)} on ${evidence.when(coldest.at)} while ${coatName(coat)} dried. It needs ${degrees(evidence, minTemperature)}${isBelow ? ` and stopped drying for ${hoursTooCold} h` : ''}`,
        };
      }),
  },
  'cold-paint': {
    name: 'Cold paint or surface',
    prevent: 'Keep tins at room temperature and the surface well above the tin’s minimum.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { air, laid } = coat;
        const over = air.temperature - laid.step.coat.coating.minTemperature;
        if (!(over < 4)) return null;
        return {
          strength: strength(0.3 + (4 - over) / 8),
          because: `${coatName(coat)} was painted at ${degrees(evidence, air.temperature)}`,
        };
      }),
  },
  damp: {
    name: 'Air too damp',
    prevent: 'Dry and ventilate the room. Stop early on damp days.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { dampest, laid } = coat;
        const { maxHumidity } = laid.step.coat.coating;
        if (dampest.figure <= maxHumidity) return null;
        return {
          strength: strength(0.4 + (dampest.figure - maxHumidity) / 25),
          because: `${Math.round(dampest.figure)}% RH on ${evidence.when(dampest.at)} while ${coatName(coat)} dried. Its tin allows ${maxHumidity}% RH`,
        };
      }),
  },
  dew: {
    name: 'Dew on the wet film',
    prevent: 'Stop early enough to be touch dry before dew falls.',
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
    name: 'Painted in sun or on a hot face',
    prevent: 'Follow the shade round the house: each face has its own hours.',
    sign(evidence) {
      if (evidence.coats.every(({ sun }) => sun === null)) return 'excluded';
      return overCoats(evidence, (coat) => {
        const { sun, laid } = coat;
        const { maxTemperature } = laid.step.coat.coating;
        if (!sun || (!sun.shone && sun.surface <= maxTemperature)) return null;
        return {
          strength: strength(0.55 + (sun.surface - 22) / 40),
          because: `${coatName(coat)} went on ${evidence.when(laid.at)}${sun.shone ? ' in the sun' : ''}, surface ${degrees(evidence, sun.surface)}`,
        };
      });
    },
  },
  'sun-after': {
    name: 'Sun on a fresh coat',
    prevent: 'Paint after the sun has left, and give the last coat a day before its first sun.',
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
    name: 'Rain too soon',
    prevent: 'Check rain-safe hours against the forecast first.',
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
    name: 'All coats in one day',
    prevent: 'Spread coats over days, above all in the sun.',
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
    name: 'Not cured yet',
    prevent: 'Check its ready date before anything presses on it.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.wasTacky
          ? { strength: 0.8, because: `${coatName(coat)} was logged still tacky: slower than its tin says` }
          : null,
      ),
  },
  'closed-early': {
    name: 'Closed too soon',
    prevent: 'Wedge or bumpers until the close date. Don’t latch it.',
    sign({ hungAt, closesFrom, when, piece }) {
      if (hungAt === null) return 'excluded';
      if (closesFrom === null || hungAt >= closesFrom) return null;
      return {
        strength: piece.keptApart === null ? 0.9 : 0.4,
        because: `hung ${when(hungAt)}, close date ${when(closesFrom)}${piece.keptApart ? ', with wedge or bumpers logged' : ', no wedge or bumpers'}`,
      };
    },
  },
} as const satisfies Record<string, Cause>;
