import { definitionOf, type PieceKind } from '../../pieces/registry.ts';
import type { Piece, StatedPiece } from './piece-schema.ts';

/** A piece of a kind as it usually is: its first preset, its usual scope, inside, nothing special about it. */
export function usualPiece(kind: PieceKind, roomId: string, facts: Partial<StatedPiece> = {}): StatedPiece {
  const definition = definitionOf(kind);
  const { faces, edges } = definition.usualScope;
  return {
    roomId,
    shape: { ...definition.presets[0]?.shape } as StatedPiece['shape'],
    surface: { substrate: 'softwood', existing: 'unknown', ...definition.usualSurface, condition: 'sound' },
    scope: { faces: [...faces], edges: [...edges] },
    exposure: { front: 'inside', back: 'inside' },
    comesOff: definition.comesOff === 'usually',
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
