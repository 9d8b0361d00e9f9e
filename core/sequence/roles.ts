import { APPLICATIONS, type Application } from '../job/document/stroke-schema.ts';
import type { Point } from '../pieces/elevation.ts';
import type { Coating } from '../shelf/coating.ts';
import { boundsOf, type Bounds, type Role, type Stroke } from './stroke.ts';

/** What one kind of stroke asks of the hand. */
interface RoleDefinition {
  /** How it is painted, for the card. */
  how: string;
  /** The brush that it takes. */
  brush: string;
  /** Where paint gathers on it, and the spots in its bounds; null where none does. */
  drips: { where: string; at(bounds: Bounds): Point[] } | null;
  /** Where the painter stands for it, when not before the face. */
  from: string | null;
}

const WIDE = '50 mm brush';
const SASH = '25 mm sash brush';

const lowerCorners = ({ x, y, width, height }: Bounds): Point[] => [
  [x + width * 0.06, y + height * 0.96],
  [x + width * 0.94, y + height * 0.96],
];
const lowerEdge = ({ x, y, width, height }: Bounds): Point[] => [[x + width / 2, y + height * 0.97]];
const foot = ({ x, y, width, height }: Bounds): Point[] => [[x + width / 2, y + height * 0.985]];
const ends = ({ x, y, width, height }: Bounds): Point[] => [
  [x + width * 0.03, y + height * 0.9],
  [x + width * 0.97, y + height * 0.9],
];

const flat: RoleDefinition = { how: 'Spread across, lay off along the grain.', brush: WIDE, drips: null, from: null };

/** All that there is to say of each kind of stroke. */
export const ROLE_DEFINITIONS: Readonly<Record<Role, RoleDefinition>> = {
  panel: {
    how: 'Mouldings and corners first, feathered out of each corner. Then the field, laid off along the grain.',
    brush: WIDE,
    drips: { where: 'the lower corners of the panel', at: lowerCorners },
    from: null,
  },
  moulding: {
    how: 'Out of each corner along the profile. Pick up paint in the mitres.',
    brush: SASH,
    drips: { where: 'the mitres at its lower corners', at: lowerCorners },
    from: null,
  },
  field: { ...flat, how: 'Fill, then lay off along the grain, off the wet moulding.' },
  glazing: {
    how: 'A steady line 2 mm onto the glass, to seal the putty. Out of each corner.',
    brush: SASH,
    drips: { where: 'the lower corners against the glass', at: lowerCorners },
    from: null,
  },
  bar: { ...flat, how: 'The flat of the bar in one stroke.', brush: SASH },
  muntin: { ...flat, how: 'Along its length. Laying off the rail covers marks that cross it.' },
  rail: {
    ...flat,
    how: 'Along the rail, out over the joint. The stile will cover it.',
    drips: { where: 'its lower edge', at: ends },
  },
  stile: {
    ...flat,
    how: 'From end to end in one stroke, crossing brush marks covered at the joints.',
    drips: { where: 'its arris, and the lower end', at: foot },
  },
  ground: { ...flat, how: 'Around the mouldings, laid off along the grain from end to end.' },
  louvre: {
    how: 'From both ends to the middle, then one stroke along the blade. Don’t overload it.',
    brush: SASH,
    drips: { where: 'its lower nose, and both ends at the stiles', at: ends },
    from: null,
  },
  frame: {
    ...flat,
    how: 'Wall line first, then the flat, in one stroke from end to end.',
    drips: { where: 'the inner arris', at: foot },
  },
  sill: {
    ...flat,
    how: 'Outwards from the frame, the front edge last.',
    drips: { where: 'under its front edge', at: ends },
  },
  side: { ...flat, drips: { where: 'its lower edge', at: lowerEdge } },
  block: {
    ...flat,
    how: 'Spread, level, and lay off into the last block while it’s wet.',
    drips: { where: 'its lower edge', at: lowerEdge },
  },
  'cut-line': { ...flat, how: 'A line as wide as the brush, feathered into the field.', brush: WIDE },
  length: {
    ...flat,
    how: 'Cut both lines, fill, and lay off back into the last length in one stroke.',
    drips: { where: 'the lower line and under the profile', at: lowerEdge },
  },
  newel: {
    ...flat,
    how: 'Side after side from the top, arrises last.',
    drips: { where: 'the foot, and under its cap', at: foot },
  },
  'bottom-rail': {
    ...flat,
    how: 'Its sides and between the spindles, then along the top.',
    drips: { where: 'its underside', at: lowerEdge },
  },
  spindle: {
    how: 'Three sides from this side, top to bottom. Feather the arrises of the fourth.',
    brush: SASH,
    drips: { where: 'its foot on the rail, and the far arrises', at: foot },
    from: null,
  },
  underside: {
    ...flat,
    how: 'Look up: the underside and between the spindles before the top.',
    drips: { where: 'where the spindles meet it', at: ends },
  },
  handrail: {
    ...flat,
    how: 'The sides, then the top along its length, laid off back into the last stretch.',
    drips: { where: 'its lower arrises', at: lowerEdge },
  },
  'spindle-back': {
    how: 'The fourth side in one stroke from the top. Pick up paint on its arrises.',
    brush: SASH,
    drips: { where: 'both its arrises', at: foot },
    from: 'from the other side',
  },
  edge: {
    how: 'Sparingly along the edge. Wipe spills off either face.',
    brush: WIDE,
    drips: { where: 'both its arrises, from both faces', at: foot },
    from: null,
  },
  lining: {
    ...flat,
    how: 'From the head down, off the wet architrave.',
    drips: { where: 'the arris against the architrave', at: foot },
  },
  stop: {
    ...flat,
    how: 'The rebate, then the stop, with the door open. Not onto hinges and seals.',
    drips: { where: 'the corner of stop and rebate', at: foot },
    from: 'with the door open',
  },
  joint: {
    ...flat,
    how: 'Both faces of the joint, thinly, with the door part open. They stay sticky for weeks.',
    drips: { where: 'both arrises of the joint', at: ends },
    from: 'with the door part open',
  },
};

