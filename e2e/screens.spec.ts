import { expect, goAlong, test, type Locator, type Page } from './warm-page.ts';
import { AccessibilityReader, settled } from './accessibility.ts';
import { PainterOn } from './painter.ts';

/** What shows more with the large job and its log; what looks the same with the small one, which is read in a fraction of the time. */
const SCREENS = [
  ...(
    [
      'walk',
      'build-up',
      'conditions?view=outside',
      'plan',
      'today',
      'hang',
      'check',
      'check?defect=run-1',
      'handover',
      'handover?view=coats',
      'handover?view=left',
    ] as const
  ).map((screen) => ({ screen, job: 'demo-tern-street' as const })),
  ...(
    [
      'test',
      'quantities',
      'quantities?view=take-off',
      'quantities?view=mixes',
      'quantities?view=price',
      'conditions',
      'conditions?view=clock',
      'conditions?view=instruments',
      'sequence',
      'sequence?view=compare',
      'sequence?view=turning',
      'sequence?view=card',
      'hang?view=labels',
      'hang?piece=press-door-1',
      'check?piece=press-door-1',
      'handover?view=care',
      'handover?view=real',
      'plan',
      'plan?view=day-sheet',
    ] as const
  ).map((screen) => ({ screen, job: 'demo-linen-press' as const })),
];

for (const job of ['demo-tern-street', 'demo-linen-press'] as const) {
  test(`every screen can be read by everybody, in the dark and on a phone as well: ${job}`, async ({ page }) => {
    test.setTimeout(300_000);
    const painter = await new PainterOn(page).openDemo(job, 'walk');
    const reader = new AccessibilityReader(page);
    const screens = SCREENS.filter((each) => each.job === job).map(({ screen }) => screen);
    await page.setViewportSize({ width: 390, height: 844 });
    for (const screen of screens) {
      await painter.goAlong(screen);
      await settled(page);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect.soft(overflow, `${screen} is wider than a phone`).toBeLessThanOrEqual(0);
    }
    await page.setViewportSize({ width: 1280, height: 800 });
    for (const screen of screens) {
      await painter.goAlong(screen);
      await reader.expectNone('all', screen);
    }
    // In the dark only colours differ.
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect(page.locator('html')).toHaveAttribute('data-scheme', 'dark');
    for (const screen of screens) {
      await painter.goAlong(screen);
      await reader.expectNone('contrast', `${screen}, dark`);
    }
  });
}

/** Reads what has been opened over a screen with every rule, closes it by Escape, and sees it gone. */
function readerOfWhatOpens(page: Page): (what: string, shown?: Locator) => Promise<void> {
  const reader = new AccessibilityReader(page);
  const over = page.locator('[role=dialog], [role=menu], [role=complementary]').filter({ visible: true });
  return async (what, shown = over.first()) => {
    await expect(shown).toBeVisible();
    await reader.expectNone('all', what);
    await page.keyboard.press('Escape');
    await expect(over).toHaveCount(0);
  };
}

