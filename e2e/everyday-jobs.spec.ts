import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { PainterOn } from './painter.ts';
import { expect, test } from './warm-page.ts';

/** Opens one of the everyday jobs from its file, as one that was handed over would be. */
async function openFile(page: Page, name: string): Promise<PainterOn> {
  await page.goto('/');
  await page.getByLabel('Job file').setInputFiles({
    name: `${name}.nivel.json`,
    mimeType: 'application/json',
    buffer: readFileSync(`cases/jobs/${name}.nivel.json`),
  });
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  return new PainterOn(page);
}

/** Takes what is recommended for every group, one after the other. */
async function takeRecommended(painter: PainterOn, groups: number): Promise<void> {
  const { page } = painter;
  await painter.goTo('Build-up');
  for (let group = 0; group < groups; group++) {
    const entry = page.getByRole('list', { name: 'Groups of like pieces' }).getByRole('listitem').nth(group);
    if (groups > 1) await entry.getByRole('button').click();
    const best = page.getByRole('listitem').filter({ hasText: 'Recommended' });
    await best.getByRole('button', { name: 'Choose', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Chosen build-up' })).toBeVisible();
    if (groups > 1) await expect(entry).not.toContainText('to choose');
  }
}

async function acceptPlan(painter: PainterOn): Promise<void> {
  await painter.goTo('Plan');
  await painter.page.getByRole('button', { name: 'Accept this plan' }).click({ timeout: 30_000 });
  await expect(painter.page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
}

test('a first-timer’s garage door is planned in sections over several days, and Today says which', async ({ page }) => {
  test.setTimeout(120_000);
  const painter = await openFile(page, 'garage-door');
  await takeRecommended(painter, 2);
  await painter.goTo('Plan');
  const board = page.getByRole('group', { name: /^Board/ });
  const sections = board.getByRole('button', { name: /First coat.*section.*G-01/ });
  await expect(sections.first()).toBeAttached({ timeout: 30_000 });
  const days = await sections.evaluateAll((drawn) => [
    ...new Set(drawn.map((each) => /^\w+ \d+ \w+/.exec(each.getAttribute('aria-label') ?? '')?.[0])),
  ]);
  expect(days.length).toBeGreaterThan(1);
  await expect(page.getByText('No plan possible')).toBeHidden();
  await acceptPlan(painter);
  const now = page.getByRole('region', { name: 'Now' });
  for (let step = 0; step < 20; step++) {
    if (/section/.test((await now.textContent()) ?? '')) break;
    const before = await now.textContent();
    const done = now.getByRole('button', { name: /done$/i }).last();
    if (await done.isEnabled()) {
      await done.click();
      await expect.poll(() => now.textContent()).not.toBe(before);
    }
    await painter.stepClock('4 hours on');
  }
  await expect(now).toContainText(/First coat: bonding primer.*section/);
});

test('a laminate kitchen comes from its lines to a plan with nothing stated but its size', async ({ page }) => {
  test.setTimeout(90_000);
  const painter = await new PainterOn(page).startJob('Kitchen');
  const line = page.getByLabel('Quick add');
  const wall = page.getByRole('list', { name: 'Pieces of Kitchen' });
  await line.fill('kitchen 14 doors slab 446x711 laminate, 5 drawers 446x175 laminate');
  await expect(page.getByRole('list', { name: 'Can’t read' })).toBeHidden();
  await line.press('Enter');
  await expect(wall.getByRole('button', { name: /^C-14,/ })).toBeVisible();
  // What is of another kind stays in the line, for the next Enter.
  await expect(line).toHaveValue('5 drawers 446x175 laminate');
  await line.press('Enter');
  await expect(wall.getByRole('button', { name: /^F-05,/ })).toBeVisible();
  await expect(line).toHaveValue('');
  await painter.goTo('Test');
  await expect(page.getByRole('listitem', { name: /^Lead/ })).toHaveCount(0);
  await painter.goTo('Build-up');
  const best = page.getByRole('listitem').filter({ hasText: 'Recommended' });
  await expect(best).toContainText(/Adhesion primer|Bonding primer/);
  await expect(best).not.toContainText(/oil/i);
  await best.getByRole('button', { name: 'Choose', exact: true }).click();
  await painter.goTo('Quantities');
  const enamel = page.getByRole('listitem', { name: /^Enamel/ });
  await expect(enamel.getByText(/^1 × 2\.5 L$/)).toBeVisible();
  await enamel.getByLabel('In stock').fill('2.5');
  await expect(enamel.getByText(/nothing to buy/)).toBeVisible();
  await acceptPlan(painter);
});

test('a porch rail that is longer than its hours is painted in lengths, and nothing is left out', async ({ page }) => {
  const painter = await openFile(page, 'porch-rail');
  await takeRecommended(painter, 1);
  await painter.goTo('Plan');
  const board = page.getByRole('group', { name: /^Board/ });
  await expect(board.getByRole('button', { name: /Scrape off loose paint: R-01/ }).first()).toBeAttached({
    timeout: 30_000,
  });
  await expect(board.getByRole('button', { name: /coat.*(spindles|rails).*R-01/ }).first()).toBeAttached();
  await expect(page.getByText(/^Not (planned|in time)|^Left out/)).toBeHidden();
});

test('a room is painted from the ceiling down, with wall paint on its walls, and in the other order where it is chosen', async ({
  page,
}) => {
  test.setTimeout(90_000);
  const painter = await openFile(page, 'room-and-trim');
  await takeRecommended(painter, 3);
  await painter.goTo('Quantities');
  await expect(page.getByRole('listitem', { name: /^Wall paint/ })).toBeVisible();
  await expect(page.getByRole('listitem', { name: /^Ceiling paint/ })).toBeVisible();
  await painter.goTo('Plan');
  const board = page.getByRole('group', { name: /^Board/ });
  const starts = async (kind: RegExp): Promise<string[]> => {
    const run = board.getByRole('button', { name: kind });
    await expect(run.first()).toBeAttached({ timeout: 30_000 });
    return run.evaluateAll((drawn) => drawn.map((each) => each.getAttribute('data-item') ?? ''));
  };
  await starts(/coat: ceiling paint/);
  await starts(/coat: (trim )?enamel/);
  await painter.view('Settings');
  await painter.choose('Order in a room', 'ceiling, woodwork, then walls');
  await expect(page.getByRole('combobox', { name: 'Order in a room' })).toHaveText('ceiling, woodwork, then walls');
  await painter.view('Board');
  await starts(/coat: wall paint/);
});

test('a fire door is painted where it hangs, shut every night, and no screen offers it a wedge', async ({ page }) => {
  test.setTimeout(90_000);
  const painter = await openFile(page, 'fire-door');
  await takeRecommended(painter, 1);
  await acceptPlan(painter);
  await expect(page.locator('main')).not.toContainText(/wedge (it )?ajar/i);
  await painter.goTo('Hang');
  await page.getByRole('link', { name: /D-01/ }).first().click();
  await expect(page.getByText('D-01').first()).toBeVisible();
  await expect(page.locator('main')).not.toContainText(/wedge in/i);
  await painter.goTo('Walk');
  await page.getByRole('button', { name: /^D-01,/ }).click();
  const piece = page.getByRole('complementary', { name: 'Piece D-01' });
  await expect(piece).toContainText('Fire door: check its certificate before paint');
  await expect(piece).not.toContainText(/wedge|hung every night/);
});

test('a loose sash, a carcass off the wall, a door a side at a time, and grain filled on the fronts alone', async ({
  page,
}) => {
  test.setTimeout(90_000);
  const painter = await new PainterOn(page).startJob('Parts');
  const line = page.getByLabel('Quick add');
  const pieces = page.getByRole('list', { name: 'Pieces of First room' });
  for (const [typed, mark] of [
    ['loose sash 560x820 2x2 panes oil gloss', 'W-01'],
    ['carcass 900x760x560 off the wall oil gloss', 'K-01'],
    ['front door 6p one side at a time oil gloss', 'D-01'],
    ['4 oak cupboard doors 450x720 varnish', 'C-04'],
  ] as const) {
    await line.fill(typed);
    await expect(page.getByRole('list', { name: 'Can’t read' })).toBeHidden();
    await line.press('Enter');
    await expect(pieces.getByRole('button', { name: new RegExp(`^${mark},`) })).toBeVisible();
  }
  await takeRecommended(painter, 4);
  await page.getByRole('list', { name: 'Groups of like pieces' }).getByText('Oak or ash').click();
  const chosen = page.getByRole('region', { name: 'Chosen build-up' });
  await chosen.getByText('Edit steps').click();
  await painter.choose('Grain filled on', 'front only');
  await expect(chosen).toContainText('front only');
  await expect(chosen).toContainText('Only the other face is filled');
  await painter.goTo('Plan');
  const board = page.getByRole('group', { name: /^Board/ });
  await expect(board.getByRole('button', { name: /Other side: first coat.*D-01/ })).toBeAttached({ timeout: 30_000 });
  await expect(board.getByRole('button', { name: /Take off.*(K-01|W-01)/ }).first()).toBeAttached();
  await expect(page.getByText(/^Not (planned|in time)|^Left out/)).toBeHidden();
});
