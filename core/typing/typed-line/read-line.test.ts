import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { definitionOf, PIECE_KINDS } from '../../pieces/registry.ts';
import type { UnitSystem } from '../../units/unit-systems.ts';
import { readLine, type LineRead } from './read-line.ts';

const room = (id: string, name: string) => ({
  id,
  name,
  climateId: 'house',
  maxOff: null,
  zonesAtOnce: null,
  bearing: null,
  tasks: [],
});
const ROOMS = [room('hall', 'Front hall'), room('practice', 'Practice rooms'), room('store', 'Instrument store')];

const outcome = (line: string, units: UnitSystem = 'metric', rooms = ROOMS) =>
  readLine(line, { units, rooms, roomId: 'hall' });
function read(line: string, units: UnitSystem = 'metric', rooms = ROOMS): LineRead {
  const said = outcome(line, units, rooms);
  assert.ok(said.ok, said.ok ? '' : said.message);
  return said;
}
/** What is asked of a line that is taken all the same, and about which words. */
function asked(line: string, units: UnitSystem = 'metric'): string {
  const [first] = read(line, units).asked;
  assert.ok(first, 'is asked about');
  return `${line.slice(first.start, first.end)}: ${first.question}`;
}
/** What is wrong, and with which words. */
function fault(line: string, units: UnitSystem = 'metric'): string {
  const said = outcome(line, units);
  assert.ok(!said.ok, 'is refused');
  return `${line.slice(said.start, said.end)}: ${said.message}`;
}

test('a room may come first, with a colon or a comma, and the number after it', () => {
  for (const line of ['pantry, 14 cupboard doors slab 446x711 laminate', 'pantry: 14 cupboard doors slab 446x711']) {
    const said = read(line);
    assert.deepEqual([said.places.length, said.places[0]?.room, said.asked], [14, { name: 'Pantry' }, []]);
  }
});

