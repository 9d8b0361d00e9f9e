import type { AirSeries } from './air-series.ts';
import type { StatedHour } from './climate.ts';
import type { LocalHour } from './local-hours.ts';

/** Stated hours, to be found by the clock of the place. */
export class StatedHours {
  readonly #byDate = new Map<string, (StatedHour | undefined)[]>();

  constructor(hours: readonly StatedHour[]) {
    for (const hour of hours) {
      const date = hour.at.slice(0, 10);
      const day = this.#byDate.get(date) ?? new Array<StatedHour | undefined>(24);
      day[Number(hour.at.slice(11, 13))] = hour;
      this.#byDate.set(date, day);
    }
  }

  /** What is stated for an hour of the clock. */
  at({ date, hour }: LocalHour): StatedHour | undefined {
    return this.#byDate.get(date)?.[hour];
  }

  /** Puts what is stated in the place of what was computed. */
  layOver(air: AirSeries, hours: readonly LocalHour[]): void {
    if (this.#byDate.size === 0) return;
    hours.forEach((hour, index) => {
      const stated = this.at(hour);
      if (stated) air.set(index, stated.temperature, stated.humidity);
    });
  }
}
