import { hourlyAir, localHours } from '../air/hourly-air.ts';
import { localDays } from '../units/local-day.ts';
import { RateClock } from '../shelf/drying/rate-clock.ts';
import { DRYING_KINDS } from '../shelf/drying/registry.ts';
import { AS_STATED, reachedAt, stageLegs } from '../shelf/drying/stage-legs.ts';
/** The climate for which tins state their hours, unless they say otherwise. */
const REFERENCE = { temperature: 23, humidity: 50 };
/**
 * The drying clocks of a job's climates, from a local midnight on. Time is minutes from `t0`.
 * Clocks are made when first asked for and kept.
 */
export class JobClocks {
  t0;
  timeZone;
  days;
  #hours;
  #climates;
  #air = new Map();
  #rates = new Map();
  #clocks = new Map();
  /** Clocks from the local midnight of `date` (ISO), for `days` days. */
  constructor(climates, timeZone, date, days) {
    this.#climates = climates;
    this.t0 = `${date}T00:00`;
    this.timeZone = timeZone;
    this.days = localDays(date, timeZone, days);
    this.#hours = localHours(this.days);
  }
  /** Whether these are the clocks of that place and those days. */
  isFor(timeZone, date, days) {
    return this.timeZone === timeZone && this.t0 === `${date}T00:00` && this.days.length === days;
  }
  #climate(id) {
    return this.#climates.find((climate) => climate.id === id);
  }
  /** The air of a climate, hour by hour from `t0`. Empty for a climate that the job does not have. */
  air(climateId) {
    let air = this.#air.get(climateId);
    if (air === undefined) {
      const climate = this.#climate(climateId);
      air = climate ? hourlyAir(climate, this.#hours) : [];
      this.#air.set(climateId, air);
    }
    return air;
  }
  /** The id under which a plan problem lists a clock. */
  id(climateId, kind, minTemperature) {
    return `${climateId}/${kind}/${minTemperature}`;
  }
  /** Progress per minute, for every hour. */
  rates(climateId, kind, minTemperature) {
    const id = this.id(climateId, kind, minTemperature);
    let rates = this.#rates.get(id);
    if (rates === undefined) {
      const conditions = {
        minTemperature,
        ventilation: this.#climate(climateId)?.ventilation ?? 'normal',
        reference: REFERENCE,
      };
      rates = this.air(climateId).map((air) => DRYING_KINDS[kind].rate(air, conditions));
      this.#rates.set(id, rates);
    }
    return rates;
  }
  /** A clock in minutes from `t0`. */
  clock(climateId, kind, minTemperature) {
    const id = this.id(climateId, kind, minTemperature);
    let clock = this.#clocks.get(id);
    if (clock === undefined) {
      clock = new RateClock(this.rates(climateId, kind, minTemperature), 60);
      this.#clocks.set(id, clock);
    }
    return clock;
  }
  /**
   * When a coat that was finished at `from` reaches a stage, in one climate or, with `stays`, in one after the other;
   * `Infinity` if not within the clocks, null if the tin does not state it.
   */
  reached(coating, stage, from, stays, condition = AS_STATED) {
    const legs = stageLegs(coating, stage, condition);
    const places = typeof stays === 'string' ? [{ climateId: stays, until: Infinity }] : stays;
    return (
      legs &&
      reachedAt(
        legs,
        from,
        places.map(({ climateId, until }) => ({
          until,
          clockOf: (kind) => this.clock(climateId, kind, coating.minTemperature),
        })),
      )
    );
  }
}
/** The last clocks made of frozen climates. Nothing depends on what is in here but the time it takes. */
const made = new WeakMap();
/**
 * The clocks of a job from its first day on, for `days` days. Every stamp asks for them again, and climates seldom
 * change: those of frozen climates, as documents hold them, are kept.
 */
export function clocksOf({ climates, site, planning }, days) {
  const kept = made.get(climates);
  if (kept?.isFor(site.timeZone, planning.start, days)) return kept;
  const clocks = new JobClocks(climates, site.timeZone, planning.start, days);
  if (Object.isFrozen(climates)) made.set(climates, clocks);
  return clocks;
}
