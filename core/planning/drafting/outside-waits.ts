import { exposedFaceOf } from '../../air/exposed-face.ts';
import { dryingProduct } from '../../clocks/job-clocks.ts';
import type { CoatStep } from '../../steps/step.ts';
import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { stageLegs } from '../../shelf/drying/stage-legs.ts';
import { groupBy } from '../../units/maps.ts';
import type { ProblemDraft } from './problem-draft.ts';

/** Minutes from the first coat on an outside face to the last one, unless all in a day was chosen: a night lies between. */
const NIGHT_BETWEEN = 12 * 60;

/**
 * What sun asks of coats on outside faces beyond their tins. Under a hot surface a coat is dry on top before it is dry
 * through: the next one waits for the tin's hours in the air's shade as well, which are the slower reading of the two.
 * And a whole system does not go onto one face in a day.
 */
export function waitOutside(draft: ProblemDraft): void {
  const open = draft.open();
  const coats = [...draft.steps.values()].filter(isCoat).filter((step) => step.rework === null && !step.piece.comesOff);
  const exposed = coats.filter((step) => exposedFaceOf(coatClimateId(draft.job, step)) !== null);
  for (const own of groupBy(exposed, ({ piece, coat }) => `${piece.id}/${coat.faces.join()}`).values()) {
    own.forEach((step, index) => {
      const next = own.slice(index + 1).find((later) => followsOn(step, later));
      if (next && open.has(next.id)) shadedWait(draft, step, next);
    });
    const [first, last] = [own[0], own.at(-1)];
    if (draft.job.planning.outsideInADay || !first || !last || !open.has(last.id)) continue;
    if (first.coat.number < last.coat.number)
      draft.waits.push({ from: first.id, to: last.id, atLeast: { ticks: NIGHT_BETWEEN } });
  }
}

/** Whether a coat goes onto another one, or onto the same section of it; sections that are cut otherwise may overlap. */
function followsOn(step: CoatStep, later: CoatStep): boolean {
  const [under, over] = [step.coat.section, later.coat.section];
  const areCutAlike = under !== null && over !== null && under.of === over.of;
  return later.coat.number > step.coat.number && (!areCutAlike || under.number === over.number);
}

/** Has a coat wait until the one under it could be recoated in the shade of the open air. */
function shadedWait(draft: ProblemDraft, step: CoatStep, next: CoatStep): void {
  const face = exposedFaceOf(coatClimateId(draft.job, step));
  const { coating } = step.coat;
  const legs = stageLegs(coating, 'recoat', draft.conditions.get(step.id)) ?? [];
  // Of two drying kinds the moment between them is that of the sun: what the second asks follows from there.
  const leg = legs.at(-1);
  if (face === null || leg === undefined) return;
  const from = legs.length > 1 ? draft.touchDry(step) : step.id;
  const clock = draft.clock(face.climateId, leg.kind, dryingProduct(coating));
  draft.waits.push({ from, to: next.id, atLeast: { clock, dose: leg.dose * 60 } });
}