test('seven practice-room doors in one line', () => {
  const { kind, piece, places } = read('7 door 6p 1981x762x35 oil gloss both sides practice 1-7');
  assert.equal(kind, 'panelled-door');
  assert.deepEqual([piece.shape.width, piece.shape.height, piece.shape.thickness], [762, 1981, 35]);
  assert.deepEqual([piece.shape.columns, piece.shape.rowShares], [2, [2, 5, 5]]);
  assert.deepEqual(piece.surface, { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound' });
  assert.deepEqual(piece.scope.faces, ['front', 'back']);
  assert.deepEqual(
    places.map(({ note }) => note),
    [1, 2, 3, 4, 5, 6, 7].map((number) => `practice ${number}`),
  );
  assert.ok(places.every(({ room: of }) => 'id' in of && of.id === 'practice'));
});

test('a railing and a skirting by the metre', () => {
  const { kind, piece } = read('railing 11.4m 96 spindles 32 sq');
  assert.equal(kind, 'railing');
  assert.deepEqual([piece.shape.length, piece.shape.spindles, piece.shape.spindle], [11_400, 96, 32]);
  // Nobody counted the newels: one about every 2.85 m.
  assert.equal(piece.shape.newels, 5);
  const skirting = read('skirting 62m profile torus 145').piece.shape;
  assert.deepEqual(
    [skirting.use, skirting.length, skirting.height, skirting.profile],
    ['skirting', 62_000, 145, 'torus'],
  );
});

test('spindles that nobody counted are as many as the largest gap asks for', () => {
  const { shape } = read('railing 2.01m 2 newels 32 sq').piece;
  assert.equal(shape.spindles, 14);
});

test('both unit systems: feet and inches, mixed fractions, millimetres in an inch job, one unit for a whole size', () => {
  const inches = read(`door 6p 6'8" x 2'6" x 1 3/8" oil gloss`, 'us').piece.shape;
  assert.deepEqual([inches.height, inches.width, inches.thickness], [2032, 762, 34.92]);
  assert.deepEqual(read('door 80x30x1-3/8', 'us').piece.shape, inches);
  assert.equal(read('door 2032mm x 762mm', 'us').piece.shape.width, 762);
  assert.equal(read('drawer front 19 1/2 x 8 3/8 x 3/4', 'us').piece.shape.width, 495.3);
  const ceiling = read('ceiling 5x4m').piece.shape;
  assert.deepEqual([ceiling.width, ceiling.height], [5000, 4000]);
  assert.equal(read('railing 11,4 m').piece.shape.length, 11_400);
});

test('walls and ceilings by their area, in both systems, or by sizes that can only be metres', () => {
  const area = (line: string, units: UnitSystem = 'metric'): number => {
    const { width = 0, height = 0 } = read(line, units).piece.shape as { width?: number; height?: number };
    return Math.round((width * height) / 1e4) / 100;
  };
  assert.equal(area('ceiling 52 m2'), 52);
  assert.equal(area('ceiling 52m²'), 52);
  assert.equal(area('ceiling 560 sq ft', 'us'), 52.03);
  assert.equal(area('plaster patch 0.6 m2'), 0.6);
  const wall = read('wall 6.2x3.4 less 2.4 m2').piece;
  assert.deepEqual([wall.shape.width, wall.shape.height, wall.shape.openings], [6200, 3400, 2.4]);
  assert.deepEqual([wall.surface.substrate, wall.comesOff], ['plaster', false]);
  assert.match(asked('wall 6200x3400 52'), /^52: Can’t place “52”/);
});

test('a room: by its beginning, before other meanings of its words, new ones after “in”, one for each number', () => {
  const where = (line: string, rooms = ROOMS) => read(line, 'metric', rooms).places.map((place) => place.room);
  assert.deepEqual(where('door front hall'), [{ id: 'hall' }]);
  assert.deepEqual(where('2 drawers instrument'), [{ id: 'store' }, { id: 'store' }]);
  // By a later word that only one room has; of two that have it, neither is guessed.
  assert.deepEqual(where('drawer store'), [{ id: 'store' }]);
  assert.match(asked('drawer rooms 3'), /^3: /);
  const stairs = [room('a', 'Back stair'), room('b', 'Front stair')];
  assert.match(read('door stair', 'metric', stairs).asked[0]?.question ?? '', /^Can’t read “stair”/);
  assert.deepEqual(where('6 vinyl shutters faded outside in street front'), Array(6).fill({ name: 'Street front' }));
  assert.deepEqual(where('door oak in bedroom 2'), [{ name: 'Bedroom 2' }]);
  assert.deepEqual(where('2 doors cell 1-2', [room('a', 'Cell 1'), room('b', 'Cell 2')]), [{ id: 'a' }, { id: 'b' }]);
  assert.deepEqual(where('doors closet 1-2'), [{ name: 'Closet' }, { name: 'Closet' }]);
});

test('surface, scope and place in any order, in both vocabularies', () => {
  const { kind, piece, places } = read(
    '16 fronts only melamine cabinet doors 497x720x18 all edges greasy in place "hinges squeak"',
  );
  assert.equal(kind, 'cabinet-door');
  assert.equal(places.length, 16);
  assert.deepEqual(piece.surface, { substrate: 'laminate', existing: 'unknown', condition: 'greasy' });
  assert.deepEqual(piece.scope, { faces: ['front'], edges: ['top', 'bottom', 'left', 'right'] });
  assert.equal(piece.comesOff, false);
  assert.equal(places[0]?.note, 'hinges squeak');
  assert.equal(read('baseboard 40m').kind, 'trim-run');
  assert.equal(read('9 oak shelves 900x250x22 bare').piece.surface.substrate, 'oak');
});

test('small words and commas cost nothing, a number after the plural is how many, an unknown word is asked about', () => {
  const kitchen = read('drawers 4, laminate, 497 x 180, in the old kitchen');
  assert.deepEqual([kitchen.kind, kitchen.places.length, kitchen.asked.length], ['drawer-front', 4, 0]);
  assert.equal(kitchen.piece.surface.substrate, 'laminate');
  assert.deepEqual(read('12 cupboard doors 497x720 laminate kitchen').places[0]?.room, { name: 'Kitchen' });
  const said = read('3 doors with brass knobs, oil gloss and 762x1981');
  assert.deepEqual([said.places.length, said.piece.surface.existing, said.piece.shape.width], [3, 'oil-gloss', 762]);
  assert.deepEqual(
    said.asked.map(({ question }) => /“(\w+)”/.exec(question)?.[1]),
    ['brass', 'knobs'],
  );
});

test('pieces by the names that people give them', () => {
  const kindOf = (line: string): string => read(line).kind;
  for (const [line, kind] of [
    ['skirting board 12m', 'trim-run'],
    ['window sill', 'trim-run'],
    ['window stool', 'trim-run'],
    ['toe kick 3m', 'trim-run'],
    ['closet door', 'flush-door'],
    ['hollow core door', 'flush-door'],
    ['bi-fold door', 'panelled-door'],
    ['2 pocket doors', 'panelled-door'],
    ['2 french doors', 'glazed-door'],
    ['end panel', 'free-panel'],
    ['window trim', 'casing'],
    ['window casing', 'casing'],
  ] as const)
    assert.equal(kindOf(line), kind, line);
  assert.equal(read('plinth 3m').piece.shape.use, 'plinth');
});

test('several doors of a kitchen are its cupboards’, unless their size or their panels say that they are not', () => {
  const kinds = (...lines: string[]) => lines.map((line) => read(line).kind);
  assert.deepEqual(kinds('kitchen 18 doors', '14 doors in kitchen', 'kitchen cabinets, 12 doors shaker 450x700'), [
    'cabinet-door',
    'cabinet-door',
    'cabinet-door',
  ]);
  const kitchen = [...ROOMS, room('kitchen', 'Old kitchen')];
  const into = readLine('9 doors', { units: 'metric', rooms: kitchen, roomId: 'kitchen' });
  assert.equal(into.ok && into.kind, 'cabinet-door');
  assert.deepEqual(
    kinds('door in kitchen', '2 doors in kitchen', 'kitchen 4 doors 762x1981', '7 doors 6p kitchen', '9 doors'),
    ['panelled-door', 'panelled-door', 'panelled-door', 'panelled-door', 'panelled-door'],
  );
});

test('pieces of another kind that are counted are for the next line; others are asked about', () => {
  const line = 'kitchen 12 doors 450x700, 4 drawer fronts 450x200';
  const first = read(line);
  assert.deepEqual([first.kind, first.piece.shape.height, first.places.length], ['cabinet-door', 700, 12]);
  assert.deepEqual([first.asked, line.slice(first.others ?? 0)], [[], '4 drawer fronts 450x200']);
  assert.equal(read('4 drawer fronts 450x200').others, null);
  assert.match(asked('door 762x1981 and casing'), /^casing: Type “casing” on its own line/);
  assert.equal(read('garage door 4880x2130 5 sections 8 panels').kind, 'sectional-door');
});

test('how many: before the kind or after it, by what they belong to, with “x” or “@” between', () => {
  const many = (line: string) => {
    const { kind, places, asked } = read(line);
    return [kind, places.length, asked.length];
  };
  assert.deepEqual(many('door frames x 9 gloss'), ['casing', 9, 0]);
  assert.deepEqual(many('architraves for 9 doors one side'), ['casing', 9, 0]);
  assert.deepEqual(many('drawer fronts 6 @ 450x160'), ['drawer-front', 6, 0]);
  assert.deepEqual(many('interior doors 6 hollow core 80x200cm'), ['panelled-door', 6, 0]);
  assert.deepEqual(many('sash windows x4 900x1500 2 over 2'), ['sash-window', 4, 0]);
  assert.deepEqual(many('cabinet 800x720x560 2 doors'), ['carcass', 1, 0]);
});

test('panes of a sash as they are said, and none where both sashes differ', () => {
  const panes = (line: string) => {
    const { paneColumns, paneRows } = read(line).piece.shape;
    return [paneColumns, paneRows];
  };
  assert.deepEqual(
    [panes('sash window 2 over 2'), panes('sash window 6/6')],
    [
      [2, 1],
      [3, 2],
    ],
  );
  const sash = read('2 sash windows 900x1400 6/6').piece.shape;
  assert.deepEqual([sash.height, sash.paneColumns], [1400, 3], 'panes are no fraction of an inch');
  assert.ok(read('sash window 6 over 1').asked.length > 0);
});

test('the longer of two lengths is a skirting’s own, and a height may be told as one', () => {
  for (const line of ['120mm skirting 45m gloss', 'skirting 45m 120mm high gloss', 'skirting 45m 120mm gloss']) {
    const { shape } = read(line).piece;
    assert.deepEqual([shape.length, shape.height], [45_000, 120], line);
  }
});

test('the name of a new room ends at a comma, and where a word of the piece stood', () => {
  const roomOf = (line: string) => read(line).places[0]?.room;
  assert.deepEqual(roomOf('bathroom door, moisture damaged, 826x2040'), { name: 'Bathroom' });
  assert.deepEqual(roomOf('living room walls 52m2'), { name: 'Living room' });
  assert.deepEqual(roomOf('bathroom door swollen'), { name: 'Bathroom' });
});

test('a word that is stated elsewhere is told where', () => {
  assert.match(asked('7 white doors'), /^white: “white” is a colour\. Set it in Build-up/);
  assert.match(asked('front door oil, south facing'), /^south: .*direction\. Set it under Rooms/);
});

test('feet and inches as they are said: one length, two, and “in” that is no place', () => {
  const shape = (line: string) => read(line, 'us').piece.shape;
  assert.deepEqual(
    [shape('baseboard 120 ft 5 1/4 in').length, shape('baseboard 120 ft 5 1/4 in').height],
    [36_576, 133.35],
  );
  assert.deepEqual([shape('door 6 ft 8 in x 2 ft 6 in').width, shape('garage door 16 ft x 7 ft').width], [762, 4876.8]);
  const rail = read('porch railing 12 ft 36 balusters', 'us');
  assert.deepEqual(
    [rail.piece.shape.length, rail.piece.shape.spindles, rail.piece.exposure.front],
    [3657.6, 36, 'outside'],
  );
  const vanity = read('bathroom vanity 36x32 in oak', 'us');
  assert.deepEqual([vanity.piece.surface.substrate, vanity.places[0]?.room], ['oak', { name: 'Bathroom' }]);
});

test('a bookcase is painted inside as well; hardwood is taken for oak; brackets say nothing', () => {
  assert.deepEqual(read('bookcase 900x1800x300').piece.scope.faces, ['front', 'back']);
  assert.deepEqual(read('cabinet').piece.scope.faces, ['front']);
  const { kind, piece, asked: none } = read('hardwood front door (6p) varnish');
  assert.deepEqual([kind, piece.surface.substrate, none], ['panelled-door', 'oak', []]);
});

test('a handrail is one by itself until spindles or newels are told', () => {
  const { spindles, newels, bottomRailWidth } = read('handrail 4m varnish').piece.shape;
  assert.deepEqual([spindles, newels, bottomRailWidth], [0, 0, 0]);
  const railed = read('handrail 6m 48 spindles').piece.shape;
  assert.deepEqual([railed.spindles, railed.newels, railed.bottomRailWidth], [48, 3, 60]);
  assert.deepEqual([read('handrail 6m 2 newels').piece.shape.spindles, read('banister 3m').kind], [0, 'railing']);
});

test('boards of stairs and eaves, what a door is made of by its name, and rust', () => {
  const [riser, fascia] = [read('13 risers 900x180'), read('fascia 12m peeling')];
  assert.deepEqual([riser.piece.shape.use, riser.piece.shape.length, riser.places.length], ['stair', 900, 13]);
  const { shape, exposure, upHigh } = fascia.piece;
  assert.deepEqual([shape.use, exposure.front, upHigh], ['eaves', 'outside', true]);
  assert.equal(read('steel door').piece.surface.substrate, 'metal');
  assert.equal(read('railing 6m steel rusty outside').piece.surface.condition, 'rusty');
});

test('“in” after a number is inches at the end of a line and before another size, and a place before a name', () => {
  assert.equal(read('5 window stools 36 in', 'us').piece.shape.length, 914.4);
  assert.deepEqual(
    [read('window 36 in x 48 in', 'us').piece.shape.width, read('window 36 in x 48 in', 'us').asked],
    [914.4, []],
  );
  assert.deepEqual(read('door 36x80 in hall', 'us').places[0]?.room, { id: 'hall' });
});

test('which side looks out: by the piece itself, by its name, and as it is said', () => {
  const seen = (line: string): string => {
    const { exposure, scope } = read(line).piece;
    return `${exposure.front}/${exposure.back} ${scope.faces.join('+')}`;
  };
  assert.equal(seen('front door 6p'), 'outside/inside front+back');
  assert.equal(seen('back door'), 'outside/inside front+back');
  assert.equal(seen('garage door'), 'outside/inside front');
  assert.equal(seen('sash window'), 'inside/outside front+back');
  assert.equal(seen('sash window outside face'), 'inside/outside back');
  assert.equal(seen('sash window inside'), 'inside/inside front+back');
  assert.equal(seen('door 6p'), 'inside/inside front+back');
  assert.equal(seen('door 6p outside both sides'), 'outside/outside front+back');
  assert.equal(seen('railing outside'), 'outside/outside front');
});

test('old waterborne paint is matt on walls and has a sheen on doors, unless it is said; factory primer is a state', () => {
  const coat = (line: string): string => read(line).piece.surface.existing;
  assert.equal(coat('wall acrylic'), 'waterborne-matt');
  assert.equal(coat('door acrylic'), 'waterborne-sheen');
  assert.equal(coat('door matt acrylic'), 'waterborne-matt');
  assert.equal(coat('door eggshell'), 'waterborne-sheen');
  assert.equal(coat('skirting mdf primed'), 'factory-primed');
  assert.equal(read('window mouldy').piece.surface.condition, 'mouldy');
});

test('new plaster is bare, whatever it is typed of; a patch is new plaster, and a pair of glazed doors one piece', () => {
  const wall = read('walls 64 m2 new plaster').piece;
  assert.deepEqual([wall.shape.use, wall.surface.existing], ['wall', 'bare']);
  assert.equal(read('ceiling 18 m2 bare plaster').piece.surface.existing, 'bare');
  assert.equal(read('plaster patch 0.6 m2').piece.surface.existing, 'bare');
  assert.equal(read('wall 20 m2').piece.surface.existing, 'waterborne-matt');
  assert.equal(read('patio door 1800x2050').piece.shape.width, 1800);
  assert.deepEqual(read('2 bi-fold doors 30x80 hollow core', 'us').asked, []);
});

test('what is painted by itself: a loose sash, a carcass off the wall, one side at a time, what stays bare', () => {
  const sash = read('4 loose sashes 560x820 2x2 panes');
  assert.deepEqual([sash.kind, sash.piece.comesOff, sash.places.length], ['loose-sash', true, 4]);
  assert.deepEqual(sash.piece.exposure, { front: 'inside', back: 'outside' });
  assert.equal(read('sash 560x820').kind, 'sash-window');
  assert.equal(read('carcass 900x760x560').piece.comesOff, false);
  assert.equal(read('carcass 900x760x560 off the wall').piece.comesOff, true);
  const door = read('front door 6p one side at a time').piece;
  assert.deepEqual([door.comesOff, door.oneSideAtATime], [false, true]);
  const shutter = read('2 shutters 400x1200 front only rest preserved outside').piece;
  assert.deepEqual([shutter.scope.faces, shutter.preservesRest], [['front'], true]);
});

test('a fault stands at its word and says what would be right', () => {
  assert.match(fault('door 1981x76x35'), /^1981x76x35: Width 76 mm – must be 300 mm to 1500 mm/);
  assert.match(asked('door 762x1981 olk'), /^olk: .*Did you mean “oak”\?.*type “in olk”/);
  assert.match(asked('skirting 62m profil torus'), /^profil: .*“profile”/);
  assert.match(fault('dor 762x1981'), /^dor: No kind of piece\. Did you mean “door”/);
  assert.match(
    fault('7 door practice 1-6'),
    /^practice: Practice rooms, 1 to 6 is 6 rooms, but the line starts with 7/,
  );
  assert.match(asked('7 doors 3'), /^3: Can’t place “3”/);
  assert.deepEqual(read('skirting 12m 145x18').piece.shape.height, 145);
  assert.match(fault('railing 2m 90 spindles'), /^90: Too many spindles to fit/);
  assert.match(fault('door 6p 400x1981'), /^6p|^400x1981/);
  assert.match(fault('railing 2m off'), /painted in place/);
  assert.match(fault('500 doors'), /^500: At most 200 pieces a line/);
  assert.match(fault(''), /No kind of piece/);
});

test('every kind can be typed by its words alone, and every phrase by its example', () => {
  for (const kind of PIECE_KINDS) {
    const { words, phrases } = definitionOf(kind).typed;
    const [first = ''] = Object.keys(words);
    assert.equal(read(first).kind, kind, first);
    for (const { example } of phrases) {
      const said = outcome(`${first} ${example}`);
      // A phrase alone may ask for what the preset has no room for; it is understood all the same.
      if (!said.ok) assert.doesNotMatch(said.message, /Can’t (read|place)/, `${first} ${example}`);
    }
  }
});

test('no line breaks the reader, and a fault always lies inside the line', () => {
  const bits = fc.constantFrom(
    '7',
    'door',
    '6p',
    '1981x762',
    'x',
    'in',
    '1-7',
    'practice',
    '6\'8"',
    '1',
    '3/8"',
    'oil',
    '"',
    '“',
    'm',
    '11,4m',
    'spindles',
    '×',
    '-',
    '96',
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.array(bits, { maxLength: 9 }).map((parts) => parts.join(' ')),
      ),
      fc.constantFrom('metric' as const, 'us' as const),
      (line, units) => {
        const said = outcome(line, units);
        if (said.ok)
          assert.ok(said.places.length >= 1 && definitionOf(said.kind).schema.safeParse(said.piece.shape).success);
        else assert.ok(said.start >= 0 && said.end <= line.length && said.message.length > 0);
        for (const { start, end } of said.understood) assert.ok(start < end && end <= line.length);
      },
    ),
    { numRuns: 400 },
  );
});

test('counts may be written out, and each kind that is counted in a line keeps its own count', () => {
  const both = read('kitchen 14 doors 5 drawers');
  assert.deepEqual([both.kind, both.places.length, both.others], ['cabinet-door', 14, 17]);
  assert.deepEqual([read('two doors').places.length, read('twelve kitchen doors').places.length], [2, 12]);
  assert.equal(read('front door 6p one side at a time').piece.oneSideAtATime, true);
  assert.deepEqual(read('six doors upstairs').places[0]?.room, { name: 'Upstairs' });
});

test('doors that are too low for a doorway are those of a cupboard, in any room', () => {
  const shaker = read('6 shaker doors 450x720');
  assert.deepEqual([shaker.kind, shaker.piece.shape.style, shaker.places.length], ['cabinet-door', 'framed', 6]);
  assert.equal(read('6 doors 762x1981').kind, 'panelled-door');
  assert.match(fault('door 1981x76x35'), /^1981x76x35/);
});
