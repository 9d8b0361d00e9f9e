import type { Air, Ventilation } from '../../air/climate.ts';

/** What a rate needs to know of the product and the room, beside the air. */
export interface RateConditions {
  ventilation: Ventilation;
  /** The climate for which the tin states its hours; 23 °C and 50% unless it says otherwise. */
  reference: Air;
  /** Slope in kelvin of the line through the tin's hours at several temperatures; null for the kind's own rule. */
  fittedSlope: number | null;
}

/** The same, and the °C below which the film does not form. */
export interface DryingConditions extends RateConditions {
  minTemperature: number;
}

/** One way in which a coating dries: all that Nivel knows about it. */
export interface DryingDefinition {
  id: string;
  /** In the painter's words, as in “dries by …”. */
  words: string;
  /**
   * Progress per hour relative to the reference climate, as long as it is warm enough for a film to form (rates.ts sees to
   * that). Answers a function, so that what does not depend on the air is computed once for a year of hours.
   */
  rate(conditions: RateConditions): (temperature: number, humidity: number) => number;
  /** How a thicker film slows it: dose · (wet film / stated wet film)^n. */
  filmExponent: 1 | 2;
}
