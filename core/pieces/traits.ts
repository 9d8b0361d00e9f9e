/** What the use of a kind of piece asks of its finish. */
export const TRAITS = {
  handled: 'touched all day',
  loaded: 'carries things that stand on it',
  slides: 'has faces that slide wood on wood',
  putty: 'has panes set in putty',
  rail: 'is held and leant on',
  sections: 'has joints between sections that meet',
  plate: 'is touched with every switching',
  wall: 'is a wall, a ceiling or a patch of one',
} as const;
export type Trait = keyof typeof TRAITS;

/** What a kind is, for whatever concerns several kinds that share it. */
export type Feature = 'door' | 'window' | 'slats' | 'drawer' | 'against-wall';
