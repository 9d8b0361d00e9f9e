import { expect, test } from './warm-page.ts';
import { asTime } from './dates.ts';
import { PainterOn } from './painter.ts';

test('a press from the walk to the plan, typed by hand', async ({ page }) => {
  const painter = new PainterOn(page);
  await painter.startJob('Press on the landing');

  // Walk: two framed doors, three drawer fronts; the second door is narrower.
  await painter.addPieces('Cupboard door', 'Framed', { Width: '452', Height: '1184', Thickness: '21' });
  await expect(page.getByRole('complementary', { name: 'Piece C-01' })).toBeVisible();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  const second = page.getByRole('complementary', { name: 'Piece C-02' });
  await second.getByLabel('Width').fill('17 3/4"');
  await expect(page.getByRole('button', { name: /C-02, Cupboard door, 450.9 × 1184 mm/ })).toBeVisible();
  await second.getByLabel('Width').fill('449');
  await second.getByRole('button', { name: 'Close piece' }).click();
  await painter.addPieces('Drawer front', '497 × 213', { Width: '898', Height: '212', Thickness: '19' }, '3');
  const third = page.getByRole('complementary', { name: 'Piece F-01' });
  await third.getByLabel('Height').fill('168');

  // Everything can be undone and brought back.
  await page.getByRole('button', { name: 'Remove F-01' }).click();
  await expect(page.getByRole('button', { name: /^F-01,/ })).toBeHidden();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^F-01, Drawer front, 898 × 168 mm/ })).toBeVisible();

  // Test what is there, then take what is recommended; then quantities worked by hand.
  await painter.goTo('Test');
  await painter.stamp('Lead', 'No lead');
  await painter.stamp('Old coat', 'Oil gloss');
  await painter.stamp('Adhesion', 'Sound');
  await painter.stamp('Grease and wax', 'Clean');
  await painter.stamp('Stains and knots', 'No bleeding');
  await page.getByRole('button', { name: 'Choose build-up' }).click();
  // The harder enamel is made for fronts that are handled; the quicker one stands beside it.
  const hard = page
    .getByRole('listitem', { name: /Bonding primer, waterborne, then 2 × enamel, waterborne alkyd/ })
    .first();
  await expect(hard).toContainText('Recommended');
  const quick = page
    .getByRole('listitem', { name: /Bonding primer, waterborne, then 2 × trim enamel, acrylic/ })
    .first();
  await quick.getByRole('button', { name: 'Choose' }).click();
  await expect(
    page
      .getByRole('region', { name: 'Chosen build-up' })
      .getByRole('img', { name: /Cross-section from the top\. Trim enamel.*Oil gloss, deglossed\. Softwood/ }),
  ).toBeVisible();
  await painter.goTo('Quantities');
  // 2.9274 m² painted; primer / 10.29 m²/L / 0.92 + 0.1 in the tray + 0.1 in reserve; enamel twice.
  const primer = page.getByRole('listitem', { name: 'Bonding primer, waterborne' });
  await expect(primer).toContainText('2.93 m² → 0.31 L');
  await expect(primer).toContainText('0.51 L');
  const enamel = page.getByRole('listitem', { name: 'Trim enamel, acrylic, chalk line' });
  await expect(enamel).toContainText('0.88 L');
  await expect(enamel).toContainText(/2 × 0\.75 L€58\.00/);
  await expect(enamel).toContainText('next best 1 × 2.5 L, €71.00');
  await expect(enamel).toContainText('0.62 L left over');

  // Plan: made by itself, accepted by hand.
  await painter.goTo('Plan');
  await page.getByRole('button', { name: 'Accept this plan' }).click({ timeout: 20_000 });
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
});

test('a cold night in the garage delays the recoat and is undone', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'plan');
  await expect(page.getByText('All hung by')).toContainText('Thu 11 Mar');
  const before = await painter.dateOf('C-01', 'Last coat');
  await painter.goTo('Conditions');
  await page.getByRole('button', { name: /^Garage/ }).click();
  await page.getByText('Room settings').click();
  const garage = page.getByRole('region', { name: 'Settings of Garage' });
  await garage.getByRole('button', { name: 'Add a cold night' }).click();
  const night = garage.getByRole('region', { name: 'Cold night before Saturday 6 March' });
  await night.getByLabel('Coldest, 05:00').fill('1');
  await night.getByLabel('Warmest, 15:00').fill('8');
  await night.getByLabel('Humidity when coldest').fill('97');
  await night.getByLabel('Humidity when warmest').fill('90');
  await painter.goTo('Plan');
  await expect(page.getByRole('button', { name: 'Accept this plan' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText('Looking for a better plan')).toBeHidden({ timeout: 20_000 });
  await expect
    .poll(async () => asTime(await painter.dateOf('C-01', 'Last coat')))
    .toBeGreaterThan(asTime(before) + 3_600_000);
  for (let step = 0; step < 5; step++) await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(() => painter.dateOf('C-01', 'Last coat')).toBe(before);
});

