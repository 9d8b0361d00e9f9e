import { expect, test, testAlone } from './warm-page.ts';
import { readFileSync } from 'node:fs';
import { openArchive } from '../app/keeping/backup/read-archive.ts';
import { PainterOn } from './painter.ts';

test('rooms: a new one takes a piece, one with pieces stays, and few off at once make the job longer', async ({
  page,
}) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: 'Rooms' }).click();
  const rooms = page.getByRole('dialog', { name: 'Rooms' });
  await rooms.getByRole('button', { name: 'Add a room' }).click();
  await rooms.getByLabel('Room name').last().fill('Stair');
  await rooms.getByRole('button', { name: 'Remove Landing' }).click();
  await expect(page.getByText(/Still has C-01, C-02, F-01 to F-03/)).toBeVisible();
  await rooms.getByLabel('Max. off at once').first().fill('1');
  await rooms.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('5 pieces, max 1 off')).toBeVisible();

  await page.getByRole('button', { name: /^F-03,/ }).click();
  const piece = page.getByRole('complementary', { name: 'Piece F-03' });
  await painter.choose('Room', 'Stair', piece);
  await expect(
    page.getByRole('list', { name: 'Pieces of Stair' }).getByRole('button', { name: /^F-03,/ }),
  ).toBeVisible();
  await expect(page.getByText('4 pieces, max 1 off')).toBeVisible();

  // One at a time, each through three coats and the wait to hang: far past the promised day.
  await painter.goTo('Plan');
  await expect(page.getByRole('button', { name: 'Accept this plan' })).toBeVisible();
  await expect(page.getByText('Looking for a better plan')).toBeHidden();
  await expect(page.getByText('All hung by')).not.toContainText('Thu 11 Mar');
  await expect(page.getByRole('img', { name: /later than promised/ })).toBeVisible();
});

test('hours as painters write them: what can’t be read stays with its reason, a day off moves the finish', async ({
  page,
}) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'plan');
  await expect(page.getByText('All hung by')).toContainText('Thu 11 Mar');
  await painter.view('Settings');
  const saturday = page.getByRole('textbox', { name: 'Painter 1, sat' });
  await saturday.fill('nine to five');
  await expect(page.getByText('Can’t read “nine to five”. Type hours, e.g. 8-12, 12:30-16:30.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Painter 1, sat' })).toHaveValue('nine to five');
  await page.getByRole('textbox', { name: 'Painter 1, sat' }).fill('9-5');
  await expect(page.getByText('End must be after start.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Painter 1, sat' }).fill('');
  await expect(page.getByRole('button', { name: 'Accept this plan' })).toBeVisible();
  await expect(page.getByText('Looking for a better plan')).toBeHidden();
  await expect(page.getByText('All hung by')).not.toContainText('Thu 11 Mar');
});

test('the back takes other coats than the front: verdict by face, litres from the geometry, history, undo', async ({
  page,
}) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'build-up');
  const chosen = await painter.openSteps();
  await chosen.getByRole('switch', { name: /Different coats on the back/ }).click();
  const back = chosen.getByRole('group', { name: 'Back' });
  await painter.choose('Coat 3', 'Enamel, oil-alkyd gloss', back);
  await expect(chosen.getByRole('list', { name: 'Verdict' })).toContainText('can craze');
  await painter.goTo('Quantities');
  // Both doors' backs: 0.452 × 1.184 + 0.449 × 1.184 m², once; 10 · 54 / 40 m²/L, 92% of it on the doors.
  const area = 0.452 * 1.184 + 0.449 * 1.184;
  const oil = page.getByRole('listitem', { name: /^Enamel, oil-alkyd gloss/ });
  await expect(oil).toContainText(`${area.toFixed(2)} m² → ${(area / 13.5 / 0.92).toFixed(2)} L`);

  await page.getByRole('button', { name: 'History', exact: true }).click();
  await expect(page.getByText('Chose the build-up of Press, old oil gloss').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(oil).toBeHidden();
  await expect(page.getByRole('listitem', { name: 'Trim enamel, acrylic, reed' })).toContainText('0.88 L');
});

