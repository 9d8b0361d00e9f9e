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
    weighs: 'Clean joints, but the first panels wait longest for the stiles.',
    groups: [PANELS, ['muntin'], ['rail'], ['stile', 'ground']],
  },
  'mouldings-first': {
    ...USUAL,
    name: 'Mouldings, then fields',
    does: 'the mouldings of all panels by brush, then their fields, then rails and stiles',
    weighs: 'One tool at a time, but every moulding waits for its field.',
    groups: [['moulding', 'glazing', 'panel'], ['field', 'bar'], ['muntin'], ['rail'], ['stile', 'ground']],
    partsMouldings: true,
  },
  'boards-from-the-top': {
    ...USUAL,
    name: 'Board by board from the top',
    does: 'row by row from the top: panels, the rail below, and the stiles beside them as far down',
    weighs: 'Edges are reached soon, but laps in the stiles are in plain sight.',
    groups: [PANELS, ['muntin'], ['rail'], ['stile', 'ground']],
    within: 'row',
    partsStiles: true,
  },
  'blocks-from-the-top': {
    ...USUAL,
    name: 'Blocks from the top',
    does: 'block beside block, row by row from the top, each laid off into the last',
    weighs: 'No edge waits longer than a row, but there are more laps.',
    groups: [],
    within: 'row',
  },
  'strips-along-the-grain': {
    ...USUAL,
    name: 'Strips along the grain',
    does: 'strip beside strip over the whole length, each laid off in one stroke',
    weighs: 'Fewer laps and one long stroke, but a whole strip must stay wet.',
    groups: [],
    slabs: 'strips',
  },
  'putty-outwards': {
    ...USUAL,
    name: 'Glass outwards',
    does: 'putty and glazing bars, rails, stiles, sash by sash, then frame and sill',
    weighs: 'Cut the glass line with a steady hand first. The frame is laid off last.',
    groups: [['glazing', 'bar', 'panel', 'moulding', 'field'], ['muntin', 'rail'], ['stile'], ['frame'], ['sill']],
    within: 'section',
  },
  'top-down': {
    ...USUAL,
    name: 'Top down',
    does: 'whatever is higher before what is lower, sash by sash',
    weighs: 'Nothing drips onto finished work, but stiles are half done when you cross them.',
    groups: [],
    within: 'section',
  },
  'bottom-up': {
    ...USUAL,
    name: 'Bottom up',
    does: 'stretch by stretch: bottom rail, spindles, underside of the handrail, its top, then the far side of the spindles',
    weighs: 'You see what’s still bare, and keep your hand off the handrail to the end.',
    groups: [['newel'], ['bottom-rail'], ['spindle'], ['underside'], ['handrail'], ['spindle-back']],
    within: 'section',
    runs: 'across',
  },
  'handrail-down': {
    ...USUAL,
    name: 'Handrail down',
    does: 'stretch by stretch: handrail, its underside, spindles, bottom rail, then the far side of the spindles',
    weighs: 'Nothing drips onto finished work, but you reach over a wet handrail.',
    groups: [['newel'], ['handrail'], ['underside'], ['spindle'], ['bottom-rail'], ['spindle-back']],
    within: 'section',
    runs: 'across',
  },
  'spindles-then-rails': {
    ...USUAL,
    name: 'Spindles, then rails',
    does: 'spindle after spindle all round, then each rail from end to end',
    weighs: 'Arrises stay wet and rails are laid off in one length. Stop at a joint where spindles meet.',
    groups: [['newel'], ['spindle', 'spindle-back'], ['bottom-rail'], ['underside'], ['handrail']],
    runs: 'across',
  },
  'louvres-first': {
    ...USUAL,
    name: 'Louvres, rails, stiles',
    does: 'the back, blade by blade from the top, its rails and stiles, then the front',
    weighs: 'Runs show at the front, where you brush them out. All blades wait for the stiles.',
    groups: [['louvre', 'panel'], ['rail'], ['stile']],
  },
  'section-by-section': {
    ...USUAL,
    name: 'Section by section',
    does: 'section after section from a top corner: grooves by brush, panels by roller, the joints last',
    weighs: 'You can stop at any section. Panels are blended across.',
    groups: [['panel', 'moulding', 'field', 'muntin', 'block'], ['rail'], ['stile']],
    within: 'section',
    runs: 'across',
  },
  'inside-out': {
    ...USUAL,
    name: 'Inside out',
    does: 'the inside from the top, the face frame, rails before stiles, then ends that show',
    weighs: 'You never reach over a wet frame.',
    groups: [['muntin'], ['rail'], ['stile'], ['side', 'block']],
  },
  'casing-then-lining': {
    ...USUAL,
    name: 'Face, inner edge, rebate',
    does: 'the face, head before legs, the inner edges, then stop and rebate with the door open',
    weighs: 'High before low, each length in one stroke.',
    groups: [['frame']],
  },
  'length-by-length': {
    ...USUAL,
    name: 'Length by length',
    does: 'as far as you reach, then the next length, from one end to the other',
    weighs: 'Edges are reached at once. Start and end in a corner.',
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
    does: 'hinge edge, lock edge, the others, spill wiped off, then the faces',
    weighs: 'Spill over the arris is wiped off, and no lap is left there.',
  },
  'edges-last': {
    name: 'Edges after the face, while it is wet',
    does: 'the face, then its edges, laid off into the wet arris',
    weighs: 'No dry line along the arris, if you reach it in time. Check both arrises for runs.',
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
    does: 'trim may run onto the wall, which is cut in afterwards',
    weighs: 'Faster on the trim. The line is cut once, with the wall paint.',
  },
};
