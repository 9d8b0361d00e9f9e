import { getOrInsertComputed } from '../units/maps.ts';
import { AirSeries } from '../air/air-series.ts';
import { USUAL_WARMING, type Climate, type Ventilation } from '../air/climate.ts';
import { correctedAir, type ReadHour } from '../air/bias-correction.ts';
import { exposedFaceOf, faceHour, type FaceHour } from '../air/exposed-face.ts';
import { hourlyAir, hourlyAirFrom } from '../air/hourly-air.ts';
import { localHours, type LocalHour } from '../air/local-hours.ts';
import { sunAt, type Sun } from '../air/sun.ts';
import { hourlySky, type OutdoorAir, type Sky } from '../air/weather.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';
import type { DryingConditions } from '../shelf/drying/definition.ts';
import { fitHours } from '../shelf/drying/fitted.ts';
import { RateClock } from '../units/rate-clock.ts';
import { ratesIn, standingBelow, warmRates } from '../shelf/drying/rates.ts';
import { TIN_AIR } from '../shelf/drying/tin-air.ts';
import type { DryingKind } from '../shelf/drying/registry.ts';
import { AS_STATED, latestFor, reachedAt, stageLegs, type CoatCondition } from '../shelf/drying/stage-legs.ts';
import { localDays, type LocalDay } from '../units/local-day.ts';
import { derived } from '../job/derived.ts';
import type { Job } from '../job/document/schema.ts';
import { localTime, minutesSince } from '../job/site-time.ts';

/** What a clock needs to know of a product. */
export type DryingProduct = Pick<DryingConditions, 'minTemperature' | 'fittedSlope'>;

/** A coating as its clocks see it: hours that its tin states at several temperatures are fitted. */
export function dryingProduct({ minTemperature, recoatAt }: Coating): DryingProduct {
  return { minTemperature, fittedSlope: fitHours(recoatAt)?.slope ?? null };
}

/** Water, glue and filler: nothing forms a film, and nothing stands on a tin. */
export const PLAIN_WATER: DryingProduct = { minTemperature: 0, fittedSlope: null };

/** What the air of a job follows from. */
export type AirFacts = Pick<Job, 'climates' | 'readings' | 'site'>;

/** A climate as it would be from the `hour`th hour on. */
export interface AirChangedFrom {
  climate: Climate;
  hour: number;
}

/** The sun where nobody has said the place: straight up at noon of no particular season, over faces in the shade. */
const NOWHERE = { latitude: 45, longitude: 0 };

/**
 * The air and the drying clocks of a job's climates, and of faces in the open, from a local midnight on. Time is minutes
 * from `t0`. Everything is made when first asked for and kept.
 */
export class JobClocks {
  readonly t0: string;
  readonly timeZone: string;
  readonly days: readonly LocalDay[];
  readonly #hours: readonly LocalHour[];
  readonly #facts: AirFacts;
  readonly #skies = new Map<string, readonly Sky[]>();
  readonly #forecast = new Map<string, AirSeries>();
  readonly #air = new Map<string, AirSeries>();
  readonly #faces = new Map<string, readonly FaceHour[]>();
  readonly #rates = new Map<string, Float64Array>();
  readonly #clocks = new Map<string, RateClock>();
  #suns: Sun[] | null = null;

  readonly #change: AirChangedFrom | null;

  /** Clocks from the local midnight of `date` (ISO), for `days` days; with a `change`, as if a climate were changed. */
  constructor(facts: AirFacts, date: string, days: number, change: AirChangedFrom | null = null) {
    this.#facts = facts;
    this.#change = change;
    this.t0 = `${date}T00:00`;
    this.timeZone = facts.site.timeZone;
    this.days = localDays(date, this.timeZone, days);
    this.#hours = localHours(this.days);
  }

