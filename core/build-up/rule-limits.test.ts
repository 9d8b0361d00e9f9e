import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  bare,
  bareOak,
  BLOCKED,
  board,
  EXTERIOR,
  gloss,
  job,
  melamine,
  MINERAL,
  OIL,
  on,
  paint,
  PLAIN,
  steel,
  thin,
  TRIM,
  vinyl,
  wash,
} from '../fixtures/example-recipes.ts';
import { ground, OUTSIDE } from '../fixtures/surfaces.ts';
import { judgeRecipe } from './judge.ts';
import { RULES } from './rules/registry.ts';
import { situations, type Ground } from './situation.ts';
import type { Recipe } from './system-coat.ts';

const sanded = { key: 'abrade' } as const;
const oak = (oldCoat: 'varnish' | 'oil-gloss') => ground({ substrate: 'oak', oldCoat });
const withColour = (hex: string, more: Partial<Ground> = {}): Ground =>
  ground({}, { colours: { front: hex, back: hex }, ...more });
const proved = ground({}, { patch: { first: 'enamel-acrylic', key: 'degloss', held: true } });
const unpainted: Recipe = { ...on(TRIM), coats: { front: [], back: [] } };
const firesOn = (id: string, given: Ground, built: Recipe): boolean =>
  judgeRecipe(job, [given], built).findings.some(({ rule }) => rule.id === id);
const sprayed = (made: Recipe): Recipe => {
  const coats = made.coats.front.map((coat) => ({ ...coat, tool: 'spray' as const }));
  return { ...made, coats: { front: coats, back: coats } };
};