test('what opens over the walk can be read by everybody as well', async ({ page }) => {
  test.setTimeout(240_000);
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'walk');
  const opened = readerOfWhatOpens(page);
  await page.getByRole('button', { name: 'Add pieces' }).click();
  await opened('kinds of piece');
  await page.getByRole('button', { name: 'Add pieces' }).click();
  const adding = page.getByRole('dialog', { name: 'Add pieces' });
  await adding.getByRole('button', { name: 'Trim run', exact: true }).click();
  await painter.choose('Profile', 'drawn', adding);
  await adding.getByLabel('Length', { exact: true }).fill('wide');
  await opened('adding pieces, with a profile and a fault');
  await page.getByRole('button', { name: 'Import / export' }).click();
  await page.getByRole('menuitem', { name: 'Import list' }).click();
  const list = page.getByRole('dialog', { name: 'Import pieces' });
  await list.getByLabel('Paste rows from a spreadsheet').fill('Kind,Width\ndoor,40\nshelf,900');
  await list.getByRole('button', { name: 'Check list' }).click();
  await opened('a list with a bad row');
  await page.getByRole('button', { name: 'Rooms' }).click();
  await opened('rooms');
  await page.getByRole('button', { name: /^C-01,/ }).click();
  for (const fold of ['Access', 'Hardware', 'Holes', 'Photos']) {
    await page.getByRole('complementary', { name: 'Piece C-01' }).getByText(fold, { exact: true }).click();
  }
  await opened('a piece', page.getByRole('complementary', { name: 'Piece C-01' }));
  await page.getByRole('button', { name: 'Table' }).click();
  await page.getByRole('row').nth(2).getByRole('checkbox').check();
  await page.getByRole('button', { name: /^Edit (all|[A-Z])/ }).click();
  await opened('setting many, over the table', page.getByRole('dialog'));
  await page.getByRole('button', { name: 'Cut list' }).click();
  await expect(page.getByRole('list', { name: /^Bars of/ })).toBeVisible();
  await new AccessibilityReader(page).expectNone('all', 'the cut list');
});

test('what opens over other screens can be read by everybody as well', async ({ page }) => {
  test.setTimeout(240_000);
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'walk');
  const opened = readerOfWhatOpens(page);
  await page.getByRole('button', { name: 'History', exact: true }).click();
  await opened('history', page.getByRole('list', { name: 'History' }));
  await page.getByRole('button', { name: 'Settings' }).click();
  await opened('settings');
  await page.keyboard.press('?');
  await opened('keys');
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: /^Find/ }).fill('oak');
  await opened('find');
  await painter.goTo('Build-up');
  await page.getByRole('button', { name: /Store fronts, melamine/ }).click();
  await painter.openSteps();
  await page
    .getByRole('button', { name: /^Figures of/ })
    .first()
    .click();
  await opened('the figures of a tin');
  await goAlong(page, '/');
  await page
    .getByRole('button', { name: /^More for/ })
    .first()
    .click();
  await opened('what can be done with a job');
});

test('on a phone, thumbs find what Today asks for', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await new PainterOn(page).openDemo('demo-tern-street', 'today');
  await settled(page);
  for (const button of await page.getByRole('main').getByRole('button').all()) {
    const box = await button.boundingBox();
    expect
      .soft(box?.height ?? 0, (await button.getAttribute('aria-label')) ?? (await button.textContent()) ?? '')
      .toBeGreaterThanOrEqual(44);
  }
});

test('by keys alone: stages, find, keys, undo', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'walk');
  await page.keyboard.press('q');
  await expect(page.getByRole('heading', { name: 'Quantities', level: 1 })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Help' })).toContainText('Undo');
  await page.keyboard.press('Escape');
  // At once: a dialog that is fading away does not swallow the next key.
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: /^Find/ }).fill('D-05');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Piece D-05' })).toBeVisible();
});

test('the same job in inches, cans and wood', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'in, sq ft, gal' }).click();
  await page.getByRole('button', { name: 'US terms' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'C-01, Cabinet door, 17 13/16 × 46 5/8"' })).toBeVisible();
  await painter.goTo('Quantities');
  await expect(page.getByRole('heading', { name: 'Cans to buy' })).toBeVisible();
  const primer = page.getByRole('listitem', { name: 'Bonding primer, waterborne' });
  await expect(primer).toContainText('31.5 sq ft');
  await expect(primer).toContainText(/coverage \d+ sq ft\/gal/);
  await expect(page.getByRole('textbox', { name: 'Boxing bucket' })).toHaveValue('10.57');
  await painter.goTo('Conditions');
  await expect(page.getByRole('main')).not.toContainText('°C');

  // A third system is one entry of its own: quarts are pints, and a bucket is typed in them.
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'in, sq ft, UK gal' }).click();
  await page.keyboard.press('Escape');
  await painter.goTo('Quantities');
  await expect(page.getByRole('textbox', { name: 'Boxing bucket' })).toHaveValue('17.6');
});

