import type { DefectId } from '../job/document/defect-schema.ts';
import type { DryingStage } from '../shelf/coating.ts';
import type { CauseId } from './causes/registry.ts';
import { blockSpot, coatFace, sequence, onSpot, primeSpot, sandFace, touchIn, type Remedy } from './remedies.ts';

/** One kind of defect: all that Nivel knows about it. */
export interface DefectDefinition {
  name: string;
  /** What one sees, along a lamp. */
  looksLike: string;
  /** Its usual causes, each with how often it is the one before anybody has looked: from 0 to 1. */
  causes: Readonly<Partial<Record<CauseId, number>>>;
  /** How it is put right, in a sentence. */
  remedy: string;
  /** What the coat must have reached before it is touched, and why. */
  waits: { for: DryingStage; because: string };
  rework: Remedy;
  /** What is said before it is put right, where that can hurt. */
  caution?: string;
}

const DUST = 'Sand wet, or mask and sheets. Dust of fresh enamel harms too.';
const SCRAPE = 'Old paint underneath may contain lead: test first, no dry scraping.';

/** Every defect, in the order in which a round looks for them. To add one is to add an entry and its id. */
export const DEFECTS: Readonly<Record<DefectId, DefectDefinition>> = {
  run: {
    name: 'Run or sag',
    looksLike: 'A raised drop or curtain, often under a moulding or edge.',
    causes: {
      'film-thick': 0.5,
      'no-look': 0.35,
      upright: 0.35,
      'edge-drip': 0.45,
      profiled: 0.4,
      thinned: 0.4,
      'cold-paint': 0.4,
      dew: 0.15,
    },
    remedy: 'Let it cure, pare it level with a blade, sand flat, touch in.',
    waits: { for: 'rehang', because: 'The skin dries long before the inside: sand too soon and it tears.' },
    rework: sequence(onSpot('level', 'Pare the run level and sand it flat', 'rehang'), touchIn),
  },
  'roller-lines': {
    name: 'Roller lines',
    looksLike: 'Fine ridges along the rolling, a sleeve’s width apart.',
    causes: { 'roller-pressed': 0.6, 'edge-set': 0.45, nap: 0.35, 'film-thick': 0.25 },
    remedy: 'Sand the face flat and roll it again, ending with a light dry roll.',
    waits: { for: 'rehang', because: 'Soft paint clogs the abrasive and pulls.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'orange-peel': {
    name: 'Orange peel',
    looksLike: 'An even pattern of small bumps.',
    causes: { nap: 0.6, 'spray-far': 0.6, 'cold-paint': 0.35, 'film-thick': 0.2 },
    remedy: 'Sand flat. Recoat with a shorter nap, a finer fan or a little warmth.',
    waits: { for: 'rehang', because: 'Soft paint clogs the abrasive and pulls.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'brush-marks': {
    name: 'Brush marks',
    looksLike: 'Bristle marks that didn’t flow out.',
    causes: { overbrushed: 0.55, 'film-thin': 0.4, 'cold-paint': 0.35, 'edge-set': 0.35, sun: 0.35 },
    remedy: 'Sand flat. Recoat with a loaded brush, laid off once. Maybe add conditioner.',
    waits: { for: 'rehang', because: 'Soft paint clogs the abrasive and pulls.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'lap-mark': {
    name: 'Lap mark',
    looksLike: 'A thicker or shinier band where you stopped and restarted.',
    causes: { 'edge-set': 0.7, sun: 0.5, 'film-thin': 0.3, unboxed: 0.2 },
    remedy: 'Sand the band out, then recoat from joint to joint in one pass.',
    waits: { for: 'rehang', because: 'Sand it soft and the band opens further.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'missed-spot': {
    name: 'Missed spot',
    looksLike: 'A dull or off-colour spot that got no paint.',
    causes: { 'bad-light': 0.5, 'clear-primer': 0.55, 'film-thin': 0.35, profiled: 0.3 },
    remedy: 'Touch it in once the coat can be recoated.',
    waits: { for: 'recoat', because: 'Touch in too soon and the edge pulls up.' },
    rework: touchIn,
  },
  'show-through': {
    name: 'Grinning through',
    looksLike: 'The old colour shows, most of all on edges.',
    causes: { 'too-few-coats': 0.75, 'film-thin': 0.45, thinned: 0.35, 'not-mixed': 0.15 },
    remedy: 'One more coat over the whole face.',
    waits: { for: 'recoat', because: 'Cover it too soon and solvent stays in the film.' },
    rework: coatFace,
  },
  grain: {
    name: 'Grain shows',
    looksLike: 'Open pores or raised grain through the film.',
    causes: { 'grain-open': 0.8, 'film-thin': 0.25, 'not-denibbed': 0.3 },
    remedy: 'Sand, fill the pores, spot-prime, and coat the face.',
    waits: { for: 'rehang', because: 'Filler won’t hold on soft paint.' },
    rework: sequence(
      sandFace('rehang'),
      onSpot('fill', 'Fill the open pores and sand flush', null),
      primeSpot,
      coatFace,
    ),
    caution: DUST,
  },
  grit: {
    name: 'Grit and nibs',
    looksLike: 'Specks you feel before you see.',
    causes: { 'dusty-air': 0.6, 'not-denibbed': 0.5, 'dirty-tin': 0.4, unclean: 0.25 },
    remedy: 'Denib with 320 and wipe. Touch in, or recoat the face if there are many.',
    waits: { for: 'recoat', because: 'A bit pulled out of soft paint leaves a hole.' },
    rework: sequence(onSpot('denib', 'Denib with 320 and wipe', 'recoat'), touchIn),
  },
  bleed: {
    name: 'Bleeding through',
    looksLike: 'Yellow or brown patches that come through every coat.',
    causes: { tannin: 0.8, 'damp-wood': 0.3, dew: 0.15 },
    remedy: 'Stain block on the spot and well past it, then recoat the face.',
    waits: { for: 'recoat', because: 'Let the stain come out before you lock it in.' },
    rework: sequence(blockSpot, coatFace),
    caution: 'Stain blocks are mostly alcohol: vapour mask, open windows, no flame or spark.',
  },
  'fish-eyes': {
    name: 'Cissing (fish-eyes)',
    looksLike: 'Small round craters where paint drew back.',
    causes: { silicone: 0.8, unclean: 0.5, 'dirty-tin': 0.15 },
    remedy: 'Sand the craters out, wipe with solvent, block, and coat the face.',
    waits: { for: 'rehang', because: 'Solvent softens fresh paint.' },
    rework: sequence(
      sandFace('rehang'),
      onSpot('wipe', 'Wipe twice with solvent and clean rags', null),
      blockSpot,
      coatFace,
    ),
    caution: 'Solvent: vapour mask, gloves, open windows, no flame. Lay rags flat outdoors.',
  },
  blisters: {
    name: 'Blisters',
    looksLike: 'Bubbles under the film, often after the first sun.',
    causes: {
      'sun-after': 0.6,
      rushed: 0.5,
      'early-recoat': 0.6,
      'damp-wood': 0.55,
      'wash-not-dry': 0.5,
      sun: 0.4,
      rain: 0.3,
      dew: 0.25,
    },
    remedy: 'Let it cure. Scrape blisters back to sound paint, sand, prime the spots, recoat the face.',
    waits: {
      for: 'rehang',
      because: 'Solvent or water is still coming out: recoat now and it lifts again.',
    },
    rework: sequence(
      onSpot('scrape', 'Scrape blisters back to sound paint and sand the rims', 'rehang'),
      primeSpot,
      coatFace,
    ),
    caution: SCRAPE,
  },
  wrinkling: {
    name: 'Wrinkling',
    looksLike: 'A folded skin over soft paint.',
    causes: { 'early-recoat': 0.6, 'film-thick': 0.55, cold: 0.4, sun: 0.35, damp: 0.25 },
    remedy: 'Scrape it off once hard, sand, and recoat thinly.',
    waits: { for: 'close', because: 'It’s liquid under the folds: it smears, not sands.' },
    rework: sequence(onSpot('scrape', 'Scrape the folds off and sand flat', 'close'), primeSpot, coatFace),
    caution: SCRAPE,
  },
  cracking: {
    name: 'Cracks or crazing',
    looksLike: 'A net of fine cracks, or one like a dried puddle.',
    causes: { 'hard-over-soft': 0.6, 'early-recoat': 0.45, 'film-thick': 0.4, cold: 0.35, 'weak-ground': 0.35 },
    remedy: 'Sand the cracks out, prime, and recoat the face.',
    waits: { for: 'close', because: 'It keeps cracking until cured.' },
    rework: sequence(sandFace('close'), primeSpot, coatFace),
    caution: SCRAPE,
  },
  peeling: {
    name: 'Peeling',
    looksLike: 'Paint comes off with a nail or tape, in flakes or sheets.',
    causes: {
      'not-keyed': 0.6,
      'patch-failed': 0.6,
      unclean: 0.55,
      'weak-ground': 0.5,
      'late-recoat': 0.4,
      phosphate: 0.5,
      cold: 0.35,
      'damp-wood': 0.3,
      silicone: 0.35,
      'wash-not-dry': 0.3,
    },
    remedy: 'Scrape to sound paint, key the rim and surface, prime, recoat. If it comes off in sheets, strip it all.',
    waits: {
      for: 'handle',
      because: 'It won’t hold later either. Just wait for a dry edge.',
    },
    rework: sequence(onSpot('scrape', 'Scrape to sound paint, key, wipe', 'handle'), primeSpot, coatFace),
    caution: SCRAPE,
  },
  'dull-patch': {
    name: 'Dull or flashing patch',
    looksLike: 'Uneven gloss.',
    causes: {
      'early-recoat': 0.5,
      dew: 0.5,
      damp: 0.45,
      unboxed: 0.45,
      'film-thin': 0.35,
      'edge-set': 0.3,
      cold: 0.25,
    },
    remedy: 'Key lightly and recoat the whole face from one box.',
    waits: { for: 'recoat', because: 'Recoat too soon and the gloss dies again.' },
    rework: sequence(onSpot('key', 'Key the face lightly with 320 and wipe', 'recoat'), coatFace),
  },
  'soft-film': {
    name: 'Soft film',
    looksLike: 'A nail leaves its mark days after.',
    causes: { cold: 0.6, uncured: 0.5, damp: 0.45, 'film-thick': 0.45, 'early-recoat': 0.5, 'not-mixed': 0.5 },
    remedy: 'Warmth, moving air and time. Try the nail again. If it never cures, scrape it off.',
    waits: { for: 'full', because: 'It may still cure. Don’t recoat before.' },
    rework: onSpot('nail', 'Try it with a fingernail again', 'full'),
  },
  blocking: {
    name: 'Blocking',
    looksLike: 'Stuck to its stop, seal or another face, and tore.',
    causes: { 'closed-early': 0.8, uncured: 0.5, cold: 0.35, 'film-thick': 0.25 },
    remedy: 'Let it cure open, sand the tear, touch in, and keep it ajar until its close date.',
    waits: { for: 'close', because: 'It would stick again.' },
    rework: sequence(onSpot('level', 'Sand the torn place flat', 'close'), touchIn),
  },
  'tape-bleed': {
    name: 'Bleed under tape',
    looksLike: 'A ragged line where paint crept under.',
    causes: { 'tape-loose': 0.6, 'film-thick': 0.3, thinned: 0.3 },
    remedy: 'Scrape the line clean, tape 1 mm off, touch in, pull at once.',
    waits: { for: 'handle', because: 'It smears while soft.' },
    rework: sequence(onSpot('scrape', 'Scrape the line clean and tape 1 mm off it', 'handle'), touchIn),
  },
  'torn-line': {
    name: 'Torn tape line',
    looksLike: 'Paint came off with the tape.',
    causes: { 'tape-late': 0.75, 'film-thick': 0.3, 'weak-ground': 0.25 },
    remedy: 'Score and trim the rim, sand, tape 1 mm off, touch in, pull at once.',
    waits: { for: 'rehang', because: 'A soft rim tears on.' },
    rework: sequence(onSpot('trim', 'Score and trim the torn rim, sand, tape 1 mm off', 'rehang'), touchIn),
  },
  'paint-astray': {
    name: 'Paint on glass, hinges or floor',
    looksLike: 'On hinges, glass, seals, sills or floors, or in a groove.',
    causes: { unmasked: 0.6, 'tape-loose': 0.35, 'bad-light': 0.25, 'edge-drip': 0.3 },
    remedy: 'Score round it and lift it off with a blade or plastic scraper.',
    waits: { for: 'handle', because: 'Wipe it tacky and it smears further.' },
    rework: onSpot('lift', 'Score round it and lift the paint off', 'handle'),
    caution: 'Blade on glass: glasses and gloves. Leave sliding faces and seals bare, or the window sticks.',
  },
};