/** Where each condition of a rule begins and ends: the rule, whether it fires, on what, under what. */
const LIMITS: readonly (readonly [rule: string, fires: boolean, on: Ground, built: Recipe, why: string])[] = [
  // Cleaning
  ['phosphate-residue', false, gloss, on(TRIM, wash('phosphate-wash')), 'this primer is not spoiled by it'],
  ['phosphate-residue', true, gloss, on(`prime-shellac@spots ${TRIM}`, wash('phosphate-wash')), 'a spot primer is'],
  ['soap-residue', true, gloss, on(TRIM, wash('phosphate-wash')), 'phosphate is a residue as well'],
  ['not-cleaned', false, gloss, on(TRIM, wash('solvent-wipe')), 'any cleaner cleans'],
  ['grease', false, gloss, on(TRIM, wash()), 'where there is none, none is asked for'],
  ['new-vinyl-oil', false, vinyl(), on(EXTERIOR, wash('solvent-wipe')), 'what takes wax takes oil'],
  ['new-vinyl-oil', false, ground({ substrate: 'vinyl' }, OUTSIDE), on(EXTERIOR), 'it was painted before'],
  ['water-on-bare-wood', true, board, on(TRIM), 'board swells as well'],
  ['water-on-bare-wood', false, gloss, on(TRIM), 'paint keeps the water off'],
  ['water-on-bare-wood', false, steel, on(TRIM), 'metal has no grain'],
  ['cleaners-never-mixed', false, gloss, on(TRIM, wash('solvent-wipe', 'white-vinegar')), 'no bleach among them'],
  ['wash-protection', true, gloss, on(TRIM, wash('phosphate-wash')), 'phosphate burns too'],
  ['weather-dirt', false, ground({}, OUTSIDE), on(EXTERIOR, wash('mild-detergent+rinsed')), 'washed with detergent'],
  // Timber
  ['open-grain', true, oak('varnish'), on(BLOCKED), 'varnish shows the pores'],
  ['open-grain', false, oak('oil-gloss'), on(BLOCKED), 'paint has closed them'],
  ['open-grain', false, ground({ substrate: 'oak', oldCoat: 'bare' }, OUTSIDE), on(EXTERIOR), 'outside nobody minds'],
  [
    'grain-filler-too-thin',
    false,
    bareOak,
    on(BLOCKED, { grainFill: { product: 'grain-putty', passes: 2 } }),
    'as told',
  ],
  ['preservative', false, ground({ substrate: 'mdf', oldCoat: 'bare' }, OUTSIDE), on(EXTERIOR), 'board is no timber'],
  ['preservative', true, ground({ soundness: 'lets-go' }, OUTSIDE), on(EXTERIOR), 'scraped to the wood'],
  ['preservative', false, ground({}, OUTSIDE), on(EXTERIOR), 'sound paint keeps water off'],
  ['bare-putty', false, ground({ oldCoat: 'bare' }, OUTSIDE), on(`prime-ext-wb ${EXTERIOR}`), 'nothing is glazed'],
  ['bare-putty', false, ground({ oldCoat: 'bare' }, { traits: ['putty'] }), on(TRIM), 'inside it has no rain'],
  ['bare-putty', false, ground({}, { ...OUTSIDE, traits: ['putty'] }), on(EXTERIOR), 'old paint is on it'],
  [
    'open-edge-outside',
    false,
    ground({}, { ...OUTSIDE, hasOpenEdges: true, hasEdges: false }),
    on(EXTERIOR),
    'no edge',
  ],
  [
    'open-edge-outside',
    false,
    ground({ substrate: 'metal' }, { ...OUTSIDE, hasOpenEdges: true }),
    on(EXTERIOR),
    'metal',
  ],
  ['filler-for-inside', false, gloss, on(TRIM, { fillers: ['wood-putty'] }), 'inside it may'],
  ['bare-wood-drinks', false, bare, thin(on(OIL), 5), '5% are enough'],
  ['bare-wood-drinks', true, bare, thin(on(OIL), 4.9), 'less is not'],
  ['bare-wood-drinks', false, bare, on(TRIM), 'it is no oil'],
  ['bare-wood-drinks', false, gloss, on(OIL), 'paint drinks nothing'],
  [
    'wood-in-dark-sun',
    false,
    ground({ substrate: 'oak' }, { ...OUTSIDE, colours: { front: '#222222', back: '#222222' } }),
    on(EXTERIOR),
    'oak has no resin',
  ],
  ['wood-in-dark-sun', false, withColour('#222222'), on(TRIM), 'inside there is no sun'],
  // Priming
  ['laminate-needs-adhesion', false, ground({ substrate: 'laminate' }), on(PLAIN), 'somebody has painted it before'],
  ['tannin-bleed', false, bareOak, on(OIL), 'oil draws no tannin'],
  ['tannin-bleed', true, oak('varnish'), on(TRIM), 'varnish does not hold it back'],
  ['tannin-under-old-paint', false, ground(), on(TRIM), 'softwood has none'],
  ['stains-bleed', false, ground({ stains: 'bleeds' }), on(BLOCKED), 'blocked all over'],
  [
    'stains-unknown',
    false,
    ground({ substrate: 'oak', oldCoat: 'bare' }, { unknown: ['stains'] }),
    on(TRIM),
    'tannin is judged by itself',
  ],
  [
    'stains-unknown',
    false,
    ground({}, { unknown: ['stains'] }),
    on(`prime-shellac ${TRIM}`),
    'one of two primers blocks them',
  ],
  ['metal-needs-metal-primer', false, ground({ substrate: 'metal' }), on(TRIM), 'painted metal'],
  ['metal-laid-bare', false, steel, on(BLOCKED), 'it is bare all over: another rule'],
  ['metal-laid-bare', false, ground({ substrate: 'metal' }), on(BLOCKED), 'the old coat holds'],
  ['galvanised-not-etched', false, ground({ substrate: 'metal' }), on(TRIM), 'what is painted is not etched'],
  ['bare-needs-primer', false, bare, on('prime-bond-wb'), 'there is a primer, and no topcoat'],
  ['bare-needs-primer', false, steel, on(PLAIN), 'metal has its own rule'],
  ['laid-bare-not-primed', false, bare, on(PLAIN), 'it is bare all over: another rule'],
  ['primer-for-another-surface', false, gloss, on(`prime-2k-tile ${PLAIN}`), 'on paint any primer'],
  ['primer-for-another-surface', true, steel, on(`prime-fill-wb ${PLAIN}`), 'a wood primer on metal'],
  [
    'sound-paint-primed',
    false,
    ground({ oldCoat: 'waterborne-matt', soundness: 'chalks' }),
    on(TRIM),
    'chalk is bound',
  ],
  [
    'sound-paint-primed',
    false,
    ground({ oldCoat: 'waterborne-matt', stains: 'bleeds' }),
    on(TRIM),
    'stains are blocked',
  ],
  ['sound-paint-primed', false, paint, on(BLOCKED), 'a blocker has its reason'],
  ['sound-paint-primed', false, paint, on(PLAIN), 'there is no primer'],
  ['topcoat-not-self-priming', false, gloss, on('enamel-alkyd-wb enamel-alkyd-wb'), 'gloss has rules of its own'],
  ['topcoat-not-self-priming', false, paint, on('enamel-oil enamel-oil'), 'oil holds on it'],
  ['oil-on-raw-edges', false, ground({ edges: 'raw' }), on(PLAIN), 'it is no oil'],
  ['oil-on-raw-edges', false, ground({ edges: 'raw' }, { hasEdges: false }), on('enamel-oil enamel-oil'), 'no edge'],
  ['board-edges', true, board, on(`prime-fill-wb@edges ${TRIM}`, sanded), 'once is not enough'],
  ['board-edges', false, board, on(`prime-fill-wb ${PLAIN}`, sanded), 'filled all over'],
  ['board-edges', false, ground({ substrate: 'mdf' }), on(TRIM), 'its edges are coated'],
  ['board-edges', true, ground({ substrate: 'mdf', edges: 'raw' }), on(TRIM), 'its edges are raw'],
  ['edges-unknown', false, ground({}, { unknown: ['edges'], hasEdges: false }), on(TRIM), 'none is painted'],
  ['filler-flashes', false, paint, on(TRIM, { fillers: ['spackle'] }), 'a primer lies over it'],
  ['spots-show', false, paint, on(`prime-bond-wb@spots ${TRIM}`), 'a primer lies over them'],
  ['prove-the-bond', false, paint, on(TRIM), 'paint is no gloss'],
  ['prove-the-bond', true, melamine, on(TRIM, sanded), 'laminate is slippery'],
  [
    'patch-lifted',
    false,
    ground({}, { patch: { first: 'enamel-acrylic', key: 'degloss', held: false } }),
    on(TRIM),
    'another first coat',
  ],
  ['laminate-needs-adhesion', false, melamine, unpainted, 'nothing goes on'],
  ['vinyl-needs-bond', false, vinyl(), unpainted, 'nothing goes on'],
  ['metal-needs-metal-primer', false, steel, unpainted, 'nothing goes on'],
  ['prove-the-bond', false, gloss, unpainted, 'nothing goes on'],
  [
    'blocker-after-waterborne',
    false,
    bareOak,
    on('prime-shellac prime-bond-wb enamel-acrylic'),
    'the blocker is first',
  ],
  ['blocker-after-waterborne', false, gloss, on(`prime-bond-wb ${BLOCKED}`), 'nothing to block'],
  // Keying
  ['waterborne-over-unkeyed-oil', false, paint, on(PLAIN, { key: 'none' }), 'no gloss'],
  ['waterborne-over-unkeyed-oil', false, gloss, on('enamel-oil enamel-oil', { key: 'none' }), 'oil has its own rule'],
  ['bonding-primer-alone', false, gloss, on(TRIM), 'it is keyed as well'],
  ['topcoat-on-gloss', false, proved, on(PLAIN), 'a patch has proved it'],
  ['deglossed-in-the-grooves', false, paint, on(TRIM), 'no gloss to take off'],
  ['laminate-needs-key', false, melamine, on(`prime-2k-tile ${PLAIN}`), 'two-part needs no key'],
  ['flaking-needs-abrading', false, gloss, on(TRIM), 'it holds'],
  ['bare-not-sanded', true, bare, on(TRIM, { key: 'wet-abrade' }), 'water on bare wood'],
  ['bare-not-sanded', false, board, on(TRIM), 'board comes smooth'],
  ['board-sanded-wet', false, ground({ substrate: 'mdf' }), on(TRIM, { key: 'wet-abrade' }), 'its paint keeps it dry'],
  ['lead-dry-abrasion', false, gloss, on(TRIM, sanded), 'no lead'],
  ['lead-wet-abrasion', false, ground({ lead: 'lead' }), on(TRIM, sanded), 'that is another rule'],
  [
    'old-filler-asbestos',
    true,
    ground({ substrate: 'plaster' }, { yearBuilt: 1989 }),
    on(MINERAL, sanded),
    'built before',
  ],
  ['old-filler-asbestos', false, ground({ substrate: 'plaster' }, { yearBuilt: 1990 }), on(MINERAL, sanded), 'since'],
  [
    'old-filler-asbestos',
    true,
    ground({ substrate: 'plaster' }, { yearBuilt: null }),
    on(MINERAL, sanded),
    'not known',
  ],
  ['old-filler-asbestos', true, ground({}, { yearBuilt: 1900, traits: ['putty'] }), on(TRIM, sanded), 'old putty'],
  ['old-filler-asbestos', false, ground({}, { yearBuilt: 1900 }), on(TRIM, sanded), 'no filler in bare trim'],
  [
    'old-filler-asbestos',
    false,
    ground({ substrate: 'plaster' }, { yearBuilt: 1900 }),
    on(MINERAL),
    'it is not abraded',
  ],
  // Finish
  ['inside-product-outside', false, gloss, on(TRIM), 'inside it may'],
  ['vinyl-needs-acrylic', false, gloss, on(OIL), 'wood may have oil'],
  ['vinyl-darker-than-before', true, vinyl('#b8b4a8', '#ffffff'), on(EXTERIOR), 'middling, and darker'],
  ['vinyl-darker-than-before', false, vinyl('#43565e'), on(EXTERIOR), 'too dark is another rule'],
  ['not-hidden', false, ground({ oldColour: '#efece2' }), on(PLAIN), 'two hide the same colour'],
  ['outside-product-inside', false, gloss, on(TRIM), 'made for inside'],
  ['coats-out-of-order', true, gloss, on('prime-bond-wb sealer-wb enamel-acrylic'), 'a sealer below a topcoat'],
  ['coats-out-of-order', false, gloss, on(`${TRIM} sealer-wb`), 'the usual order'],
  ['spray-only', false, gloss, sprayed(on('prime-bond-wb lacquer-2k-wb lacquer-2k-wb')), 'all sprayed'],
  ['mineral-unsealed', true, ground({}, { traits: ['loaded'] }), on(MINERAL), 'a shelf'],
  ['mineral-unsealed', false, gloss, on(MINERAL), 'nobody touches it'],
  ['plate-unsealed', false, gloss, on(TRIM), 'no plate'],
  ['rail-too-soft', false, ground({}, { traits: ['rail'] }), on(`${TRIM} sealer-wb`), 'sealed'],
  ['shelf-too-soft', false, ground({}, { traits: ['loaded'] }), on(`${TRIM} sealer-wb`), 'sealed'],
  ['shelf-too-soft', false, gloss, on(TRIM), 'no shelf'],
  ['blocks-early', false, gloss, on(TRIM), 'nothing shuts on it'],
  [
    'plaster-first-coat',
    false,
    ground({ substrate: 'plaster', oldCoat: 'bare' }),
    thin(on(MINERAL), 5),
    '5% are enough',
  ],
  ['plaster-first-coat', false, ground({ substrate: 'plaster' }), on(MINERAL), 'painted plaster'],
  ['sheen-not-made', false, gloss, on(MINERAL), 'no sheen is asked for'],
  ['gloss-shows', false, ground({}, { sheen: 'satin' }), on(TRIM), 'satin forgives'],
  ['gloss-shows', false, ground({ substrate: 'metal' }, { sheen: 'gloss' }), on(TRIM), 'metal is smooth'],
  ['oil-yellows', false, ground({}, OUTSIDE), on(OIL), 'the sun bleaches it'],
  ['primer-saves-coats', false, ground({ oldColour: '#e8e4d8' }), on(PLAIN), 'the old colour is near'],
  // Safety
  ['solvent-vapour', true, gloss, on(TRIM, wash('solvent-wipe')), 'a cleaner carries it'],
  ['two-part', true, gloss, on(TRIM, { fillers: ['epoxy-2k'] }), 'a filler carries it'],
  ['spray-mist', true, gloss, sprayed(on(TRIM)), 'any gun makes mist'],
  ['spray-solvent', false, gloss, on(OIL), 'rolled, it makes none'],
  ['spray-solvent', false, gloss, sprayed(on(TRIM)), 'water does not explode'],
  ['children', true, ground({}, { traits: ['rail'] }), on(TRIM), 'a railing is within reach'],
];

