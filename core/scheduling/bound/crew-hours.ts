import type { Shifts } from '../solve/calendar.ts';

/** The hours of a whole crew, added up. */
export class CrewHours {
  /** Ticks at which somebody starts or stops, with how many work from there and what was worked before. */
  readonly #times: number[] = [];
  readonly #hands: number[] = [];
  readonly #sums: number[] = [];

  constructor(calendars: readonly Shifts[]) {
    const changes = new Map<number, number>();
    for (const [start, end] of calendars.flat()) {
      changes.set(start, (changes.get(start) ?? 0) + 1);
      changes.set(end, (changes.get(end) ?? 0) - 1);
    }
    let hands = 0;
    let sum = 0;
    for (const [time, change] of [...changes].sort(([one], [other]) => one - other)) {
      sum += hands * (time - (this.#times.at(-1) ?? time));
      hands += change;
      this.#times.push(time);
      this.#hands.push(hands);
      this.#sums.push(sum);
    }
  }

  /** Painter-ticks that are worked before `time`. */
  worked(time: number): number {
    let low = 0;
    let high = this.#times.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.#times[middle] ?? 0) > time) high = middle;
      else low = middle + 1;
    }
    if (low === 0) return 0;
    return (this.#sums[low - 1] ?? 0) + (this.#hands[low - 1] ?? 0) * (time - (this.#times[low - 1] ?? 0));
  }
}
