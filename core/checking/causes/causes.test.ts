import assert from 'node:assert/strict';
import { test } from 'node:test';
import { jobToProblem } from '../../planning/drafting/job-to-problem.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import type { Cleaner } from '../../shelf/cleaner.ts';
import type { Coating } from '../../shelf/coating.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import { WorkedDays } from '../../fixtures/worked-days.ts';
import type { CoatEvidence } from '../coat-evidence.ts';
import { evidenceOn, type Evidence } from '../evidence.ts';
import { causeOf, CAUSES, type CauseId } from './registry.ts';

const worked = new WorkedDays()
  .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
  .done('coat-1/back', '2027-03-01T09:20')
  .done('coat-1/front', '2027-03-01T13:20')
  .done('denib-2', '2027-03-02T09:05')
  .done('coat-2/back', '2027-03-02T09:20')
  .done('coat-2/front', '2027-03-02T13:20');
const base = evidenceOn(worked.job, jobToProblem(worked.job, '2027-03-20T08:00'), worked.piece, 'front');
/** A door of which nothing speaks for anything: warm, dry, in time, known, from one tin. */
const CLEAN: CoatEvidence = {
  ...base.coats[0]!,
  air: { temperature: 20, humidity: 50 },
  coldest: { figure: 18, at: 600 },
  dampest: { figure: 55, at: 600 },
  nearestDew: { figure: 9, at: 600 },
  hoursTooCold: 0,
  sun: null,
  rainedAt: null,
  under: null,
  lapShare: 0.5,
  openTime: 12,
  filmRatio: 1,
  denibbed: null,
  wasTacky: false,
  sandedBeside: null,
};
const washed = (name: string, residue: Cleaner['residue']): Pick<Cleaner, 'name' | 'residue'> => ({ name, residue });
const WELL: Evidence = {
  ...base,
  known: { ...base.known, unknown: [], facts: { ...base.known.facts, oldColour: null }, patch: PROVED() },
  coats: [CLEAN],
  leftOut: [],
  keyed: true,
  unrinsed: [],
  washDried: null,
  hiding: null,
  hungAt: null,
  closesFrom: null,
  unboxed: false,
  when: (minutes) => `minute ${minutes}`,
};
function PROVED(): Evidence['known']['patch'] {
  return { first: 'prime-bond-wb', key: 'degloss', held: true };
}
const coat = (more: Partial<CoatEvidence>): Partial<Evidence> => ({ coats: [{ ...CLEAN, ...more }] });
/** The coat as of another product, or put on otherwise. */
const laid = (coating: Partial<Coating>, more: Partial<CoatEvidence['laid']['step']['coat']['coat']> = {}) => {
  const { step } = CLEAN.laid;
  const changed = { ...step.coat, coating: { ...step.coat.coating, ...coating }, coat: { ...step.coat.coat, ...more } };
  return { ...CLEAN.laid, step: { ...step, coat: changed } };
};
const facts = (more: Partial<Evidence['known']['facts']>): Partial<Evidence> => ({
  known: { ...WELL.known, facts: { ...WELL.known.facts, ...more } },
});
const unknown = (...questions: Evidence['known']['unknown']): Partial<Evidence> => ({
  known: { ...WELL.known, unknown: questions },
});
const under = (hours: number, due: number, closes: number | null): CoatEvidence['under'] => ({
  laid: CLEAN.laid,
  hours,
  due,
  closes,
});
const sun = (more: Partial<NonNullable<CoatEvidence['sun']>>): CoatEvidence['sun'] => ({
  surface: 20,
  shone: false,
  hottestAfter: { figure: 20, at: 900 },
  shoneAfter: false,
  ...more,
});
const steps = pieceSteps(worked.job, worked.piece);
const stepNamed = (name: string) => steps.find(({ id }) => id === `d/${name}`)!;
const built = (more: Partial<NonNullable<NonNullable<Evidence['group']>['buildUp']>>): Partial<Evidence> => ({
  group: { ...WELL.group!, buildUp: { ...WELL.group!.buildUp!, ...more } },
});
const oak: Partial<Evidence> = { piece: { ...WELL.piece, surface: { ...WELL.piece.surface, substrate: 'oak' } } };

