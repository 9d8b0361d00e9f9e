import { LEAD_BEFORE } from '../job/cautions.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { FoundId, ResultOf } from '../pieces/found.ts';
import { isWetRoom, roomOf } from '../job/queries/places.ts';
import { hasFeature, hasTrait } from '../pieces/registry.ts';
import { mayHoldLead, SUBSTRATES, type ExistingCoat, type Substrate } from '../pieces/substrate.ts';

/** What decides which questions matter for a surface. */
export interface Asked {
  substrate: Substrate;
  oldCoat: ExistingCoat;
  isOutside: boolean;
  yearBuilt: number | null;
  hasEdges: boolean;
  isWall: boolean;
  /** Where water condenses: a window, or any piece of a wet room. */
  isDamp: boolean;
}

/** What one sees, and what that means. */
export interface Shown {
  sees: string;
  means: string;
  /** Whether it asks for more than care. */
  isBad?: true;
}

/** One question that is put to a surface before anything is chosen, as a short procedure. */
export interface SurfaceTest<F extends FoundId = FoundId> {
  found: F;
  /** What one does: “Alcohol rub”. */
  name: string;
  minutes: number;
  need: readonly string[];
  steps: readonly string[];
  /** What one sees, and what that means, for each result. */
  shows: Readonly<Record<ResultOf<F>, Shown>>;
  /** Where the answer is more than one of its results: how damp, or which colour. */
  reading?: 'moisture' | 'colour';
  /** What the surface is judged as until somebody has looked; null where nothing is supposed. */
  judgedAs: ResultOf<F> | null;
  /** Which case is taken until it is answered. */
  takenAs: 'worst' | 'best' | 'usual';
  whileUnknown: string;
  matters(asked: Asked): boolean;
}

const isWood = ({ substrate }: Asked): boolean => SUBSTRATES[substrate].isWood;
const isCoated = ({ oldCoat }: Asked): boolean => oldCoat !== 'bare';
const define = <F extends FoundId>(surfaceTest: SurfaceTest<F>): SurfaceTest<F> => surfaceTest;

