import { MAX_SPANS, USUAL_WARMING, type Climate, type HeatedSpan } from '../air/climate.ts';
import { hourKey } from '../air/local-hours.ts';
import { JobClocks, type AirFacts } from '../clocks/job-clocks.ts';
import { DRYING_STAGES, type Coating, type DryingStage } from '../shelf/coating.ts';
import { AS_STATED, type CoatCondition } from '../shelf/drying/stage-legs.ts';

/** What one might do about the air of a place: heat it between two hours, move it. */
export interface AirChange {
  climateId: string;
  /** Heated in this span as well as it is already; null for no more heat than now. */
  heated: HeatedSpan | null;
  ventilation: Climate['ventilation'];
}

/** A coat whose drying is asked about: finished at `from`, minutes from the clocks' t0. */
export interface DryingCoat {
  coating: Coating;
  from: number;
  condition?: CoatCondition;
}

/** The climate with that done. */
export function changedClimate(climate: Climate, { heated, ventilation }: AirChange): Climate {
  const { heating } = climate;
  const warming = heating ?? USUAL_WARMING;
  const spans = [...(heating?.spans ?? []), ...(heated ? [heated] : [])].slice(-MAX_SPANS);
  return { ...climate, ventilation, heating: spans.length === 0 ? null : { ...warming, spans } };
}

/** The clocks of a job in which that is done from the time `now` on, in minutes from the clocks' t0. */
export function changedClocks(facts: AirFacts, clocks: JobClocks, change: AirChange, now: number): JobClocks {
  const climate = facts.climates.find(({ id }) => id === change.climateId);
  const hour = Math.max(0, Math.floor(now / 60));
  return new JobClocks(
    facts,
    clocks.t0.slice(0, 10),
    clocks.days.length,
    climate ? { climate: withoutHoursFrom(changedClimate(climate, change), clocks, hour), hour } : null,
  );
}

/** What was forecast for a place that is heated otherwise is not forecast any more. */
function withoutHoursFrom(climate: Climate, clocks: JobClocks, hour: number): Climate {
  const first = clocks.localHour(hour);
  const { hours } = climate.stated;
  return first === undefined || hours.length === 0
    ? climate
    : { ...climate, stated: { ...climate.stated, hours: hours.filter(({ at }) => at < hourKey(first)) } };
}

/** When a coat reaches each stage of its tin in a place, in minutes from the clocks' t0; `Infinity` for not within them. */
export function stagesOf(
  clocks: JobClocks,
  climateId: string,
  { coating, from, condition = AS_STATED }: DryingCoat,
): { stage: DryingStage; at: number }[] {
  return DRYING_STAGES.flatMap((stage) => {
    const at = clocks.reached(coating, stage, from, climateId, condition);
    return at === null ? [] : [{ stage, at }];
  });
}

/** Set-points that are tried, in °C. */
const WARMEST = 32;
const COLDEST = 5;
const STEP = 0.1;

/** How warm a place has to be held so that a coat reaches a stage in time. */
export type WarmthNeeded =
  /** In time as things are. */
  | { kind: 'none'; at: number }
  /** In time with a heater at this set-point, on from the hour of the coat until the hour by which it is wanted. */
  | { kind: 'heat'; setPoint: number; at: number; change: AirChange }
  /** Not even at {@link WARMEST} °C: it would be reached at `at`. */
  | { kind: 'never'; warmest: number; at: number };

/**
 * The lowest set-point, to a tenth of a degree, by which a coat reaches `stage` by the time `until` in a place that is
 * heated, besides as it is, from the hour of the coat on, or from `now` where that is later. Heating keeps the vapour and warms up no faster than the place does, and warmer is
 * never later, so that halving finds it. Null when the tin does not state the stage.
 */
export function warmthNeeded(
  facts: AirFacts,
  clocks: JobClocks,
  climate: Climate,
  coat: DryingCoat & { stage: DryingStage; until: number },
  now: number,
): WarmthNeeded | null {
  const hourAt = (time: number): number => clocks.localHour(Math.floor(time / 60))?.hour ?? 0;
  const since = Math.max(now, coat.from);
  // A day and more is heated round the clock.
  const [from, until] = [hourAt(since), coat.until - since >= 1380 ? hourAt(since) : hourAt(coat.until + 59)];
  const changeFor = (setPoint: number): AirChange => ({
    climateId: climate.id,
    ventilation: climate.ventilation,
    heated: { setPoint, from, until },
  });
  const reached = (asked: JobClocks): number | null =>
    asked.reached(coat.coating, coat.stage, coat.from, climate.id, coat.condition);
  const asIs = reached(clocks);
  if (asIs === null) return null;
  if (asIs <= coat.until) return { kind: 'none', at: asIs };
  const heatedTo = (steps: number): { setPoint: number; at: number; change: AirChange } => {
    const setPoint = Math.round((COLDEST + steps * STEP) * 10) / 10;
    const change = changeFor(setPoint);
    return { setPoint, change, at: reached(changedClocks(facts, clocks, change, since)) ?? Infinity };
  };
  let low = 0;
  let high = Math.round((WARMEST - COLDEST) / STEP);
  const warmest = heatedTo(high);
  if (warmest.at > coat.until) return { kind: 'never', warmest: WARMEST, at: warmest.at };
  let best = warmest;
  while (low < high) {
    const middle = (low + high) >> 1;
    const tried = heatedTo(middle);
    if (tried.at <= coat.until) {
      best = tried;
      high = middle;
    } else low = middle + 1;
  }
  return { kind: 'heat', ...best };
}
