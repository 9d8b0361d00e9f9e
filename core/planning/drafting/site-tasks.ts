import { heatedHours, warmingHours } from '../../air/warming-up.ts';
import { climateOf } from '../../job/queries/places.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { ProblemDraft } from './problem-draft.ts';
import type { Measure } from '../../scheduling/problem.ts';
import type { SiteStep } from './site-work.ts';
import type { PieceSpan } from './spaces.ts';

/** What is moved and sheeted in a room before its pieces and after them; heating that is on before the first coat. */
export function addSiteStep(draft: ProblemDraft, spans: readonly PieceSpan[], { id, of, ...step }: SiteStep): void {
  const { before, after } =
    of.kind === 'room' ? aboutRoom(spans, of) : { before: coatsIn(draft, of.climateId), after: [] };
  if (before.length + after.length === 0) return;
  draft.tasks.push({
    id,
    work: draft.work(step.minutes),
    painters: Math.min(step.people, draft.job.crew.length),
    spaces: [],
    earliest: draft.now,
    pausable: false,
    place: of.kind === 'room' ? of.roomId : null,
  });
  const warm = of.kind === 'heating' ? warmingUp(draft, of.climateId) : { ticks: 0 };
  for (const to of before) draft.waits.push({ from: id, to, atLeast: warm });
  for (const from of after) draft.waits.push({ from, to: id, atLeast: { ticks: 0 } });
}

/** What a room's task comes before, or after. */
function aboutRoom(
  all: readonly PieceSpan[],
  { roomId, when }: Extract<SiteStep['of'], { kind: 'room' }>,
): { before: string[]; after: string[] } {
  const spans = all.filter((span) => span.roomId === roomId);
  if (when === 'after') return { before: [], after: spans.map(({ last }) => last) };
  return { before: spans.flatMap(({ next }) => next ?? []), after: [] };
}

/** Of each piece the first coat to come that dries in a climate. */
function coatsIn(draft: ProblemDraft, climateId: string): string[] {
  const open = draft.open();
  const first = new Map<string, string>();
  for (const step of draft.steps.values()) {
    const isThere = isCoat(step) && open.has(step.id) && draft.climateId(step) === climateId;
    if (isThere && !first.has(step.piece.id)) first.set(step.piece.id, step.id);
  }
  return [...first.values()];
}

/** The hours of heating that a climate needs before it is warm. */
function warmingUp(draft: ProblemDraft, climateId: string): Measure {
  const climate = climateOf(draft.job, climateId);
  if (!climate?.heating) return { ticks: 0 };
  const heated = heatedHours(climate.heating);
  const rate = Array.from({ length: draft.clocks.hours }, (_hour, index) => {
    return heated[draft.clocks.localHour(index)?.hour ?? 0] ?? 0;
  });
  return {
    clock: draft.clockOf({ id: `heating/${climateId}`, step: 60, rate }),
    dose: Math.ceil(warmingHours(climate) * 60),
  };
}