const plaster = ground({ substrate: 'plaster', oldCoat: 'bare' });
const openGrained = ground({ substrate: 'oak', oldCoat: 'varnish' });
const rawEdges = ground({ edges: 'raw' });
const touched = ground({}, { traits: ['handled'] });
const satin = ground({}, { sheen: 'satin' });
const dark = vinyl('#43565e');

/** One coat of its kind among others is enough for a rule: each with the others before it and behind it. */
const ONE_AMONG_OTHERS: readonly (readonly [rule: string, on: Ground, that: string, other: string])[] = [
  ['inside-product-outside', ground({}, OUTSIDE), 'enamel-acrylic', 'ext-acrylic'],
  ['outside-product-inside', gloss, 'ext-acrylic', 'enamel-acrylic'],
  ['vinyl-needs-acrylic', vinyl(), 'enamel-oil', 'ext-acrylic'],
  ['topcoats-of-two-kinds', gloss, 'enamel-oil', 'enamel-acrylic'],
  ['mineral-unsealed', touched, 'mineral-matt', 'enamel-acrylic'],
  ['oil-yellows', gloss, 'enamel-oil', 'enamel-acrylic'],
  ['alkyd-waits', gloss, 'enamel-alkyd-wb', 'enamel-oil'],
  ['sheen-not-made', satin, 'mineral-matt', 'enamel-acrylic'],
  ['oil-on-raw-edges', rawEdges, 'enamel-oil', 'enamel-acrylic'],
  ['topcoat-not-self-priming', paint, 'enamel-alkyd-wb', 'enamel-oil'],
  ['tannin-bleed', openGrained, 'enamel-acrylic', 'enamel-oil'],
  ['solvent-vapour', gloss, 'enamel-oil', 'enamel-acrylic'],
];

