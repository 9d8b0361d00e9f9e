import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualPiece } from '../job/document/usual-piece.ts';
import { buildUp, DOOR, TestJob } from '../fixtures/jobs.ts';
import { productNeeds } from './litres.ts';
import { CONSUMABLES, consumableNeeds, type ConsumableNeed } from './consumables.ts';

/** A flush door of 3.56632 m² that comes off, and 10 m of skirting of 1.735 m², all profile, in a group of its own. */
const made = () =>
  new TestJob().door('d').tell('add-pieces', { ids: ['t'], kind: 'trim-run', piece: usualPiece('trim-run', 'room-1') });
const needsOf = (job: TestJob): Record<string, ConsumableNeed> =>
  Object.fromEntries(consumableNeeds(job.job).map((need) => [need.id, need]));
const counts = (job: TestJob): Record<string, number> =>
  Object.fromEntries(consumableNeeds(job.job).map(({ id, needed }) => [id, needed]));

test('what a door and a skirting use up, worked by hand', () => {
  assert.deepEqual(counts(made().coated('enamel-acrylic', { key: 'abrade' })), {
    // Three coats on each of two groups, none over 12 m².
    sleeves: 6,
    // Primer and enamel: a roller leaves edges to the brush.
    brushes: 2,
    // 3.56632 m² of flats at 1.5 m²; 1.735 m² of profile at 2 m².
    discs: 3,
    sponges: 1,
    // Twice between three coats: 10.6 m² at 5 m².
    'fine-sheets': 3,
    bags: 1,
    filters: 3,
  });
});

test('what is washed dull needs no abrasive, and wet abrading as much as dry', () => {
  assert.deepEqual(Object.keys(counts(made().coated())).includes('discs'), false);
  const wet = counts(made().coated('enamel-acrylic', { key: 'wet-abrade' }));
  assert.deepEqual([wet['discs'], wet['sponges']], [3, 1]);
});

test('a sprayed coat wants neither sleeve nor brush, and a filter for each session', () => {
  const spray = ['prime-bond-wb', 'enamel-acrylic'].map((product) => ({
    product,
    tool: 'spray' as const,
    thinning: 0,
    extent: 'all' as const,
  }));
  const job = new TestJob().door('d').coated('enamel-acrylic', { coats: spray });
  const tins = productNeeds(job.job).reduce((sum, need) => sum + need.tins.best.tins.length, 0);
  const sprayed = counts(job);
  assert.equal(sprayed['sleeves'], undefined);
  assert.equal(sprayed['brushes'], undefined);
  assert.equal(sprayed['filters'], tins + 2);
});

test('over 12 m² a session wants another sleeve', () => {
  const many = new TestJob();
  for (let index = 1; index <= 4; index++) many.door(`d${index}`);
  // 4 × 3.56632 m² are 14.3 m²: two sleeves for each of three coats.
  assert.equal(counts(many.coated())['sleeves'], 6);
});

test('lines are taped by a first-timer and freehand by others; what is sprayed in its place is covered', () => {
  const tape = (job: TestJob): number | undefined => counts(job.coated())['tape'];
  assert.equal(tape(made()), undefined);
  assert.equal(tape(made().tell('change-painter', { id: 'painter-1', facts: { skill: 'first-timer' } })), 22);
  assert.equal(tape(made().tell('change-planning', { lines: 'tape', trades: 'trim-first' })), undefined);
  const sprayed = buildUp('enamel-acrylic').coats.map((coat) => ({ ...coat, tool: 'spray' as const }));
  const covered = counts(made().coated('enamel-acrylic', { coats: sprayed }));
  assert.deepEqual([covered['tape'], covered['film']], [22, 36]);
});

test('the openings of a cupboard are covered against mist, unless its inside is painted too', () => {
  const sprayed = buildUp('enamel-acrylic').coats.map((coat) => ({ ...coat, tool: 'spray' as const }));
  const tape = (faces: ('front' | 'back')[]): number | undefined => {
    const piece = usualPiece('carcass', 'room-1');
    const made = new TestJob().tell('add-pieces', {
      ids: ['k'],
      kind: 'carcass',
      piece: { ...piece, scope: { ...piece.scope, faces } },
    });
    return counts(made.coated('enamel-acrylic', { coats: sprayed }))['tape'];
  };
  // 4.64 m along wall and worktop. Two openings of 435 mm across, 182 and 455 mm high, twice: 6.03 m around them.
  assert.deepEqual([tape(['front']), tape(['front', 'back'])], [12, 6]);
});

test('walls take wide sleeves, washed out between coats, and caulk goes along the wall alone', () => {
  const room = new TestJob()
    .tell('add-pieces', { ids: ['w'], kind: 'plain-area', piece: usualPiece('plain-area', 'room-1') })
    .tell('add-pieces', { ids: ['t'], kind: 'trim-run', piece: usualPiece('trim-run', 'room-1') })
    .coated('enamel-acrylic', { fillers: ['caulk'] });
  const used = counts(room);
  // Primer and enamel on the wall; three sessions on the trim. Of wall and skirting 14 m of joint.
  assert.deepEqual([used['wide-sleeves'], used['sleeves'], used['caulk']], [2, 3, 14]);
});

