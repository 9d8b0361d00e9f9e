import { definitionOf } from '../pieces/registry.ts';
/** A piece of a kind as it usually is: its first preset, its usual scope, inside, nothing special about it. */
export function usualPiece(kind, roomId, facts = {}) {
  const definition = definitionOf(kind);
  const { faces, edges } = definition.usualScope;
  return {
    roomId,
    shape: { ...definition.presets[0]?.shape },
    surface: { substrate: 'softwood', existing: 'unknown', condition: 'sound' },
    scope: { faces: [...faces], edges: [...edges] },
    exposure: { front: 'inside', back: 'inside' },
    comesOff: definition.comesOff === 'usually',
    access: { who: '', closesAtNight: false, neededBy: null },
    fireRated: false,
    upHigh: false,
    note: '',
    ...facts,
  };
}
