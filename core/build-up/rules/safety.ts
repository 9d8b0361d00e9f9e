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
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate'),
    reason: 'Its hardener holds isocyanate: supplied air or professional extraction only, never a dust mask.',
    fixText: 'Take an enamel without hardener.',
  },
  {
    id: 'professional-spray',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate') && !s.isProfessional,
    reason: 'Mist with isocyanate is for trained professionals alone: one breath can make lungs sensitive for good.',
    fixText: 'Take an enamel without hardener, or have a workshop with a booth spray it.',
  },
  {
    id: 'isocyanate-air',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate') && s.isProfessional && s.suppliedAir !== true,
    reason: 'Nobody has said that there is supplied air or a booth, and no cartridge mask stops isocyanate.',
    fixText: 'Answer the question about supplied air or a booth, for this crew and this place.',
  },
  {
    id: 'isocyanate-brushed',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => carries(s, 'isocyanate') && !s.sprays,
    reason: 'A lacquer with isocyanate is sprayed, with a gun and a place for it to hand.',
    fixText: 'If that is so, choose spraying as the way to work for this group.',
  },
  {
    id: 'two-part',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'hardener'),
    reason: 'A hardener can make skin and lungs sensitive for good, and the mixed pot goes off in hours.',
    fixText:
      'Organic-vapour cartridges, gloves, eye protection, air change. Stir for 3 min, let it stand for 10, and mix only what the pot life allows.',
  },
  {
    id: 'solvent-vapour',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'solvent'),
    reason: 'Solvent vapour: a dust mask does not stop it, and a pilot light or spark sets it off.',
    fixText: 'Organic-vapour cartridges, air change, no flame. A waterborne system smells least.',
  },
  {
    id: 'oily-rags',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'oily-rags'),
    reason: 'Rags with oil or solvent heat up by themselves and catch fire in a heap.',
    fixText: 'Lay them flat outdoors, or keep them under water.',
  },
  {
    id: 'biocide',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'biocide'),
    reason: 'Preservative is poisonous to more than fungi.',
    fixText: 'Gloves and air, nothing into soil or water, and children and pets away until it is dry.',
  },
  {
    id: 'bleach',
    severity: 'caution',
    source: 'safety',
    fires: (s) => carries(s, 'bleach'),
    reason: 'Bleach burns skin and eyes and spoils what it drips on.',
    fixText: 'Gloves that do not tear, goggles, window open; never with acid or ammonia.',
  },
  {
    id: 'spray-mist',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.coats.some(({ tool }) => makesMist(tool)),
    reason: 'Spray mist goes past a dust mask, and an airless tip injects paint under the skin.',
    fixText: 'Cartridges with a particle filter, extraction; never a hand before the tip, lock and relieve pressure.',
  },
  {
    id: 'spray-solvent',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.coats.some(({ coating, tool }) => makesMist(tool) && coating.hazards.includes('solvent')),
    reason: 'Mist of solvent paint explodes at a spark.',
    fixText: 'Brush or roll it, or spray it in a spray room that is made for it.',
  },
  {
    id: 'fire-door',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.fireRated,
    reason:
      'A fire door keeps its rating only with what its certificate allows, paint, fillers and their thickness included.',
    fixText:
      'Ask for the certificate. Seals, closer and the gap stay as they are, and it does not stay off where it is required.',
  },
  {
    id: 'plate-electricity',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.traits.includes('plate'),
    reason: 'Behind the plate is mains voltage.',
    fixText: 'Off at the breaker and proved dead before it is loosened. If in doubt, leave it to an electrician.',
  },
  {
    id: 'children',
    severity: 'advice',
    source: 'safety',
    fires: (s) => s.traits.includes('rail') || s.traits.includes('handled'),
    reason: 'Wet and uncured paint is within the reach of children and pets.',
    fixText:
      'Keep them away until it is hard; what is chewed, toys and cots, takes only a paint that is certified for it.',
  },
];