test('a door that stays is masked and not bagged; one without hardware needs no bag', () => {
  const stays = new TestJob().door('d', { comesOff: false }).coated();
  assert.equal(counts(stays)['bags'], undefined);
  const panel = new TestJob()
    .tell('add-pieces', { ids: ['p'], kind: 'free-panel', piece: usualPiece('free-panel', 'room-1') })
    .coated();
  assert.deepEqual([panel.job.pieces[0]!.comesOff, panel.job.pieces[0]!.hardware], [true, []]);
  assert.equal(counts(panel)['bags'], undefined);
});

test('packs are whole, cost what the default or the stated pack costs, and say which it is', () => {
  // A first-timer tapes the skirting along wall and floor: 20 m and a tenth. The door comes off.
  const job = made().tell('change-planning', { lines: 'tape' }).coated();
  const { tape } = needsOf(job);
  assert.deepEqual([tape?.packs, tape?.cost, tape?.isStated], [1, 5, false]);
  job.tell('change-pricing', { packs: { tape: { count: 11, price: 2.5 } } });
  const stated = needsOf(job)['tape'];
  assert.deepEqual(
    [stated?.packs, stated?.cost, stated?.isStated],
    [2, 5, true],
    '22 m are two of 11 m, and not three',
  );
  job.tell('change-pricing', { packs: { tape: { count: 10, price: 2.5 } } });
  assert.deepEqual(needsOf(job)['tape']?.packs, 3);
});

test('a job without a build-up uses up nothing that goes with paint, and reasons speak in the job’s units', () => {
  assert.deepEqual(counts(new TestJob().door('d')), { bags: 1 });
  const us = made().coated('enamel-acrylic', { key: 'abrade' }).tell('change-settings', { units: 'us' });
  assert.match(needsOf(us)['discs']!.why, /sq ft/);
});

test('only faces that get more than one coat are denibbed', () => {
  const [first] = new TestJob().door('d').coated().job.groups;
  const once = { ...first!.buildUp!, coats: first!.buildUp!.coats.slice(0, 1) };
  const job = new TestJob().door('d', { scope: DOOR.scope }).tell('choose-build-up', {
    groupId: 'group-1',
    buildUp: once,
    chosenFor: null,
  });
  assert.equal(counts(job)['fine-sheets'], undefined);
});

test('a face with more coats is denibbed more often', () => {
  const { coats } = new TestJob().door('d').coated().job.groups[0]!.buildUp!;
  const made = new TestJob()
    .door('d')
    .coated('enamel-acrylic', { faceCoats: { back: [...coats, coats[2]!, coats[2]!] } });
  // The front and its edges twice, 1.685 + 0.196 m²; the back four times: 10.5 m² at 5 m².
  assert.equal(counts(made)['fine-sheets'], Math.ceil((2 * (1.68504 + 0.19624) + 4 * 1.68504) / 5));
});

test('what a pack holds and costs where nobody has stated it', () => {
  assert.deepEqual(
    Object.fromEntries(Object.entries(CONSUMABLES).map(([id, { pack }]) => [id, [pack.count, pack.price]])),
    {
      sleeves: [10, 14],
      'wide-sleeves': [2, 11],
      brushes: [1, 9],
      discs: [10, 11],
      sponges: [5, 8],
      'fine-sheets': [10, 9],
      tape: [50, 5],
      film: [20, 6],
      caulk: [12, 4],
      filler: [0.5, 9],
      'grain-filler': [1, 26],
      preservative: [1, 16],
      bags: [50, 6],
      filters: [25, 7],
    },
  );
});

test('fillers and preservative by what of the pieces takes them, in tenths of a litre', () => {
  const surface = { substrate: 'oak', existing: 'bare', condition: 'sound' } as const;
  const exposure = { front: 'outside', back: 'outside' } as const;
  const door = (facts: object): Record<string, number> => {
    const { job } = new TestJob().door('d', { surface, exposure }).coated('ext-acrylic', facts);
    return Object.fromEntries(consumableNeeds(job).map(({ id, needed }) => [id, needed]));
  };
  // 3.56632 m²: holes at 40 m² a litre, grain twice at 6, preservative at 8.
  assert.equal(door({ fillers: ['wood-putty'] }).filler, 0.1);
  assert.equal(door({ grainFill: { product: 'grain-putty', passes: 2 } })['grain-filler'], 1.2);
  // The back alone is 0.826 × 2.04 m.
  assert.equal(door({ grainFill: { product: 'grain-putty', passes: 2, onlyFace: 'back' } })['grain-filler'], 0.6);
  assert.equal(door({ preservative: 'water-repellent' }).preservative, 0.5);
  const plain = door({});
  assert.deepEqual([plain.filler, plain['grain-filler'], plain.preservative], [undefined, undefined, undefined]);
});

test('what is counted by the metre is counted by the foot in a job in inches', () => {
  assert.equal(CONSUMABLES.tape.measure.format(30, 'us'), '98 ft');
  assert.match(CONSUMABLES.caulk.why('us'), /fills 39 ft/);
});
