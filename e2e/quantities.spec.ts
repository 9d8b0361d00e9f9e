import { expect, test } from './warm-page.ts';
import { readFileSync } from 'node:fs';
import { PainterOn } from './painter.ts';

const tern = JSON.parse(readFileSync(new URL('../demo/tern-street.nivel.json', import.meta.url), 'utf8')) as object;

test('an order with boxing: the bucket decides where tins change, never on a face', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'quantities');
  const reed = page.getByRole('listitem', { name: 'Trim enamel, acrylic, reed' });
  await expect(reed).toContainText('next best');
  await reed.getByText('Boxing, and where to change tins').click();
  const boxes = reed.getByRole('list', { name: 'Boxing order' }).locator('> li');
  await expect(boxes).toHaveCount(2);
  await page.getByRole('textbox', { name: 'Boxing bucket' }).fill('20');
  await expect(boxes).toHaveCount(1);
  await page.getByRole('textbox', { name: 'Boxing bucket' }).fill('a lot');
  await expect(page.getByText('Type a number from 0.5 to 200.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Boxing bucket' }).fill('6');
  await expect(boxes.first()).toContainText('Change over between faces.');
  await expect(reed.getByText(/Buy all \d tins of reed together, from one batch/)).toBeVisible();

  // Consumables come from the same take-off; a price of one's own is no default any more.
  const sleeves = page.getByRole('row').filter({ hasText: 'Mini-roller sleeves' });
  await expect(sleeves).toContainText('(default pack and price)');
  await sleeves.getByLabel('Price of mini-roller sleeves').fill('20');
  await expect(sleeves).not.toContainText('defaults');
});

test('a two-part primer is mixed by the plan’s runs, each portion used up within its pot life', async ({
  page,
  request,
}) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'quantities');
  await page.getByRole('button', { name: 'Mixes' }).click();
  const portions = page.getByRole('list', { name: 'Portions' }).getByRole('listitem');
  await expect(portions.first()).toContainText('Adhesion primer, two-part');
  const said = await portions.allTextContents();
  for (const card of said) {
    const [, base, hardener] = /Base(\d+) mL.*Hardener(\d+) mL/.exec(card.replaceAll(',', '')) ?? [];
    expect(Number(base) / Number(hardener)).toBeGreaterThan(3.5);
    expect(Number(base) / Number(hardener)).toBeLessThan(4.5);
  }
  const { products } = (await (await request.post('/api/quantities', { data: tern })).json()) as {
    products: { product: string; coats: { litres: number }[]; boxes: { tins: number[] }[] }[];
  };
  const tile = products.find(({ product }) => product === 'prime-2k-tile');
  const mixed = said.reduce((sum, card) => sum + Number(/([\d.]+) L in all/.exec(card)?.[1] ?? 0), 0);
  const onPieces = tile?.coats.reduce((sum, { litres }) => sum + litres, 0) ?? 0;
  // Every run leaves a little in its tools; nothing is forgotten.
  expect(mixed).toBeGreaterThan(onPieces);
  expect(mixed).toBeLessThan(onPieces + 0.12 * said.length);

  // What can’t be measured is said so: no portion with less hardener than the cup shows.
  await page.getByLabel('Smallest measure').fill('400');
  await expect(portions.first()).toContainText(/One portion|Sets too fast/);

  // Wash mix goes by the water that is in it.
  await page.getByLabel('Water in the bucket, L').fill('3,5');
  await expect(page.getByText('Phosphate-free no-rinse wash').locator('..')).toContainText('105 mL');

  // A recipe scales to any volume.
  const reed = page.getByRole('listitem', { name: 'reed' });
  await reed.getByLabel('Scale to, L').fill('2.5');
  await expect(reed.getByRole('list', { name: 'Parts of reed' }).getByRole('listitem').first()).toContainText(
    '2,200 mL',
  );
  await reed.getByLabel('Drawdown, dry, in daylight').fill('A shade too yellow at night.');
  await reed.getByRole('button', { name: 'Save note' }).click();
  await expect(reed.getByRole('list', { name: 'Drawdowns of reed' })).toContainText('A shade too yellow at night.');
});

test('the price follows hours, rates and tins, and says where a new one is cheaper', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'quantities');
  await page.getByRole('button', { name: 'Price' }).click();
  const price = page.getByRole('region', { name: 'Price' });
  const money = async (term: string): Promise<number> => {
    const row = price.getByRole('row').filter({ has: page.getByRole('rowheader', { name: term, exact: true }) });
    return Number(((await row.getByRole('cell').last().textContent()) ?? '').replace(/[^\d.]/g, ''));
  };
  await price.getByLabel('Hourly rate').fill('50');
  await price.getByLabel('Margin').fill('10');
  await price.getByLabel('Tax').fill('20');
  await expect.poll(() => money('Tax')).toBeGreaterThan(0);
  const [labour, tins, used, net, gross] = [
    await money('Labour'),
    await money('Tins'),
    await money('Sundries'),
    await money('Net'),
    await money('Total'),
  ];
  expect(net).toBeCloseTo((labour + tins + used) * 1.1, 1);
  expect(gross).toBeCloseTo(net * 1.2, 1);
  await page.getByLabel('New: cupboard door').fill('1');
  await expect(page.getByRole('row').filter({ hasText: 'Cupboard door' })).toContainText('replace – saves');
  await page.getByLabel('New: cupboard door').fill('900');
  await expect(page.getByRole('row').filter({ hasText: 'Cupboard door' })).toContainText('refinish – saves');
  await price.getByRole('button', { name: 'Quotation' }).click();
  const quotation = page.getByRole('dialog', { name: 'Quotation' });
  await expect(quotation).toContainText('Landing');
  await expect(quotation).toContainText(
    new Intl.NumberFormat('en-GB', { style: 'currency', currency: 'EUR' }).format(gross),
  );
});
