import { EXISTING_COATS, SUBSTRATES } from '../pieces/substrate.ts';
/** Pieces are alike, and take one build-up, when their surface and what they face are the same. */
function likeness(surface, exposure) {
  return [surface.substrate, surface.existing, surface.condition, exposure.front, exposure.back].join('/');
}
function groupName(surface, exposure) {
  const substrate = SUBSTRATES[surface.substrate].name;
  const coat = EXISTING_COATS[surface.existing].toLowerCase();
  const outside = exposure.front === 'outside' || exposure.back === 'outside' ? ', outside' : '';
  return `${substrate}, ${coat}${surface.condition === 'sound' ? '' : `, ${surface.condition}`}${outside}`;
}
/** The id of the group of like pieces, which is added to the draft if there is none yet. `moving` is not counted as a member. */
export function groupForSurface(draft, surface, exposure, moving) {
  const wanted = likeness(surface, exposure);
  const like = draft.pieces.find((piece) => piece.id !== moving && likeness(piece.surface, piece.exposure) === wanted);
  if (like) return like.groupId;
  const taken = new Set(draft.groups.map((group) => group.id));
  let number = draft.groups.length + 1;
  while (taken.has(`group-${number}`)) number++;
  const group = {
    id: `group-${number}`,
    name: groupName(surface, exposure),
    colour: { name: 'chalk line', hex: '#efece2' },
    buildUp: null,
  };
  draft.groups.push(group);
  return group.id;
}
/** Forgets groups without pieces. */
export function pruneGroups(draft) {
  const used = new Set(draft.pieces.map((piece) => piece.groupId));
  draft.groups = draft.groups.filter((group) => used.has(group.id));
}
