import { expect, test } from '@playwright/test';
import { readFileSync, writeFileSync } from 'node:fs';
import { openArchive } from '../app/keeping/backup/read-archive.ts';
import { PainterOn } from './painter.ts';

const DEMO = readFileSync(new URL('../demo/linen-press.nivel.json', import.meta.url), 'utf8');

test('a tab killed in the middle of typing loses nothing', async ({ context, page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: /^C-01,/ }).click();
  const piece = page.getByRole('complementary', { name: 'Piece C-01' });
  await piece.getByLabel('Note').fill('left leaf, sticks at the top');
  await piece.getByLabel('Width').fill('45 and a b');
  await expect(piece).toContainText('Can’t read');
  const address = page.url();
  await page.close({ runBeforeUnload: false });

  const again = await context.newPage();
  await again.goto(address);
  const reopened = again.getByRole('complementary', { name: 'Piece C-01' });
  await expect(reopened.getByLabel('Note')).toHaveValue('left leaf, sticks at the top');
  await expect(reopened.getByLabel('Width')).toHaveValue('45 and a b');
  await expect(reopened).toContainText('Can’t read');
  await reopened.getByLabel('Width').fill('455');
  await expect(again.getByRole('button', { name: /^C-01, .* 455 × 1184 mm/ })).toBeVisible();
  await again.reload();
  await expect(again.getByRole('button', { name: /^C-01, .* 455 × 1184 mm/ })).toBeVisible();
});

/** All texts that are kept while they are typed; runs in the page. */
const keptTexts = (): Promise<string[]> =>
  new Promise((resolve, reject) => {
    const opening = indexedDB.open('nivel');
    opening.onerror = () => reject(new Error('The database can’t be opened.'));
    opening.onsuccess = () => {
      const asked = opening.result.transaction('drafts').objectStore('drafts').getAll();
      asked.onsuccess = () => {
        opening.result.close();
        resolve((asked.result as { text: string }[]).map(({ text }) => text));
      };
    };
  });

test('pieces that are being entered outlive the tab, and a size that can’t be read is not added as another', async ({
  context,
  page,
}) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: 'Add pieces' }).click();
  const form = page.getByRole('dialog', { name: 'Add pieces' });
  await form.getByRole('button', { name: 'Flush door', exact: true }).click();
  await form.getByLabel('Width', { exact: true }).fill('711');
  await form.getByLabel('How many').fill('2');
  await form.getByLabel('Height', { exact: true }).fill('two metres');
  await expect(form.getByRole('button', { name: 'Add D-01 to D-02' })).toBeDisabled();
  await expect(form.getByRole('status')).toContainText('Check the sizes');
  // A tab that dies loses no more than a stroke: the last one is in the browser’s database first.
  await expect.poll(() => page.evaluate(keptTexts)).toContain('two metres');
  const address = page.url();
  await page.close({ runBeforeUnload: false });

  const again = await context.newPage();
  await again.goto(address);
  await again.getByRole('button', { name: 'Add pieces' }).click();
  const reopened = again.getByRole('dialog', { name: 'Add pieces' });
  await expect(reopened.getByLabel('Width', { exact: true })).toHaveValue('711');
  await expect(reopened.getByLabel('Height', { exact: true })).toHaveValue('two metres');
  await reopened.getByLabel('Height', { exact: true }).fill('2 m');
  await reopened.getByRole('button', { name: 'Add D-01 to D-02' }).click();
  await expect(again.getByRole('button', { name: /^D-02, Flush door, 711 × 2000 mm/ })).toBeVisible();
});

test('two tabs see each other’s changes, and both are kept', async ({ context, page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  const other = await context.newPage();
  await new PainterOn(other).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: /^C-01,/ }).click();
  await page.getByLabel('Width').fill('460');
  await expect(other.getByRole('button', { name: /^C-01, .* 460 × 1184 mm/ })).toBeVisible();
  await expect(other.getByText('Updated from another tab.').last()).toBeVisible();
  await other.getByRole('button', { name: /^C-02,/ }).click();
  await other.getByLabel('Width').fill('470');
  await expect(page.getByRole('button', { name: /^C-02, .* 470 × 1184 mm/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^C-01, .* 460 × 1184 mm/ })).toBeVisible();
});

