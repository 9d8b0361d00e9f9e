/** What a piece is made of. */
export const SUBSTRATES = {
  softwood: { name: 'Softwood', tannin: false, slippery: false },
  oak: { name: 'Oak or ash', tannin: true, slippery: false },
  mdf: { name: 'MDF', tannin: false, slippery: false },
  laminate: { name: 'Melamine or laminate', tannin: false, slippery: true },
  metal: { name: 'Steel or aluminium', tannin: false, slippery: false },
  vinyl: { name: 'Vinyl or PVC', tannin: false, slippery: true },
} as const;
export type Substrate = keyof typeof SUBSTRATES;
export const SUBSTRATE_IDS = Object.keys(SUBSTRATES) as [Substrate, ...Substrate[]];

/** What is on it now. */
export const EXISTING_COATS = {
  bare: 'Bare',
  'waterborne-paint': 'Waterborne paint',
  'oil-gloss': 'Oil gloss',
  varnish: 'Varnish or lacquer',
  'factory-finish': 'Factory finish',
  unknown: 'Not known yet',
} as const;
export type ExistingCoat = keyof typeof EXISTING_COATS;
export const EXISTING_COAT_IDS = Object.keys(EXISTING_COATS) as [ExistingCoat, ...ExistingCoat[]];

/** In what state it is. */
export const CONDITIONS = {
  sound: 'Sound',
  worn: 'Worn or chalking',
  flaking: 'Flaking',
  greasy: 'Greasy or waxed',
} as const;
export type Condition = keyof typeof CONDITIONS;
export const CONDITION_IDS = Object.keys(CONDITIONS) as [Condition, ...Condition[]];
