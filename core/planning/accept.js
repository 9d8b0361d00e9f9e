import { LONGEST_REASON } from '../job/record.ts';
/**
 * A short mark of everything that a plan is made from, but the log and the clock: another mark now means that the
 * accepted plan is not of this job any more. FNV-1a over the stated facts.
 */
export function planFingerprint(job) {
  const { pieces, groups, climates, rooms, places, crew, shelf, planning, site } = job;
  const counted = pieces.map(({ hardware: _bag, note: _note, ...piece }) => piece);
  const text = canonical([
    counted,
    groups,
    climates,
    rooms,
    places,
    crew,
    shelf,
    planning.start,
    planning.turning,
    site.timeZone,
  ]);
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) {
    hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193) >>> 0;
  }
  return `${hash.toString(16)}-${text.length.toString(16)}`;
}
/** A verified plan as the job document keeps it. */
export function acceptedPlan(job, problem, plan, made) {
  const { status, tasks, setups, finish, lowerBound } = plan;
  return {
    fingerprint: planFingerprint(job),
    t0: problem.t0,
    tickMinutes: problem.tickMinutes,
    madeAt: made.at,
    reason: made.reason.slice(0, LONGEST_REASON),
    status,
    tasks,
    setups,
    finish,
    lowerBound,
  };
}
/** JSON in which the order of an object's keys says nothing. */
function canonical(value) {
  return JSON.stringify(value, (_key, entry) =>
    typeof entry === 'object' && entry !== null && !Array.isArray(entry)
      ? Object.fromEntries(Object.entries(entry).sort(([one], [other]) => (one < other ? -1 : 1)))
      : entry,
  );
}
