import type { JobKind, Option } from './job-kind.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../pieces/registry.ts';
import { ANY_SURFACE, FRONTS, OUTSIDE_WOOD, STATE, WOODWORK } from './surface-options.ts';

/** Each kind of piece, by the first of the words that are typed for it. */
const ANY_PIECE = {
  id: 'piece',
  name: 'What it is',
  options: PIECE_KINDS.map((kind) => {
    const { name, typed } = definitionOf(kind);
    return { id: kind, name, typed: Object.keys(typed.words)[0] ?? name };
  }) as [Option, ...Option[]],
};

const SHAPES = {
  fronts: {
    id: 'shape',
    name: 'Doors are',
    options: [
      { id: 'slab', name: 'Flat', typed: 'slab' },
      { id: 'shaker', name: 'Framed', typed: 'shaker' },
      { id: 'raised', name: 'Raised panel', typed: 'raised' },
    ],
  },
  doors: {
    id: 'shape',
    name: 'Doors are',
    options: [
      { id: 'panelled', name: 'Panelled', typed: 'panelled doors' },
      { id: 'flush', name: 'Flat', typed: 'flush doors' },
      { id: 'glazed', name: 'Glazed', typed: 'glazed doors' },
    ],
  },
} as const;

/** Every kind of job. */
export const JOB_KINDS = {
  kitchen: {
    name: 'Kitchen',
    says: 'Cupboard doors, drawer fronts, end panels',
    counted: [
      {
        id: 'doors',
        name: 'Cupboard doors',
        kind: 'cabinet-door',
        usual: 14,
        most: 120,
        takes: ['shape', 'surface'],
        typed: ['cupboard doors'],
      },
      {
        id: 'drawers',
        name: 'Drawer fronts',
        kind: 'drawer-front',
        usual: 5,
        most: 80,
        takes: ['surface'],
        typed: ['drawer fronts'],
      },
      {
        id: 'panels',
        name: 'End panels',
        kind: 'free-panel',
        usual: 0,
        most: 20,
        takes: ['surface'],
        typed: ['end panels front only in place'],
      },
    ],
    choices: [FRONTS, SHAPES.fronts],
    rooms: ['Kitchen'],
  },
  'doors-and-trim': {
    name: 'Doors and trim',
    says: 'Doors, frames, skirting inside a house',
    counted: [
      {
        id: 'doors',
        name: 'Doors',
        kind: 'panelled-door',
        usual: 6,
        most: 60,
        takes: ['shape', 'surface'],
        typed: ['in downstairs', 'in upstairs'],
      },
      {
        id: 'frames',
        name: 'Door frames',
        kind: 'casing',
        usual: 6,
        most: 60,
        takes: ['surface'],
        typed: ['door frames in downstairs', 'door frames in upstairs'],
      },
      {
        id: 'skirting',
        name: 'Skirting',
        kind: 'trim-run',
        longest: 40,
        usual: 0,
        most: 200,
        takes: ['surface'],
        typed: ['skirting in downstairs', 'skirting in upstairs'],
      },
    ],
    choices: [WOODWORK, SHAPES.doors],
    rooms: ['Downstairs', 'Upstairs'],
  },
  windows: {
    name: 'Windows',
    says: 'Sash and casement windows, shutters',
    counted: [
      {
        id: 'casements',
        name: 'Casement windows',
        kind: 'casement-window',
        usual: 4,
        most: 60,
        takes: ['surface', 'state'],
        typed: ['casement windows'],
      },
      {
        id: 'sashes',
        name: 'Sash windows',
        kind: 'sash-window',
        usual: 0,
        most: 60,
        takes: ['surface', 'state'],
        typed: ['sash windows'],
      },
      {
        id: 'shutters',
        name: 'Shutters',
        kind: 'louvred-shutter',
        usual: 0,
        most: 80,
        takes: ['surface', 'state'],
        typed: ['louvred shutters in the open'],
      },
    ],
    choices: [OUTSIDE_WOOD, STATE],
    rooms: ['Windows'],
    isOutside: true,
  },
  outside: {
    name: 'Outside',
    says: 'Front door, garage door, railing',
    counted: [
      {
        id: 'front-door',
        name: 'Front doors',
        kind: 'panelled-door',
        usual: 1,
        most: 10,
        takes: ['surface', 'state'],
        typed: ['front doors'],
      },
      {
        id: 'garage-door',
        name: 'Garage doors',
        kind: 'sectional-door',
        usual: 0,
        most: 10,
        takes: ['state'],
        typed: ['garage doors'],
      },
      {
        id: 'railing',
        name: 'Railing',
        kind: 'railing',
        longest: 6,
        usual: 0,
        most: 60,
        takes: ['surface', 'state'],
        typed: ['railing in the open'],
      },
    ],
    choices: [OUTSIDE_WOOD, STATE],
    rooms: ['Outside'],
    isOutside: true,
  },
  'one-piece': {
    name: 'One piece',
    says: 'A single door, cabinet, shutter or railing',
    counted: [
      {
        id: 'pieces',
        name: 'Pieces',
        kind: 'free-panel',
        usual: 1,
        most: 40,
        takes: ['piece', 'surface'],
        typed: [''],
      },
    ],
    choices: [ANY_PIECE, ANY_SURFACE],
    rooms: ['Room'],
  },
} as const satisfies Record<string, JobKind>;

export type JobKindId = keyof typeof JOB_KINDS;
export const JOB_KIND_IDS = Object.keys(JOB_KINDS) as [JobKindId, ...JobKindId[]];

/** The kind of job that a piece usually belongs to, by what it is and whether it looks out. */
export function jobKindOf(piece: PieceKind, isOutside: boolean): JobKindId {
  const fits = (id: JobKindId): boolean => {
    const { counted, isOutside: inTheOpen }: JobKind = JOB_KINDS[id];
    return (inTheOpen ?? false) === isOutside && counted.some(({ kind }) => kind === piece);
  };
  return JOB_KIND_IDS.find((id) => id !== 'one-piece' && fits(id)) ?? 'one-piece';
}