/** What speaks for a cause: how strongly, and in which words; what speaks for nothing; what rules it out. */
const SIGNS: readonly (readonly [CauseId, Partial<Evidence>, number | 'excluded' | null, RegExp?])[] = [
  [
    'early-recoat',
    coat({ under: under(3, 6, null) }),
    0.95,
    /coat 1, bonding primer went on after 3\.0 h\. It needed 6\.0 h/,
  ],
  ['early-recoat', coat({ under: under(5.95, 6, null) }), null],
  ['early-recoat', coat({ under: under(0, 6, null) }), 1],
  [
    'late-recoat',
    coat({ under: under(100, 6, 72) }),
    0.8,
    /coat 1, bonding primer went on after 4\.2 days\. The window closed after 3\.0 days$/,
  ],
  [
    'late-recoat',
    coat({ under: under(100, 6, 72), denibbed: true }),
    0.25,
    /coat 1, bonding primer went on after 4\.2 days, denibbed first\. The window closed after 3\.0 days/,
  ],
  ['late-recoat', coat({ under: under(72, 6, 72) }), null],
  ['late-recoat', coat({ under: under(900, 6, null) }), null],
  [
    'cold',
    coat({ coldest: { figure: 9, at: 700 }, hoursTooCold: 4, laid: laid({ minTemperature: 10 }) }),
    0.75,
    /9 °C on minute 700 while coat 1, bonding primer dried\. It needs 10 °C and stopped drying for 4 h/,
  ],
  ['cold', coat({ coldest: { figure: 11, at: 700 }, laid: laid({ minTemperature: 10 }) }), 0.25, /It needs 10 °C$/],
  ['cold', coat({ coldest: { figure: 12, at: 700 }, laid: laid({ minTemperature: 10 }) }), null],
  [
    'cold-paint',
    coat({ air: { temperature: 12, humidity: 50 }, laid: laid({ minTemperature: 10 }) }),
    0.55,
    /coat 1, bonding primer was painted at 12 °C/,
  ],
  ['cold-paint', coat({ air: { temperature: 14, humidity: 50 }, laid: laid({ minTemperature: 10 }) }), null],
  [
    'damp',
    coat({ dampest: { figure: 90, at: 5 }, laid: laid({ maxHumidity: 80 }) }),
    0.8,
    /90% RH on minute 5 while coat 1, bonding primer dried\. Its tin allows 80% RH/,
  ],
  ['damp', coat({ dampest: { figure: 80, at: 5 }, laid: laid({ maxHumidity: 80 }) }), null],
  ['dew', coat({ nearestDew: { figure: 1, at: 5 } }), 0.75, /only 1\.0 °C above the dew point/],
  ['dew', coat({ nearestDew: { figure: -2, at: 5 } }), 1, /only 0\.0 °C/],
  ['dew', coat({ nearestDew: { figure: 3, at: 5 } }), null],
  ['sun', {}, 'excluded'],
  [
    'sun',
    coat({ sun: sun({ shone: true, surface: 30 }) }),
    0.75,
    /coat 1, bonding primer went on minute 800 in the sun, surface 30 °C/,
  ],
  [
    'sun',
    coat({ sun: sun({ surface: 40 }), laid: laid({ maxTemperature: 30 }) }),
    1,
    /coat 1, bonding primer went on minute 800, surface 40 °C/,
  ],
  ['sun', coat({ sun: sun({ surface: 30 }), laid: laid({ maxTemperature: 30 }) }), null],
  ['sun-after', {}, 'excluded'],
  [
    'sun-after',
    coat({ sun: sun({ shoneAfter: true, hottestAfter: { figure: 36, at: 9 } }) }),
    0.8,
    /36 °C on minute 9/,
  ],
  ['sun-after', coat({ sun: sun({ shoneAfter: true, hottestAfter: { figure: 23.9, at: 9 } }) }), null],
  ['sun-after', coat({ sun: sun({ hottestAfter: { figure: 40, at: 9 } }) }), null],
  ['rain', {}, 'excluded'],
  ['rain', coat({ sun: sun({}), rainedAt: 77 }), 0.8, /it rained on minute 77/],
  ['rain', coat({ sun: sun({}) }), null],
  [
    'rushed',
    { coats: [CLEAN, { ...CLEAN, laid: { ...CLEAN.laid, at: CLEAN.laid.at + 360 } }] },
    0.6,
    /2 coats within 6\.0 h/,
  ],
  ['rushed', { coats: [CLEAN, { ...CLEAN, laid: { ...CLEAN.laid, at: CLEAN.laid.at + 720 } }] }, null],
  ['rushed', {}, null],
  ['uncured', coat({ wasTacky: true }), 0.8, /coat 1, bonding primer was logged still tacky: slower than its tin says/],
  ['closed-early', {}, 'excluded'],
  ['closed-early', { hungAt: 10, closesFrom: 20 }, 0.9, /hung minute 10, close date minute 20, no wedge or bumpers/],
  [
    'closed-early',
    { hungAt: 10, closesFrom: 20, piece: { ...WELL.piece, keptApart: { by: 'wedge', since: '2027-03-06T09:00' } } },
    0.4,
    /hung minute 10, close date minute 20, with wedge or bumpers logged/,
  ],
  ['closed-early', { hungAt: 20, closesFrom: 20 }, null],
  // The ground
  ['unclean', { leftOut: [stepNamed('wash')] }, 0.9, /wash was skipped/],
  [
    'unclean',
    { unrinsed: [washed('Soap', 'soap'), washed('Sugar soap', 'phosphate')] },
    0.6,
    /soap and sugar soap not rinsed off/,
  ],
  ['unclean', facts({ contamination: 'grease' }), 0.55, /grease/],
  ['unclean', unknown('contamination'), 0.3, /grease and wax not tested/],
  ['unclean', { leftOut: [stepNamed('degloss')] }, null],
  ['silicone', facts({ contamination: 'wax' }), 0.9, /the test showed /],
  ['silicone', unknown('contamination'), 0.4, /water test not done/],
  ['silicone', facts({ contamination: 'grease' }), null],
  ['wash-not-dry', { washDried: { hours: 1, due: 4 } }, 1, /washed 1\.0 h before the first coat\. It needed 4\.0 h/],
  ['wash-not-dry', { washDried: { hours: 3, due: 4 } }, 0.65],
  ['wash-not-dry', { washDried: { hours: 4, due: 4 } }, null],
  ['damp-wood', facts({ moisture: 'damp' }), 0.9, /read it damp/],
  ['damp-wood', unknown('moisture'), 0.35, /moisture not tested/],
  ['not-keyed', { keyed: false }, 0.9, /keying was skipped/],
  [
    'not-keyed',
    { ...built({ key: 'none' }), ...coat({ laid: laid({ madeFor: [], willDo: [] }) }) },
    0.75,
    /over gloss with no key and no bonding primer/,
  ],
  ['not-keyed', { ...built({ key: 'none' }), ...coat({ laid: laid({ madeFor: ['glossy'] }) }) }, null],
  [
    'not-keyed',
    {
      ...built({ key: 'none' }),
      ...coat({ laid: laid({ madeFor: [], willDo: [] }) }),
      ...facts({ oldCoat: 'waterborne-matt' }),
    },
    null,
  ],
  ['not-keyed', coat({ laid: laid({ madeFor: [], willDo: [] }) }), null],
  ['weak-ground', facts({ soundness: 'lets-go' }), 0.9, /the old coat failed its test/],
  ['weak-ground', facts({ soundness: 'chalks' }), 0.6, /chalks/],
  ['weak-ground', unknown('soundness'), 0.3, /adhesion not tested/],
  ['patch-failed', { known: { ...WELL.known, patch: null } }, 0.2, /no test patch/],
  ['patch-failed', { known: { ...WELL.known, patch: { ...PROVED()!, held: false } } }, 0.95, /the test patch failed/],
  ['patch-failed', {}, null],
  ['tannin', facts({ stains: 'bleeds' }), 0.9, /the test showed bleeding, and no stain-blocking primer under it/],
  [
    'tannin',
    { ...facts({ stains: 'bleeds' }), ...coat({ laid: laid({ blocksStains: true }) }) },
    0.4,
    /the test showed bleeding, stain-blocking primer is on/,
  ],
  ['tannin', oak, 0.9, /oak and ash bleed tannin/],
  ['tannin', unknown('stains'), 0.3, /bleeding not tested/],
  [
    'phosphate',
    { unrinsed: [washed('Own mixture', 'phosphate')], ...coat({ laid: laid({ spoiledByPhosphate: true }) }) },
    0.85,
    /phosphate wash not rinsed off\. This primer can’t take it/,
  ],
  [
    'phosphate',
    {
      unrinsed: [washed('Phosphate wash, as it calls itself', 'soap')],
      ...coat({ laid: laid({ spoiledByPhosphate: true }) }),
    },
    null,
  ],
  ['phosphate', { unrinsed: [washed('Own mixture', 'phosphate')] }, null],
  ['grain-open', {}, 'excluded'],
  ['grain-open', oak, 0.9, /no grain filler/],
  [
    'grain-open',
    { ...oak, ...built({ grainFill: { product: 'grain-putty', passes: 2 } }) },
    0.45,
    /^2 passes of grain filler/,
  ],
  ['grain-open', { ...oak, ...built({ grainFill: { product: 'grain-putty', passes: 3 } }) }, 0.15],
  [
    'grain-open',
    { ...oak, ...built({ grainFill: { product: 'grain-putty', passes: 3, onlyFace: 'back' } }) },
    0.9,
    /no grain filler/,
  ],
  ['too-few-coats', { hiding: { laid: 2, needed: 4 } }, 0.9, /^2 coats on; 4 needed to hide the old colour/],
  ['too-few-coats', { hiding: { laid: 2, needed: 2 } }, null],
  ['too-few-coats', { leftOut: [stepNamed('coat-2/front')] }, 0.95, /coat 2 was skipped/],
  ['clear-primer', coat({ laid: laid({ clear: true }) }), 0.6, /^bonding primer dries clear/],
  [
    'hard-over-soft',
    coat({
      laid: laid({ family: 'oil', name: 'Oil enamel' }),
      under: { ...under(9, 6, null)!, laid: laid({ family: 'acrylic' }) },
    }),
    0.6,
    /^oil enamel over bonding primer/,
  ],
  [
    'hard-over-soft',
    coat({ laid: laid({ family: 'oil' }), under: { ...under(9, 6, null)!, laid: laid({ family: 'oil' }) } }),
    null,
  ],
  ['profiled', {}, 'excluded'],
  ['profiled', { piece: { ...usualPieceOf('panelled-door'), id: 'p' } }, 0.35, /profiled parts/],
  // The hand
  [
    'edge-set',
    coat({ lapShare: 1.2, openTime: 12.4 }),
    0.65,
    /an edge of coat 1, bonding primer stayed wet for 12 min\. The longest gap used 120% of it/,
  ],
  ['edge-set', coat({ lapShare: 0.7 }), null],
  ['edge-set', coat({ lapShare: null }), null],
  ['film-thick', coat({ filmRatio: 1.35 }), 0.6, /the comb read 135% of the tin’s wet film in coat 1, bonding primer/],
  ['film-thick', coat({ filmRatio: 1.15 }), null],
  ['film-thin', coat({ filmRatio: 0.75 }), 0.6, /the comb read 75% of the tin’s wet film in coat 1, bonding primer/],
  ['film-thin', coat({ filmRatio: 0.85 }), null],
  ['thinned', coat({ laid: laid({ mostThinning: 10 }, { thinning: 10 }) }), 0.6, /thinned by 10%; the tin allows 10%/],
  ['thinned', coat({ laid: laid({ mostThinning: 10 }, { thinning: 5 }) }), null],
  ['thinned', coat({ laid: laid({ mostThinning: 0 }, { thinning: 0 }) }), null],
  ['upright', { piece: { ...WELL.piece, comesOff: false } }, 0.4, /painted in place/],
  ['nap', {}, 0.35, /painted by roller/],
  ['nap', coat({ laid: laid({}, { tool: 'brush' }) }), 'excluded'],
  ['roller-pressed', coat({ laid: laid({}, { tool: 'spray' }) }), 'excluded'],
  ['spray-far', coat({ laid: laid({}, { tool: 'spray' }) }), 0.4, /painted by spray/],
  ['spray-far', {}, 'excluded'],
  ['overbrushed', coat({ laid: laid({}, { tool: 'brush' }) }), 0.3, /painted by brush/],
  ['overbrushed', {}, null],
  ['dusty-air', coat({ sandedBeside: { mark: 'D-02', at: 50 } }), 0.85, /D-02 was sanded .* minute 50/],
  ['not-denibbed', coat({ denibbed: false }), 0.75, /no denibbing before coat 1, bonding primer/],
  ['not-denibbed', coat({ denibbed: true }), null],
  ['not-mixed', coat({ laid: laid({ hardenerRatio: 4 }) }), 0.45, /mixed with a hardener/],
];

