/** All that there is to know of a material. */
interface SubstrateDefinition {
  name: string;
  /** Whether tannin can rise out of it. */
  tannin: boolean;
  /** Whether it is wood or board: it drinks, swells and is primed where it lies bare. */
  isWood: boolean;
  /** Whether dents and the edges of lost paint are filled on it; metal and vinyl are sanded flush. */
  isFilled: boolean;
  /** The coat that it is taken to have while nobody has said or found: of those that are usual on it, the worst. */
  supposedCoat: KnownCoat;
}

/** All that there is to know of what lies on a surface before the job. */
interface OldCoatDefinition {
  name: string;
  /**
   * How a new coat holds on it: `open` drinks, `matt` takes a coat as it is, `sheen` has to be keyed or deglossed, `hard`
   * has to be keyed and takes a primer that bonds to gloss.
   */
  hold: 'open' | 'matt' | 'sheen' | 'hard';
  /** Whether sanding it could raise lead: any paint that was put on by hand, and what lies under it. */
  mayHoldLead: boolean;
}

/** What is on it now, where that is known. */
export const OLD_COATS = {
  bare: { name: 'Bare', hold: 'open', mayHoldLead: false },
  'factory-primed': { name: 'Factory-primed', hold: 'matt', mayHoldLead: false },
  'waterborne-matt': { name: 'Waterborne paint, matt', hold: 'matt', mayHoldLead: true },
  'waterborne-sheen': { name: 'Waterborne paint, satin to gloss', hold: 'sheen', mayHoldLead: true },
  'oil-gloss': { name: 'Oil gloss', hold: 'hard', mayHoldLead: true },
  varnish: { name: 'Varnish or lacquer', hold: 'hard', mayHoldLead: true },
  'factory-finish': { name: 'Factory finish', hold: 'hard', mayHoldLead: false },
} as const satisfies Record<string, OldCoatDefinition>;
export type KnownCoat = keyof typeof OLD_COATS;
export const KNOWN_COAT_IDS = Object.keys(OLD_COATS) as [KnownCoat, ...KnownCoat[]];

/** What the walk may say of the old coat, in words. */
export const EXISTING_COATS: Readonly<Record<KnownCoat | 'unknown', string>> = {
  ...(Object.fromEntries(KNOWN_COAT_IDS.map((id) => [id, OLD_COATS[id].name])) as Record<KnownCoat, string>),
  unknown: 'Not known yet',
};
export type ExistingCoat = keyof typeof EXISTING_COATS;
export const EXISTING_COAT_IDS = Object.keys(EXISTING_COATS) as [ExistingCoat, ...ExistingCoat[]];

/** What a piece is made of. */
export const SUBSTRATES = {
  softwood: { name: 'Softwood', tannin: false, isWood: true, isFilled: true, supposedCoat: 'oil-gloss' },
  oak: { name: 'Oak or ash', tannin: true, isWood: true, isFilled: true, supposedCoat: 'varnish' },
  mdf: { name: 'MDF', tannin: false, isWood: true, isFilled: true, supposedCoat: 'bare' },
  laminate: {
    name: 'Melamine, laminate or foil',
    tannin: false,
    isWood: false,
    isFilled: true,
    supposedCoat: 'factory-finish',
  },
  metal: { name: 'Steel or aluminium', tannin: false, isWood: false, isFilled: false, supposedCoat: 'oil-gloss' },
  vinyl: { name: 'Vinyl or PVC', tannin: false, isWood: false, isFilled: false, supposedCoat: 'factory-finish' },
  plaster: { name: 'Plaster', tannin: false, isWood: false, isFilled: true, supposedCoat: 'waterborne-matt' },
} as const satisfies Record<string, SubstrateDefinition>;
export type Substrate = keyof typeof SUBSTRATES;
export const SUBSTRATE_IDS = Object.keys(SUBSTRATES) as [Substrate, ...Substrate[]];

/** The coat by which a surface is judged: the one that was stated, else what is supposed on its material. */
export const judgedCoat = (substrate: Substrate, existing: ExistingCoat): KnownCoat =>
  existing === 'unknown' ? SUBSTRATES[substrate].supposedCoat : existing;

/** Whether sanding could raise lead, by what the walk says of it. */
export const mayHoldLead = (substrate: Substrate, existing: ExistingCoat): boolean =>
  OLD_COATS[judgedCoat(substrate, existing)].mayHoldLead;

/** In what state it is. */
export const CONDITIONS = {
  sound: 'Sound',
  worn: 'Worn or chalking',
  flaking: 'Flaking',
  greasy: 'Greasy or waxed',
  mouldy: 'Mould on it',
  rusty: 'Rusting',
} as const;
export type Condition = keyof typeof CONDITIONS;
export const CONDITION_IDS = Object.keys(CONDITIONS) as [Condition, ...Condition[]];
