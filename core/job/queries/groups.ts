import { kept } from '../../units/kept.ts';
import type { Piece } from '../document/piece-schema.ts';
import type { FinishGroup } from '../document/group-schema.ts';
import type { Job } from '../document/schema.ts';

const groupsById = kept(
  (groups: readonly FinishGroup[]): ReadonlyMap<string, FinishGroup> =>
    new Map(groups.map((group) => [group.id, group])),
);

export function groupOf({ groups }: Pick<Job, 'groups'>, piece: Pick<Piece, 'groupId'>): FinishGroup | undefined {
  return groupsById(groups).get(piece.groupId);
}
