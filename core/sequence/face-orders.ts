import type { EdgeSchool, WallSchool } from '../job/document/stroke-schema.ts';
import type { FaceSchool } from '../pieces/stroke-schools.ts';
import type { Role } from './stroke.ts';

/** A school of order: what comes before what, and how what is large is divided. */
export interface FaceOrder {
  name: string;
  /** What is done, in the painter's words. */
  does: string;
  /** What speaks for it, and what it costs or risks. */
  weighs: string;
  /** Roles that are painted one group after the other; what is not named comes last. Empty: any order. */
  groups: readonly (readonly Role[])[];
  /** Whether each frame, or each row between rails, is finished before the next is begun. */
  within: 'face' | 'section' | 'row';
  /** Whether like strokes follow each other down the face or across it. */
  runs: 'down' | 'across';
  /** Whether mouldings are painted apart from the fields inside them. */
  partsMouldings: boolean;
  /** Whether stiles are cut where the rows meet. */
  partsStiles: boolean;
  /** How a face without joints is divided. */
  slabs: 'blocks' | 'strips';
}

const USUAL = {
  within: 'face',
  runs: 'down',
  partsMouldings: false,
  partsStiles: false,
  slabs: 'blocks',
} as const;

const PANELS: readonly Role[] = ['panel', 'moulding', 'field', 'glazing', 'bar', 'louvre'];

