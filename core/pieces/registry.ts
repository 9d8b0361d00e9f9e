import type { PieceDefinition } from './definition.ts';
import type { Shape } from './shape.ts';
import type { Feature, Trait } from './traits.ts';
import type { Work } from './works.ts';
import { cabinetDoor } from './kinds/cabinet-door.ts';
import { carcass } from './kinds/carcass.ts';
import { casementWindow } from './kinds/casement-window.ts';
import { casing } from './kinds/casing.ts';
import { drawerFront } from './kinds/drawer-front.ts';
import { flushDoor } from './kinds/flush-door.ts';
import { freePanel } from './kinds/free-panel.ts';
import { glazedDoor } from './kinds/glazed-door.ts';
import { looseSash } from './kinds/loose-sash.ts';
import { louvredShutter } from './kinds/louvred-shutter.ts';
import { mouldedDoor } from './kinds/moulded-door.ts';
import { panelledDoor } from './kinds/panelled-door.ts';
import { panelledShutter } from './kinds/panelled-shutter.ts';
import { plainArea } from './kinds/plain-area.ts';
import { railing } from './kinds/railing.ts';
import { sashWindow } from './kinds/sash-window.ts';
import { sectionalDoor } from './kinds/sectional-door.ts';
import { shelfBoard } from './kinds/shelf-board.ts';
import { switchPlate } from './kinds/switch-plate.ts';
import { trimRun } from './kinds/trim-run.ts';

/** Every kind of piece, by its id. To add one, write its file and list it here. */
export const PIECE_DEFINITIONS = {
  'panelled-door': panelledDoor,
  'flush-door': flushDoor,
  'glazed-door': glazedDoor,
  'moulded-door': mouldedDoor,
  'cabinet-door': cabinetDoor,
  'drawer-front': drawerFront,
  carcass,
  'casement-window': casementWindow,
  'sash-window': sashWindow,
  'loose-sash': looseSash,
  'louvred-shutter': louvredShutter,
  'panelled-shutter': panelledShutter,
  railing,
  casing,
  'trim-run': trimRun,
  'sectional-door': sectionalDoor,
  'shelf-board': shelfBoard,
  'switch-plate': switchPlate,
  'free-panel': freePanel,
  'plain-area': plainArea,
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

for (const [id, definition] of Object.entries(PIECE_DEFINITIONS))
  if (definition.id !== id) throw new Error(`${definition.id} is registered as ${id}.`);

/** Whether pieces of a kind are of some sort. */
export const hasFeature = (kind: PieceKind, feature: Feature): boolean =>
  definitionOf(kind).features?.includes(feature) === true;

/** What kind of work the finish of a piece is. */
export function workOf({ kind, shape }: { kind: PieceKind; shape: Shape }): Work {
  return definitionOf(kind).work(shape);
}

/** Whether the use of a kind asks for something. */
export const hasTrait = (kind: PieceKind, trait: Trait): boolean => definitionOf(kind).traits.includes(trait);
