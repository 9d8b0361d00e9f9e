import { expect, test, type Page } from './warm-page.ts';
import { readFileSync } from 'node:fs';
import { PainterOn } from './painter.ts';

const verdictOn = (page: Page) => page.getByRole('status', { name: 'Wet edge' });
const orderOn = (page: Page) => page.getByRole('list', { name: 'Painting order' });

/** Minutes of the oldest lap and its limit, as the verdict says them. */
async function oldestLap(page: Page): Promise<{ age: number; limit: number }> {
  const words =
    (await verdictOn(page)
      .getByText(/ meets .* reached at /)
      .textContent()) ?? '';
  const [, age, limit] = /reached at ([\d.]+) min, wet until ([\d.]+)/.exec(words) ?? [];
  return { age: Number(age), limit: Number(limit) };
}

test('a door stops at its joints in any air; a ceiling goes off in a hot room, the best way out brings it back, and the plan takes it', async ({
  page,
}) => {
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'sequence');
  await painter.choose('Painted in', 'Open air, harbour');
  await expect(verdictOn(page)).toContainText('Edges stay wet');
  expect((await oldestLap(page)).age).toBeLessThan(0.7 * (await oldestLap(page)).limit);

  // Played, it says what is painted, and the list goes along.
  const slider = page.getByRole('slider', { name: 'Time since the first stroke' });
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await expect(slider).toHaveAttribute('aria-valuetext', /^\d\.\d min: [3-9], /);
  await page.getByRole('button', { name: 'Pause' }).click();
  const current = orderOn(page).locator('[aria-current=step]');
  const said = (await slider.getAttribute('aria-valuetext')) ?? '';
  await expect(current).toContainText(/\d+, (.+)$/.exec(said)?.[1] ?? 'nothing');
  await page.getByRole('button', { name: 'Next stroke' }).click();
  const number = Number(/min: (\d+),/.exec(said)?.[1]) + 1;
  await expect(slider).toHaveAttribute('aria-valuetext', new RegExp(`min: ${number}, `));

  // What sets at a sight line of the door does not show, and is no alarm.
  await painter.choose('Painted in', 'Boiler room, hot and dry');
  await expect(verdictOn(page)).not.toContainText('too soon');

  const piece = page.getByRole('combobox', { name: 'Piece' });
  await piece.fill('N-01');
  await page.getByRole('option', { name: /^N-01/ }).click();
  await painter.choose('Painted in', 'Open air, harbour');
  await expect(verdictOn(page)).toContainText('Edges stay wet');
  const cold = await oldestLap(page);
  await painter.choose('Painted in', 'Boiler room, hot and dry');
  await expect(verdictOn(page)).toContainText(/edges? dr(y|ies) too soon/);
  const hot = await oldestLap(page);
  // Told is the lap that is nearest to its limit, or furthest beyond it: no younger one in the heat.
  expect(hot.age).toBeGreaterThanOrEqual(cold.age - 0.05);
  expect(hot.limit).toBeLessThan(hot.age);
  await expect(orderOn(page).getByRole('listitem').filter({ hasText: 'strip 9' }).first()).toContainText(
    `Reaches strip 8 at ${hot.age.toFixed(1)} min (wet until ${Math.round(hot.limit)}).`,
  );

  const best = page.getByRole('list', { name: 'Fixes, best first' }).getByRole('listitem').first();
  await expect(best).toContainText(/wet edge kept|only just/);
  const promised = Number(
    /reached at ([\d.]+) min, wet until [\d.]+ · takes/.exec((await best.textContent()) ?? '')?.[1],
  );
  await best.getByRole('button', { name: /^Try/ }).click();
  await expect(verdictOn(page)).not.toContainText('too soon');
  expect((await oldestLap(page)).age).toBeCloseTo(promised, 1);

  await page.getByRole('button', { name: 'Use in plan' }).click();
  await expect(page.getByText(/Used in Plan and Today, on/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Plan .*changed since the plan/ })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Used in Plan and Today, on/)).toBeVisible();
  await page.getByRole('button', { name: 'Use default' }).click();
  await expect(page.getByText('Default – used in Plan and Today')).toBeVisible();
});

