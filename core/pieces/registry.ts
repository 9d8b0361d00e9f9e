import type { PieceDefinition } from './definition.ts';
import { cabinetDoor } from './kinds/cabinet-door.ts';
import { drawerFront } from './kinds/drawer-front.ts';
import { flushDoor } from './kinds/flush-door.ts';
import { panelledDoor } from './kinds/panelled-door.ts';

/** Every kind of piece, by its id. To add one, write its file and list it here. */
export const PIECE_DEFINITIONS = {
  'panelled-door': panelledDoor,
  'flush-door': flushDoor,
  'cabinet-door': cabinetDoor,
  'drawer-front': drawerFront,
} as const;

export type PieceKind = keyof typeof PIECE_DEFINITIONS;
export const PIECE_KINDS = Object.keys(PIECE_DEFINITIONS) as [PieceKind, ...PieceKind[]];

/**
 * The definition of a kind, for shapes that its own schema has already accepted.
 * The registry holds each kind with its own shape; here the shape is only known to be some kind's.
 */
export function definitionOf(kind: PieceKind): PieceDefinition {
  return PIECE_DEFINITIONS[kind];
}
