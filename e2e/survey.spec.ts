import { expect, test } from './warm-page.ts';
import { readFileSync } from 'node:fs';
import { PainterOn } from './painter.ts';

test('a room by quick line: one line makes seven doors, a wrong word is named, sizes in inches', async ({ page }) => {
  const painter = await new PainterOn(page).startJob('Music school');
  const line = page.getByLabel('Quick add');
  await expect(line).toBeVisible();
  await page.keyboard.press('n');
  await page.keyboard.type('7 door 6p 1981x762x35 oil gloss both sides practice 1-7');
  const understood = page.getByRole('list', { name: 'Understood' });
  await expect(understood.getByRole('listitem')).toHaveText([
    '7 ×',
    'panelled door',
    '6p',
    'width 762 mm, height 1981 mm, thickness 35 mm',
    'oil gloss',
    'both faces',
    'new room Practice, 1 to 7',
  ]);
  await expect(page.getByText('D-01 to D-07: panelled door, 3.20 m² to paint each, about 25 kg')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Added D-01 to D-07.' })).toBeVisible();
  await expect(
    page.getByRole('list', { name: 'Pieces of Practice' }).getByRole('button', { name: /^D-0\d,/ }),
  ).toHaveCount(7);

  // The next line, with a word that is none: it is asked about, the rest stands, and what was typed stays.
  await page.keyboard.type('railing 11.4m 96 spindels 32 sq in gallery');
  await expect(page.getByRole('list', { name: 'Can’t read' })).toContainText('Did you mean “spindles”?');
  await expect(page.locator('mark')).toHaveText('96 spindels');
  await expect(page.getByText(/R-01: railing, .* to paint/)).toBeVisible();
  await page.reload();
  await expect(line).toHaveValue('railing 11.4m 96 spindels 32 sq in gallery');
  await line.fill('railing 11.4m 96 spindles 32 sq in gallery');
  await expect(page.getByText(/gaps of \d+ mm between spindles/)).toBeVisible();
  await line.press('Enter');
  await expect(
    page.getByRole('list', { name: 'Pieces of Gallery' }).getByRole('button', { name: /^R-01,/ }),
  ).toBeVisible();

  // Arrow up brings the line back; the other system of units reads its own sizes.
  await line.press('ArrowUp');
  await expect(line).toHaveValue('railing 11.4m 96 spindles 32 sq in gallery');
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'in, sq ft, gal' }).click();
  await page.keyboard.press('Escape');
  await line.fill('door 6\'8" x 2\'6" x 1 3/8" practice');
  await expect(understood).toContainText('width 30", height 80", thickness 1 3/8"');
  await line.press('Enter');
  await expect(page.getByRole('button', { name: 'D-08, Panelled door, 30 × 80"' })).toBeVisible();
  await page.getByRole('button', { name: 'Open D-08' }).click();
  await expect(
    page.getByRole('complementary', { name: 'Piece D-08' }).getByLabel('Height', { exact: true }),
  ).toHaveValue('80');
  expect(painter.page).toBe(page);
});