function usualPieceOf(kind: 'panelled-door'): Evidence['piece'] {
  return { ...WELL.piece, kind, ...usualPiece(kind, 'room-1') };
}

for (const [id, changed, expected, because] of SIGNS) {
  const says = expected === null ? 'says nothing' : expected === 'excluded' ? 'is ruled out' : `speaks at ${expected}`;
  test(`${id} ${says}${because ? `: ${because.source}` : ''}`, () => {
    const sign = CAUSES[id as 'cold'].sign({ ...WELL, ...changed }) as ReturnType<typeof CAUSES.sun.sign>;
    if (expected === null || expected === 'excluded') {
      assert.equal(sign, expected);
      return;
    }
    assert.ok(sign !== null && sign !== 'excluded', JSON.stringify(sign));
    assert.ok(Math.abs(sign.strength - expected) < 1e-9, `${sign.strength}`);
    if (because) assert.match(sign.because, because);
  });
}

test('of a door that was painted well, nothing known speaks for anything but that it was rolled', () => {
  const spoken = Object.entries(CAUSES).flatMap(([id, cause]) => {
    const sign = 'sign' in cause ? cause.sign(WELL) : null;
    return sign !== null && sign !== 'excluded' ? [id] : [];
  });
  assert.deepEqual(spoken.sort(), ['nap', 'roller-pressed']);
});

test('a cause is found by its id, and none by an id of another Nivel', () => {
  assert.equal(causeOf('cold'), CAUSES.cold);
  assert.equal(causeOf('moonlight'), null);
  assert.equal(causeOf(null), null);
});
