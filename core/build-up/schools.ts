import type { Tool } from '../shelf/tools.ts';
import type { Key, Schools } from '../job/document/group-schema.ts';
import type { Coating } from '../shelf/coating.ts';

/** How a primer goes on, or none. */
export type PrimerWay = { coating: Coating; extent: 'all' | 'spots' } | null;

interface School {
  name: string;
  /** What is done, in the painter's words. */
  does: string;
  /** What it costs, and what it risks. */
  costs: string;
}

/** The schools of keying, priming and tools: practitioners disagree, and each has its price. */
export const SCHOOLS: {
  readonly keying: Readonly<Record<NonNullable<Schools['keying']>, School>>;
  readonly priming: Readonly<Record<NonNullable<Schools['priming']>, School>>;
  readonly tools: Readonly<Record<NonNullable<Schools['tools']>, School>>;
} = {
  keying: {
    sand: {
      name: 'Sand everything',
      does: '180 to 240 all over, wet where it may contain lead',
      costs: 'Most work and dust, surest key.',
    },
    degloss: {
      name: 'Degloss only',
      does: 'clean and degloss, sand only where hardware sat',
      costs: 'No dust, but solvent, and only where the rag reaches.',
    },
    bond: {
      name: 'No sanding',
      does: 'clean hard and rely on a bonding primer',
      costs: 'Least work, but it all hangs on the primer. Check with a test patch.',
    },
  },
  priming: {
    always: {
      name: 'Always prime',
      does: 'a separate primer over all of it',
      costs: 'One more coat and wait, surest base.',
    },
    'two-in-one': {
      name: 'Paint and primer in one',
      does: 'a self-priming topcoat over sound paint',
      costs: 'Saves a coat, but stains and bare spots come through.',
    },
    'self-priming': {
      name: 'Mineral or plastic-safe',
      does: 'no primer, under a mineral or plastic-safe paint',
      costs: 'Saves a coat, but softer. Seal it where it’s handled.',
    },
    spots: {
      name: 'Spot-prime',
      does: 'primer on bare wood, filler and stains alone',
      costs: 'Little paint, but spots can show in raking light.',
    },
  },
  tools: {
    brush: { name: 'Brush only', does: 'everything by brush', costs: 'Slowest, with brush marks. Best grip.' },
    'brush-and-roll': {
      name: 'Brush and roll',
      does: 'profiles by brush, flats by roller, laid off',
      costs: 'Usual. Leaves a fine stipple.',
    },
    roll: {
      name: 'Roll only',
      does: 'a bare-ended roller into the corners',
      costs: 'Fast on flats. Stipple, thin in profiles.',
    },
    spray: {
      name: 'Spray',
      does: 'loose pieces by spray, with brush for what stays in place',
      costs: 'Smoothest and fastest once set up. Masking, mist, a third of the paint lost.',
    },
  },
};

/** The ways of keying that belong to a school. */
export function keysOf(keying: NonNullable<Schools['keying']>): readonly Key[] {
  if (keying === 'sand') return ['abrade', 'wet-abrade'];
  return keying === 'degloss' ? ['degloss'] : ['none'];
}

/** The tool of a school for a coat over the whole face. Profiles are brushed under a roller in any case. */
export function toolOf(tools: NonNullable<Schools['tools']>): Tool {
  if (tools === 'spray') return 'spray';
  return tools === 'brush' ? 'brush' : 'roller';
}

/** Whether primer and topcoat belong to a school of priming. */
export function suitsPriming(priming: Schools['priming'], primer: PrimerWay, topcoat: Coating): boolean {
  switch (priming) {
    case null:
      return true;
    case 'always':
      return primer?.extent === 'all';
    case 'two-in-one':
      return primer === null && topcoat.selfPriming;
    case 'self-priming':
      return primer === null && (topcoat.family === 'mineral' || topcoat.darkOnPlastic);
    case 'spots':
      return primer?.extent === 'spots';
  }
}
