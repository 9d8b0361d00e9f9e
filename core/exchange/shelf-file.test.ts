import assert from 'node:assert/strict';
import { test } from 'node:test';
import Papa from 'papaparse';
import { COMPARTMENT_IDS, DEFAULT_SHELF, emptyShelf, overDefaults, shelfSchema } from '../shelf/shelf.ts';
import { FIGURES, readFigure, valueAt, writeFigure } from '../shelf/figures.ts';
import { readShelfCsv, readShelfFile, writeShelfCsv, writeShelfFile } from './shelf-file.ts';

const shelf = overDefaults(emptyShelf());
const refusal = (outcome: { ok: boolean; message?: string }): string => (outcome.ok ? '' : (outcome.message ?? ''));

test('the default shelf holds to its own schema, and every entry of it to its own id', () => {
  assert.ok(shelfSchema.safeParse(shelf).success);
  for (const compartment of COMPARTMENT_IDS) {
    const ids = DEFAULT_SHELF[compartment].map(({ id }) => id);
    assert.equal(new Set(ids).size, ids.length);
  }
});

test('a shelf comes back from its file, and every compartment from its list, as it was', () => {
  const fromFile = readShelfFile(writeShelfFile(shelf));
  assert.ok(fromFile.ok);
  assert.deepEqual(fromFile.value, shelf);
  for (const compartment of COMPARTMENT_IDS) {
    const read = readShelfCsv(writeShelfCsv(compartment, shelf[compartment]));
    assert.ok(read.ok, refusal(read));
    assert.deepEqual(read.value[compartment], shelf[compartment]);
  }
});

test('figures that entries have, and no others, stand in columns and form', () => {
  const beside = ['id', 'name', 'archived', 'stated'];
  for (const compartment of COMPARTMENT_IDS) {
    const [entry] = shelf[compartment];
    const paths = Object.entries(entry!).flatMap(([key, value]) =>
      key === 'hours' ? Object.keys(value as object).map((stage) => `hours.${stage}`) : [key],
    );
    const columns = FIGURES[compartment].map(({ path }) => path);
    const unshown = paths.filter((path) => !beside.includes(path) && !columns.includes(path));
    assert.deepEqual(
      unshown.filter((path) => path !== 'hazards'),
      [],
      compartment,
    );
    assert.deepEqual(
      columns.filter((path) => !paths.includes(path)),
      [],
      compartment,
    );
  }
});

test('nonsense from a tin is refused at its row, with what would be right', () => {
  const list = writeShelfCsv(
    'coatings',
    shelf.coatings.filter(({ id }) => id === 'ext-acrylic'),
  );
  const [header, row] = Papa.parse<string[]>(list).data;
  const changed = (label: string, value: string): string =>
    Papa.unparse([header!, row!.map((cell, index) => (header![index] === label ? value : cell))]);
  assert.match(refusal(readShelfCsv(changed('Volume solids', '120'))), /Row 2: At most 100%\./);
  assert.match(
    refusal(readShelfCsv(changed('Touch dry', '30'))),
    /Row 2: “handle” \(3 h\) must come after “touch” \(30 h\)\. Check the tin\./,
  );
  assert.match(refusal(readShelfCsv(changed('Used as', 'paint'))), /one of primer, topcoat, sealer/);
  assert.match(
    refusal(readShelfCsv(changed('Recoat at other temperatures', '10:3 20:9'))),
    /Row 2: Enter recoat hours at two or more temperatures\. Warmer must be shorter\./,
  );
  assert.match(refusal(readShelfCsv(changed('Tins', 'big'))), /pairs like 0.75:26/);
  assert.match(
    refusal(readShelfCsv(changed('Shelf', 'paints'))),
    /Row 2: Shelf: can’t read “paints”\. Use one of coatings, cleaners, fillers, abrasives, preservatives\./,
  );
  assert.match(refusal(readShelfCsv('a,b\n1,2')), /No column for Shelf, Id, Name\./);
  assert.match(refusal(readShelfFile('{"format":"nivel.shelf/9"}')), /at format/);
  assert.match(refusal(readShelfFile('no')), /Not a shelf file\. Choose one, or a CSV list with column names\./);
});

test('a figure is read as it is written, comma or point, and an empty one only where it may be', () => {
  const figureOf = (path: string) => FIGURES.coatings.find((figure) => figure.path === path)!;
  const solids = readFigure(figureOf('volumeSolids'), '37,5');
  assert.ok(solids.ok && solids.value === 37.5);
  const none = readFigure(figureOf('hours.wash'), ' ');
  assert.ok(none.ok && none.value === null);
  assert.match(refusal(readFigure(figureOf('hours.touch'), '')), /Touch dry: type a number in h/);
  const tins = figureOf('tins');
  assert.equal(writeFigure(tins, valueAt(shelf.coatings[0], 'tins')), '0.75:26 2.5:64');
});
