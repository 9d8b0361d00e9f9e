import { expect, test } from '@playwright/test';
import { PainterOn } from './painter.ts';
test('tmp', async ({ page }) => {
  test.setTimeout(300_000);
  await new PainterOn(page).openDemo('demo-tern-street' as never, 'plan');
  const bar = page.getByRole('group', { name: 'A calmer plan' });
  await expect(bar).toBeVisible({ timeout: 60_000 });
  await page.screenshot({ path: '/tmp/calm-1.png' });
  await new PainterOn(page).choose('Ends at most', '3 days later', bar);
  await bar.getByRole('button', { name: 'Look for one' }).click();
  const t = Date.now();
  await expect(page.getByText('Looking for a calmer plan')).toBeHidden({ timeout: 200_000 });
  console.log('took', (Date.now() - t) / 1000, await page.getByRole('radiogroup', { name: 'Which plan' }).innerText().catch(() => 'no bar'));
  await page.screenshot({ path: '/tmp/calm-2.png' });
});
