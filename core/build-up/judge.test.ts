import assert from 'node:assert/strict';
import { test } from 'node:test';
import { CONDITION_IDS, EXISTING_COAT_IDS, SUBSTRATE_IDS } from '../pieces/substrate.ts';
import { buildUp, DOOR, TestJob } from '../testing/jobs.ts';
import type { Surface } from '../job/piece-schema.ts';
import type { BuildUp } from '../job/schema.ts';
import { candidates } from './candidates.ts';
import { judge, type Like } from './judge.ts';
import { RULES } from './rules.ts';

const { job } = new TestJob();
const like = (surface: Partial<Surface>, exposure: 'inside' | 'outside' = 'inside'): Like => ({
  surface: { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound', ...surface },
  exposure: { front: exposure, back: exposure },
  scope: DOOR.scope,
});
const coats = (...products: string[]): BuildUp['coats'] =>
  products.map((product) => ({ product, tool: product === 'lacquer-2k-wb' ? 'spray' : 'roller', thinning: 0 }));
const system = (facts: Partial<BuildUp>, ...products: string[]): BuildUp => ({
  ...buildUp('enamel-acrylic'),
  ...facts,
  coats: coats(...products),
});
const phosphate = { cleaner: 'phosphate-wash', rinsed: false } as const;
const shellacked = ['prime-shellac', 'enamel-acrylic', 'enamel-acrylic'];
const bonded = ['prime-bond-wb', 'enamel-acrylic', 'enamel-acrylic'];
const bare = { existing: 'bare' } as const;

/** For every rule a build-up that fires it, and one beside it that does not. */
const FIRES: Record<string, { yes: [Like, BuildUp]; no: [Like, BuildUp] }> = {
  'phosphate-residue': {
    yes: [like({}), system(phosphate, ...shellacked)],
    no: [like({}), system({ ...phosphate, rinsed: true }, ...shellacked)],
  },
  'soap-residue': {
    yes: [like({}), system({ cleaner: 'alkaline-wash', rinsed: false }, ...bonded)],
    no: [like({}), system({ cleaner: 'alkaline-wash', rinsed: true }, ...bonded)],
  },
  'not-cleaned': { yes: [like({}), system({ cleaner: null }, ...bonded)], no: [like({}), system({}, ...bonded)] },
  grease: {
    yes: [like({ condition: 'greasy' }), system({}, ...bonded)],
    no: [like({ condition: 'greasy' }), system({ cleaner: 'solvent-wipe' }, ...bonded)],
  },
  'waterborne-over-unkeyed-oil': {
    yes: [like({}), system({ key: 'none' }, 'enamel-acrylic', 'enamel-acrylic')],
    no: [like({}), system({ key: 'none' }, ...bonded)],
  },
  'bonding-primer-alone': {
    yes: [like({}), system({ key: 'none' }, ...bonded)],
    no: [like({}), system({ key: 'abrade' }, ...bonded)],
  },
  'topcoat-on-gloss': {
    yes: [like({}), system({}, 'enamel-acrylic', 'enamel-acrylic')],
    no: [like({ existing: 'waterborne-paint' }), system({}, 'enamel-acrylic', 'enamel-acrylic')],
  },
  'laminate-needs-adhesion': {
    yes: [
      like({ substrate: 'laminate', existing: 'factory-finish' }),
      system({ key: 'abrade' }, 'prime-fill-wb', 'enamel-acrylic', 'enamel-acrylic'),
    ],
    no: [
      like({ substrate: 'laminate', existing: 'factory-finish' }),
      system({ key: 'abrade' }, 'prime-2k-tile', 'enamel-acrylic', 'enamel-acrylic'),
    ],
  },
  'laminate-needs-key': {
    yes: [like({ substrate: 'laminate', existing: 'factory-finish' }), system({ key: 'degloss' }, ...bonded)],
    no: [like({ substrate: 'laminate', existing: 'factory-finish' }), system({ key: 'abrade' }, ...bonded)],
  },
  'tannin-bleed': {
    yes: [like({ substrate: 'oak', ...bare }), system({}, ...bonded)],
    no: [like({ substrate: 'oak', ...bare }), system({}, ...shellacked)],
  },
  'tannin-under-old-paint': {
    yes: [like({ substrate: 'oak' }), system({}, ...bonded)],
    no: [like({}), system({}, ...bonded)],
  },
  'inside-product-outside': {
    yes: [like({}, 'outside'), system({}, ...bonded)],
    no: [like({}, 'outside'), system({}, 'prime-bond-wb', 'ext-acrylic', 'ext-acrylic')],
  },
  'outside-product-inside': {
    yes: [like({}), system({}, 'prime-bond-wb', 'ext-acrylic', 'ext-acrylic')],
    no: [like({}, 'outside'), system({}, 'prime-bond-wb', 'ext-acrylic', 'ext-acrylic')],
  },
  'vinyl-needs-vinyl-safe': {
    yes: [like({ substrate: 'vinyl' }), system({}, 'prime-bond-wb', 'enamel-oil', 'enamel-oil')],
    no: [like({ substrate: 'vinyl' }), system({}, 'prime-bond-wb', 'ext-acrylic', 'ext-acrylic')],
  },
  'metal-needs-metal-primer': {
    yes: [like({ substrate: 'metal', ...bare }), system({}, ...shellacked)],
    no: [like({ substrate: 'metal', ...bare }), system({}, 'prime-metal-wb', 'enamel-acrylic', 'enamel-acrylic')],
  },
  'bare-needs-primer': {
    yes: [like(bare), system({}, 'enamel-acrylic', 'enamel-acrylic')],
    no: [like(bare), system({}, ...bonded)],
  },
  'primer-for-another-surface': {
    yes: [like(bare), system({}, 'prime-2k-tile', 'enamel-acrylic', 'enamel-acrylic')],
    no: [like(bare), system({}, ...bonded)],
  },
  'oil-over-new-waterborne': {
    yes: [like({}), system({}, 'prime-bond-wb', 'enamel-oil', 'enamel-oil')],
    no: [like({}), system({}, 'prime-oil', 'enamel-oil', 'enamel-oil')],
  },
  'flaking-needs-abrading': {
    yes: [like({ condition: 'flaking' }), system({}, ...bonded)],
    no: [like({ condition: 'flaking' }), system({ key: 'abrade' }, ...bonded)],
  },
  'unknown-coat': {
    yes: [like({ existing: 'unknown' }), system({}, ...bonded)],
    no: [like({}), system({}, ...bonded)],
  },
  'lead-dust': { yes: [like({}), system({ key: 'abrade' }, ...bonded)], no: [like({}), system({}, ...bonded)] },
  isocyanate: {
    yes: [like({}), system({}, 'prime-bond-wb', 'lacquer-2k-wb', 'lacquer-2k-wb')],
    no: [like({}), system({}, ...bonded)],
  },
  'solvent-vapour': { yes: [like({}), system({}, ...shellacked)], no: [like({}), system({}, ...bonded)] },
  'spray-only': {
    yes: [like({}), { ...system({}), coats: [{ product: 'lacquer-2k-wb', tool: 'brush', thinning: 0 }] }],
    no: [like({}), system({}, 'lacquer-2k-wb')],
  },
  'one-topcoat': {
    yes: [like({}), system({}, 'prime-bond-wb', 'enamel-acrylic')],
    no: [like({}), system({}, ...bonded)],
  },
  'no-topcoat': { yes: [like({}), system({}, 'prime-bond-wb')], no: [like({}), system({}, ...bonded)] },
  'mineral-unsealed': {
    yes: [like({}), system({}, 'prime-bond-wb', 'mineral-matt', 'mineral-matt')],
    no: [like({}), system({}, 'prime-bond-wb', 'mineral-matt', 'mineral-matt', 'sealer-wb')],
  },
  'oil-yellows': {
    yes: [like({}), system({}, 'prime-oil', 'enamel-oil', 'enamel-oil')],
    no: [like({}), system({}, ...bonded)],
  },
};

for (const rule of RULES) {
  test(`rule ${rule.id} fires where it should and not beside it`, () => {
    const known = FIRES[rule.id];
    assert.ok(known, 'every rule has its two examples');
    const fired = ([given, built]: [Like, BuildUp]): boolean =>
      judge(job, given, built).findings.some((finding) => finding.rule.id === rule.id);
    assert.equal(fired(known.yes), true);
    assert.equal(fired(known.no), false);
  });
}

test('only the face that looks outside is judged by the weather', () => {
  const door: Like = { ...like({}), exposure: { front: 'outside', back: 'inside' } };
  const verdict = judge(job, door, system({}, ...bonded));
  const weather = verdict.findings.find((finding) => finding.rule.id === 'inside-product-outside');
  assert.deepEqual(weather?.faces, ['front']);
  const split = { ...system({}, 'prime-bond-wb', 'ext-acrylic', 'ext-acrylic'), faceCoats: { back: coats(...bonded) } };
  assert.equal(judge(job, door, split).level, 'permitted');
});

test('for every surface there is a permitted build-up or a stated reason why there is none', () => {
  for (const substrate of SUBSTRATE_IDS) {
    for (const existing of EXISTING_COAT_IDS) {
      for (const condition of CONDITION_IDS) {
        for (const exposure of ['inside', 'outside'] as const) {
          const given = like({ substrate, existing, condition }, exposure);
          const offered = candidates(job, given);
          assert.ok(offered.length > 0);
          for (const { verdict } of offered) {
            const forbids = verdict.findings.some((finding) => finding.rule.severity === 'forbidden');
            assert.equal(verdict.level === 'forbidden', forbids);
          }
          const where = [substrate, existing, condition, exposure].join('/');
          assert.notEqual(offered[0]?.verdict.level, 'forbidden', `${where} has nothing permitted`);
        }
      }
    }
  }
});

test('the bonding primer is recommended on sound oil gloss, the stain block on bare oak', () => {
  const first = (surface: Partial<Surface>): string | undefined =>
    candidates(job, like(surface))[0]?.buildUp.coats[0]?.product;
  assert.equal(first({}), 'prime-bond-wb');
  assert.equal(first({ substrate: 'oak', ...bare }), 'prime-shellac');
});
