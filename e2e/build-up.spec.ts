import { expect, test, type Page } from './warm-page.ts';
import { PainterOn } from './painter.ts';

const offers = (page: Page) => page.getByRole('list', { name: 'Permitted build-ups' }).getByRole('listitem');

/** A new job with pieces of one typed line. */
async function jobOf(page: Page, line: string): Promise<PainterOn> {
  const painter = await new PainterOn(page).startJob('One line');
  await page.getByLabel('Quick add').fill(line);
  await page.getByLabel('Quick add').press('Enter');
  await expect(
    page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('link', { name: /^Walk 9? ?/ })
      .first(),
  ).toBeVisible();
  return painter;
}

test('an oak shelf gets stain block and grain fill, and two clicks lead to the rule that asked for it', async ({
  page,
}) => {
  const painter = await jobOf(page, '9 oak shelves 900x250x22 bare both sides');
  await painter.goTo('Test');
  await painter.stamp('Grease and wax', 'Clean');
  const moisture = page.getByRole('listitem', { name: /^Moisture:/ });
  await moisture.getByRole('button', { name: 'Demo reading' }).click();
  await moisture.getByRole('button', { name: 'Log' }).click();
  await expect(page.getByRole('listitem', { name: 'Moisture: Dry' })).toContainText('%');
  await painter.stamp('Stains and knots', 'Bleeding');
  await page.getByRole('button', { name: 'Choose build-up' }).click();

  const best = offers(page).first();
  await expect(best).toContainText(/Stain-blocking primer, shellac|Undercoat, oil-alkyd/);
  await expect(best).toContainText('grain filler, putty, 2 passes');
  await expect(best).toContainText('No known risks.');
  await best.getByRole('button', { name: 'Why this one?' }).click();
  await best.getByRole('button', { name: 'open grain' }).click();
  const rule = page.getByRole('dialog');
  await expect(rule).toContainText('pores show through paint');
  await expect(rule).toContainText('Based on how wood and water behave');
  await rule.getByRole('button', { name: 'Close' }).click();

  await best.getByRole('button', { name: 'Choose' }).click();
  await expect(
    page.getByRole('region', { name: 'Chosen build-up' }).getByRole('img', {
      name: /(shellac, 30|oil-alkyd, 40) µm.*\. Grain filler, 2 passes\. Oak or ash, keyed with 180–240/,
    }),
  ).toBeVisible();
  // Nine shelves: the plan fills the grain twice, before any coat.
  await painter.goTo('Plan');
  await page.getByRole('button', { name: 'Accept this plan' }).click({ timeout: 30_000 });
  await painter.goTo('Build-up');
  await page.getByRole('button', { name: 'Protection' }).click();
  await expect(page.getByRole('listitem', { name: 'Solvent vapour' })).toContainText('organic-vapour cartridges');
  await expect(page.getByRole('listitem', { name: 'Sanding dust' })).toContainText('P2 or P3');
});

test('dark slate on vinyl is refused on plain acrylic, with what would lift it; use a lighter colour lifts it', async ({
  page,
}) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'build-up');
  await page.getByRole('button', { name: /Street shutters, vinyl/ }).click();
  const chosen = page.getByRole('region', { name: 'Chosen build-up' });
  await expect(chosen).toContainText('Dark on plastic may still warp');
  const whyNot = page.getByRole('region', { name: 'Why isn’t it offered?' });
  await whyNot.getByRole('combobox', { name: 'Step' }).click();
  await page.getByRole('option', { name: 'no cleaning' }).click();
  await expect(whyNot.getByRole('list', { name: 'Rules against it' })).toContainText('the chalk sticks to nothing');
  await whyNot.getByRole('combobox', { name: 'Product' }).click();
  await page.getByRole('option', { name: 'Exterior acrylic', exact: true }).click();
  await expect(whyNot).toContainText('; 0 will.');
  await expect(whyNot.getByRole('list', { name: 'Rules against', exact: true })).toContainText(
    'Choose LRV 45 or more, or a plastic-safe base',
  );
  await page.getByLabel('Hex').fill('#e9e6da');
  await expect(page.getByText(/LRV 7\d%/)).toBeVisible();
  await expect(chosen.getByText('No problems found.')).toBeVisible();
  await expect(whyNot).not.toContainText('; 0 will.');
  await expect(offers(page).first()).toContainText('exterior acrylic');
});