test('the table: a cell typed over, one that can’t be stays, sorting, and many set at once', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: 'Table' }).click();
  const cell = (mark: string, field: string) =>
    page
      .getByRole('row')
      .filter({ has: page.getByRole('button', { name: `Open ${mark}` }) })
      .locator(`[data-field=${field}]`);
  await cell('F-01', 'width').dblclick();
  const input = cell('F-01', 'width').getByRole('textbox');
  await input.fill('9 m');
  await expect(page.getByRole('alert')).toContainText('9000 mm – must be 80 mm to 1300 mm.');
  await input.press('Enter');
  await expect(input).toHaveValue('9 m');
  await input.fill('36"');
  await input.press('Enter');
  await expect(cell('F-01', 'width')).toHaveText('914.4');
  // 914.4 × 168 front, and four edges of 19 mm.
  await expect(cell('F-01', 'area')).toHaveText('0.19 m²');

  // By keys alone: the next cell, typed over at once.
  await cell('F-01', 'width').click();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.type('170');
  await page.keyboard.press('Enter');
  await expect(cell('F-01', 'height')).toHaveText('170');

  await page.getByRole('columnheader', { name: 'Width' }).click();
  await expect(page.getByRole('button', { name: /^Open / })).toHaveText(['C-02', 'C-01', 'F-02', 'F-03', 'F-01']);

  for (const mark of ['C-01', 'F-02']) {
    const chosen = page.getByRole('row').filter({ hasText: mark }).getByRole('checkbox');
    // The table draws the mark a moment after it has heard of it.
    await chosen.click();
    await expect(chosen).toBeChecked();
  }
  await page.getByRole('button', { name: 'Edit all 2' }).click();
  const many = page.getByRole('dialog', { name: 'Edit 2 pieces' });
  await many.getByLabel('Edges').fill('hinge');
  await many.getByRole('button', { name: 'Save all 2' }).click();
  await expect(many.getByRole('alert')).toContainText('No changes made.');
  await expect(many.getByRole('alert')).toContainText('C-01: Can’t read “hinge”.');
  await many.getByLabel('Edges').fill('none');
  await new PainterOn(page).choose('Material', 'Oak or ash', many);
  await many.getByRole('button', { name: 'Save all 2' }).click();
  await expect(many).toBeHidden();
  await expect(cell('C-01', 'substrate')).toHaveText('Oak or ash');
  await expect(cell('C-02', 'substrate')).toHaveText('Softwood');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(cell('C-01', 'substrate')).toHaveText('Softwood');
  await expect(cell('F-02', 'substrate')).toHaveText('Softwood');
});

