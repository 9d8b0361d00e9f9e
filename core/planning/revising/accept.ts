import { derived } from '../../job/derived.ts';
import { kept } from '../../units/kept.ts';
import { MAX_BECAUSE, MAX_REASON, type AcceptedPlan } from '../../job/document/plan-schema.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import { hangsByNight } from '../../job/queries/pieces.ts';
import type { Climate } from '../../air/climate.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Painter } from '../../job/document/crew-schema.ts';
import type { Room } from '../../job/document/room-schema.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';
import type { FoundPlan } from '../../scheduling/plan.ts';
import { inOwnHands } from '../../scheduling/recorded-work.ts';

const PLANNED_FROM = [
  ...(['pieces', 'groups', 'climates', 'rooms', 'places', 'crew'] as const),
  ...(['shelf', 'planning', 'site', 'strokes', 'patches'] as const),
] as const;

/**
 * A short mark of everything that a plan is made from, but the log and the clock: another mark now means that the
 * accepted plan is not of this job any more. FNV-1a over the stated facts.
 */
export const planFingerprint = derived(PLANNED_FROM, (job): string => {
  const { pieces, groups, climates, rooms, places, crew, shelf, planning, site, strokes, patches } = job;
  const openPatches = patches.filter(({ read }) => read === null);
  const text = canonical([
    pieces.map((piece) => pieceText(piece)),
    groups,
    climates.map(climateText),
    rooms.map(roomText),
    places,
    crew.map(painterText),
    shelf,
    planning.start,
    planning.turning,
    [site.timeZone, site.latitude, site.longitude],
    // Plans from before strokes could be chosen stay what they are.
    ...(strokes.length > 0 ? [strokes] : []),
    ...(openPatches.length > 0 ? [openPatches.map(({ groupId, coats }) => [groupId, coats])] : []),
    ...(isUsualOrder(planning) ? [] : [[planning.trades, planning.lines, planning.outsideInADay]]),
  ]);
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) {
    hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193) >>> 0;
  }
  return `${hash.toString(16)}-${text.length.toString(16)}`;
});

/** Whether trades follow each other, and lines and outside faces are painted, as every plan had it that was made before. */
const isUsualOrder = ({ trades, lines, outsideInADay }: Job['planning']): boolean =>
  trades === 'walls-first' && lines === null && !outsideInADay;

/** A room as plans count it: a task that is ticked was planned all the same. */
function roomText({ tasks, zonesAtOnce, ...room }: Room): unknown {
  const counted = zonesAtOnce === null ? room : { ...room, zonesAtOnce };
  return [counted, tasks.map(({ doneAt: _done, ...task }) => task)];
}

/** A climate as plans count it: that the heating has been switched on was planned all the same. */
function climateText({ heating, ...climate }: Climate): unknown {
  if (heating === null) return { ...climate, heating };
  const { onSince: _since, ...counted } = heating;
  return { ...climate, heating: counted };
}

/** A painter as plans count them; those from before days off could be stated stay what they are. */
function painterText({ daysOff, from, until, ...painter }: Painter): unknown {
  return daysOff.length === 0 && from === null && until === null ? painter : { ...painter, daysOff, from, until };
}

/** What a plan is made from of a piece, as text. */
const pieceText = kept((piece: Piece): string => {
  const { hardware: _bag, note: _note, photos: _photos, holesDone: _done, keptApart: _apart, ...rest } = piece;
  const { access, zone, oneSideAtATime, preservesRest, ...counted } = rest;
  // What earlier versions could not state is counted where it is stated: plans from before then stay what they are.
  // These words are hashed, not shown: another word would outdate every accepted plan.
  const more = [
    ...(zone === '' ? [] : [zone]),
    ...(hangsByNight(piece) ? ['hangs by night'] : []),
    ...(oneSideAtATime ? ['one side at a time'] : []),
    ...(preservesRest ? ['rest preserved'] : []),
  ];
  return canonical([counted, access.neededBy, ...more]);
});

/** A verified plan as the job document keeps it: what is under way stays in the hands of the plan that it follows. */
export function acceptedPlan(
  job: Job,
  problem: Pick<PlanProblem, 't0' | 'tickMinutes'>,
  plan: FoundPlan,
  made: { at: string; reason: string; because?: string },
): AcceptedPlan {
  const { status, setups, finish, lowerBound } = plan;
  const before = job.plan?.t0 === problem.t0 ? job.plan.tasks : [];
  return {
    fingerprint: planFingerprint(job),
    t0: problem.t0,
    tickMinutes: problem.tickMinutes,
    madeAt: made.at,
    reason: made.reason.slice(0, MAX_REASON),
    status,
    tasks: inOwnHands(plan.tasks, before),
    setups,
    finish,
    lowerBound,
    because: (made.because ?? '').slice(0, MAX_BECAUSE),
  };
}

/** JSON in which the order of an object's keys says nothing. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_key, entry: unknown) =>
    typeof entry === 'object' && entry !== null && !Array.isArray(entry)
      ? Object.fromEntries(Object.entries(entry).sort(([one], [other]) => (one < other ? -1 : 1)))
      : entry,
  );
}