test('an oil-gloss door by the school without sanding: what it saves, and the risk until a patch has held', async ({
  page,
}) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'build-up');
  await page.getByRole('radio', { name: 'No sanding' }).click();
  const best = offers(page).first();
  await expect(best).toContainText('not keyed');
  await expect(best).toContainText('everything hangs on the primer');
  await best.getByRole('button', { name: 'Choose' }).click();
  await page.getByRole('button', { name: 'See tests' }).click();

  // The same first coat on an unkeyed spot, a day later.
  const patches = page.getByRole('region', { name: 'Test patches' });
  await patches.getByRole('combobox', { name: 'Prep' }).click();
  await page.getByRole('option', { name: 'not keyed' }).click();
  await patches.getByRole('button', { name: 'Start a patch' }).click();
  const patch = patches.getByRole('article');
  await expect(patch).toContainText('Read from Sat 22:00');
  const painter = new PainterOn(page);
  await painter.stepClock('Next morning, 07:30');
  await painter.stepClock('Next morning, 07:30');
  await expect(patch).toContainText('Read from Sat 21:12');
  await patch.getByRole('button', { name: 'Held' }).click();
  await page.getByRole('button', { name: 'See build-up' }).click();
  await expect(page.getByRole('region', { name: 'Chosen build-up' }).getByText('No problems found.')).toBeVisible();
});

test('laminate takes the two-part primer with its cautions, compared side by side with the bonding primer', async ({
  page,
}) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'build-up');
  await page.getByRole('button', { name: /Store fronts, melamine/ }).click();
  await page.getByRole('radiogroup', { name: 'Keying' }).getByRole('radio', { name: 'No sanding' }).click();
  const twoPart = offers(page).filter({ hasText: 'Adhesion primer, two-part' }).first();
  await expect(offers(page).first()).toContainText('Adhesion primer, two-part');
  await twoPart.getByRole('checkbox', { name: 'compare' }).check();
  await offers(page).nth(1).getByRole('checkbox', { name: 'compare' }).check();
  const compared = page.getByRole('list', { name: 'Compared build-ups' }).getByRole('listitem');
  await expect(compared).toHaveCount(2);
  await expect(compared.first()).toContainText(/Film\s*\d+ µm/);
  await compared.first().getByRole('button', { name: 'Choose' }).click();
  const chosen = page.getByRole('region', { name: 'Chosen build-up' });
  await expect(chosen).toContainText('A hardener can sensitise skin and lungs for life');
  await expect(chosen).toContainText('Stir 3 min, stand 10');
  await expect(chosen).toContainText('This primer dries clear');
});

test('a changed finding marks the choice, the order and the plan, and touches none of them', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'test');
  const card = page.getByRole('listitem', { name: 'Adhesion: Sound' });
  await card.getByRole('button', { name: 'Retest' }).click();
  await card.getByRole('button', { name: 'Loose', exact: true }).click();
  await painter.goTo('Quantities');
  await expect(page.getByRole('alert').filter({ hasText: 'This order uses' })).toContainText('Loose paint takes');
  await expect(page.getByRole('listitem', { name: 'Bonding primer, waterborne' })).toContainText('0.51 L');
  await painter.goTo('Plan');
  await page.getByRole('alert').filter({ hasText: 'The plan uses' }).getByRole('button', { name: 'Check it' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Adhesion: sound, now loose' })).toBeVisible();
  const chosen = page.getByRole('region', { name: 'Chosen build-up' });
  await chosen
    .getByRole('listitem')
    .filter({ hasText: 'Loose paint takes the new paint with it.' })
    .getByRole('button', { name: 'Fix it' })
    .click();
  await expect(chosen).toContainText('sanded dry, 180–240');
  await expect(chosen).not.toContainText('Won’t work');
  await painter.goTo('Quantities');
  await expect(page.getByRole('alert').filter({ hasText: 'This order uses' })).toBeHidden();
});

test('groups are split, proved apart and put together again where what was found agrees', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'build-up');
  await page.getByRole('button', { name: 'Split group' }).click();
  const dialog = page.getByRole('dialog', { name: 'Split group' });
  await dialog.getByLabel('New group’s name').fill('Drawers');
  for (const mark of ['F-01', 'F-02', 'F-03'])
    await dialog.getByRole('checkbox', { name: new RegExp(`^${mark}`) }).check();
  await dialog.getByRole('button', { name: 'Split 3' }).click();
  await expect(page.getByRole('button', { name: /^Drawers/ })).toContainText('3 pieces');
  await painter.goTo('Test');
  await page.getByRole('button', { name: /^Drawers/ }).click();
  const card = page.getByRole('listitem', { name: 'Grease and wax: Grease' });
  await card.getByRole('button', { name: 'Retest' }).click();
  await card.getByRole('button', { name: 'Clean', exact: true }).click();
  await page.getByRole('button', { name: 'See build-up' }).click();
  await painter.choose('Move to group', 'Press, old oil gloss');
  await expect(page.getByText(/These differ. Grease and wax: clean here, grease there/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await painter.choose('Move to group', 'Press, old oil gloss');
  await expect(page.getByRole('button', { name: /^Press, old oil gloss/ })).toContainText('5 pieces');
});