/** What a stroke is painted with. */
export function toolFor({ role, work }: Pick<Stroke, 'role' | 'work'>, application: Application): string {
  const { brush } = ROLE_DEFINITIONS[role];
  if (application === 'spray') return 'gun';
  const isSlender = work.spindleSides > 0 || work.alongGlass > 0 || work.bars > 0;
  if (application === 'brush' || isSlender || work.edge > 0) return brush;
  if (application === 'roll') return 'bare-ended roller';
  if (work.flat === 0) return brush;
  return work.profiled > 0 || work.cutIn > 0 ? `${brush}, then roller` : 'roller, laid off';
}

/** How each way of putting paint on is called, and what it does. */
export const APPLICATION_WORDS: Readonly<Record<Application, { name: string; does: string }>> = {
  brush: { name: 'Brush only', does: 'everything by brush' },
  'profiles-brushed': {
    name: 'Brush the profiles, roll the flats',
    does: 'profiles, lines and edges by brush, flats rolled and laid off',
  },
  'cut-first': {
    name: 'Cut all lines first, then roll',
    does: 'all cut lines and mouldings by brush, then all flats by roller',
  },
  roll: { name: 'Bare-ended roller only', does: 'a roller that reaches into the corners, thin in profiles' },
  spray: {
    name: 'Spray',
    does: 'fan tried on card, edges first, passes overlapping by half, a light second pass crosswise',
  },
};

/** The ways in which a coating can be put on. */
export const applicationsOf = ({ sprayOnly }: Pick<Coating, 'sprayOnly'>): Application[] =>
  APPLICATIONS.filter((application) => !sprayOnly || application === 'spray');

/** Spots where drips gather on a stroke, in mm on its sheet. */
export const dripSpots = ({ role, outline }: Stroke): Point[] =>
  ROLE_DEFINITIONS[role].drips?.at(boundsOf(outline)) ?? [];
