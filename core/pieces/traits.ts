/** What the use of a kind of piece asks of its finish. */
export const TRAITS = {
  handled: 'touched all day',
  loaded: 'holds things',
  slides: 'has sliding faces',
  putty: 'has puttied glass',
  rail: 'gets held and leant on',
  sections: 'has section joints',
  plate: 'touched every time it’s used',
  wall: 'wall, ceiling or patch',
} as const;
export type Trait = keyof typeof TRAITS;

/** What a kind is, for whatever concerns several kinds that share it. */
export type Feature = 'door' | 'window' | 'slats' | 'drawer' | 'against-wall';
