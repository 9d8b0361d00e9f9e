import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { usualPiece } from '../job/document/usual-piece.ts';
import { applyCommand } from '../job/commands/apply.ts';
import { definitionOf, PIECE_KINDS } from '../pieces/registry.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { guessMapping, parseTable, readRows, surveyOf, writePiecesCsv, type Table } from './pieces-csv.ts';

const { job } = new TestJob();
const tableOf = (text: string): Table => {
  const parsed = parseTable(text);
  assert.ok(parsed.ok, parsed.ok ? '' : parsed.message);
  return parsed.value;
};
const readAll = (text: string, of = job) => {
  const table = tableOf(text);
  return readRows(of, table, guessMapping(table));
};
let ids = 0;
const newId = (): string => `n${++ids}`;

test('every kind, with every preset and odd facts, is written and read back as the same pieces', () => {
  const made = new TestJob();
  for (const kind of PIECE_KINDS) {
    for (const { shape } of definitionOf(kind).presets) {
      const usual = usualPiece(kind, 'room-1', {
        note: 'sticks, “badly”; see ;',
        fireRated: kind === 'flush-door',
        access: { who: 'caretaker', closesAtNight: true, standIn: false, neededBy: '2027-03-09' },
        exposure: { front: 'outside', back: 'inside' },
        surface: { substrate: 'plaster', existing: 'factory-finish', condition: 'flaking' },
      });
      const piece = { ...usual, shape: { ...shape } as typeof usual.shape };
      made.tell('add-pieces', {
        ids: [newId()],
        kind,
        piece: kind === 'shelf-board' ? { ...piece, scope: { faces: [], edges: ['left'] } } : piece,
      });
    }
  }
  for (const units of ['metric', 'us'] as const) {
    made.tell('change-settings', { units });
    const { read, faults } = readAll(writePiecesCsv(made.job), made.job);
    assert.deepEqual(faults, []);
    const outcome = applyCommand({ ...made.job, pieces: [] }, 'survey', surveyOf(made.job, read, newId));
    assert.ok(outcome.ok, outcome.ok ? '' : outcome.message);
    const told = (pieces: typeof made.job.pieces) =>
      // In US units sizes are written to 1/16 inch.
      pieces.map(({ id: _id, mark: _mark, groupId: _group, shape, ...piece }) => ({
        ...piece,
        shape: units === 'metric' ? shape : Object.keys(shape).sort(),
      }));
    assert.deepEqual(told(outcome.value.job.pieces), told(made.job.pieces));
  }
});

test('somebody else’s spreadsheet: their names, semicolons, counts, new rooms, kinds as typed lines', () => {
  const { read, faults } = readAll(
    'Item;Qty;Location;W (mm);H (mm);Old finish;Remarks\n6p door oak;2;Hall;762;1981;gloss;"sticks; squeaks"\nCupboard door;1;hall;497;720;;\n',
    job,
  );
  assert.deepEqual(faults, []);
  assert.deepEqual(
    read.map(({ kind, count }) => [kind, count]),
    [
      ['panelled-door', 2],
      ['cabinet-door', 1],
    ],
  );
  assert.deepEqual([read[0]?.piece.surface.substrate, read[0]?.piece.note], ['oak', 'sticks; squeaks']);
  // “Old finish” is not a name that is known: it is left out until somebody says what it is.
  assert.equal(read[0]?.piece.surface.existing, 'unknown');
  const { rooms, pieces } = surveyOf(job, read, newId);
  assert.deepEqual(
    rooms.map(({ name }) => name),
    ['Hall'],
    'one new room, whatever its capitals',
  );
  assert.equal(pieces.length, 3);
});

test('what is pasted from a spreadsheet comes in tabs, with or without names', () => {
  assert.deepEqual(tableOf('Kind\tWidth\ndoor\t762').names, ['Kind', 'Width']);
  const bare = tableOf('door\t762\t1981\nshelf\t900\t250');
  assert.deepEqual([bare.names, bare.rows.length], [[], 2]);
  const { read } = readRows(job, bare, ['kind', 'width', 'height']);
  assert.equal(read[0]?.piece.shape.width, 762);
});

test('a bad row says its cell and what would be right, and keeps the others from nothing', () => {
  const { read, faults } = readAll(
    [
      'Kind,Width,Height,Thickness,Edges,Painted,Needed by',
      'Flush door,826,2040,40,"hinge edge, lock edge",off,',
      'Flush door,8260,2040,40,,,',
      'Flush dor,826,2040,40,,,',
      'Shelf,900,,22,,,',
      'Flush door,826,2040,40,fifth edge,,',
      'Railing,,900,,,off,',
      'Flush door,826,2040,40,,,12 March',
      'Panelled door,330,1981,35,,,',
    ].join('\n'),
  );
  assert.deepEqual(
    read.map(({ row }) => row),
    [0],
  );
  assert.deepEqual(read[0]?.piece.scope.edges, ['hinge', 'lock']);
  const told = faults.map(({ row, column, message }) => `${row}/${column ?? '-'} ${message}`);
  assert.match(told[0] ?? '', /^1\/1 Width 8260 mm – must be 300 mm to 1500 mm/);
  assert.match(told[1] ?? '', /^2\/0 No kind of piece\. Did you mean “flush door”/);
  assert.match(told[2] ?? '', /^3\/1 Shelf has no width/);
  assert.match(told[3] ?? '', /^4\/4 Can’t read “fifth edge”. Use hinge edge, lock edge/);
  assert.match(told[4] ?? '', /^5\/5 Railings are painted in place/);
  assert.match(told[5] ?? '', /^6\/6 Can’t read “12 March”\. Type the day like/);
  assert.match(told[6] ?? '', /^7\/- .* left\. Narrow the stiles/);
});

test('what is no list is refused as a whole', () => {
  const message = (text: string): string => {
    const parsed = parseTable(text);
    assert.ok(!parsed.ok);
    return parsed.message;
  };
  assert.match(message('   \n'), /Empty list/);
  assert.match(message('PK\u0003\u0000\u0000'), /Not a text file/);
  assert.match(message(`Kind,Note\ndoor,"never closed\ndoor,x`), /quotation mark/);
  assert.match(message(Array(2100).fill('door,762').join('\n')), /2100 rows/);
  assert.match(
    readRows(job, tableOf('a,b\nc,d'), [null, null]).faults[0]?.message ?? '',
    /Choose the column for the kind/,
  );
});

test('no text breaks the reader, and whatever it reads the job takes', () => {
  const cell = fc.oneof(
    fc.string(),
    fc.constantFrom('Kind', 'door', '762', 'Flush door', '2040', 'all', 'none', 'oak', ','),
  );
  fc.assert(
    fc.property(fc.array(fc.array(cell, { minLength: 1, maxLength: 6 }), { minLength: 1, maxLength: 5 }), (rows) => {
      const parsed = parseTable(rows.map((row) => row.join('\t')).join('\n'));
      if (!parsed.ok) return;
      const { read } = readRows(job, parsed.value, ['kind', 'width', 'height', 'edges', 'substrate', 'note']);
      if (read.length === 0) return;
      const outcome = applyCommand(job, 'survey', surveyOf(job, read, newId));
      assert.ok(outcome.ok, outcome.ok ? '' : outcome.message);
    }),
    { numRuns: 200 },
  );
});