for (const [id, given, that, other] of ONE_AMONG_OTHERS) {
  test(`${id}: one coat of its kind is enough`, () => {
    for (const coats of [`${that} ${other}`, `${other} ${that}`])
      assert.ok(firesOn(id, given, on(coats)), `under ${coats}`);
  });
}

/** Where the very first coat, and the only one, decides. */
const SINGLE_COAT: readonly (readonly [rule: string, on: Ground, that: string])[] = [
  ['laminate-needs-adhesion', melamine, 'enamel-oil'],
  ['vinyl-needs-bond', vinyl(), 'enamel-oil'],
  ['metal-needs-metal-primer', steel, 'enamel-acrylic'],
  ['bare-needs-primer', bare, 'enamel-acrylic'],
  ['bare-wood-drinks', bare, 'enamel-oil'],
  ['plaster-first-coat', plaster, 'mineral-matt'],
  ['prove-the-bond', gloss, 'enamel-acrylic'],
  ['vinyl-too-dark', dark, 'ext-acrylic'],
  ['one-topcoat', gloss, 'enamel-acrylic'],
  ['spots-show', paint, 'prime-bond-wb@spots'],
];

for (const [id, given, that] of SINGLE_COAT) {
  test(`${id}: a single coat decides it, and no coat at all does not`, () => {
    assert.ok(firesOn(id, given, on(that)));
    assert.ok(!firesOn(id, given, unpainted));
  });
}

