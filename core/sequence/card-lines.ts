import type { Application } from '../job/document/stroke-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { ROLE_DEFINITIONS, toolFor } from './roles.ts';
import type { Role } from './stroke.ts';
import type { Simulation, TimedStroke } from './simulate.ts';

/** Orders longer than this are told in groups. */
const MAX_LINES = 26;

/** Strokes that follow each other and are told as one: of one kind, on one sheet, in one stretch. */
export interface OrderGroup {
  first: TimedStroke;
  last: TimedStroke;
  count: number;
}

/** Both sides of a spindle are told with it. */
const told = (role: Role): Role => (role === 'spindle-back' ? 'spindle' : role);

/** The order in groups of like strokes; each stroke by itself where that makes no long list. */
export function orderGroups({ strokes }: Pick<Simulation, 'strokes'>): OrderGroup[] {
  const groups: OrderGroup[] = [];
  for (const entry of strokes) {
    const group = groups.at(-1);
    const { role, sheet, section } = entry.stroke;
    const last = group?.last.stroke;
    if (
      strokes.length > MAX_LINES &&
      group &&
      last &&
      told(last.role) === told(role) &&
      last.sheet === sheet &&
      last.section === section
    ) {
      group.last = entry;
      group.count += 1;
    } else groups.push({ first: entry, last: entry, count: 1 });
  }
  return groups;
}

/** The order, a line for each group: numbers, names, tool, and when it begins after the first stroke. */
export function orderLines(
  simulation: Pick<Simulation, 'strokes' | 'start'>,
  application: Application,
  faceNames: Readonly<Partial<Record<FaceId, string>>>,
): string[] {
  const hasTwoSheets = new Set(simulation.strokes.map(({ stroke }) => stroke.sheet)).size > 1;
  return orderGroups(simulation).map(({ first, last, count }) => {
    const numbers = count === 1 ? `${first.number}` : `${first.number}–${last.number}`;
    const names = count === 1 ? first.stroke.name : `${first.stroke.name} to ${last.stroke.name}`;
    const stand = ROLE_DEFINITIONS[first.stroke.role].from;
    const sheet =
      hasTwoSheets && first.stroke.role !== 'edge' ? `${faceNames[first.stroke.sheet] ?? first.stroke.sheet}: ` : '';
    const tool = toolFor(first.stroke, application);
    return `${numbers}  ${sheet}${names}${stand ? `, ${stand}` : ''} · ${tool} · from ${(first.from - simulation.start).toFixed(1)} min`;
  });
}