/** The schools of order on a face. Practitioners disagree; what each buys in an hour's air is simulated. */
export const FACE_ORDERS: Readonly<Record<FaceSchool, FaceOrder>> = {
  'panels-rails-stiles': {
    ...USUAL,
    name: 'Panels, rails, stiles',
    does: 'all panels with their mouldings, then the centre bars and cross rails, then the long stiles',
    weighs: 'Joints are crossed and laid off cleanly; the first panels wait longest for the stiles.',
    groups: [PANELS, ['muntin'], ['rail'], ['stile', 'ground']],
  },
  'mouldings-first': {
    ...USUAL,
    name: 'Mouldings, then fields',
    does: 'the mouldings of all panels by brush, then their fields, then rails and stiles',
    weighs: 'One tool after the other; every moulding waits for its field.',
    groups: [['moulding', 'glazing', 'panel'], ['field', 'bar'], ['muntin'], ['rail'], ['stile', 'ground']],
    partsMouldings: true,
  },
  'boards-from-the-top': {
    ...USUAL,
    name: 'In boards from the top',
    does: 'row by row from the top: panels, the rail below them, and the stiles beside them as far down',
    weighs: 'Laps are met soon; the stiles are laid off in lengths, and their laps lie in plain sight.',
    groups: [PANELS, ['muntin'], ['rail'], ['stile', 'ground']],
    within: 'row',
    partsStiles: true,
  },
  'blocks-from-the-top': {
    ...USUAL,
    name: 'In blocks from the top',
    does: 'block beside block, row by row from the top, each laid off into the last',
    weighs: 'No lap waits longer than a row; there are more of them.',
    groups: [],
    within: 'row',
  },
  'strips-along-the-grain': {
    ...USUAL,
    name: 'In strips along the grain',
    does: 'strip beside strip over the whole length, each laid off in one stroke',
    weighs: 'Fewer laps and one long stroke; a whole strip has to stay wet.',
    groups: [],
    slabs: 'strips',
  },
  'putty-outwards': {
    ...USUAL,
    name: 'From the glass outwards',
    does: 'putty and glazing bars first, then rails, then stiles, sash by sash; frame and sill last',
    weighs: 'The line on the glass is cut with a steady hand first; the frame is laid off last.',
    groups: [['glazing', 'bar', 'panel', 'moulding', 'field'], ['muntin', 'rail'], ['stile'], ['frame'], ['sill']],
    within: 'section',
  },
  'top-down': {
    ...USUAL,
    name: 'From the top down',
    does: 'whatever is higher before what is lower, sash by sash',
    weighs: 'Nothing drips onto what is done; rails are crossed while their stiles are half done.',
    groups: [],
    within: 'section',
  },
  'bottom-up': {
    ...USUAL,
    name: 'From the bottom up',
    does: 'a stretch at a time: bottom rail, three sides of each spindle, underside of the handrail, its top; then the fourth sides from the other side',
    weighs: 'One looks up at what is still bare; the hand stays off the handrail to the end.',
    groups: [['newel'], ['bottom-rail'], ['spindle'], ['underside'], ['handrail'], ['spindle-back']],
    within: 'section',
    runs: 'across',
  },
  'handrail-down': {
    ...USUAL,
    name: 'From the handrail down',
    does: 'a stretch at a time: handrail, its underside, three sides of each spindle, bottom rail; then the fourth sides from the other side',
    weighs: 'Nothing drips onto what is done; one reaches over a wet handrail.',
    groups: [['newel'], ['handrail'], ['underside'], ['spindle'], ['bottom-rail'], ['spindle-back']],
    within: 'section',
    runs: 'across',
  },
  'spindles-then-rails': {
    ...USUAL,
    name: 'Spindles, then rails',
    does: 'spindle after spindle all round, the fourth side reached through the gap or from the other side; then each rail from end to end',
    weighs:
      'The arrises of a spindle stay wet, and rails are laid off in one length; where spindles stand on them, one stops at a joint.',
    groups: [['newel'], ['spindle', 'spindle-back'], ['bottom-rail'], ['underside'], ['handrail']],
    runs: 'across',
  },
  'louvres-first': {
    ...USUAL,
    name: 'Louvres, rails, stiles',
    does: 'the louvres from the back first, blade by blade from the top, then rails, then stiles; the front after it',
    weighs: 'What runs through shows from the front, where it is brushed out; all blades wait for the stiles.',
    groups: [['louvre', 'panel'], ['rail'], ['stile']],
  },
  'section-by-section': {
    ...USUAL,
    name: 'Section by section',
    does: 'from a top corner: grooves by brush, panel by roller, each blended into the next; section after section, the joints last with the door part open',
    weighs: 'Each section is a board of its own and may be stopped at; panels are blended across.',
    groups: [['panel', 'moulding', 'field', 'muntin', 'block'], ['rail'], ['stile']],
    within: 'section',
    runs: 'across',
  },
  'inside-out': {
    ...USUAL,
    name: 'From the inside out',
    does: 'the inside first, high before low; then the face frame, rails before stiles; ends that show last',
    weighs: 'Nobody reaches over a wet frame.',
    groups: [['muntin'], ['rail'], ['stile'], ['side', 'block']],
  },
  'casing-then-lining': {
    ...USUAL,
    name: 'Face, inner edge, rebate',
    does: 'the face, head before legs and the line against the wall before the flat; the inner edges; then open the door and do stop and rebate',
    weighs: 'High before low, each length in one stroke.',
    groups: [['frame']],
  },
  'length-by-length': {
    ...USUAL,
    name: 'Length by length',
    does: 'as far as one reaches from one stand, then the next, from one end to the other',
    weighs: 'Every lap is met at once; begin and end in a corner.',
    groups: [],
    runs: 'across',
  },
};

interface Way {
  name: string;
  does: string;
  weighs: string;
}

export const EDGES: Readonly<Record<EdgeSchool, Way>> = {
  'edges-first': {
    name: 'Edges first',
    does: 'hinge edge, lock edge, the others; wipe the spill off the faces; then the faces',
    weighs: 'What runs over the arris is wiped, and no lap is left there; edges are not touched again.',
  },
  'edges-last': {
    name: 'Edges after the face, while it is wet',
    does: 'the face, then its edges, laid off into the wet arris',
    weighs: 'No dry line along the arris; it has to be met in time, and both arrises are looked at for runs.',
  },
};

export const WALLS: Readonly<Record<WallSchool, Way>> = {
  'walls-first': {
    name: 'Walls first',
    does: 'the trim is cut in against the finished wall',
    weighs: 'A line to cut along the whole wall, or tape to pull.',
  },
  'trim-first': {
    name: 'Trim first',
    does: 'the paint may run onto the wall; the wall is cut in against the trim afterwards',
    weighs: 'Faster on the trim; the line is cut once, by whoever paints the wall.',
  },
};