/** Every test, by what it finds out, in the order in which one does them. To add one is to add an entry. */
export const SURFACE_TESTS: { readonly [F in FoundId]: SurfaceTest<F> } = {
  lead: define({
    found: 'lead',
    name: 'Lead test',
    minutes: 5,
    need: ['a certified test kit, or a sample for a laboratory', 'gloves', 'wet rag'],
    steps: [
      'Cut a small notch through every layer, wet, in a hidden spot.',
      'Follow the kit’s instructions. A laboratory is surer.',
      'Wipe the spot with the wet rag and bag it.',
    ],
    shows: {
      none: { sees: 'The kit shows nothing, on every layer', means: 'Dry sanding is allowed, with a mask.' },
      lead: {
        isBad: true,
        sees: 'The kit changes colour',
        means: 'No dry sanding or scraping. Local rules and licensed practice decide.',
      },
    },
    judgedAs: 'lead',
    takenAs: 'worst',
    whileUnknown: 'Treated as lead for its age: no dry sanding or scraping.',
    matters: ({ substrate, oldCoat, yearBuilt }) =>
      mayHoldLead(substrate, oldCoat) && (yearBuilt === null || yearBuilt < LEAD_BEFORE),
  }),
  'old-coat': define({
    found: 'old-coat',
    name: 'Alcohol rub',
    minutes: 2,
    need: ['methylated spirit', 'white rag', 'gloves, open window, no flame'],
    steps: [
      'Wash a hand-sized spot and let it dry.',
      'Rub hard with alcohol on the rag for half a minute.',
      'Look at the rag, and feel the spot with a fingernail.',
    ],
    shows: {
      'waterborne-matt': {
        sees: 'Softens and comes off on the rag – was dull',
        means: 'Matt acrylic: takes waterborne paint as it is.',
      },
      'waterborne-sheen': {
        sees: 'Softens and comes off on the rag – had a shine',
        means: 'Acrylic with a sheen: key or degloss it first.',
      },
      'oil-gloss': { sees: 'Nothing comes off, stays hard', means: 'Oil enamel: key it, or use a bonding primer.' },
      varnish: {
        sees: 'Clear coat that gets sticky or turns white',
        means: 'Varnish or lacquer: treat it like gloss.',
      },
      'factory-finish': {
        sees: 'Nothing at all, even after a minute',
        means: 'Baked or two-part: needs a key or a bonding primer.',
      },
      'factory-primed': {
        sees: 'Dull, even, chalky white or grey, unused',
        means: 'Already primed: no first primer.',
      },
      bare: { sees: 'Only wood colour on the rag', means: 'No coat on it: prime as bare.' },
    },
    judgedAs: null,
    takenAs: 'worst',
    whileUnknown: 'Not tested – taken from Walk, or the worst usual coat.',
    matters: (asked) => isCoated(asked) && asked.oldCoat !== 'factory-finish' && asked.oldCoat !== 'factory-primed',
  }),
  soundness: define({
    found: 'soundness',
    name: 'Scratch and tape',
    minutes: 3,
    need: ['sharp knife', 'strong clear tape', 'dark rag'],
    steps: [
      'Wipe with the dark rag. Does it come away white?',
      'Cut a lattice of six by six lines, 2 mm apart, down to the ground. Wet, if it may contain lead.',
      'Press the tape on, wait a minute, pull it off fast.',
    ],
    shows: {
      holds: { sees: 'Clean cuts, a corner off at most', means: 'Sound enough to paint over.' },
      chalks: {
        isBad: true,
        sees: 'The rag is white',
        means: 'Wash the chalk off and bind the rest with a primer.',
      },
      'lets-go': {
        isBad: true,
        sees: 'Squares or flakes on the tape',
        means: 'Scrape and sand back to a sound edge.',
      },
    },
    judgedAs: 'holds',
    takenAs: 'best',
    whileUnknown: 'Not tested – assumed sound (risk).',
    matters: isCoated,
  }),
  contamination: define({
    found: 'contamination',
    name: 'Water drops and white rag',
    minutes: 2,
    need: ['water', 'white rag', 'a little spirit'],
    steps: [
      'Flick water onto the cleaned surface, near handles and above cookers first.',
      'See if it spreads or beads.',
      'Rub beside it with spirit on the white rag.',
    ],
    shows: {
      clean: { sees: 'Water spreads, rag stays white', means: 'A light wash will do.' },
      grease: {
        isBad: true,
        sees: 'Rag turns yellow or brown',
        means: 'Grease or hand oils: alkaline wash, rinsed.',
      },
      wax: {
        isBad: true,
        sees: 'Water beads on a clean surface',
        means: 'Wax, polish, silicone or mould-release oil: solvent wipe.',
      },
    },
    judgedAs: 'clean',
    takenAs: 'best',
    whileUnknown: 'Not tested – assumed clean (risk).',
    matters: () => true,
  }),
  moisture: define({
    found: 'moisture',
    reading: 'moisture',
    name: 'Moisture reading',
    minutes: 2,
    need: ['moisture meter with two pins'],
    steps: [
      'Set the meter to the kind of wood, or to plaster.',
      'Three readings along the grain, at the bottom rail, in a groove and near a joint.',
      'Log the highest.',
    ],
    shows: {
      dry: { sees: '15% or less', means: 'Dry enough to treat and prime.' },
      damp: { isBad: true, sees: 'More than 15%', means: 'Don’t paint: it will blister. Let it dry and read again.' },
    },
    judgedAs: 'dry',
    takenAs: 'best',
    whileUnknown: 'Not tested – assumed dry (risk).',
    matters: (asked) =>
      (isWood(asked) && (asked.isOutside || !isCoated(asked))) || (asked.substrate === 'plaster' && !isCoated(asked)),
  }),
  stains: define({
    found: 'stains',
    name: 'Bleed test',
    minutes: 5,
    need: ['some of the waterborne primer', 'a day'],
    steps: [
      'Look for knots, rust, smoke, water rings, felt pen and samples of the new colour.',
      'Dab primer onto the worst of them and onto plain wood.',
      'Look again tomorrow.',
    ],
    shows: {
      none: { sees: 'The dab stays white', means: 'No stain block needed.' },
      bleeds: { isBad: true, sees: 'A yellow, brown or coloured ring', means: 'Stain block, on spots or all over.' },
    },
    judgedAs: 'none',
    takenAs: 'best',
    whileUnknown: 'Not tested – oak and ash assumed to bleed, others not (risk).',
    matters: ({ substrate }) => substrate === 'softwood' || substrate === 'oak' || substrate === 'plaster',
  }),
  mould: define({
    found: 'mould',
    name: 'Bleach drop',
    minutes: 2,
    need: ['a drop of bleach on a stick', 'gloves and goggles'],
    steps: [
      'Look in corners, on putty lines and on the shady side.',
      'One drop of bleach onto a dark spot. Wait a minute.',
    ],
    shows: {
      none: { sees: 'The spot stays dark, or no spots', means: 'Dirt: washing will do.' },
      mould: {
        isBad: true,
        sees: 'The spot fades',
        means: 'Mould: mould wash, wait, rinse, dry. Never with acid or ammonia.',
      },
    },
    judgedAs: 'none',
    takenAs: 'best',
    whileUnknown: 'Not tested – assumed free of mould (risk).',
    matters: ({ isOutside, isWall, isDamp }) => isOutside || isWall || isDamp,
  }),
  edges: define({
    found: 'edges',
    name: 'Edges, by touch and eye',
    minutes: 1,
    need: ['a lamp'],
    steps: ['Check every edge to be painted, cut-outs and old hardware holes.'],
    shows: {
      coated: { sees: 'The same coat as the faces', means: 'Treat edges like the faces.' },
      raw: { isBad: true, sees: 'Bare timber or board', means: 'Edges get their own first coats.' },
    },
    judgedAs: 'coated',
    takenAs: 'best',
    whileUnknown: 'Not tested – assumed coated like the faces (risk).',
    matters: (asked) => (isWood(asked) || asked.substrate === 'laminate') && isCoated(asked) && asked.hasEdges,
  }),
  'old-colour': define({
    found: 'old-colour',
    reading: 'colour',
    name: 'The old colour',
    minutes: 1,
    need: ['daylight, or a photo of the piece'],
    steps: ['Wipe a spot clean.', 'Hold a swatch against it, or pick the colour from a daylight photo.'],
    shows: { seen: { sees: 'A colour', means: 'Sets how many coats hide it.' } },
    judgedAs: null,
    takenAs: 'usual',
    whileUnknown: 'Not set – two topcoats assumed.',
    matters: isCoated,
  }),
};

