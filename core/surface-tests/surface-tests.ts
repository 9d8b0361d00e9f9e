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
      'Cut a small notch through every layer, wet, in a spot that does not show.',
      'Follow the kit’s own instructions; a laboratory is surer.',
      'Wipe the spot with the wet rag and bag it.',
    ],
    shows: {
      none: { sees: 'The kit shows nothing, on every layer', means: 'Dry sanding is allowed, with a mask.' },
      lead: {
        isBad: true,
        sees: 'The kit turns',
        means: 'No dry sanding or scraping. Local rules and licensed practice decide.',
      },
    },
    judgedAs: 'lead',
    takenAs: 'worst',
    whileUnknown: 'Paint of that age is treated as lead: no dry sanding or scraping.',
    matters: ({ substrate, oldCoat, yearBuilt }) =>
      mayHoldLead(substrate, oldCoat) && (yearBuilt === null || yearBuilt < LEAD_BEFORE),
  }),
  'old-coat': define({
    found: 'old-coat',
    name: 'Alcohol rub',
    minutes: 2,
    need: ['denatured alcohol', 'white rag', 'gloves; no flame, window open'],
    steps: [
      'Wash a spot the size of a hand and let it dry.',
      'Rub hard with alcohol on the rag for half a minute.',
      'Look at the rag, and feel the spot with a fingernail.',
    ],
    shows: {
      'waterborne-matt': {
        sees: 'It softens and comes off on the rag; it was dull',
        means: 'Matt acrylic: takes waterborne paint as it is.',
      },
      'waterborne-sheen': {
        sees: 'It softens and comes off on the rag; it had a shine',
        means: 'Acrylic with a sheen: key it or degloss it first.',
      },
      'oil-gloss': { sees: 'Nothing comes off, it stays hard', means: 'Oil enamel: key it, or use a bonding primer.' },
      varnish: { sees: 'Clear; it gets sticky, or turns white', means: 'Varnish or lacquer: treated like gloss.' },
      'factory-finish': { sees: 'Nothing at all, even after a minute', means: 'Baked or two-part: needs bond or key.' },
      'factory-primed': {
        sees: 'Dull, even and chalky white or grey, unused',
        means: 'Primed already: no first primer.',
      },
      bare: { sees: 'The rag takes up wood colour alone', means: 'Nothing is on it: prime as bare.' },
    },
    judgedAs: null,
    takenAs: 'worst',
    whileUnknown: 'It is judged by what the walk says, else as the worst coat that is usual on this material.',
    matters: (asked) => isCoated(asked) && asked.oldCoat !== 'factory-finish' && asked.oldCoat !== 'factory-primed',
  }),
  soundness: define({
    found: 'soundness',
    name: 'Scratch and tape',
    minutes: 3,
    need: ['sharp knife', 'strong clear tape', 'dark rag'],
    steps: [
      'Wipe with the dark rag: does it come away white?',
      'Cut a lattice of six by six lines, 2 mm apart, down to the ground. Wet, if it may hold lead.',
      'Press the tape on, wait a minute, pull it off sharply.',
    ],
    shows: {
      holds: { sees: 'Clean cuts, at most a corner comes off', means: 'It carries what comes on top.' },
      chalks: {
        isBad: true,
        sees: 'The rag is white',
        means: 'Wash the chalk off and bind what is left with a primer.',
      },
      'lets-go': {
        isBad: true,
        sees: 'Squares or flakes on the tape',
        means: 'Scrape and abrade back to a sound edge.',
      },
    },
    judgedAs: 'holds',
    takenAs: 'best',
    whileUnknown: 'It is judged as holding, and that is shown as a risk.',
    matters: isCoated,
  }),
  contamination: define({
    found: 'contamination',
    name: 'Water drops and white rag',
    minutes: 2,
    need: ['water', 'white rag', 'a little spirit'],
    steps: [
      'Flick water onto the cleaned surface, near handles and above cookers first.',
      'Look whether it spreads or stands in beads.',
      'Rub beside it with spirit on the white rag.',
    ],
    shows: {
      clean: { sees: 'Water spreads, the rag stays white', means: 'A light wash is enough.' },
      grease: {
        isBad: true,
        sees: 'The rag turns yellow or brown',
        means: 'Grease or hand oils: alkaline wash, rinsed.',
      },
      wax: {
        isBad: true,
        sees: 'Water stands in beads on a clean surface',
        means: 'Wax, polish, silicone or mould-release oil: solvent wipe.',
      },
    },
    judgedAs: 'clean',
    takenAs: 'best',
    whileUnknown: 'It is judged as clean, and that is shown as a risk.',
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
      'Stamp the highest.',
    ],
    shows: {
      dry: { sees: '15 % or less', means: 'Dry enough to treat and prime.' },
      damp: { isBad: true, sees: 'More than 15 %', means: 'No coat yet: it blisters. Let it dry and read again.' },
    },
    judgedAs: 'dry',
    takenAs: 'best',
    whileUnknown: 'It is judged as dry, and that is shown as a risk.',
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
      none: { sees: 'The dab stays white', means: 'No stain block is needed.' },
      bleeds: { isBad: true, sees: 'A yellow, brown or coloured ring', means: 'Stain block, on spots or all over.' },
    },
    judgedAs: 'none',
    takenAs: 'best',
    whileUnknown: 'Oak and ash are taken to bleed; knots and stains elsewhere are shown as a risk.',
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
      none: { sees: 'The spot stays dark, or there is none', means: 'Dirt: washing is enough.' },
      mould: {
        isBad: true,
        sees: 'The spot pales',
        means: 'Mould: mould wash, stand, rinse, dry. Never together with acid or ammonia.',
      },
    },
    judgedAs: 'none',
    takenAs: 'best',
    whileUnknown: 'It is judged as free of mould, and that is shown as a risk.',
    matters: ({ isOutside, isWall, isDamp }) => isOutside || isWall || isDamp,
  }),
  edges: define({
    found: 'edges',
    name: 'Edges, by touch and eye',
    minutes: 1,
    need: ['a lamp'],
    steps: ['Look at every edge in scope, at cut-outs and at the holes of old hardware.'],
    shows: {
      coated: { sees: 'The same coat as the faces', means: 'Edges are treated like the faces.' },
      raw: { isBad: true, sees: 'Timber or board shows', means: 'Edges get their own first coats.' },
    },
    judgedAs: 'coated',
    takenAs: 'best',
    whileUnknown: 'Edges are taken to be coated like the faces.',
    matters: (asked) => (isWood(asked) || asked.substrate === 'laminate') && isCoated(asked) && asked.hasEdges,
  }),
  'old-colour': define({
    found: 'old-colour',
    reading: 'colour',
    name: 'The old colour',
    minutes: 1,
    need: ['daylight, or a photo of the piece'],
    steps: ['Wipe a spot clean.', 'Hold the swatch against it, or pick the colour out of a photo taken in daylight.'],
    shows: { seen: { sees: 'A colour', means: 'Tells how many coats the new one needs to hide it.' } },
    judgedAs: null,
    takenAs: 'usual',
    whileUnknown: 'Two topcoats are supposed to hide it.',
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