test('a verdict follows what is chosen, and says what would lift it', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'build-up');
  await page.getByRole('button', { name: /Store fronts, melamine/ }).click();
  const chosen = await painter.openSteps();
  await expect(chosen.getByText('No problems found.')).toBeVisible();
  await painter.choose('Coat 1', 'Bonding primer, waterborne', chosen);
  await painter.choose('Key', 'deglossed', chosen);
  await expect(chosen.getByRole('list', { name: 'Verdict' })).toContainText('only holds on keyed laminate');
  await painter.choose('Coat 1', 'Adhesion primer, two-part', chosen);
  await expect(chosen).not.toContainText('Won’t work');
  await painter.choose('Coat 2', 'Exterior acrylic', chosen);
  await expect(chosen).toContainText('Choose an interior product for this face.');
  await expect(page.getByRole('region', { name: 'Why isn’t it offered?' })).toContainText(
    'Only an adhesion or bonding primer holds',
  );
});

test('a tin’s own figures change the waits, and nonsense on it is refused', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'build-up');
  await painter.openSteps();
  await page.getByRole('button', { name: 'Figures of Trim enamel, acrylic' }).first().click();
  const tin = page.getByRole('dialog', { name: 'Trim enamel, acrylic' });
  await tin.getByLabel('Recoat', { exact: true }).fill('2');
  await expect(tin).toContainText('“recoat” (2 h) must come after “handle” (3 h)');
  await tin.getByLabel('Recoat', { exact: true }).fill('16');
  await expect(tin).not.toContainText('must come after');
  // 0.88 L: two small tins are cheapest at the default prices; with a bargain on the large one, that is.
  await tin.getByLabel('Tins (L:price)').fill('0.75:29 2.5:49.50');
  await expect(tin).toContainText('from the tin, 5 Mar 2027 · default: 0.75:29 2.5:71');
  await tin.getByRole('button', { name: 'Done' }).click();
  await painter.goTo('Quantities');
  const reed = page.getByRole('listitem', { name: 'Trim enamel, acrylic, reed' });
  await expect(reed).toContainText(/1 × 2\.5 L€49\.50/);
  await expect(reed).toContainText('1.62 L left over');
  await painter.goTo('Plan');
  await expect(page.getByRole('button', { name: 'Accept this plan' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText('All hung by')).not.toContainText('Thu 11 Mar');
});

for (const how of ['mouse', 'finger'] as const) {
  test.describe(`pressed with a ${how}`, () => {
    test.use({ hasTouch: how === 'finger' });

    test('a press counts for what it was pressed on, whatever arrives above it meanwhile', async ({ page }) => {
      await new PainterOn(page).openDemo('demo-linen-press', 'walk');
      const rooms = page.getByRole('button', { name: 'Rooms', exact: true });
      const { x = 0, y = 0, width = 0, height = 0 } = (await rooms.boundingBox()) ?? {};
      const at = { x: x + width / 2, y: y + height / 2 };
      // As soon as it is pressed, something comes to stand above it.
      await page.evaluate(() =>
        window.addEventListener('pointerdown', () => (document.body.style.paddingTop = '300px'), { once: true }),
      );
      const devtools = await page.context().newCDPSession(page);
      if (how === 'mouse') {
        await page.mouse.move(at.x, at.y);
        await page.mouse.down();
        await expect.poll(async () => (await rooms.boundingBox())?.y).toBeGreaterThan(y + 200);
        await page.mouse.up();
      } else {
        await devtools.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] });
        await expect.poll(async () => (await rooms.boundingBox())?.y).toBeGreaterThan(y + 200);
        await devtools.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
      }
      await expect(page.getByRole('dialog', { name: 'Rooms' })).toBeVisible();
    });
  });
}