test('jobs are renamed, copied, thrown away and brought back, exported and imported', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.goto('/');
  const card = page.getByRole('listitem', { name: 'Linen press', exact: true });
  await card.getByRole('button', { name: 'More for Linen press' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  const copy = page.getByRole('listitem', { name: 'Linen press (copy)' });
  await copy.getByRole('button', { name: /^More for/ }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Press of the aunt');
  await page.getByRole('button', { name: 'Rename' }).click();
  const aunt = page.getByRole('listitem', { name: 'Press of the aunt' });
  await expect(aunt).toBeVisible();

  await aunt.getByRole('button', { name: /^More for/ }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Export' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('press-of-the-aunt.nivel.json');
  const exported = readFileSync(await file.path(), 'utf8');
  expect((JSON.parse(exported) as { pieces: unknown[] }).pieces).toHaveLength(5);

  await aunt.getByRole('button', { name: /^More for/ }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(aunt).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(aunt).toBeVisible();

  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'aunt.nivel.json', mimeType: 'application/json', buffer: Buffer.from(exported) });
  await expect(page.getByRole('listitem', { name: 'Press of the aunt (imported)' })).toBeVisible();

  const [backup] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up all' }).click(),
  ]);
  const held = await openArchive(new Blob([readFileSync(await backup.path())]));
  expect(held.ok && held.value.jobs.map((job) => job.name).sort()).toEqual([
    'Linen press',
    'Press of the aunt',
    'Press of the aunt (imported)',
  ]);
});

const HOSTILE: readonly (readonly [string, () => string, RegExp])[] = [
  ['truncated', () => DEMO.slice(0, DEMO.length / 3), /Part of the file is missing/],
  ['of a newer format', () => DEMO.replace(/nivel\.job\/\d+/, 'nivel.job/999'), /newer Nivel/],
  ['of 50 MB', () => JSON.stringify({ format: 'nivel.job/1', name: 'x'.repeat(50_000_000) }), /50 MB/],
  ['nested without end', () => '{"a":'.repeat(60_000), /nested too deep/],
  ['with a width of nothing', () => DEMO.replace('"width": 452', '"width": 0'), /pieces › 0 › shape › width/],
];

test('bad files say what is wrong and change nothing', async ({ page }, testInfo) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.goto('/');
  await expect(page.getByRole('listitem', { name: 'Linen press', exact: true })).toBeVisible();
  for (const [name, text, message] of HOSTILE) {
    // Choose file: fifty megabytes would take a quarter of a minute through the browser's remote control.
    const file = testInfo.outputPath(`${name}.json`);
    writeFileSync(file, text());
    await page.getByLabel('Job file').setInputFiles(file);
    await expect(page.getByRole('alert')).toContainText(message);
    await expect(page.getByRole('alert')).toContainText('No changes made');
    await expect(
      page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /^More for/ }) }),
    ).toHaveCount(1);
  }
});

test('a script in a name stays a name', async ({ page }) => {
  const name = '<img src=x onerror="document.title=1"><script>document.title=2</script>';
  const hostile = JSON.stringify({ ...(JSON.parse(DEMO) as object), id: 'hostile', name });
  await page.goto('/');
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'hostile.json', mimeType: 'application/json', buffer: Buffer.from(hostile) });
  await expect(page.getByRole('link', { name })).toBeVisible();
  await page.getByRole('link', { name }).click();
  await expect(page.getByText(name, { exact: true })).toBeVisible();
  await expect(page).toHaveTitle(/Nivel$/);
});

test.describe('with a service worker', () => {
  test.use({ serviceWorkers: 'allow' });

  test('once loaded, everything works without a server', async ({ context, page }) => {
    const painter = await new PainterOn(page).openDemo('demo-linen-press', 'walk');
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await context.setOffline(true);
    await page.getByRole('button', { name: /^C-01,/ }).click();
    await page.getByLabel('Width').fill('470');
    for (const stage of ['Test', 'Build-up', 'Quantities', 'Plan', 'Today', 'Hang']) await painter.goTo(stage);
    await painter.goTo('Plan');
    await expect(page.getByRole('button', { name: 'Accept this plan' })).toBeVisible({ timeout: 20_000 });
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Plan', level: 1 })).toBeVisible();
    await painter.goTo('Walk');
    await expect(page.getByRole('button', { name: /^C-01, .* 470 × 1184 mm/ })).toBeVisible();
  });
});