test('the day in the hand: start, done, still tacky; what differs replans the rest', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'today');
  const now = page.getByRole('region', { name: 'Now' });
  await painter.stepClock('15 minutes on');
  await expect(now).toContainText('Take off and bag hardware');
  await now.getByRole('button', { name: 'Start' }).click();
  await painter.stepClock('15 minutes on');
  await now.getByRole('button', { name: /done$/ }).last().click();
  await expect(now).toContainText('Wash and rinse');

  // An hour late with the wash: the rest is planned anew from there.
  await painter.stepClock('1 hour on');
  await now.getByRole('button', { name: 'All 5 done' }).click();
  const replanned = page.getByText(/done off plan\. Finish/);
  await expect(replanned.last()).toBeVisible({ timeout: 20_000 });
  await expect(now).toContainText('Degloss');

  // Next morning: prime the first back, let it lie, and find it tacky where the clock says ready.
  await painter.stepClock('Next morning, 07:30');
  await painter.stepClock('1 hour on');
  for (let step = 0; step < 3 && !(await now.textContent())?.includes('First coat'); step++) {
    await now.getByRole('button', { name: /done$/i }).last().click();
  }
  await expect(now).toContainText('First coat: bonding primer');
  // The day is being planned anew under the hand that stamps it.
  await expect(page.getByText('Replanning…')).toBeHidden({ timeout: 20_000 });
  await now.getByRole('button', { name: /done$/i }).last().click();
  const touch = page.getByRole('list', { name: 'What’s dry' });
  // A batch of three and more is told as one, and opens; each piece has its own time.
  await expect(touch).toContainText(/wet[:,] leave/);
  const together = touch.getByText(/^wet, leave alone: \d pieces$/);
  await expect(async () => {
    if (await together.isVisible())
      await touch
        .locator('details')
        .first()
        .evaluate((fold) => fold.setAttribute('open', ''));
    await expect(touch).toContainText(/wet: leave it.*(turn|recoat|denib) from \d\d:\d\d/, { timeout: 1_000 });
  }).toPass();
  await painter.stepClock('4 hours on');
  const first = touch.getByRole('listitem').first();
  for (let hour = 0; hour < 3 && !(await first.textContent())?.includes(' now'); hour++) {
    await painter.stepClock('1 hour on');
  }
  await expect(first).toContainText(/(turn|recoat|denib) now/);
  for (const fold of await first.locator('details').all()) await fold.evaluate((each) => each.setAttribute('open', ''));
  await first
    .getByRole('button', { name: /still tacky/ })
    .first()
    .click();
  await expect(page.getByText(/still tacky\. Finish/)).toBeVisible({ timeout: 20_000 });
  await expect(touch).toContainText(/(turn|recoat|denib) from \d\d:\d\d/);
});

test('hang: the bag is counted, and each use has its date', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'hang');
  await page.getByRole('link', { name: 'C-01, Cupboard door' }).click();
  const dates = page.getByLabel('Dates of C-01').locator('dd');
  // Last coat, handle, hang, hanging, close, wash, full use: in their order.
  await expect(dates).toHaveCount(7);
  const times = await dates.allTextContents();
  expect(times.map(asTime)).toEqual([...times.map(asTime)].sort((one, other) => one - other));
  const bag = page.getByRole('region', { name: 'Bag C-01' });
  await expect(bag).toContainText('12 missing');
  await bag.getByRole('button', { name: 'Cup hinge: one more in bag C-01' }).click();
  await expect(bag).toContainText('11 missing');
  await bag.getByRole('button', { name: 'All bagged' }).click();
  await expect(bag).toContainText('complete');
  await page.reload();
  await expect(bag).toContainText('complete');
});
