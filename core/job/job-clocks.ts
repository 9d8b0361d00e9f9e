import { hourlyAir, localHours, type LocalHour } from '../air/hourly-air.ts';
import { localDays, type LocalDay } from '../units/local-day.ts';
import type { Air, Climate } from '../air/climate.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';
import type { DryingConditions } from '../shelf/drying/definition.ts';
import { fitHours } from '../shelf/drying/fitted.ts';
import { RateClock } from '../shelf/drying/rate-clock.ts';
import { DRYING_KINDS, type DryingKind } from '../shelf/drying/registry.ts';
import { AS_STATED, reachedAt, stageLegs, type CoatCondition } from '../shelf/drying/stage-legs.ts';
import type { Job } from './schema.ts';

/** The climate for which tins state their hours, unless they say otherwise. */
const REFERENCE: Air = { temperature: 23, humidity: 50 };

/** What a clock needs to know of a product. */
export type DryingProduct = Pick<DryingConditions, 'minTemperature' | 'fittedSlope'>;

/** A coating as its clocks see it: hours that its tin states at several temperatures are fitted. */
export function dryingProduct({ minTemperature, recoatAt }: Coating): DryingProduct {
  return { minTemperature, fittedSlope: fitHours(recoatAt)?.slope ?? null };
}

/** Water, glue and filler: nothing forms a film, and nothing stands on a tin. */
export const PLAIN_WATER: DryingProduct = { minTemperature: 0, fittedSlope: null };

/**
 * The drying clocks of a job's climates, from a local midnight on. Time is minutes from `t0`.
 * Clocks are made when first asked for and kept.
 */
export class JobClocks {
  readonly t0: string;
  readonly timeZone: string;
  readonly days: readonly LocalDay[];
  readonly #hours: readonly LocalHour[];
  readonly #climates: readonly Climate[];
  readonly #air = new Map<string, Air[]>();
  readonly #rates = new Map<string, number[]>();
  readonly #clocks = new Map<string, RateClock>();

  /** Clocks from the local midnight of `date` (ISO), for `days` days. */
  constructor(climates: readonly Climate[], timeZone: string, date: string, days: number) {
    this.#climates = climates;
    this.t0 = `${date}T00:00`;
    this.timeZone = timeZone;
    this.days = localDays(date, timeZone, days);
    this.#hours = localHours(this.days);
  }

  /** Whether these are the clocks of that place and those days. */
  isFor(timeZone: string, date: string, days: number): boolean {
    return this.timeZone === timeZone && this.t0 === `${date}T00:00` && this.days.length === days;
  }

  #climate(id: string): Climate | undefined {
    return this.#climates.find((climate) => climate.id === id);
  }

  /** The air of a climate, hour by hour from `t0`. Empty for a climate that the job does not have. */
  air(climateId: string): readonly Air[] {
    let air = this.#air.get(climateId);
    if (air === undefined) {
      const climate = this.#climate(climateId);
      air = climate ? hourlyAir(climate, this.#hours) : [];
      this.#air.set(climateId, air);
    }
    return air;
  }

  /** The id under which a plan problem lists a clock. */
  id(climateId: string, kind: DryingKind, { minTemperature, fittedSlope }: DryingProduct): string {
    return [climateId, kind, minTemperature, ...(fittedSlope === null ? [] : [Math.round(fittedSlope)])].join('/');
  }

  /** Progress per minute, for every hour. */
  rates(climateId: string, kind: DryingKind, product: DryingProduct): readonly number[] {
    const id = this.id(climateId, kind, product);
    let rates = this.#rates.get(id);
    if (rates === undefined) {
      const conditions: DryingConditions = {
        ...product,
        ventilation: this.#climate(climateId)?.ventilation ?? 'normal',
        reference: REFERENCE,
      };
      rates = this.air(climateId).map((air) => DRYING_KINDS[kind].rate(air, conditions));
      this.#rates.set(id, rates);
    }
    return rates;
  }

  /** A clock in minutes from `t0`. */
  clock(climateId: string, kind: DryingKind, product: DryingProduct): RateClock {
    const id = this.id(climateId, kind, product);
    let clock = this.#clocks.get(id);
    if (clock === undefined) {
      clock = new RateClock(this.rates(climateId, kind, product), 60);
      this.#clocks.set(id, clock);
    }
    return clock;
  }

  /**
   * When a coat that was finished at `from` reaches a stage, in one climate or, with `stays`, in one after the other;
   * `Infinity` if not within the clocks, null if the tin does not state it.
   */
  reached(
    coating: Coating,
    stage: DryingStage,
    from: number,
    stays: string | readonly { climateId: string; until: number }[],
    condition: CoatCondition = AS_STATED,
  ): number | null {
    const legs = stageLegs(coating, stage, condition);
    const product = dryingProduct(coating);
    const places = typeof stays === 'string' ? [{ climateId: stays, until: Infinity }] : stays;
    return (
      legs &&
      reachedAt(
        legs,
        from,
        places.map(({ climateId, until }) => ({
          until,
          clockOf: (kind) => this.clock(climateId, kind, product),
        })),
      )
    );
  }
}

/** The last clocks made of frozen climates. Nothing depends on what is in here but the time it takes. */
const made = new WeakMap<readonly Climate[], JobClocks>();

/**
 * The clocks of a job from its first day on, for `days` days. Every stamp asks for them again, and climates seldom
 * change: those of frozen climates, as documents hold them, are kept.
 */
export function clocksOf({ climates, site, planning }: Job, days: number): JobClocks {
  const kept = made.get(climates);
  if (kept?.isFor(site.timeZone, planning.start, days)) return kept;
  const clocks = new JobClocks(climates, site.timeZone, planning.start, days);
  if (Object.isFrozen(climates)) made.set(climates, clocks);
  return clocks;
}
