import type { PieceDefinition } from '../../pieces/definition.ts';
import type { FaceId } from '../../pieces/elevation.ts';
import { definitionOf, type PieceKind } from '../../pieces/registry.ts';
import type { Piece, StatedPiece } from './piece-schema.ts';

/** What faces of a kind look at where it closes the house, or, where it has no outer face, stands in the open. */
export function facingOut({ outerFace }: Pick<PieceDefinition, 'outerFace'>): StatedPiece['exposure'] {
  const sees = (face: FaceId) => (outerFace === undefined || outerFace === face ? 'outside' : 'inside');
  return { front: sees('front'), back: sees('back') };
}

/** A piece of a kind as it usually is: its first preset, its usual scope, inside, nothing special about it. */
export function usualPiece(kind: PieceKind, roomId: string, facts: Partial<StatedPiece> = {}): StatedPiece {
  const definition = definitionOf(kind);
  const { faces, edges } = definition.usualScope;
  const shape = { ...definition.presets[0]?.shape, ...facts.shape } as StatedPiece['shape'];
  return {
    roomId,
    shape,
    surface: { substrate: 'softwood', existing: 'unknown', ...definition.usualSurface?.(shape), condition: 'sound' },
    scope: { faces: [...faces], edges: [...edges] },
    exposure: definition.usuallyOutside ? facingOut(definition) : { front: 'inside', back: 'inside' },
    comesOff: definition.comesOff === 'usually',
    oneSideAtATime: false,
    preservesRest: false,
    access: { who: '', closesAtNight: false, standIn: false, neededBy: null },
    zone: '',
    fireRated: false,
    upHigh: false,
    note: '',
    ...facts,
  };
}

/** What a piece that is new to the job has of holes, photos and marks of the work: nothing. */
export const NOTHING_DONE: Pick<Piece, 'filledHoles' | 'drillings' | 'photos' | 'holesDone' | 'keptApart'> = {
  filledHoles: 0,
  drillings: [],
  photos: [],
  holesDone: { filled: 0, drilled: [] },
  keptApart: null,
};

/** A piece that is not in the job yet, for its drawing, weight and areas. */
export function sketchOf(kind: PieceKind, piece: StatedPiece, mark: string): Piece {
  return { ...piece, ...NOTHING_DONE, kind, mark, id: 'new', groupId: '', hardware: [] };
}
