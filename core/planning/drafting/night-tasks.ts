import { shiftsFrom, shiftsOf } from '../../steps/crew-shifts.ts';
import type { Outing } from '../../steps/night-hanging.ts';
import { touchDryOf, type ProblemDraft } from './problem-draft.ts';
import { SameDay, sameDayMinutes, workingDays } from '../../scheduling/same-day.ts';

/** Minutes to board an opening up whose piece can't be back by night. */
const BOARDING_UP = 20;

/**
 * Pieces that hang again every night go out only as long as a day allows. Where no day does, as it is in the plan,
 * and where one is out already and can't be back, its opening is boarded up.
 */
export function hangByNight(draft: ProblemDraft, nightly: readonly Outing[]): void {
  if (nightly.length === 0) return;
  const calendars = draft.job.crew.map((painter) => ({
    id: painter.id,
    shifts: shiftsFrom(shiftsOf(painter, draft.clocks.days), draft.now),
  }));
  const days = workingDays(
    draft.clocks.days,
    calendars.map(({ shifts }) => shifts),
  );
  const within = { ticks: sameDayMinutes(days) };
  const open = draft.open();
  const isOut = new Set(draft.recorded.map(({ id }) => id));
  const sameDay = new SameDay({ ...draft.used(), waits: draft.waits, painters: calendars }, days);
  for (const { off, back, steps } of nightly) {
    const first = open.get(off.id);
    if (!open.has(back.id)) continue;
    if (!first) {
      const late = { work: draft.work(BOARDING_UP) };
      if (isOut.has(off.id)) draft.waits.push({ from: off.id, to: back.id, atMost: within, late });
      continue;
    }
    const ids = steps.flatMap(({ id }) => [id, touchDryOf(id)]);
    const intervals = sameDay.beginnings(ids.flatMap((id) => open.get(id) ?? []));
    if (intervals.length === 0) continue;
    first.window = draft.window({ id: `by-night/${off.id}`, intervals });
    draft.waits.push({ from: off.id, to: back.id, atMost: within });
  }
}
