/** A way in which a product or its use can hurt, and what protects: short, and never more than the safety sheet says. */
export interface Hazard {
  name: string;
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
    mask: 'Half mask with organic-vapour cartridges. A dust mask does not stop vapour.',
    gloves: 'Nitrile gloves, changed when they swell.',
    air: 'Windows open, a fan that blows out, until the smell is gone.',
    fire: 'No pilot light, heater, spark or cigarette, also in the next room.',
    waste: 'Leftovers and wash solvent to the hazardous waste.',
  },
  'oily-rags': {
    ...none,
    name: 'Oily rags',
    fire: 'Rags with oil or alkyd heat up by themselves: lay them flat outdoors or keep them under water.',
    waste: 'Into the bin only when they have dried flat and hard.',
  },
  isocyanate: {
    ...none,
    name: 'Isocyanate hardener',
    mask: 'Supplied air, or extraction by professional control. No cartridge tells you when it is spent.',
    gloves: 'Nitrile gloves and covered skin.',
    eyes: 'Full face cover.',
    air: 'Nobody else in the room or its air until it has cured.',
    waste: 'Mixed leftovers harden in the open can, then go to the hazardous waste.',
  },
  hardener: {
    ...none,
    name: 'Hardener of a two-part product',
    mask: 'Half mask with organic-vapour cartridges.',
    gloves: 'Nitrile gloves: skin that has become sensitive stays so.',
    eyes: 'Safety glasses.',
    air: 'Windows open while it is mixed and laid.',
    waste: 'Mixed leftovers harden in the open can; a thick rest gets hot, so spread it.',
  },
  caustic: {
    ...none,
    name: 'Caustic cleaner',
    gloves: 'Long gloves that do not tear.',
    eyes: 'Closed goggles: a splash is worse than it feels.',
    air: 'Never mixed with another cleaner.',
    waste: 'Wash water off to the foul drain, not to the garden.',
  },
  phosphate: {
    ...none,
    name: 'Phosphate wash',
    gloves: 'Long gloves that do not tear.',
    eyes: 'Closed goggles.',
    waste: 'Where phosphate is not allowed in the drain, take another wash.',
  },
  bleach: {
    ...none,
    name: 'Bleach',
    gloves: 'Long gloves that do not tear.',
    eyes: 'Closed goggles.',
    air: 'Windows open. Never with acid, vinegar or ammonia: that makes a poisonous gas.',
  },
  acid: {
    ...none,
    name: 'Acid',
    gloves: 'Household gloves.',
    eyes: 'Safety glasses.',
    air: 'Never with bleach: that makes a poisonous gas.',
  },
  biocide: {
    ...none,
    name: 'Preservative or mould inhibitor',
    gloves: 'Nitrile gloves.',
    eyes: 'Safety glasses.',
    air: 'Windows open until it has dried; not for surfaces that touch food or are chewed by children.',
    waste: 'Leftovers to the hazardous waste, nothing to soil or water.',
  },
  dust: {
    ...none,
    name: 'Sanding dust',
    mask: 'Particle mask (P2 or P3), and extraction at the tool.',
    eyes: 'Safety glasses.',
    air: 'No sanding in the air in which paint dries.',
    fire: 'Bags of fresh dust outdoors: dust with oil or two-part finish heats up.',
    waste: 'Vacuumed with a fine filter, not swept.',
  },
  'lead-dust': {
    ...none,
    name: 'Paint that may hold lead',
    mask: 'Particle mask P3, by the local rules for lead.',
    gloves: 'Gloves, and clothes that do not go home.',
    air: 'No dry sanding, no hot air. The room sheeted off; nobody who does not work there, and no child.',
    waste: 'Chips, slurry and rags bagged as lead waste by the local rules. Licensed practice decides.',
  },
  'spray-mist': {
    ...none,
    name: 'Spray mist',
    mask: 'Half mask with particle filter and organic-vapour cartridges.',
    eyes: 'Safety glasses.',
    air: 'Extraction or an open side; sheets over what is near.',
    fire: 'Mist of solvent paint explodes at a spark: waterborne only, or a spray room.',
    waste: 'Never a hand before an airless tip: it injects under the skin. Lock and relieve pressure first.',
  },
} as const satisfies Record<string, Hazard>;
export type HazardId = keyof typeof HAZARDS;
export const HAZARD_IDS = Object.keys(HAZARDS) as [HazardId, ...HazardId[]];

/** What protects, in the order in which one puts it on. */
export const PROTECTIONS = {
  mask: 'Mask',
  gloves: 'Gloves',
  eyes: 'Eyes',
  air: 'Air',
  fire: 'Fire',
  waste: 'Waste',
} as const;
