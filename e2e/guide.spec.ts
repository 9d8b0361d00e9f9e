import { AccessibilityReader, settled } from './accessibility.ts';
import { PainterOn } from './painter.ts';
import { expect, test, testAlone, type Page } from './warm-page.ts';

/** Opens a page of the guide and waits until its parts compute. */
async function openGuide(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await expect(page.locator('astro-island[ssr]')).toHaveCount(0);
}

test('the guide answers from the place where the question arises, and Find finds its words', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'conditions');
  await page.getByRole('button', { name: 'Help with Conditions' }).click();
  const help = page.getByRole('dialog', { name: 'Help' });
  await expect(help.getByText('Ctrl Shift Z')).toBeVisible();
  await expect(help.getByRole('link', { name: 'Guide: Conditions' })).toHaveAttribute('href', '/guide/conditions');
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  // A word that stands in no heading.
  await page.getByRole('combobox', { name: /^Find/ }).fill('oily rags');
  await page
    .getByRole('option', { name: /^Today/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/guide\/today$/);
  await expect(page.getByRole('heading', { level: 1, name: 'Today' })).toBeVisible();
  await page.getByRole('link', { name: /^Next: / }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Hang' })).toBeVisible();
});

test('a figure says how it came about', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'today');
  const list = page.getByRole('list', { name: 'What’s dry' });
  const fold = list.locator('summary').first();
  if (await fold.isVisible()) await fold.click();
  await list
    .getByRole('button', { name: /^How\? / })
    .first()
    .click();
  const how = page.getByRole('presentation').filter({ hasText: 'More in the guide' });
  await expect(how).toContainText(/Tin: .* at 23 °C, 50% RH\./);
  await expect(how).toContainText(/So .*(longer|less time|as long)/);
});

test('the living parts of the guide compute, and its pages are read by everybody', async ({ page }) => {
  test.setTimeout(90_000);
  const reader = new AccessibilityReader(page);
  await openGuide(page, '/guide/conditions');
  const drying = page.getByRole('figure').filter({ hasText: 'Tin hours are for 23 °C' });
  const recoat = drying.getByRole('row').filter({ hasText: 'Recoat' });
  await drying.getByLabel(/^Temperature/).fill('23');
  await drying.getByLabel(/^Humidity/).fill('50');
  await expect(recoat).toHaveText(/14 h\s*14 h/);
  await drying.getByLabel(/^Temperature/).fill('5');
  await expect(recoat).toContainText('not at all');
  await reader.expectNone('all', 'guide/conditions');

  await openGuide(page, '/guide/sequence');
  const edge = page.getByRole('figure').filter({ hasText: 'One face of a panelled door' });
  await edge.getByLabel('Order').selectOption('Board by board from the top');
  await edge.getByLabel('Painter').selectOption('First time');
  await expect(edge.getByRole('status')).toContainText('Wet edge lost');
  await edge.getByLabel('Painter').selectOption('Trade');
  await edge.getByLabel(/^Temperature/).fill('16');
  await expect(edge.getByRole('status')).toContainText('Edges stay wet');

  await openGuide(page, '/guide/build-up');
  const coats = page.getByRole('figure').filter({ hasText: 'A cupboard door, nothing tested yet' });
  await coats.getByLabel('Material').selectOption('Melamine, laminate or foil');
  await coats.getByLabel('On it now').selectOption('Factory finish');
  await expect(coats.getByRole('status')).toContainText(/(Bonding|Adhesion) primer/);
  for (const address of ['/', '/start', '/guide', '/guide/methods', '/guide/how-nivel-knows', '/guide/keys']) {
    await page.goto(address);
    await settled(page);
    await reader.expectNone('all', address);
  }
});

test('the list of jobs tells what is next, what dries and how far each is', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'walk');
  await page.goto('/');
  const card = page.getByRole('listitem', { name: 'Tern Street Music School' }).first();
  await expect(card).toContainText(/Next\s*Sand and dust off, D-03/);
  await expect(card).toContainText(/\d+ pieces drying, first ready/);
  await expect(card).toContainText(/\d+ of \d+ steps done/);
});

test('the booklet has every page of the guide, each on paper of its own', async ({ page }) => {
  await page.goto('/guide/booklet');
  const pages = await page.getByRole('navigation', { name: 'Guide' }).getByRole('listitem').count();
  expect(pages).toBeGreaterThan(15);
  await expect(page.locator('.booklet > section')).toHaveCount(pages);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Guide' })).toBeHidden();
  const printed = await page.pdf({ format: 'A4' });
  expect(printed.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0).toBeGreaterThan(pages);
});

