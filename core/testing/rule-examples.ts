import type { Ground } from '../build-up/situation.ts';
import type { Recipe } from '../build-up/system-coat.ts';
import {
  on,
  wash,
  sanded,
  thin,
  TRIM,
  BLOCKED,
  OIL,
  PLAIN,
  EXTERIOR,
  LACQUER,
  MINERAL,
  gloss,
  paint,
  bare,
  bareOak,
  board,
  melamine,
  steel,
  vinyl,
  coloured,
  grain,
} from './example-recipes.ts';
import { ground, OUTSIDE } from './surfaces.ts';

/** A surface, and what is put on it. */
export type Example = readonly [Ground, Recipe];

/** For every rule a build-up that fires it, and one beside it that does not. */
export const EXAMPLES: Record<string, { fires: Example; beside: Example }> = {
  // Cleaning
  'phosphate-residue': {
    fires: [gloss, on(BLOCKED, wash('phosphate-wash'))],
    beside: [gloss, on(BLOCKED, wash('phosphate-wash+rinsed'))],
  },
  'bleach-residue': {
    fires: [gloss, on(TRIM, wash('mould-wash'))],
    beside: [gloss, on(TRIM, wash('mould-wash+rinsed'))],
  },
  'soap-residue': {
    fires: [gloss, on(TRIM, wash('alkaline-wash'))],
    beside: [gloss, on(TRIM, wash('alkaline-wash+rinsed'))],
  },
  'etch-not-rinsed': {
    fires: [steel, on(TRIM, wash('white-vinegar'))],
    beside: [steel, on(TRIM, wash('white-vinegar+rinsed'))],
  },
  'not-cleaned': { fires: [gloss, on(TRIM, wash())], beside: [bare, on(TRIM, wash())] },
  grease: {
    fires: [ground({ contamination: 'grease' }), on(TRIM)],
    beside: [ground({ contamination: 'grease' }), on(TRIM, wash('alkaline-wash+rinsed'))],
  },
  'wax-or-silicone': {
    fires: [ground({ contamination: 'wax' }), on(TRIM, wash('alkaline-wash+rinsed'))],
    beside: [ground({ contamination: 'wax' }), on(TRIM, wash('solvent-wipe'))],
  },
  mould: {
    fires: [ground({ mould: 'mould' }, OUTSIDE), on(EXTERIOR)],
    beside: [ground({ mould: 'mould' }, OUTSIDE), on(EXTERIOR, wash('mould-wash+rinsed'))],
  },
  'chalk-not-washed': {
    fires: [ground({ soundness: 'chalks' }), on(TRIM, wash('solvent-wipe'))],
    beside: [ground({ soundness: 'chalks' }), on(TRIM)],
  },
  'weather-dirt': {
    fires: [ground({}, OUTSIDE), on(EXTERIOR, wash('solvent-wipe'))],
    beside: [gloss, on(EXTERIOR, wash('solvent-wipe'))],
  },
  'new-vinyl-oil': { fires: [vinyl(), on(EXTERIOR)], beside: [vinyl(), on(EXTERIOR, wash('alkaline-wash+rinsed'))] },
  'contamination-unknown': { fires: [ground({}, { unknown: ['contamination'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'mould-unknown': { fires: [ground({}, { unknown: ['mould'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'water-on-bare-wood': { fires: [bare, on(TRIM)], beside: [bare, on(TRIM, wash('solvent-wipe'))] },
  'cleaners-never-mixed': {
    fires: [gloss, on(TRIM, wash('mould-wash+rinsed', 'white-vinegar+rinsed'))],
    beside: [gloss, on(TRIM, wash('mould-wash+rinsed'))],
  },
  'wash-protection': { fires: [gloss, on(TRIM)], beside: [gloss, on(TRIM, wash('mild-detergent+rinsed'))] },

  // Keying
  'waterborne-over-unkeyed-oil': {
    fires: [gloss, on(PLAIN, { key: 'none' })],
    beside: [gloss, on(TRIM, { key: 'none' })],
  },
  'oil-over-unkeyed-gloss': {
    fires: [gloss, on('enamel-oil enamel-oil', { key: 'none' })],
    beside: [gloss, on('enamel-oil enamel-oil', sanded)],
  },
  'bonding-primer-alone': {
    fires: [gloss, on(TRIM, { key: 'none' })],
    beside: [ground({}, { patch: { first: 'prime-bond-wb', key: 'none', held: true } }), on(TRIM, { key: 'none' })],
  },
  'topcoat-on-gloss': { fires: [gloss, on(PLAIN)], beside: [paint, on(PLAIN)] },
  'deglossed-in-the-grooves': { fires: [gloss, on(TRIM)], beside: [gloss, on(TRIM, sanded)] },
  'laminate-needs-key': { fires: [melamine, on(TRIM)], beside: [melamine, on(TRIM, sanded)] },
  'flaking-needs-abrading': {
    fires: [ground({ soundness: 'lets-go' }), on(TRIM)],
    beside: [ground({ soundness: 'lets-go' }), on(TRIM, { key: 'wet-abrade' })],
  },
  'bare-not-sanded': { fires: [bare, on(TRIM)], beside: [bare, on(TRIM, sanded)] },
  'board-sanded-wet': { fires: [board, on(TRIM, { key: 'wet-abrade' })], beside: [board, on(TRIM, sanded)] },
  'lead-dry-abrasion': {
    fires: [ground({ lead: 'lead' }), on(TRIM, sanded)],
    beside: [ground({ lead: 'lead' }), on(TRIM, { key: 'wet-abrade' })],
  },
  'lead-wet-abrasion': {
    fires: [ground({ lead: 'lead' }), on(TRIM, { key: 'wet-abrade' })],
    beside: [gloss, on(TRIM, { key: 'wet-abrade' })],
  },
  'lead-unknown': {
    fires: [ground({ lead: 'lead' }, { unknown: ['lead'] }), on(TRIM)],
    beside: [ground({ lead: 'lead' }), on(TRIM)],
  },
  'coat-unknown': { fires: [ground({}, { unknown: ['old-coat'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'soundness-unknown': { fires: [ground({}, { unknown: ['soundness'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'chalk-not-bound': {
    fires: [ground({ soundness: 'chalks' }), on(PLAIN)],
    beside: [ground({ soundness: 'chalks' }), on(TRIM)],
  },
  'vinyl-sanded': { fires: [vinyl(), on(EXTERIOR, sanded)], beside: [vinyl(), on(EXTERIOR)] },
  'sanding-dust': { fires: [gloss, on(TRIM, sanded)], beside: [gloss, on(TRIM)] },
  'old-filler-asbestos': {
    fires: [ground({ substrate: 'plaster' }, { yearBuilt: 1874 }), on(MINERAL, sanded)],
    beside: [ground({ substrate: 'plaster' }), on(MINERAL, sanded)],
  },

  // Timber
  'open-grain': { fires: [bareOak, on(BLOCKED, sanded)], beside: [bare, on(BLOCKED, sanded)] },
  'grain-on-one-face': {
    fires: [bareOak, on(BLOCKED, { grainFill: { product: 'grain-putty', passes: 2, onlyFace: 'front' } })],
    beside: [bareOak, on(BLOCKED, grain('grain-putty', 2))],
  },
  'grain-filler-too-thin': {
    fires: [bareOak, on(BLOCKED, { ...sanded, ...grain('grain-gel', 1) })],
    beside: [bareOak, on(BLOCKED, { ...sanded, ...grain('grain-gel', 3) })],
  },
  'grain-filler-on-gloss': {
    fires: [ground({ substrate: 'oak', oldCoat: 'varnish' }), on(BLOCKED, grain('grain-putty', 2))],
    beside: [bareOak, on(BLOCKED, grain('grain-putty', 2))],
  },
  'no-grain-filler': {
    fires: [bareOak, on(BLOCKED, grain('spackle', 2))],
    beside: [bareOak, on(BLOCKED, grain('grain-putty', 2))],
  },
  'grain-filled-in-vain': {
    fires: [bare, on(TRIM, grain('grain-putty', 2))],
    beside: [bareOak, on(BLOCKED, grain('grain-putty', 2))],
  },
  'grain-gel': {
    fires: [bareOak, on(BLOCKED, grain('grain-gel', 3))],
    beside: [bareOak, on(BLOCKED, grain('grain-putty', 2))],
  },
  preservative: {
    fires: [ground({ oldCoat: 'bare' }, OUTSIDE), on(EXTERIOR)],
    beside: [ground({ oldCoat: 'bare' }, OUTSIDE), on(EXTERIOR, { preservative: 'water-repellent' })],
  },
  'preservative-inside': { fires: [bare, on(TRIM, { preservative: 'water-repellent' })], beside: [bare, on(TRIM)] },
  'preservative-on-paint': {
    fires: [ground({}, OUTSIDE), on(EXTERIOR, { preservative: 'water-repellent' })],
    beside: [ground({ soundness: 'lets-go' }, OUTSIDE), on(EXTERIOR, { preservative: 'water-repellent' })],
  },
  damp: { fires: [ground({ moisture: 'damp' }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'moisture-unknown': { fires: [ground({}, { unknown: ['moisture'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'board-outside': {
    fires: [ground({ substrate: 'mdf' }, OUTSIDE), on(EXTERIOR)],
    beside: [ground({ substrate: 'mdf' }), on(EXTERIOR)],
  },
  'bare-putty': {
    fires: [ground({ oldCoat: 'bare' }, { ...OUTSIDE, traits: ['putty'] }), on(`prime-ext-wb ${EXTERIOR}`)],
    beside: [
      ground({ oldCoat: 'bare' }, { ...OUTSIDE, traits: ['putty'] }),
      on(`prime-oil@spots prime-ext-wb ${EXTERIOR}`),
    ],
  },
  'putty-line': { fires: [ground({}, { traits: ['putty'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'rest-preserved': {
    fires: [ground({}, { ...OUTSIDE, faces: ['front'], preservesRest: true }), on(EXTERIOR)],
    beside: [
      ground({}, { ...OUTSIDE, faces: ['front'], preservesRest: true }),
      on(EXTERIOR, { preservative: 'water-repellent' }),
    ],
  },
  'sliding-faces': { fires: [ground({}, { traits: ['slides'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'open-edge-outside': {
    fires: [ground({}, { ...OUTSIDE, hasOpenEdges: true }), on(EXTERIOR)],
    beside: [ground({}, { hasOpenEdges: true }), on(TRIM)],
  },
  'filler-for-inside': {
    fires: [ground({}, OUTSIDE), on(EXTERIOR, { fillers: ['wood-putty'] })],
    beside: [ground({}, OUTSIDE), on(EXTERIOR, { fillers: ['epoxy-2k'] })],
  },
  'repair-before-dry': {
    fires: [gloss, on(TRIM, { fillers: ['epoxy-2k'] })],
    beside: [gloss, on(TRIM, { fillers: ['wood-putty'] })],
  },
  'bare-wood-drinks': { fires: [bare, on(OIL)], beside: [bare, thin(on(OIL), 8)] },
  'section-joints': { fires: [ground({}, { traits: ['sections'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'wood-in-dark-sun': {
    fires: [ground({}, { ...OUTSIDE, colours: { front: '#222222', back: '#222222' } }), on(EXTERIOR)],
    beside: [ground({}, OUTSIDE), on(EXTERIOR)],
  },

  // Priming
  'laminate-needs-adhesion': {
    fires: [melamine, on(`prime-fill-wb ${PLAIN}`, sanded)],
    beside: [melamine, on(`prime-2k-tile ${PLAIN}`)],
  },
  'vinyl-needs-bond': {
    fires: [vinyl(), on(`prime-ext-wb ${EXTERIOR}`)],
    beside: [vinyl(), on(`prime-bond-wb ${EXTERIOR}`)],
  },
  'tannin-bleed': { fires: [bareOak, on(TRIM)], beside: [bareOak, on(BLOCKED)] },
  'blocker-after-waterborne': {
    fires: [bareOak, on(`prime-bond-wb ${BLOCKED}`)],
    beside: [bareOak, on(BLOCKED)],
  },
  'tannin-under-old-paint': {
    fires: [ground({ substrate: 'oak' }), on(TRIM)],
    beside: [ground({ substrate: 'oak' }), on(`prime-shellac@spots ${TRIM}`)],
  },
  'stains-bleed': {
    fires: [ground({ stains: 'bleeds' }), on(TRIM)],
    beside: [ground({ stains: 'bleeds' }), on(`prime-shellac@spots ${TRIM}`)],
  },
  'stains-unknown': {
    fires: [ground({ oldCoat: 'bare' }, { unknown: ['stains'] }), on(TRIM)],
    beside: [ground({ oldCoat: 'bare' }, { unknown: ['stains'] }), on(BLOCKED)],
  },
  'stains-under-paint': {
    fires: [ground({}, { unknown: ['stains'] }), on(TRIM)],
    beside: [ground({ oldCoat: 'bare' }, { unknown: ['stains'] }), on(TRIM)],
  },
  'tin-says-not': {
    fires: [board, on('prime-metal-wb enamel-acrylic enamel-acrylic')],
    beside: [steel, on('prime-metal-wb enamel-acrylic enamel-acrylic')],
  },
  'will-do': {
    fires: [gloss, on(BLOCKED)],
    beside: [gloss, on(TRIM)],
  },
  'raw-cut-edges': {
    fires: [ground({ oldCoat: 'factory-primed', edges: 'raw' }), on(PLAIN)],
    beside: [ground({ oldCoat: 'factory-primed' }), on(PLAIN)],
  },
  'sheen-not-keyed': {
    fires: [ground({ oldCoat: 'waterborne-sheen' }), on(PLAIN, { key: 'none' })],
    beside: [paint, on(PLAIN, { key: 'none' })],
  },
  'thinned-too-far': {
    fires: [ground({ substrate: 'plaster', oldCoat: 'bare' }), thin(on(PLAIN), 25)],
    beside: [ground({ substrate: 'plaster', oldCoat: 'bare' }), thin(on('wall-matt wall-matt'), 25)],
  },
  'plaster-sealed-in': {
    fires: [ground({ substrate: 'plaster', oldCoat: 'bare' }), on(PLAIN)],
    beside: [ground({ substrate: 'plaster', oldCoat: 'bare' }), on('wall-matt wall-matt')],
  },
  'white-under-deep': {
    fires: [coloured('#22324a'), on(TRIM)],
    beside: [coloured('#efece2'), on(TRIM)],
  },
  'isocyanate-air': {
    fires: [ground({}, { sprays: true, suppliedAir: null }), on(LACQUER)],
    beside: [ground({}, { sprays: true, suppliedAir: true }), on(LACQUER)],
  },
  'isocyanate-brushed': {
    fires: [gloss, on(LACQUER)],
    beside: [ground({}, { sprays: true }), on(LACQUER)],
  },
  'metal-needs-metal-primer': {
    fires: [steel, on(BLOCKED)],
    beside: [steel, on(`prime-metal-wb ${PLAIN}`)],
  },
  'metal-laid-bare': {
    fires: [ground({ substrate: 'metal', soundness: 'lets-go' }), on(BLOCKED)],
    beside: [ground({ substrate: 'metal', soundness: 'lets-go' }), on(`prime-metal-wb@spots ${BLOCKED}`)],
  },
  'rust-under-old-paint': {
    fires: [ground({ substrate: 'metal', soundness: 'lets-go' }), on(`prime-metal-wb ${BLOCKED}`)],
    beside: [ground({ substrate: 'metal' }), on(BLOCKED)],
  },
  'galvanised-not-etched': {
    fires: [steel, on(TRIM)],
    beside: [steel, on(TRIM, wash('no-rinse-wash', 'white-vinegar+rinsed'))],
  },
  'bare-needs-primer': { fires: [bare, on(PLAIN)], beside: [bare, on(TRIM)] },
  'laid-bare-not-primed': {
    fires: [ground({ oldCoat: 'waterborne-matt', soundness: 'lets-go' }), on(PLAIN, sanded)],
    beside: [ground({ oldCoat: 'waterborne-matt', soundness: 'lets-go' }), on(`prime-bond-wb@spots ${PLAIN}`, sanded)],
  },
  'primer-for-another-surface': {
    fires: [bare, on(`prime-2k-tile ${PLAIN}`)],
    beside: [bare, on(TRIM)],
  },
  'sound-paint-primed': { fires: [paint, on(TRIM)], beside: [gloss, on(TRIM)] },
  'topcoat-not-self-priming': {
    fires: [paint, on('enamel-alkyd-wb enamel-alkyd-wb')],
    beside: [paint, on(PLAIN)],
  },
  'oil-over-new-waterborne': {
    fires: [gloss, on('prime-bond-wb enamel-oil enamel-oil')],
    beside: [gloss, on(OIL)],
  },
  'oil-on-raw-edges': {
    fires: [ground({ edges: 'raw' }), on('enamel-oil enamel-oil')],
    beside: [ground({ edges: 'raw' }), on('prime-oil@edges enamel-oil enamel-oil')],
  },
  'board-edges': {
    fires: [board, on(TRIM, sanded)],
    beside: [board, on(`prime-fill-wb@edges prime-fill-wb@edges ${TRIM}`, sanded)],
  },
  'edges-unknown': { fires: [ground({}, { unknown: ['edges'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'filler-flashes': {
    fires: [paint, on(PLAIN, { fillers: ['spackle'] })],
    beside: [paint, on(PLAIN, { fillers: ['caulk'] })],
  },
  'spots-show': { fires: [paint, on(`prime-bond-wb@spots ${PLAIN}`)], beside: [paint, on(PLAIN)] },
  'dries-clear': { fires: [melamine, on(`prime-2k-tile ${PLAIN}`)], beside: [melamine, on(TRIM, sanded)] },
  'prove-the-bond': {
    fires: [gloss, on(TRIM)],
    beside: [ground({}, { patch: { first: 'prime-bond-wb', key: 'degloss', held: true } }), on(TRIM)],
  },
  'patch-lifted': {
    fires: [ground({}, { patch: { first: 'prime-bond-wb', key: 'degloss', held: false } }), on(TRIM)],
    beside: [ground({}, { patch: { first: 'prime-bond-wb', key: 'degloss', held: false } }), on(TRIM, sanded)],
  },

  // Finish
  'inside-product-outside': {
    fires: [ground({}, OUTSIDE), on(TRIM)],
    beside: [ground({}, OUTSIDE), on(`prime-shellac@spots prime-bond-wb ${EXTERIOR}`)],
  },
  'outside-product-inside': { fires: [gloss, on(EXTERIOR)], beside: [ground({}, OUTSIDE), on(EXTERIOR)] },
  'vinyl-needs-acrylic': {
    fires: [vinyl(), on('prime-bond-wb enamel-oil enamel-oil')],
    beside: [vinyl(), on(EXTERIOR)],
  },
  'vinyl-too-dark': {
    fires: [vinyl('#43565e'), on(EXTERIOR)],
    beside: [vinyl('#43565e'), on('ext-acrylic-vinyl ext-acrylic-vinyl')],
  },
  'vinyl-dark-on-safe-base': {
    fires: [vinyl('#43565e'), on('ext-acrylic-vinyl ext-acrylic-vinyl')],
    beside: [vinyl(), on('ext-acrylic-vinyl ext-acrylic-vinyl')],
  },
  'vinyl-darker-than-before': {
    // #d8d4c8 reflects about 66 %: above the limit, and darker than the white that was there.
    fires: [vinyl('#d8d4c8', '#ffffff'), on(EXTERIOR)],
    beside: [vinyl('#d8d4c8', '#a8a8a0'), on(EXTERIOR)],
  },
  'not-hidden': {
    fires: [coloured('#c62b22', '#ffffff'), on(PLAIN)],
    beside: [coloured('#c62b22', '#ffffff'), on(`${PLAIN} ${PLAIN} enamel-acrylic`)],
  },
  'hides-badly': { fires: [coloured('#c62b22'), on(TRIM)], beside: [coloured('#43565e'), on(TRIM)] },
  'primer-saves-coats': {
    fires: [coloured('#ffffff', '#1f3f77'), on(PLAIN)],
    beside: [coloured('#ffffff', '#1f3f77'), on(TRIM)],
  },
  'old-colour-unknown': { fires: [ground({}, { unknown: ['old-colour'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'no-topcoat': { fires: [gloss, on('prime-bond-wb')], beside: [gloss, on(TRIM)] },
  'one-topcoat': { fires: [gloss, on('prime-bond-wb enamel-acrylic')], beside: [gloss, on(TRIM)] },
  'spray-only': {
    fires: [gloss, { ...on(LACQUER), coats: { front: [{ ...on(LACQUER).coats.front[1]!, tool: 'brush' }], back: [] } }],
    beside: [gloss, on(LACQUER)],
  },
  'coats-out-of-order': { fires: [gloss, on('enamel-acrylic prime-bond-wb')], beside: [gloss, on(TRIM)] },
  'topcoats-of-two-kinds': {
    fires: [gloss, on('prime-bond-wb enamel-oil enamel-acrylic')],
    beside: [gloss, on(TRIM)],
  },
  'too-many-coats': {
    fires: [gloss, on(`${TRIM} ${PLAIN} ${PLAIN} ${PLAIN}`)],
    beside: [gloss, on(`${TRIM} ${PLAIN}`)],
  },
  'mineral-unsealed': {
    fires: [ground({}, { traits: ['handled'] }), on(MINERAL)],
    beside: [ground({}, { traits: ['handled'] }), on(`${MINERAL} sealer-wb`)],
  },
  'plate-unsealed': {
    fires: [ground({}, { traits: ['plate'] }), on(TRIM)],
    beside: [ground({}, { traits: ['plate'] }), on(`${TRIM} sealer-wb`)],
  },
  'rail-too-soft': {
    fires: [ground({}, { traits: ['rail'] }), on(TRIM)],
    beside: [ground({}, { traits: ['rail'], work: 'rails' }), on('prime-bond-wb porch-enamel porch-enamel')],
  },
  'made-for-something-else': {
    fires: [ground({}, { work: 'walls' }), on('prime-bond-wb lacquer-2k-wb lacquer-2k-wb')],
    beside: [ground({}, { traits: ['rail'], work: 'rails' }), on('prime-bond-wb porch-enamel porch-enamel')],
  },
  'shelf-too-soft': {
    fires: [ground({}, { traits: ['loaded'] }), on(TRIM)],
    beside: [ground({}, { traits: ['loaded'] }), on('prime-bond-wb enamel-alkyd-wb enamel-alkyd-wb')],
  },
  'blocks-early': {
    fires: [ground({}, { traits: ['handled'] }), on(TRIM)],
    beside: [ground({}, { traits: ['handled'] }), on('prime-bond-wb enamel-alkyd-wb enamel-alkyd-wb')],
  },
  'plaster-first-coat': {
    fires: [ground({ substrate: 'plaster', oldCoat: 'bare' }), on(MINERAL)],
    beside: [ground({ substrate: 'plaster', oldCoat: 'bare' }), thin(on(MINERAL), 10)],
  },
  'sheen-not-made': {
    fires: [ground({}, { sheen: 'gloss' }), on(MINERAL)],
    beside: [ground({}, { sheen: 'matt' }), on(MINERAL)],
  },
  'sealer-sheen': { fires: [gloss, on(`${TRIM} sealer-wb`)], beside: [gloss, on(TRIM)] },
  'gloss-shows': {
    fires: [ground({}, { sheen: 'gloss' }), on(TRIM)],
    beside: [ground({}, { sheen: 'gloss' }), on(TRIM, { fillers: ['wood-putty'] })],
  },
  'oil-yellows': { fires: [gloss, on(OIL)], beside: [coloured('#43565e'), on(OIL)] },
  'alkyd-waits': {
    fires: [gloss, on('prime-bond-wb enamel-alkyd-wb enamel-alkyd-wb')],
    beside: [gloss, on(TRIM)],
  },

  // Safety
  isocyanate: { fires: [gloss, on(LACQUER)], beside: [gloss, on(TRIM)] },
  'professional-spray': {
    fires: [ground({}, { isProfessional: false, sprays: true }), on(LACQUER)],
    beside: [ground({}, { sprays: true }), on(LACQUER)],
  },
  'two-part': { fires: [melamine, on(`prime-2k-tile ${PLAIN}`)], beside: [melamine, on(TRIM)] },
  'solvent-vapour': { fires: [gloss, on(BLOCKED)], beside: [gloss, on(TRIM)] },
  'oily-rags': { fires: [gloss, on(OIL)], beside: [gloss, on(BLOCKED)] },
  biocide: { fires: [bare, on(TRIM, { preservative: 'water-repellent' })], beside: [bare, on(TRIM)] },
  bleach: { fires: [gloss, on(TRIM, wash('mould-wash+rinsed'))], beside: [gloss, on(TRIM)] },
  'spray-mist': { fires: [gloss, on(LACQUER)], beside: [gloss, on(TRIM)] },
  'spray-solvent': {
    fires: [
      gloss,
      { ...on(OIL), coats: { front: on(OIL).coats.front.map((coat) => ({ ...coat, tool: 'spray' })), back: [] } },
    ],
    beside: [gloss, on(LACQUER)],
  },
  'fire-door': { fires: [ground({}, { fireRated: true }), on(TRIM)], beside: [gloss, on(TRIM)] },
  'plate-electricity': { fires: [ground({}, { traits: ['plate'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
  children: { fires: [ground({}, { traits: ['handled'] }), on(TRIM)], beside: [gloss, on(TRIM)] },
};
