import { inSentence } from '../units/sentence.ts';
import { groupBy } from '../units/maps.ts';
import type { Draft } from 'immer';
import { workOf } from '../pieces/registry.ts';
import { EXISTING_COATS, SUBSTRATES } from '../pieces/substrate.ts';
import { WORKS, type Work } from '../pieces/works.ts';
import { NEW_GROUP } from './document/new-job.ts';
import type { Piece } from './document/piece-schema.ts';
import type { FinishGroup } from './document/group-schema.ts';
import type { Job } from './document/schema.ts';

/** What decides with which others a piece is finished. */
type Grouped = Pick<Piece, 'surface' | 'exposure' | 'kind' | 'shape'>;

/** Work that is bought and painted apart from all else on the same surface. */
const APART: ReadonlySet<Work> = new Set(['ceilings']);

const workApart = (piece: Grouped): Work | '' => {
  const work = workOf(piece);
  return APART.has(work) ? work : '';
};

/** Pieces are alike, and take one build-up, when their surface, what they face and their work are the same. */
function likenessOf(piece: Grouped): string {
  const { surface, exposure } = piece;
  return [surface.substrate, surface.existing, surface.condition, exposure.front, exposure.back, workApart(piece)].join(
    '/',
  );
}

/** The name that a group of pieces like this one is given by itself. */
export function usualGroupName(piece: Grouped): string {
  const { surface, exposure } = piece;
  const substrate = SUBSTRATES[surface.substrate].name;
  const coat = inSentence(EXISTING_COATS[surface.existing]);
  const outside = exposure.front === 'outside' || exposure.back === 'outside' ? ', outside' : '';
  const work = workApart(piece);
  return `${substrate}, ${coat}${surface.condition === 'sound' ? '' : `, ${surface.condition}`}${outside}${work && `, ${WORKS[work]}`}`;
}

/** The id of the group of like pieces, which is added to the draft if there is none yet. */
export function groupForPiece(draft: Draft<Job>, piece: Grouped): string {
  const like = likeIn(draft, likenessOf(piece), new Set());
  return like?.groupId ?? addGroup(draft, usualGroupName(piece)).id;
}

/** A piece of that likeness which new ones join: in no group that was put together by hand, and not among `moving`. */
function likeIn(draft: Draft<Job>, wanted: string, moving: ReadonlySet<string>): Draft<Piece> | undefined {
  const byHand = new Set(draft.groups.filter((group) => group.byHand).map(({ id }) => id));
  return draft.pieces.find(
    (piece) => !moving.has(piece.id) && !byHand.has(piece.groupId) && likenessOf(piece) === wanted,
  );
}

/**
 * Has pieces whose surface was changed follow to the group of their like. A piece stays where another of its group is
 * like it; a group all of whose pieces were changed alike stays together, with its colour and its findings, unless there
 * is a group of that like already.
 */
export function regroup(draft: Draft<Job>, moving: ReadonlySet<string>, before: ReadonlyMap<string, string>): void {
  const movers = draft.pieces.filter(({ id }) => moving.has(id));
  for (const [groupId, own] of groupBy(movers, ({ groupId }) => groupId)) {
    const staying = draft.pieces.filter((piece) => piece.groupId === groupId && !moving.has(piece.id));
    const likenesses = new Set(own.map(likenessOf));
    const [first] = own;
    if (staying.length === 0 && likenesses.size === 1 && first && !likeIn(draft, likenessOf(first), moving)) {
      const group = draft.groups.find(({ id }) => id === groupId);
      // Only a name that was given by itself follows; the painter's own stays.
      if (group !== undefined && group.name === before.get(first.id)) group.name = usualGroupName(first);
      continue;
    }
    for (const piece of own) {
      if (staying.some((other) => likenessOf(other) === likenessOf(piece))) continue;
      const like = likeIn(draft, likenessOf(piece), new Set([...moving, piece.id]));
      piece.groupId = like?.groupId ?? groupOfMoved(draft, piece, own);
    }
  }
  pruneGroups(draft);
}

/** The group into which another mover of the same likeness has gone already, or a new one. */
function groupOfMoved(draft: Draft<Job>, piece: Piece, own: readonly Piece[]): string {
  const gone = own.find((other) => other.groupId !== piece.groupId && likenessOf(other) === likenessOf(piece));
  return gone?.groupId ?? addGroup(draft, usualGroupName(piece)).id;
}

/** A new group at the end of the draft's. */
export function addGroup(
  draft: Draft<Job>,
  name: string,
  like: Omit<FinishGroup, 'id' | 'name'> = NEW_GROUP,
): FinishGroup {
  const taken = new Set(draft.groups.map((group) => group.id));
  let number = draft.groups.length + 1;
  while (taken.has(`group-${number}`)) number++;
  const group: FinishGroup = { ...like, id: `group-${number}`, name };
  draft.groups.push(group);
  return group;
}

/** Forgets groups without pieces, and what was found on them. */
export function pruneGroups(draft: Draft<Job>): void {
  const used = new Set(draft.pieces.map((piece) => piece.groupId));
  draft.groups = draft.groups.filter((group) => used.has(group.id));
  draft.findings = draft.findings.filter(({ groupId }) => used.has(groupId));
  draft.patches = draft.patches.filter(({ groupId }) => used.has(groupId));
}