testAlone(
  'a backup brings all jobs into another browser, and a thrown-away job can be forgotten',
  async ({ page, browser }) => {
    const painter = await new PainterOn(page).openDemo('demo-linen-press', 'walk');
    await painter.startJob('Mill cottage');
    await page.goto('/');
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Back up all' }).click(),
    ]);
    const backup = readFileSync(await file.path());
    const other = await (await browser.newContext()).newPage();
    await other.goto('/');
    const upload = { name: 'backup.zip', mimeType: 'application/zip', buffer: backup };
    await other.getByLabel('Job file').setInputFiles(upload);
    // A tap takes the notice away from what lies beneath it.
    await other.getByText('Imported 2 jobs.').click();
    await other
      .getByRole('listitem', { name: 'Mill cottage' })
      .getByRole('button', { name: /^More for/ })
      .click();
    await other.getByRole('menuitem', { name: 'Delete' }).click();
    await other.getByText('Mill cottage deleted.').click();
    const thrown = other.getByRole('region', { name: 'Deleted' });
    await thrown.getByRole('button', { name: 'Restore' }).click();
    await expect(thrown).toBeHidden();
    await other
      .getByRole('listitem', { name: 'Mill cottage' })
      .getByRole('button', { name: /^More for/ })
      .click();
    await other.getByRole('menuitem', { name: 'Delete' }).click();
    await other.getByText('Mill cottage deleted.').last().click();
    await thrown.getByRole('button', { name: 'Delete for ever' }).click();
    await expect(thrown).toBeHidden();
    await expect(other.getByRole('link', { name: 'Mill cottage' })).toBeHidden();

    // One bad job in a backup, here one of an earlier version, keeps all of it out.
    const opened = await openArchive(new Blob([backup]));
    const jobs = opened.ok ? opened.value.jobs : [];
    const spoilt = { format: 'nivel.backup/2', jobs: [jobs[0], { ...jobs[1], crew: [] }], pictures: {} };
    await other.getByLabel('Job file').setInputFiles({
      ...{ name: 'backup.json', mimeType: 'application/json' },
      buffer: Buffer.from(JSON.stringify(spoilt)),
    });
    await expect(other.getByRole('alert').filter({ hasText: 'backup.json' })).toContainText(
      /Job 2 of the backup: At crew.*No changes made/,
    );
    await expect(other.getByRole('link', { name: 'Linen press' })).toHaveCount(1);
  },
);

testAlone('a demo that was worked on is laid out anew, and brought back', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: /^F-01,/ }).click();
  await page.getByRole('button', { name: 'Remove F-01' }).click();
  await expect(page.getByRole('button', { name: /^F-01,/ })).toBeHidden();
  await page.goto('/');
  await page.getByRole('button', { name: 'Reset the demo Linen press' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('link', { name: 'Linen press' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await expect(page.getByRole('button', { name: /^C-01,/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^F-01,/ })).toBeHidden();
});

test('a stamp off plan replans the rest, also when the painter has gone on to another stage', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'today');
  await painter.stepClock('4 hours on');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('Take off and bag hardware');
  await now.getByRole('button', { name: 'Start' }).click();
  await painter.goTo('Plan');
  await painter.view('Changes');
  const reason = page.getByText(/^Current plan: .* started off plan$/);
  await expect(reason).toBeVisible();
  const mark = /([CF]-\d\d) started off plan/.exec((await reason.textContent()) ?? '')?.[1] ?? '';
  // What is running is still in the hand that started it, and one undo takes stamp and plan back together.
  await painter.goTo('Today');
  await expect(now.getByRole('button', { name: 'Start' })).toBeHidden();
  await expect(now.getByRole('button', { name: `${mark} done` })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(now.getByRole('button', { name: 'Start' })).toBeVisible();
  await painter.goTo('Plan');
  // The first plan again: there is no other to compare it with.
  await expect(page.getByRole('group', { name: 'View' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Changes', exact: true })).toBeHidden();
});

test('addresses of earlier versions lead to the stages that they meant', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  const { search } = new URL(page.url());
  for (const [before, now] of [
    ['prove', 'Test'],
    ['air', 'Conditions'],
    ['strokes', 'Sequence'],
    ['hand-over', 'Handover'],
  ] as const) {
    await page.goto(`/${before}${search}`);
    await expect(page.getByRole('heading', { name: now, level: 1 })).toBeVisible();
    await expect(page).toHaveURL(new RegExp(`/${now.toLowerCase()}\\?`));
  }
});
