import type { Air } from './climate.ts';

/** The air of hours in a row, column by column: a year of a room is two arrays of numbers and no objects. */
export class AirSeries {
  /** °C. */
  readonly temperature: Float64Array;
  /** % relative humidity. */
  readonly humidity: Float64Array;

  constructor(length: number) {
    this.temperature = new Float64Array(length);
    this.humidity = new Float64Array(length);
  }

  /** These hours in their columns. */
  static of(hours: readonly Air[]): AirSeries {
    const series = new AirSeries(hours.length);
    hours.forEach((air, index) => series.set(index, air.temperature, air.humidity));
    return series;
  }

  get length(): number {
    return this.temperature.length;
  }

  /** The air of one hour; `undefined` outside. */
  at(index: number): Air | undefined {
    const [temperature, humidity] = [this.temperature[index], this.humidity[index]];
    return temperature === undefined || humidity === undefined ? undefined : { temperature, humidity };
  }

  set(index: number, temperature: number, humidity: number): void {
    this.temperature[index] = temperature;
    this.humidity[index] = humidity;
  }

  /** Hours from `from` until before `until`, as objects. */
  slice(from: number, until: number): Air[] {
    const hours: Air[] = [];
    for (let index = Math.max(0, from); index < Math.min(until, this.length); index++) {
      const air = this.at(index);
      if (air) hours.push(air);
    }
    return hours;
  }
}
