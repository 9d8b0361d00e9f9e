/** A way in which a product or its use can hurt, and what protects: short, and never more than the safety sheet says. */
export interface Hazard {
  name: string;
  /** What to wear or do, each in a word or two, the most urgent first. */
  brief: readonly string[];
  mask: string | null;
  gloves: string | null;
  eyes: string | null;
  air: string | null;
  fire: string | null;
  waste: string | null;
}

const none = { mask: null, gloves: null, eyes: null, air: null, fire: null, waste: null };

/** Every hazard that Nivel knows of. To add one is to add an entry. */
export const HAZARDS = {
  solvent: {
    ...none,
    name: 'Solvent vapour',
    brief: ['vapour mask', 'nitrile gloves', 'windows open', 'no flame'],
    mask: 'Half mask with organic-vapour cartridges. A dust mask won’t stop vapour.',
    gloves: 'Nitrile gloves, changed when they swell.',
    air: 'Windows open and a fan blowing out until the smell has gone.',
    fire: 'No pilot light, heater, spark or cigarette, here or next door.',
    waste: 'Leftovers and wash solvent: hazardous waste.',
  },
  'oily-rags': {
    ...none,
    name: 'Oily rags',
    brief: ['lay rags flat outdoors', 'or under water'],
    fire: 'Rags with oil or alkyd can catch fire on their own. Lay them flat outdoors or keep them under water.',
    waste: 'Bin them only once dried flat and hard.',
  },
  isocyanate: {
    ...none,
    name: 'Isocyanate hardener',
    brief: ['air-fed mask', 'full face cover', 'gloves', 'clear the room'],
    mask: 'Air-fed mask or professional extraction. A cartridge gives no warning when it’s spent.',
    gloves: 'Nitrile gloves and covered skin.',
    eyes: 'Full face cover.',
    air: 'No one else in the room or its air until it has cured.',
    waste: 'Let mixed leftovers harden in the open tin, then hazardous waste.',
  },
  hardener: {
    ...none,
    name: 'Hardener of a two-part product',
    brief: ['vapour mask', 'nitrile gloves', 'glasses', 'windows open'],
    mask: 'Half mask with organic-vapour cartridges.',
    gloves: 'Nitrile gloves. Skin that becomes sensitive stays sensitive.',
    eyes: 'Safety glasses.',
    air: 'Windows open while mixing and painting.',
    waste: 'Let mixed leftovers harden in the open tin. A full pot gets hot: spread it thin.',
  },
  caustic: {
    ...none,
    name: 'Caustic cleaner',
    brief: ['long gloves', 'closed goggles', 'never mix'],
    gloves: 'Long, tough gloves.',
    eyes: 'Closed goggles. A splash is worse than it feels.',
    air: 'Never mix with another cleaner.',
    waste: 'Wash water to the foul drain, not the garden.',
  },
  phosphate: {
    ...none,
    name: 'Phosphate wash',
    brief: ['long gloves', 'closed goggles'],
    gloves: 'Long, tough gloves.',
    eyes: 'Closed goggles.',
    waste: 'If phosphate isn’t allowed in the drain, use another wash.',
  },
  bleach: {
    ...none,
    name: 'Bleach',
    brief: ['long gloves', 'goggles', 'windows open', 'never mix'],
    gloves: 'Long, tough gloves.',
    eyes: 'Closed goggles.',
    air: 'Windows open. Never with acid, vinegar or ammonia: it makes a poisonous gas.',
  },
  acid: {
    ...none,
    name: 'Acid',
    brief: ['gloves', 'glasses', 'never with bleach'],
    gloves: 'Household gloves.',
    eyes: 'Safety glasses.',
    air: 'Never with bleach: it makes a poisonous gas.',
  },
  biocide: {
    ...none,
    name: 'Preservative or mould inhibitor',
    brief: ['nitrile gloves', 'glasses', 'windows open'],
    gloves: 'Nitrile gloves.',
    eyes: 'Safety glasses.',
    air: 'Windows open until dry. Not for surfaces that touch food or that children chew.',
    waste: 'Leftovers: hazardous waste. Keep out of soil and water.',
  },
  dust: {
    ...none,
    name: 'Sanding dust',
    brief: ['P2 mask', 'extraction', 'glasses'],
    mask: 'Particle mask (P2 or P3), and extraction at the tool.',
    eyes: 'Safety glasses.',
    air: 'No sanding where paint is drying.',
    fire: 'Keep bags of fresh dust outdoors: oil or two-part dust can heat up.',
    waste: 'Vacuum with a fine filter. Don’t sweep.',
  },
  'lead-dust': {
    ...none,
    name: 'Paint that may contain lead',
    brief: ['P3 mask', 'no dry sanding', 'sheet off the room', 'no children'],
    mask: 'P3 particle mask, following local rules for lead.',
    gloves: 'Gloves, and work clothes that stay on site.',
    air: 'No dry sanding, no hot air. Sheet off the room. No children, and no one else in it.',
    waste: 'Bag chips, slurry and rags as lead waste. Local rules and licensed practice decide.',
  },
  'spray-mist': {
    ...none,
    name: 'Spray mist',
    brief: ['vapour and particle mask', 'glasses', 'extraction', 'no flame'],
    mask: 'Half mask with particle filter and organic-vapour cartridges.',
    eyes: 'Safety glasses.',
    air: 'Extraction or an open side. Cover what’s near.',
    fire: 'Solvent mist explodes at a spark: waterborne only, or a spray room.',
    waste:
      'Keep hands clear of an airless tip: it injects paint under the skin. Lock it and release the pressure first.',
  },
} as const satisfies Record<string, Hazard>;
export type HazardId = keyof typeof HAZARDS;
export const HAZARD_IDS = Object.keys(HAZARDS) as [HazardId, ...HazardId[]];

/** What protects, in the order in which you put it on. */
export const PROTECTIONS = {
  mask: 'Mask',
  gloves: 'Gloves',
  eyes: 'Eyes',
  air: 'Air',
  fire: 'Fire',
  waste: 'Waste',
} as const;