test('an own product is copied, typed from a tin with hours at several temperatures, put away, and taken in elsewhere', async ({
  page,
}) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'build-up');
  await page.getByRole('button', { name: 'Shelf' }).click();
  await page.getByRole('button', { name: 'Copy Enamel, oil-alkyd gloss' }).click();
  const tin = page.getByRole('dialog');
  await tin.getByLabel('Name').fill('Enamel from the yard');
  await tin.getByLabel('Recoat at other temperatures (°C:h)').fill('10:16 20:40');
  await expect(tin).toContainText('Warmer must be shorter');
  await tin.getByLabel('Recoat at other temperatures (°C:h)').fill('10:40 20:16');
  await expect(tin.getByRole('img', { name: /^Fitted: recoat after/ })).toBeVisible();
  await tin.getByLabel('Volume solids').fill('120');
  await expect(tin).toContainText('At most 100%');
  await tin.getByLabel('Volume solids').fill('52');
  await tin.getByRole('button', { name: 'Done' }).click();
  const row = page.getByRole('row').filter({ hasText: 'Enamel from the yard' });
  await expect(row).toContainText('52%');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export CSV' }).click();
  const path = await (await download).path();
  await page.getByRole('button', { name: 'Archive Enamel from the yard' }).click();
  await expect(row).toBeHidden();

  await painter.startJob('Elsewhere');
  await painter.goTo('Build-up');
  await page.getByRole('button', { name: 'Shelf' }).click();
  await page
    .getByLabel('Shelf file')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2') });
  await expect(page.getByRole('alert')).toContainText('No column for Shelf, Id, Name. No changes made.');
  await page
    .getByLabel('Shelf file')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: await readAll(path) });
  await expect(row).toContainText('52%');
});

async function readAll(path: string): Promise<Buffer> {
  const { readFile } = await import('node:fs/promises');
  return readFile(path);
}

test('what counts ranks the offers anew, and two colours are bought and planned apart', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'build-up');
  await page.getByRole('radiogroup', { name: 'Keying' }).getByRole('radio', { name: 'No preference' }).click();
  await page.getByRole('radiogroup', { name: 'Priming' }).getByRole('radio', { name: 'No preference' }).click();
  await page.getByRole('button', { name: 'Toughest' }).click();
  await expect(offers(page).first()).not.toContainText('trim enamel, acrylic');
  await page.getByRole('button', { name: 'Fastest' }).click();
  await expect(offers(page).first()).toContainText('trim enamel, acrylic');
  await page.getByRole('switch', { name: 'Different colour on the back' }).click();
  await page.getByLabel('Colour of the back', { exact: true }).fill('sail white');
  await page.getByLabel('Hex').nth(1).fill('#f4f2ea');
  await painter.goTo('Quantities');
  const back = page.getByRole('listitem', { name: 'Trim enamel, acrylic, sail white' });
  // Both doors' backs, 0.452 and 0.449 m by 1.184 m, 10 · 35 / 32 m²/L, 92% of it on the doors.
  const area = (0.452 + 0.449) * 1.184;
  await expect(back).toContainText(`${area.toFixed(2)} m² → ${(area / ((10 * 35) / 32) / 0.92).toFixed(2)} L`);
});

test('the old colour is picked out of a photo that was taken on the walk', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk?piece=press-door-1');
  const piece = page.getByRole('complementary', { name: 'Piece C-01' });
  await piece.getByText('Photos', { exact: true }).click();
  // A picture of one known colour.
  const picture = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 400, height: 300 });
    const context = canvas.getContext('2d');
    if (context) Object.assign(context, { fillStyle: '#c8b496' });
    context?.fillRect(0, 0, 400, 300);
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  });
  await piece
    .getByLabel('Photos of C-01')
    .setInputFiles({ name: 'door.png', mimeType: 'image/png', buffer: Buffer.from(picture, 'base64') });
  await expect(piece.getByText('1, 0 marks on them')).toBeVisible();
  await new PainterOn(page).goTo('Test');
  const card = page.getByRole('listitem', { name: /^Old colour:/ });
  await card.getByRole('button', { name: 'Retest' }).click();
  await card.getByRole('button', { name: 'Pick from photo' }).click();
  await page.getByRole('dialog').getByRole('img').click();
  // JPEG keeps a plain colour to within a unit or two.
  await expect(card.getByLabel('Old colour', { exact: true })).toHaveValue(/^#c[6-9a]b[2-6]9[4-8]$/);
  await card.getByRole('button', { name: 'Log again' }).click();
  await expect(page.getByRole('listitem', { name: /^Old colour: Seen/ })).toContainText(/#c[6-9a]b[2-6]9[4-8]/);
});