test('a blocker behind a waterborne primer comes too late, and one before it in time', () => {
  assert.ok(firesOn('blocker-after-waterborne', bareOak, on('prime-bond-wb prime-shellac enamel-acrylic')));
  assert.ok(!firesOn('blocker-after-waterborne', bareOak, on('prime-oil prime-bond-wb prime-shellac enamel-acrylic')));
});

test('what is done about a rule is done once: fresh plaster gets its first coat thinned as far as its tin allows, the second as it is', () => {
  const rule = RULES.find(({ id }) => id === 'plaster-first-coat');
  const fixed = structuredClone(on(MINERAL));
  const [situation] = situations(job, plaster, fixed);
  assert.ok(rule?.autoFix?.(fixed, situation!));
  assert.deepEqual(
    fixed.coats.front.map(({ thinning }) => thinning),
    [15, 0],
  );
  assert.ok(!firesOn('plaster-first-coat', plaster, fixed));
});

for (const [id, fires, given, built, why] of LIMITS) {
  test(`${id} ${fires ? 'fires' : 'does not fire'}: ${why}`, () => {
    assert.equal(firesOn(id, given, built), fires);
  });
}

test('what forbids, and what judges the surface alone, is no small matter to change', () => {
  const idsOf = (is: (rule: (typeof RULES)[number]) => boolean): string[] =>
    RULES.filter(is)
      .map(({ id }) => id)
      .sort();
  assert.deepEqual(
    idsOf(({ ofSurface }) => ofSurface === true),
    ['board-outside', 'damp'],
  );
  for (const id of ['lead-dry-abrasion', 'professional-spray', 'grease', 'damp', 'waterborne-over-unkeyed-oil']) {
    assert.equal(RULES.find((rule) => rule.id === id)?.severity, 'forbidden', id);
  }
  for (const id of ['isocyanate', 'solvent-vapour', 'oily-rags', 'plate-electricity', 'fire-door', 'spray-mist']) {
    assert.equal(RULES.find((rule) => rule.id === id)?.severity, 'caution', id);
  }
});

test('what is gravest stands first, and makes the verdict', () => {
  const verdict = judgeRecipe(job, [ground({ lead: 'lead' })], on(TRIM, sanded));
  assert.equal(verdict.level, 'forbidden');
  assert.equal(verdict.findings[0]?.rule.severity, 'forbidden');
  const order = ['forbidden', 'risk', 'caution', 'advice'];
  const ranks = verdict.findings.map(({ rule }) => order.indexOf(rule.severity));
  assert.deepEqual(
    ranks,
    ranks.toSorted((one, other) => one - other),
  );
  assert.equal(judgeRecipe(job, [proved], on(PLAIN)).level, 'permitted', 'advice and cautions forbid nothing');
});