/** All tests in order. */
const ALL_TESTS = Object.values(SURFACE_TESTS) as unknown as readonly SurfaceTest[];

/** What decides the questions for one piece: what was stated of it on the walk. */
export function askedOf(
  job: Pick<Job, 'site' | 'rooms'>,
  piece: Pick<Piece, 'surface' | 'exposure' | 'scope' | 'kind' | 'roomId'>,
): Asked {
  const { surface, exposure, scope, kind } = piece;
  return {
    substrate: surface.substrate,
    oldCoat: surface.existing,
    isOutside: exposure.front === 'outside' || exposure.back === 'outside',
    yearBuilt: job.site.yearBuilt,
    hasEdges: scope.edges.length > 0,
    isWall: hasTrait(kind, 'wall'),
    isDamp: hasFeature(kind, 'window') || isWetRoom(roomOf(job, piece)),
  };
}

/** The tests that matter for a surface, in the order in which one does them. */
export const testsFor = (asked: Asked): readonly SurfaceTest[] =>
  ALL_TESTS.filter((surfaceTest) => surfaceTest.matters(asked));

/** Bare wood and plaster are primed at this reading or less, in %: a usual figure of the trade. */
const DRY_UNTIL = 15;

/** What a moisture meter's reading in % means. */
export const moistureResult = (reading: number): ResultOf<'moisture'> => (reading <= DRY_UNTIL ? 'dry' : 'damp');
