import type { PlanProblem } from '../problem.ts';
import { jointShifts, type Shifts } from './calendar.ts';

/** Per painter, their shifts; those who work the same hours share them. */
export function sharedShifts(problem: PlanProblem): Shifts[] {
  const known = new Map<string, Shifts>();
  return problem.painters.map(({ shifts }) => {
    const written = shifts.join();
    const same = known.get(written) ?? shifts;
    known.set(written, same);
    return same;
  });
}

/** Joint hours, kept by whose they are: painters with the same hours count once. */
export function jointly(shifts: readonly Shifts[]): (team: readonly number[]) => Shifts {
  const known = new Map<string, Shifts>();
  const place = shifts.map((own) => shifts.indexOf(own));
  return (team) => {
    if (team.length === 1) return shifts[team[0] ?? 0] ?? [];
    const distinct = [...new Set(team.map((painter) => place[painter] ?? painter))].sort((one, other) => one - other);
    const [first, ...others] = distinct;
    if (first === undefined || others.length === 0) return shifts[first ?? -1] ?? [];
    const name = distinct.join();
    const joint = known.get(name) ?? jointShifts(distinct.map((painter) => shifts[painter] ?? []));
    known.set(name, joint);
    return joint;
  };
}