  #climate(id: string): Climate | undefined {
    return this.#facts.climates.find((climate) => climate.id === id);
  }

  /** How many hours there are, from `t0` on. */
  get hours(): number {
    return this.#hours.length;
  }

  /** What the clock on the wall says in the `index`th hour. */
  localHour(index: number): LocalHour | undefined {
    return this.#hours[index];
  }

  /**
   * The air of a climate, hour by hour from `t0`, corrected by what was read there; for a face in the open, the air as
   * its wet film meets it. Empty for a climate that the job does not have.
   */
  air(climateId: string): AirSeries {
    return getOrInsertComputed(this.#air, climateId, () => {
      if (exposedFaceOf(climateId)) return AirSeries.of(this.face(climateId).map(({ film }) => film));
      return correctedAir(this.forecast(climateId), this.#readings(climateId));
    });
  }

  /** The air of a climate as it was thought to be before any instrument was read there. */
  forecast(climateId: string): AirSeries {
    return getOrInsertComputed(this.#forecast, climateId, () => {
      const climate = this.#climate(climateId);
      if (!climate) return new AirSeries(0);
      const isSheltered = climate.whereabouts === 'indoors' && climate.shelter !== null;
      const outdoors = isSheltered ? this.air(this.#openAirId()) : new AirSeries(0);
      const was = hourlyAir(climate, this.#hours, outdoors);
      const change = this.#changeOf(climateId);
      if (change === null) return was;
      const { holds } = climate.heating ?? USUAL_WARMING;
      return hourlyAirFrom(change.climate, this.#hours, outdoors, { hour: change.hour, was, holds });
    });
  }

  /** The open air in an hour, with wind, cloud and rain; `undefined` outside these hours or of no such climate. */
  weather(climateId: string, index: number): OutdoorAir | undefined {
    const air = this.air(climateId).at(index);
    const sky = this.#sky(climateId)[index];
    return air && sky && { ...air, ...sky };
  }

  #sky(climateId: string): readonly Sky[] {
    return getOrInsertComputed(this.#skies, climateId, () => {
      const climate = this.#climate(climateId);
      return climate ? hourlySky(climate, this.#hours) : [];
    });
  }

  /** A face in the open, hour by hour; empty for the id of anything else. */
  face(climateId: string): readonly FaceHour[] {
    return getOrInsertComputed(this.#faces, climateId, () => {
      const face = exposedFaceOf(climateId);
      if (face === null) return [];
      return this.suns().flatMap((sun, index) => {
        const weather = this.weather(face.climateId, index);
        return weather ? [faceHour(weather, sun, face)] : [];
      });
    });
  }

  /** Where the sun stands in the middle of each hour. */
  suns(): readonly Sun[] {
    const { latitude, longitude } = this.#facts.site;
    const midnight = localTime(this.t0, 0, this.timeZone).toMillis();
    this.#suns ??= this.#hours.map((_hour, index) =>
      sunAt(midnight + (index + 0.5) * 3_600_000, latitude ?? NOWHERE.latitude, longitude ?? NOWHERE.longitude),
    );
    return this.#suns;
  }

  #changeOf(climateId: string): AirChangedFrom | null {
    return this.#change?.climate.id === climateId ? this.#change : null;
  }

  #openAirId(): string {
    return this.#facts.climates.find(({ whereabouts }) => whereabouts === 'outdoors')?.id ?? '';
  }

  #readings(climateId: string): ReadHour[] {
    return this.#facts.readings.flatMap((reading) => {
      if (reading.kind !== 'air' || reading.climateId !== climateId) return [];
      const hour = Math.floor(minutesSince(this.t0, reading.at, this.timeZone) / 60);
      return [{ hour, temperature: reading.temperature, humidity: reading.humidity }];
    });
  }

  /** The id under which a plan problem lists a clock. */
  id(climateId: string, kind: DryingKind, { minTemperature, fittedSlope }: DryingProduct): string {
    return [climateId, kind, minTemperature, ...(fittedSlope === null ? [] : [Math.round(fittedSlope)])].join('/');
  }

  /** Progress per minute, for every hour. */
  rates(climateId: string, kind: DryingKind, product: DryingProduct): Float64Array {
    const { minTemperature, fittedSlope } = product;
    return getOrInsertComputed(this.#rates, this.id(climateId, kind, product), () => {
      // Products of a kind differ in how cold they may get, and in little else.
      const id = this.id(climateId, kind, { ...product, minTemperature: -Infinity });
      const warm = getOrInsertComputed(this.#rates, id, () => this.#warmRates(climateId, kind, fittedSlope));
      return standingBelow(minTemperature, this.air(climateId), warm);
    });
  }

  #warmRates(climateId: string, kind: DryingKind, fittedSlope: number | null): Float64Array {
    const placeId = exposedFaceOf(climateId)?.climateId ?? climateId;
    const moved = (ventilation: Ventilation): Float64Array =>
      warmRates(this.air(climateId), kind, { fittedSlope, ventilation, reference: TIN_AIR });
    const rates = moved(this.#climate(placeId)?.ventilation ?? 'normal');
    const change = this.#changeOf(placeId);
    if (change) rates.set(moved(change.climate.ventilation).subarray(change.hour), change.hour);
    return rates;
  }

  /** The clock of a product in a place, were its air other than it is. */
  clockIn(air: AirSeries, climateId: string, kind: DryingKind, product: DryingProduct): RateClock {
    const placeId = exposedFaceOf(climateId)?.climateId ?? climateId;
    const { minTemperature, fittedSlope } = product;
    const ventilation = this.#climate(placeId)?.ventilation ?? 'normal';
    return new RateClock(ratesIn(air, kind, { minTemperature, fittedSlope, ventilation, reference: TIN_AIR }), 60);
  }

  /** A clock in minutes from `t0`. */
  clock(climateId: string, kind: DryingKind, product: DryingProduct): RateClock {
    return getOrInsertComputed(
      this.#clocks,
      this.id(climateId, kind, product),
      () => new RateClock(this.rates(climateId, kind, product), 60),
    );
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

  /**
   * The same in one climate for any `from`, for those who ask for a whole season of them; null if the tin does not state it.
   */
  reaching(coating: Coating, stage: DryingStage, climateId: string): ((from: number) => number) | null {
    const product = dryingProduct(coating);
    const legs = stageLegs(coating, stage)?.map(({ kind, dose }) => ({
      clock: this.clock(climateId, kind, product),
      dose: dose * 60,
    }));
    return legs ? (from) => legs.reduce((time, { clock, dose }) => clock.reach(time, dose), from) : null;
  }

  /**
   * The last time at which a coat may be finished so that it reaches a stage by `until`, in one climate; `-Infinity` if
   * not even from `t0`, null if the tin does not state it.
   */
  latest(
    coating: Coating,
    stage: DryingStage,
    until: number,
    climateId: string,
    condition: CoatCondition = AS_STATED,
  ): number | null {
    const legs = stageLegs(coating, stage, condition);
    const product = dryingProduct(coating);
    return legs && latestFor(legs, until, (kind) => this.clock(climateId, kind, product));
  }
}

/** Asked for by plans of several lengths, and by what looks further than they do. */
export const clocksFrom = derived(
  ['climates', 'readings', 'site'],
  (job, start: string, days: number) => new JobClocks(job, start, days),
  { last: 4 },
);

/** The clocks of a job from its first day on, for `days` days. Every stamp asks for them again. */
export const clocksOf = (job: Job, days: number): JobClocks => clocksFrom(job, job.planning.start, days);
