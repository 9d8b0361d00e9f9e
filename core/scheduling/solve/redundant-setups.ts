import { shiftEndsWithin } from './calendar.ts';
import type { Prepared } from './prepared.ts';
import type { Placement } from './placement.ts';

/** The same plan without the set-ups that are made anew though the one before would have kept for all they serve. */
export function withoutRedundantSetups(prepared: Prepared, placements: readonly Placement[]): Placement[] {
  const spared = placements.map((placement) => ({ ...placement, setups: [...placement.setups] }));
  prepared.shifts.forEach((shifts, painter) => {
    const own = [...spared.keys()]
      .filter((index) => spared[index]?.painters.includes(painter) && prepared.tasks[index]?.setup)
      .sort((one, other) => (spared[one]?.start ?? 0) - (spared[other]?.start ?? 0));
    let good: { setup: number; end: number } | null = null;
    own.forEach((index, position) => {
      const setup = prepared.tasks[index]?.setup;
      const placement = spared[index];
      const made = placement?.setups.find((entry) => entry.painter === painter);
      if (!setup || !placement || !made) return;
      const next = own.findIndex(
        (other, at) => at > position && spared[other]?.setups.some((entry) => entry.painter === painter),
      );
      const served = own.slice(position, next < 0 ? own.length : next);
      const last = spared[served.at(-1) ?? index]?.start ?? 0;
      const since = good?.end ?? 0;
      const keeps =
        good?.setup === setup.index &&
        last - since <= setup.keeps &&
        (setup.acrossShifts || !shiftEndsWithin(shifts, since, last));
      if (keeps) placement.setups = placement.setups.filter((entry) => entry.painter !== painter);
      else good = { setup: setup.index, end: made.end };
    });
  });
  return spared;
}