test('a list from a file: columns are given their meaning, a bad row is mended, nothing is half taken in', async ({
  page,
}) => {
  await new PainterOn(page).startJob('From a spreadsheet');
  await page.getByRole('button', { name: 'Import / export' }).click();
  await page.getByRole('menuitem', { name: 'Import list' }).click();
  const dialog = page.getByRole('dialog', { name: 'Import pieces' });
  const rows = [
    'Stück;Breite;Height;Room;On it now',
    '6p door;762;1981;Hall;oil gloss',
    'flush door;40;2040;Attic;varnish',
    '3 drawer front;497;213;Store;factory finish',
  ];
  await dialog.getByLabel('List').setInputFiles({
    name: 'pieces.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`\uFEFF${rows.join('\r\n')}`),
  });
  await expect(dialog).toContainText('Choose the column for the kind of piece.');
  await dialog.getByLabel('Meaning of column 1, Stück').selectOption('Kind');
  await dialog.getByLabel('Meaning of column 2, Breite').selectOption('Width');
  await expect(dialog.getByRole('status')).toContainText('2 of 3 rows OK: 4 pieces, new rooms Hall, Store.');
  await expect(dialog.getByRole('alert')).toHaveText('Width 40 mm – must be 300 mm to 1500 mm.');
  await expect(dialog.getByRole('button', { name: 'Add 4 pieces' })).toBeDisabled();

  // Closed in the middle, it is still there.
  await dialog.getByRole('button', { name: 'Not now' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Import / export, one started' }).click();
  await page.getByRole('menuitem', { name: 'Resume import' }).click();
  await dialog.getByLabel('Row 2, column 2').fill('726');
  await expect(dialog.getByRole('alert')).toHaveCount(0);
  await dialog.getByRole('button', { name: 'Add 5 pieces' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('button', { name: 'D-02, Flush door, 726 × 2040 mm' })).toBeVisible();
  await expect(
    page.getByRole('list', { name: 'Pieces of Store' }).getByRole('button', { name: /^F-0\d,/ }),
  ).toHaveCount(3);

  // One step of history, and out again as the same pieces.
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Import / export' }).click();
  await page.getByRole('menuitem', { name: 'Export all pieces' }).click();
  const written = readFileSync(await (await saving).path(), 'utf8');
  expect(written.split('\n')).toHaveLength(6);
  expect(written).toContain('D-02,Flush door,');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Walk the rooms with a tape' })).toBeVisible();

  // Pasted where a line is typed, a list is taken for one.
  await page.evaluate((text) => navigator.clipboard?.writeText(text).catch(() => undefined), written);
  await page.getByLabel('Quick add').evaluate((field, text) => {
    const data = new DataTransfer();
    data.setData('text', text);
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, written);
  await expect(dialog.getByRole('status')).toContainText('5 of 5 rows OK: 5 pieces');
});

test('by hand on a phone: kind, sizes, access, hardware and a photo with a mark, in the backup as well', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  const painter = await new PainterOn(page).startJob('Back door');
  await painter.addPieces('Flush door', '826 × 2040', { Width: '910', Thickness: '54' });
  const piece = page.getByRole('complementary', { name: 'Piece D-01' });
  await expect(piece).toContainText('Two people to take it off and hang it.');
  await piece.getByText('Access', { exact: true }).click();
  await piece.getByLabel('Fire door').check();
  await expect(piece.getByRole('note').first()).toContainText('Fire door: check its certificate before paint');
  await piece.getByLabel('Closes at night').check();
  // It closes at night whatever is ticked, and nothing may hold it open.
  await expect(piece).not.toContainText('wedge');

  await piece.getByText('Hardware', { exact: true }).click();
  await piece.getByLabel('Add hardware').fill('kick plate');
  await piece.getByRole('button', { name: 'Add to bag' }).click();
  await expect(piece.getByLabel('Number: kick plate')).toHaveValue('1');

  await piece.getByText('Holes', { exact: true }).click();
  await piece.getByRole('button', { name: 'Drill for latch bore, larger' }).click();
  const bore = piece.getByRole('group', { name: 'Holes for latch bore, larger' });
  await bore.getByLabel('Diameter').fill('60');
  await expect(bore).toContainText('runs off the edge (54 × 2040 mm)');
  await bore.getByLabel('Diameter').fill('28');
  await expect(bore.getByRole('img', { name: /^Template for latch bore, larger: 27 mm from the/ })).toBeVisible();
  await piece.getByLabel('Thickness', { exact: true }).fill('26');
  await expect(bore.getByRole('alert')).toContainText('runs off the edge (26 × 2040 mm)');
  await piece.getByLabel('Thickness', { exact: true }).fill('54');
  await expect(bore.getByRole('alert')).toHaveCount(0);

  await piece.getByText('Photos', { exact: true }).click();
  const picture = await page.screenshot({ type: 'jpeg' });
  await piece
    .getByLabel('Photos of D-01')
    .setInputFiles({ name: 'crack.jpg', mimeType: 'image/jpeg', buffer: picture });
  await piece.getByRole('button', { name: 'Photo 1, 0 marks' }).click();
  const photo = page.getByRole('dialog', { name: 'Photo of D-01' });
  await photo.getByRole('button', { name: 'Mark a spot on the photo' }).click({ position: { x: 60, y: 90 } });
  await photo.getByRole('textbox', { name: 'Mark 1' }).fill('crack along the lock edge');
  await photo.getByRole('button', { name: 'Done' }).click();
  await page.reload();
  await piece.getByText('Photos', { exact: true }).click();
  await piece.getByRole('button', { name: 'Photo 1, 1 mark' }).click();
  await expect(photo.getByRole('textbox', { name: 'Mark 1' })).toHaveValue('crack along the lock edge');

  await page.goto('/');
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up all' }).click();
  const backup = readFileSync(await (await saving).path());
  await context.close();

  const elsewhere = await (await browser.newContext()).newPage();
  await elsewhere.goto('/');
  await elsewhere
    .getByLabel('Job file')
    .setInputFiles({ name: 'backup.zip', mimeType: 'application/zip', buffer: backup });
  await elsewhere.getByRole('link', { name: 'Back door' }).click();
  await new PainterOn(elsewhere).goTo('Walk');
  await elsewhere.getByRole('button', { name: /^D-01,/ }).click();
  await elsewhere.getByRole('complementary').getByText('Photos', { exact: true }).click();
  const thumbnail = elsewhere.getByRole('button', { name: 'Photo 1, 1 mark' }).locator('img');
  await expect.poll(() => thumbnail.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(390);
});

test('moulding for three doors of different sizes: lengths over the long points, bars, ticks', async ({ page }) => {
  await new PainterOn(page).startJob('Corridor');
  const line = page.getByLabel('Quick add');
  for (const door of [
    'moulded door 762x1981 margin 110',
    'moulded door 686x1981 margin 110',
    'moulded door 838x2040 margin 110 planted on front',
  ]) {
    await line.fill(door);
    await line.press('Enter');
  }
  await page.getByRole('button', { name: 'Cut list' }).click();
  // Both faces of 762 × 1981: across 762 − 220 = 542, upright 1981 − 220 = 1761.
  await expect(page.getByRole('button', { name: 'D-01, front, rectangle 1, top, 542 mm' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^D-01, .*, 1761 mm/ })).toHaveCount(4);
  await expect(page.getByRole('button', { name: /^D-02, .*, 466 mm/ })).toHaveCount(4);
  await expect(page.getByRole('button', { name: /^D-03, .*, 1820 mm/ })).toHaveCount(2);
  // 4 × 542 + 8 × 1761 + 4 × 466 + 2 × 618 + 2 × 1820 = 22 996 mm. Ten bars are needed for the ten uprights, and hold all.
  await expect(page.getByText('Buy 10 × 2400 mm: 24 m for 23 m, 4% waste. Minimum possible.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Stock lengths' }).fill('2400; 30 m');
  await expect(page.getByText('30 m – must be 300 mm to 12 m.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Stock lengths' }).fill('1800');
  await expect(page.getByRole('alert')).toContainText('2 lengths are longer than any bar on sale (up to 1820 mm)');
  await page.getByRole('textbox', { name: 'Stock lengths' }).fill('2400');
  // What is under the alert moves up when it goes.
  await expect(page.getByRole('alert')).toBeHidden();
  const cut = page.getByRole('button', { name: 'D-01, front, rectangle 1, top, 542 mm' });
  await cut.click();
  await expect(cut).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await expect(cut).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('1 of 20 cut')).toBeVisible();
});

test('a room is cleared before its paint: usual tasks stand in the plan and are ticked on the day', async ({
  page,
}) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: 'Rooms' }).click();
  const rooms = page.getByRole('dialog', { name: 'Rooms' });
  await rooms.getByLabel('Year built').fill('1936');
  await expect(rooms.getByRole('note')).toContainText('may contain lead: test before sanding');
  await rooms.getByText('Tasks', { exact: true }).click();
  await rooms.getByRole('button', { name: 'Add usual tasks' }).click();
  await rooms.getByLabel('Minutes').first().fill('0');
  await expect(rooms.getByText('0 – must be 1 to 600.')).toBeVisible();
  await rooms.getByLabel('Minutes').first().fill('30');
  await rooms.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('5 pieces, 4 to do first, 3 to do after')).toBeVisible();
  await page.getByRole('button', { name: /^C-01,/ }).click();
  await expect(page.getByRole('note').first()).toContainText('May contain lead:');

  await painter.goTo('Plan');
  await expect(page.getByText('Looking for a better plan')).toBeHidden({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Accept this plan' }).click({ timeout: 20_000 });
  await painter.goTo('Today');
  const tasks = page.getByRole('region', { name: 'Room set-up and heating' });
  const first = tasks.getByRole('checkbox', { name: 'Landing: Move furniture to the middle, cover it' });
  await first.check();
  await page.reload();
  await expect(first).toBeChecked();
  await expect(page.getByText('The job has changed since this plan.')).toHaveCount(0);
});
