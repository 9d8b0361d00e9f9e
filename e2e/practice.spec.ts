import { TOUCH, TOUCHES, type TouchAnswer } from '../core/practising/exercises/touch.ts';
import { madeTask } from '../core/practising/making.ts';
import { expect, testAlone, type Page } from './warm-page.ts';

testAlone.use({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });

/** The task of level 1 that the address names. */
const task = madeTask(TOUCH, 1, 1, { units: 'metric', vocabulary: 'uk', currency: 'EUR' });
const marks = new Map(task.job.pieces.map(({ id, mark }) => [id, mark]));

async function answered(page: Page, answer: TouchAnswer): Promise<void> {
  await page.goto('/practice?view=touch&task=1-1');
  for (const [id, touch] of Object.entries(answer)) {
    const piece = page.getByRole('listitem').filter({ hasText: marks.get(id) ?? '' });
    await piece.getByRole('button', { name: TOUCHES[touch] }).click();
  }
  await page.getByRole('button', { name: 'Check answers' }).click();
}

testAlone('a rack judged well on a phone gets full marks, and the score is kept', async ({ page }) => {
  await answered(page, TOUCH.best(task));
  await expect(page.getByRole('region', { name: 'Result' })).toContainText('100');
  await page.getByRole('link', { name: 'All exercises' }).click();
  await expect(page.getByText('Last scores: 100 of 100.')).toBeVisible();
});

testAlone('a rack judged by the tin is told how far off it was, and why', async ({ page }) => {
  await answered(page, TOUCH.firstGuess(task));
  const result = page.getByRole('region', { name: 'Result' });
  await expect(result.getByText(/too soon/).first()).toBeVisible();
  await result.getByText('Why?').first().click();
  await expect(result.getByText(/^Tin: /).first()).toBeVisible();
  await expect(result.getByRole('region', { name: 'Best answer' })).toBeVisible();
  await page.getByRole('link', { name: 'Next exercise' }).click();
  await expect(page.getByRole('button', { name: 'Check answers' })).toBeVisible();
});