test('an order is searched and proved, told in words, and shifted by hand', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'sequence');
  const school = await oldestLap(page);
  await page.getByRole('button', { name: 'Best order, any method', exact: true }).click();
  await expect(page.getByText(/^Longest wet edge \d\.\d min – best possible$/)).toBeVisible({ timeout: 30_000 });
  await expect.poll(async () => (await oldestLap(page)).age).toBeLessThan(school.age * 0.6);
  const found = await oldestLap(page);
  await expect(
    page.getByText(
      new RegExp(`^Longest wet edge: ${found.age.toFixed(1)} min \\(.+\\), was ${school.age.toFixed(1)} min \\(`),
    ),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Reset order' }).click();
  await expect.poll(async () => (await oldestLap(page)).age).toBe(school.age);

  const names = async (): Promise<string[]> => orderOn(page).getByRole('listitem').allTextContents();
  expect((await names())[0]).toMatch(/^1upper left panel/);
  const handle = page.getByRole('button', { name: 'Move upper left panel' });
  await handle.focus();
  // Each key is pressed when what the one before it did has been told, and once more where it came before it was listened for.
  const told = page.getByRole('status').filter({ hasText: /^upper left panel/ });
  for (const [key, words] of [
    ['Space', 'at 1 of'],
    ['ArrowDown', 'at 2 of'],
    ['ArrowDown', 'at 3 of'],
    ['Space', 'moved to 3 of'],
  ] as const) {
    await expect(async () => {
      await page.keyboard.press(key);
      await expect(told).toContainText(words, { timeout: 5000 });
    }).toPass();
  }
  await expect.poll(async () => (await names())[2]).toMatch(/^3upper left panel/);
  await expect(page.getByText(/^Upper left panel comes after middle left panel\.$/)).toBeVisible();
});

test('schools are compared in the same air, and the card is saved', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'sequence?view=compare');
  const orders = page.getByRole('list', { name: 'Orders side by side' });
  await page.getByRole('button', { name: 'Add third order' }).click();
  await expect(orders.getByRole('listitem', { name: /^Order \d$/ })).toHaveCount(3);
  const third = orders.getByRole('listitem', { name: 'Order 3' });
  await painter.choose('Method', 'Board by board from the top', third);
  const age = async (order: number): Promise<number> => {
    const words = await orders
      .getByRole('listitem', { name: `Order ${order}` })
      .getByRole('group', { name: 'Result' })
      .textContent();
    return Number(/Reached at ([\d.]+) min/.exec(words ?? '')?.[1]);
  };
  expect(await age(3)).toBeLessThan((await age(1)) * 0.6);
  await third.getByRole('button', { name: 'Use this order' }).click();
  await page.getByRole('button', { name: 'Order', exact: true }).click();
  await expect(page.getByRole('combobox', { name: 'Method' })).toHaveText('Board by board from the top');

  await page.getByRole('button', { name: 'Card', exact: true }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save card' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('d-01-sequence.svg');
  const svg = readFileSync(await file.path(), 'utf8');
  expect(svg).toContain('Board by board from the top');
  expect(svg.match(/<circle /g)?.length).toBeGreaterThan(15);
});

test('turning is planned both ways, and what stays in place is told how', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'sequence?view=turning');
  await expect(page.getByText(/on its own: [\d.]+ days, start to hung/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Compare both' }).click();
  await expect(page.getByText(/days? (sooner|later) than the other way|the same day either way/)).toHaveCount(2, {
    timeout: 60_000,
  });
  await painter.openDemo('demo-tern-street', 'sequence?view=turning&piece=gallery-railing-1');
  await expect(page.getByText(/Tape off the stair/)).toBeVisible();
});

test('a railing keeps its chosen order; on a phone its card is a list to scroll', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 700 });
  await new PainterOn(page).openDemo('demo-tern-street', 'sequence?view=card&piece=gallery-railing-1');
  await expect(page.getByText(/Spindles, then rails/).first()).toBeVisible();
  await expect(orderOn(page).getByRole('listitem').filter({ hasText: 'spindle 1, three sides' })).toHaveCount(1);
  const drawing = page.getByRole('img', { name: /numbered in order/ });
  const box = await drawing.boundingBox();
  expect(box?.width).toBeLessThanOrEqual(320);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
});
