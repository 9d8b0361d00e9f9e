/** What a piece is made of. */
export const SUBSTRATES = {
  softwood: { name: 'Softwood', tannin: false },
  oak: { name: 'Oak or ash', tannin: true },
  mdf: { name: 'MDF', tannin: false },
  laminate: { name: 'Melamine or laminate', tannin: false },
  metal: { name: 'Steel or aluminium', tannin: false },
  vinyl: { name: 'Vinyl or PVC', tannin: false },
  plaster: { name: 'Plaster', tannin: false },
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

/** Whether sanding it could raise lead: any paint that was put on by hand, and whatever lies under it. */
export const mayHoldLead = (existing: ExistingCoat): boolean => existing !== 'bare' && existing !== 'factory-finish';

/** In what state it is. */
export const CONDITIONS = {
  sound: 'Sound',
  worn: 'Worn or chalking',
  flaking: 'Flaking',
  greasy: 'Greasy or waxed',
} as const;
export type Condition = keyof typeof CONDITIONS;
export const CONDITION_IDS = Object.keys(CONDITIONS) as [Condition, ...Condition[]];
