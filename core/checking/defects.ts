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

const DUST = 'Wet abrasive, or a mask and sheets: dust of fresh enamel is no better than old.';
const SCRAPE = 'Old paint from before the local lead ban may lie under it: test first, no dry scraping.';

/** Every defect, in the order in which a round looks for them. To add one is to add an entry and its id. */
export const DEFECTS: Readonly<Record<DefectId, DefectDefinition>> = {
  run: {
    name: 'Run or sag',
    looksLike: 'A drop or a curtain that stands out, mostly under a moulding or below an edge.',
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
    remedy: 'Let it harden through, pare it level with a blade, sand flat, touch in.',
    waits: { for: 'rehang', because: 'Its skin is dry long before its inside: sanded too early it tears out.' },
    rework: sequence(onSpot('level', 'Pare the run level and sand it flat', 'rehang'), touchIn),
  },
  'roller-lines': {
    name: 'Roller lines',
    looksLike: 'Fine ridges as wide apart as the sleeve, along the rolling.',
    causes: { 'roller-pressed': 0.6, 'edge-set': 0.45, nap: 0.35, 'film-thick': 0.25 },
    remedy: 'Sand the face flat and roll it once more, ending with a dry, weightless roll.',
    waits: { for: 'rehang', because: 'A soft film clogs the abrasive and pulls.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'orange-peel': {
    name: 'Orange peel',
    looksLike: 'An even pattern of small bumps.',
    causes: { nap: 0.6, 'spray-far': 0.6, 'cold-paint': 0.35, 'film-thick': 0.2 },
    remedy: 'Sand flat; coat again with a shorter nap, a finer fan or a little warmth.',
    waits: { for: 'rehang', because: 'A soft film clogs the abrasive and pulls.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'brush-marks': {
    name: 'Brush marks',
    looksLike: 'Furrows of the bristles that did not flow out.',
    causes: { overbrushed: 0.55, 'film-thin': 0.4, 'cold-paint': 0.35, 'edge-set': 0.35, sun: 0.35 },
    remedy: 'Sand flat; coat again, well loaded and laid off once, perhaps with a conditioner.',
    waits: { for: 'rehang', because: 'A soft film clogs the abrasive and pulls.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'lap-mark': {
    name: 'Lap mark',
    looksLike: 'A band that is thicker, or shines otherwise, where one stopped and went on.',
    causes: { 'edge-set': 0.7, sun: 0.5, 'film-thin': 0.3, unboxed: 0.2 },
    remedy: 'Sand the band out, then the whole face from joint to joint in one go.',
    waits: { for: 'rehang', because: 'Sanded soft, the band opens further.' },
    rework: sequence(sandFace('rehang'), coatFace),
    caution: DUST,
  },
  'missed-spot': {
    name: 'Missed spot',
    looksLike: 'A dull or differently coloured place that got no paint.',
    causes: { 'bad-light': 0.5, 'clear-primer': 0.55, 'film-thin': 0.35, profiled: 0.3 },
    remedy: 'Touch it in as soon as the coat can be recoated.',
    waits: { for: 'recoat', because: 'The edge of the coat round it must not be pulled up.' },
    rework: touchIn,
  },
  'show-through': {
    name: 'The old colour shows',
    looksLike: 'A shade that is darker or warmer than the sample, most of all on edges.',
    causes: { 'too-few-coats': 0.75, 'film-thin': 0.45, thinned: 0.35, 'not-mixed': 0.15 },
    remedy: 'One more coat over the whole face.',
    waits: { for: 'recoat', because: 'Solvent stays in the film when it is covered too early.' },
    rework: coatFace,
  },
  grain: {
    name: 'Grain shows',
    looksLike: 'Open pores or raised grain through the film.',
    causes: { 'grain-open': 0.8, 'film-thin': 0.25, 'not-denibbed': 0.3 },
    remedy: 'Sand, fill the pores, spot-prime, and coat the face.',
    waits: { for: 'rehang', because: 'Filler does not hold on a soft film.' },
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
    looksLike: 'Specks that one feels before one sees them.',
    causes: { 'dusty-air': 0.6, 'not-denibbed': 0.5, 'dirty-tin': 0.4, unclean: 0.25 },
    remedy: 'Denib with 320 and wipe; touch in, or coat the face where there are many.',
    waits: { for: 'recoat', because: 'A nib pulled out of a soft film leaves a hole.' },
    rework: sequence(onSpot('denib', 'Denib with 320 and wipe', 'recoat'), touchIn),
  },
  bleed: {
    name: 'Bleeding through',
    looksLike: 'Yellow or brown patches that come back through every coat.',
    causes: { tannin: 0.8, 'damp-wood': 0.3, dew: 0.15 },
    remedy: 'Stain block on the spot and well past it; then the face once more.',
    waits: { for: 'recoat', because: 'The stain has to have come out before it is locked in.' },
    rework: sequence(blockSpot, coatFace),
    caution: 'Stain blocks are mostly alcohol: organic-vapour cartridges, open windows, no flame or spark.',
  },
  'fish-eyes': {
    name: 'Fish-eyes',
    looksLike: 'Small round craters from which the paint drew back.',
    causes: { silicone: 0.8, unclean: 0.5, 'dirty-tin': 0.15 },
    remedy: 'Sand the craters out, wipe with solvent, block, and coat the face.',
    waits: { for: 'rehang', because: 'Solvent softens a fresh film.' },
    rework: sequence(
      sandFace('rehang'),
      onSpot('wipe', 'Wipe twice with solvent and clean rags', null),
      blockSpot,
      coatFace,
    ),
    caution: 'Solvent: organic-vapour cartridges, gloves, open windows, no flame; rags laid flat outdoors.',
  },
  blisters: {
    name: 'Blisters',
    looksLike: 'Bubbles under the film, mostly after the first sun.',
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
    remedy: 'Let it harden, scrape the blisters back to what holds, sand, prime the spots, coat the face.',
    waits: {
      for: 'rehang',
      because: 'Solvent or water is still on its way out: covered again at once it lifts again.',
    },
    rework: sequence(
      onSpot('scrape', 'Scrape blisters back to what holds and sand the rims', 'rehang'),
      primeSpot,
      coatFace,
    ),
    caution: SCRAPE,
  },
  wrinkling: {
    name: 'Wrinkling',
    looksLike: 'A skin in folds over paint that is still soft.',
    causes: { 'early-recoat': 0.6, 'film-thick': 0.55, cold: 0.4, sun: 0.35, damp: 0.25 },
    remedy: 'Scrape it off once it is hard, sand, and coat thinly.',
    waits: { for: 'close', because: 'Under the folds it is liquid: it smears rather than sands.' },
    rework: sequence(onSpot('scrape', 'Scrape the folds off and sand flat', 'close'), primeSpot, coatFace),
    caution: SCRAPE,
  },
  cracking: {
    name: 'Cracks or crazing',
    looksLike: 'A net of fine cracks, or one like a dried puddle.',
    causes: { 'hard-over-soft': 0.6, 'early-recoat': 0.45, 'film-thick': 0.4, cold: 0.35, 'weak-ground': 0.35 },
    remedy: 'Sand until the cracks are gone, prime, and coat the face.',
    waits: { for: 'close', because: 'It goes on cracking until it has cured.' },
    rework: sequence(sandFace('close'), primeSpot, coatFace),
    caution: SCRAPE,
  },
  peeling: {
    name: 'Peeling',
    looksLike: 'The film comes off with a nail or with tape, in flakes or in sheets.',
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
    remedy: 'Scrape to where it holds, key the rim and the ground, prime, coat. Where sheets come off, all of it.',
    waits: {
      for: 'handle',
      because: 'What does not hold now never will: there is nothing to wait for but a dry edge.',
    },
    rework: sequence(onSpot('scrape', 'Scrape to what holds, key the ground, wipe', 'handle'), primeSpot, coatFace),
    caution: SCRAPE,
  },
  'dull-patch': {
    name: 'Dull or flashing patch',
    looksLike: 'Gloss that differs from one place to the next.',
    causes: {
      'early-recoat': 0.5,
      dew: 0.5,
      damp: 0.45,
      unboxed: 0.45,
      'film-thin': 0.35,
      'edge-set': 0.3,
      cold: 0.25,
    },
    remedy: 'Key lightly and coat the whole face from one box.',
    waits: { for: 'recoat', because: 'Too early kills the gloss again.' },
    rework: sequence(onSpot('key', 'Key the face lightly with 320 and wipe', 'recoat'), coatFace),
  },
  'soft-film': {
    name: 'Soft film',
    looksLike: 'A nail leaves its mark days after.',
    causes: { cold: 0.6, uncured: 0.5, damp: 0.45, 'film-thick': 0.45, 'early-recoat': 0.5, 'not-mixed': 0.5 },
    remedy: 'Warmth and moving air, and time. Try the nail again; what never hardens is scraped off.',
    waits: { for: 'full', because: 'It may still cure: nothing goes over it before.' },
    rework: onSpot('nail', 'Try it with a fingernail again', 'full'),
  },
  blocking: {
    name: 'Blocking',
    looksLike: 'It stuck to its stop, seal or another face, and tore.',
    causes: { 'closed-early': 0.8, uncured: 0.5, cold: 0.35, 'film-thick': 0.25 },
    remedy: 'Let it harden open, sand the tear, touch in, and keep it apart until its date.',
    waits: { for: 'close', because: 'It would stick again at once.' },
    rework: sequence(onSpot('level', 'Sand the torn place flat', 'close'), touchIn),
  },
  'tape-bleed': {
    name: 'Paint under the tape',
    looksLike: 'A ragged line where paint crept under.',
    causes: { 'tape-loose': 0.6, 'film-thick': 0.3, thinned: 0.3 },
    remedy: 'Scrape it off the line, tape a millimetre off, touch in, and pull at once.',
    waits: { for: 'handle', because: 'Still soft it smears.' },
    rework: sequence(onSpot('scrape', 'Scrape the line clean and tape a millimetre off it', 'handle'), touchIn),
  },
  'torn-line': {
    name: 'Torn tape line',
    looksLike: 'The film came off with the tape along the line.',
    causes: { 'tape-late': 0.75, 'film-thick': 0.3, 'weak-ground': 0.25 },
    remedy: 'Score and trim the rim, sand it, tape a millimetre off, touch in, and pull at once.',
    waits: { for: 'rehang', because: 'A soft rim tears on.' },
    rework: sequence(onSpot('trim', 'Score and trim the torn rim, sand, tape a millimetre off', 'rehang'), touchIn),
  },
  'paint-astray': {
    name: 'Paint where none belongs',
    looksLike: 'On hinges, glass, seals, sills or floors; in a sliding groove.',
    causes: { unmasked: 0.6, 'tape-loose': 0.35, 'bad-light': 0.25, 'edge-drip': 0.3 },
    remedy: 'Score round it and lift it off with a blade or a plastic scraper; nothing is painted.',
    waits: { for: 'handle', because: 'Wiped while tacky it smears over more.' },
    rework: onSpot('lift', 'Score round it and lift the paint off', 'handle'),
    caution: 'A blade on glass: glasses and gloves. Sliding faces and seals stay bare, or the window sticks.',
  },
};