testAlone('a hint is told once on a device, and never again', async ({ page }) => {
  await page.goto('/plan?job=demo-linen-press');
  const hint = page.getByRole('complementary', { name: 'Hint' });
  await hint.getByRole('button', { name: 'Got it' }).click();
  await expect(hint).toBeHidden();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Plan' })).toBeVisible();
  await expect(hint).toBeHidden();
  // Each stage has its own, and only that.
  await page.keyboard.press('w');
  await expect(hint).toContainText('Type pieces as you would say them');
  await page.keyboard.press('b');
  await expect(hint).toContainText('Tap a rule’s name');
  await expect(hint).toHaveCount(1);
});

testAlone('a shortcut opens the job that was open last', async ({ page }) => {
  await page.goto('/walk?job=demo-linen-press');
  await expect(page.getByRole('heading', { level: 1, name: 'Walk' })).toBeVisible();
  await page.goto('/today');
  await expect(page).toHaveURL(/\/today\?job=demo-linen-press/);
  await expect(page.getByRole('heading', { level: 1, name: 'Today' })).toBeVisible();
});

testAlone('a job goes to the crew by the share sheet, small, and comes in again', async ({ page }) => {
  // The sheet of a phone, as far as a page sees it: what is handed over is kept.
  await page.addInitScript(() => {
    const sent: File[] = [];
    Object.assign(window, { sent });
    Object.assign(navigator, {
      canShare: () => true,
      share: ({ files }: { files: File[] }) => Promise.resolve(void sent.push(...files)),
    });
  });
  await page.goto('/walk?job=demo-linen-press');
  await expect(page.getByRole('heading', { level: 1, name: 'Walk' })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'More for Linen press' }).click();
  await page.getByRole('menuitem', { name: 'Share' }).click();
  const text = await page.evaluate(async () => (window as unknown as { sent: File[] }).sent[0]?.text() ?? '');
  expect(text).toMatch(/^Nivel job\. Open it in Nivel/);
  expect(text.length).toBeLessThan(30_000);
  await page.getByLabel('Job file').setInputFiles({
    name: 'linen-press.nivel.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from(text),
  });
  await expect(page.getByText('Imported Linen press')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Linen press/ })).toHaveCount(2);
});

testAlone('what the browser offers to install before any script is there is offered as a button', async ({ page }) => {
  await page.addInitScript(() => {
    document.addEventListener('DOMContentLoaded', () => {
      const offer = new Event('beforeinstallprompt', { cancelable: true });
      Object.assign(offer, { prompt: () => Promise.resolve((document.documentElement.dataset.asked = 'yes')) });
      window.dispatchEvent(offer);
    });
  });
  await page.goto('/walk?job=demo-linen-press');
  await expect(page.getByRole('heading', { level: 1, name: 'Walk' })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Install Nivel' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-asked', 'yes');
  await expect(page.getByRole('button', { name: 'Install Nivel' })).toBeHidden();
});

test('How? opens how each figure came about, with the figure itself at its end', async ({ page }) => {
  test.setTimeout(120_000);
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'today');
  /** Opens the first *How?* of such a figure; a figure that both name must be the same in both. */
  const explained = async (stage: string, of: RegExp, account: RegExp): Promise<void> => {
    await painter.goAlong(stage);
    const how = page.getByRole('button', { name: new RegExp(`^How\\? .*${of.source}`) }).first();
    const figure = of.exec((await how.getAttribute('aria-label')) ?? '')?.[1];
    await how.click();
    const shown = page.getByRole('presentation').locator('.MuiPopover-paper');
    await expect(shown).toContainText(account);
    if (figure !== undefined) await expect(shown.getByRole('list')).toContainText(figure);
    await page.keyboard.press('Escape');
    await expect(shown).toBeHidden();
  };
  await explained('today', /(\d.*min) for this job/, /At a professional’s pace/);
  await explained('today', /(\d\.\d\d L) left/, /So \d\.\d\d L left/);
  await explained('sequence', /Wet edge (\d+\.\d min)/, /Tin: wet for/);
  await explained('sequence?view=turning', /days/, /hands-on/);
  await explained('quantities?view=price', /Total/, /Labour: .* at .* an hour/);
  await explained('quantities?view=mixes', /Use within (.*)/, /Tin: pot life/);
  await explained('handover?view=real', /→/, /Standard: a professional’s minutes/);
  await explained('handover?view=real', /estimated (.* L)/, /by area and coverage/);
  await explained('handover?view=left', /(\d\.\d\d L) left/, /left\./);
  await explained('check?view=film', /from/, /the slowest coat/);
});
