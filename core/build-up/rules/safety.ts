import { makesMist } from '../../shelf/tools.ts';
import type { HazardId } from '../../shelf/hazards.ts';
import type { Rule } from '../rule.ts';
import type { Situation } from '../situation.ts';

/** Whether any product of the build-up carries a hazard. */
const carries = (s: Situation, hazard: HazardId): boolean =>
  s.coats.some(({ coating }) => coating.hazards.includes(hazard)) ||
  s.cleaning.some(({ cleaner }) => cleaner.hazards.includes(hazard)) ||
  s.fillers.some(({ hazards }) => hazards.includes(hazard)) ||
  s.grainFill?.filler.hazards.includes(hazard) === true ||
  s.preservative?.hazards.includes(hazard) === true;

/** What can hurt somebody; each defers to the safety sheet and to local rules. */
export const SAFETY: readonly Rule[] = [
  {
    id: 'isocyanate',
    name: 'Isocyanate',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate'),
    reason: 'Its hardener contains isocyanate: air-fed mask or professional extraction only, never a dust mask.',
    fixText: 'Choose an enamel without hardener.',
  },
  {
    id: 'professional-spray',
    name: 'Professional spraying',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate') && !s.isProfessional,
    reason: 'Isocyanate mist is for trained professionals only: one breath can sensitise lungs for life.',
    fixText: 'Choose an enamel without hardener, or have a workshop with a booth spray it.',
  },
  {
    id: 'isocyanate-air',
    name: 'No air-fed mask',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate') && s.isProfessional && s.suppliedAir !== true,
    reason: 'No air-fed mask or booth confirmed, and no cartridge mask stops isocyanate.',
    fixText: 'Answer “Air-fed mask or booth?” for this crew and place.',
  },
  {
    id: 'isocyanate-brushed',
    name: 'Isocyanate must be sprayed',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate') && !s.sprays,
    reason: 'Isocyanate lacquer is sprayed, with a gun and a place for it.',
    fixText: 'If you have both, set this group to Spray.',
  },
  {
    id: 'two-part',
    name: 'Two-part product',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'hardener'),
    reason: 'A hardener can sensitise skin and lungs for life, and the pot goes off in hours.',
    fixText: 'Vapour mask, gloves, eye protection, ventilation. Stir 3 min, stand 10, mix only what you’ll use.',
  },
  {
    id: 'solvent-vapour',
    name: 'Solvent vapour',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'solvent'),
    reason: 'A dust mask won’t stop solvent vapour, and a pilot light or spark sets it off.',
    fixText: 'Vapour mask, ventilation, no flame. Waterborne smells least.',
  },
  {
    id: 'oily-rags',
    name: 'Oily rags',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'oily-rags'),
    reason: 'Rags with oil or solvent in a heap can catch fire on their own.',
    fixText: 'Lay them flat outdoors, or keep them under water.',
  },
  {
    id: 'biocide',
    name: 'Preservative',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'biocide'),
    reason: 'Preservative is poisonous to more than fungi.',
    fixText: 'Gloves and ventilation. Keep it off soil and water. Children and pets away until dry.',
  },
  {
    id: 'bleach',
    name: 'Bleach',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'bleach'),
    reason: 'Bleach burns skin and eyes and ruins what it drips on.',
    fixText: 'Tough gloves, goggles, open window. Never with acid or ammonia.',
  },
  {
    id: 'spray-mist',
    name: 'Spray mist',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.coats.some(({ tool }) => makesMist(tool)),
    reason: 'Spray mist gets past a dust mask, and an airless tip injects paint under the skin.',
    fixText: 'Vapour and particle mask, extraction. Hands clear of the tip. Lock it and release pressure.',
  },
  {
    id: 'spray-solvent',
    name: 'Solvent spray',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.coats.some(({ coating, tool }) => makesMist(tool) && coating.hazards.includes('solvent')),
    reason: 'Solvent paint mist explodes at a spark.',
    fixText: 'Brush or roll it, or use a proper spray room.',
  },
  {
    id: 'fire-door',
    name: 'Fire door',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.fireRated,
    reason: 'A fire door keeps its rating only with what its certificate allows, paint and fillers included.',
    fixText: 'Ask for the certificate. Leave seals, closer and gap alone. Never leave it off where required.',
  },
  {
    id: 'plate-electricity',
    name: 'Mains voltage',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.traits.includes('plate'),
    reason: 'Mains voltage behind the plate.',
    fixText: 'Isolate it at the consumer unit and prove it dead first. If in doubt, call an electrician.',
  },
  {
    id: 'children',
    name: 'Children and pets',
    severity: 'advice',
    source: 'safety',
    fires: (s) => s.traits.includes('rail') || s.traits.includes('handled'),
    reason: 'Wet and uncured paint within reach of children and pets.',
    fixText: 'Keep them away until cured. Toys and cots need paint certified for them.',
  },
];
