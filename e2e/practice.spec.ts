import { readFileSync } from 'node:fs';
import { COATS } from '../core/practising/exercises/coats.ts';
import { ESTIMATE } from '../core/practising/exercises/estimate.ts';
import { ORDER } from '../core/practising/exercises/order.ts';
import { DAY } from '../core/practising/exercises/day.ts';
import { batchKindsIn } from '../core/practising/exercises/day-task.ts';
import { TOUCH } from '../core/practising/exercises/touch.ts';
import { WRONG } from '../core/practising/exercises/wrong.ts';
import { EXERCISE_IDS, type ExerciseId } from '../core/practising/exercise-ids.ts';
import { madeTask } from '../core/practising/making.ts';
import { exerciseOf } from '../core/practising/registry.ts';
import { AccessibilityReader, settled } from './accessibility.ts';
import { LearnerOn, PRACTICE_SETTINGS } from './learner.ts';
import { expect, testAlone, type Page } from './warm-page.ts';

testAlone.use({ viewport: { width: 390, height: 844 }, hasTouch: true, locale: 'en-GB' });

const result = (page: Page) => page.getByRole('region', { name: 'Result' });

testAlone(
  'order a door: tapped in the best order it gets full marks; tapped row by row it shows where it went wrong',
  async ({ page }) => {
    const task = madeTask(ORDER, 3, 9, PRACTICE_SETTINGS);
    const learner = new LearnerOn(page);
    await learner.opens('order', '3-9');
    await learner.paints(ORDER.best(task).order);
    await page.getByRole('button', { name: 'Check order' }).click();
    await expect(result(page)).toContainText('100');

    await learner.opens('order', '3-9');
    const [first = '', ...rest] = ORDER.firstGuess(task).order;
    // What was tapped is still there after the tab was closed, and can be taken back.
    await learner.paints([first, rest[0] ?? '']);
    await page.reload();
    await expect(page.getByText('2 of 14 parts')).toBeVisible();
    await page.getByRole('button', { name: 'Undo last part' }).click();
    await expect(page.getByText('1 of 14 parts')).toBeVisible();
    await learner.paints(rest);
    await page.getByRole('button', { name: 'Check order' }).click();
    await expect(result(page).getByText(/^Oldest lap: yours/)).toBeVisible();
    await page.getByRole('button', { name: 'Show your oldest lap' }).click();
    const both = page.getByRole('region', { name: 'Both orders' });
    await expect(both.getByRole('figure')).toHaveCount(2);
    await expect(both.getByRole('slider', { name: 'Time since the first stroke' })).not.toHaveValue('0');
  },
);

testAlone(
  'may I touch it: a rack judged by the air gets full marks, by the tin it’s told how far off it was',
  async ({ page }) => {
    const task = madeTask(TOUCH, 1, 1, PRACTICE_SETTINGS);
    const learner = new LearnerOn(page);
    await learner.opens('touch', '1-1');
    await learner.touches(task, TOUCH.best(task));
    await expect(result(page)).toContainText('100');
    await page.getByRole('link', { name: 'All exercises' }).click();
    await expect(page.getByRole('img', { name: 'Last scores: 100 of 100' })).toBeVisible();

    await learner.opens('touch', '1-1');
    await learner.touches(task, TOUCH.firstGuess(task));
    await expect(
      result(page)
        .getByText(/too soon/)
        .first(),
    ).toBeVisible();
    await result(page).getByText('Why?').first().click();
    await expect(
      result(page)
        .getByText(/^Tin: /)
        .first(),
    ).toBeVisible();
    await page.getByRole('link', { name: 'All exercises' }).click();
    await expect(page.getByRole('region', { name: 'What keeps going wrong' })).toContainText('Touched too soon');
  },
);

testAlone(
  'what would you put on it: the cheapest safe way gets full marks, a guess is told what fails',
  async ({ page }) => {
    const task = madeTask(COATS, 1, 3, PRACTICE_SETTINGS);
    const learner = new LearnerOn(page);
    await learner.opens('coats', 'course-1-3');
    await learner.coats(task, COATS.best(task));
    await expect(result(page)).toContainText('100');
    await expect(page.getByRole('link', { name: 'Next lesson: Enough paint' })).toBeVisible();

    await learner.opens('coats', 'course-1-3');
    await learner.coats(task, COATS.firstGuess(task));
    await expect(result(page).getByRole('img', { name: 'Wrong' }).first()).toBeVisible();
    await expect(page.getByRole('region', { name: 'Best answer' })).toBeVisible();
  },
);

testAlone(
  'what went wrong: cause, fix, wait and care; sanding an old coat dry gets nothing, and the caution says why',
  async ({ page }) => {
    const old = [0, 1, 2, 3, 4, 5, 6, 7].find((seed) => {
      const task = madeTask(WRONG, 4, seed, PRACTICE_SETTINGS);
      return WRONG.judge(task, { ...WRONG.best(task), care: 'dry' }).dangers.length > 0;
    });
    const seed = old ?? 0;
    const task = madeTask(WRONG, 4, seed, PRACTICE_SETTINGS);
    const learner = new LearnerOn(page);
    await learner.opens('wrong', `4-${seed}`);
    await learner.explains(WRONG.best(task));
    await expect(result(page)).toContainText('100');

    await learner.opens('wrong', `4-${seed}`);
    await learner.explains({ ...WRONG.best(task), care: 'dry' });
    await expect(result(page).getByText('0', { exact: true })).toBeVisible();
    await expect(result(page).getByRole('note').filter({ hasText: /lead/i }).first()).toBeVisible();
  },
);

testAlone(
  'plan a day: batches in the best order get full marks; a batch that doesn’t fit the rack is told at once',
  async ({ page }) => {
    const task = madeTask(DAY, 1, 0, PRACTICE_SETTINGS);
    const learner = new LearnerOn(page);
    await learner.opens('day', '1-0');
    await learner.plans(task, DAY.best(task).batches);
    await page.getByRole('button', { name: 'Check plan' }).click();
    await expect(result(page)).toContainText('100');

    await learner.opens('day', '1-0');
    const [degloss = [], first = [], denib = [], second = []] = batchKindsIn(task).map(({ steps }) =>
      steps.map(({ id }) => id),
    );
    await learner.plans(task, [degloss, first]);
    await expect(page.getByText(/rack full/).first()).toBeVisible();
    // By keys the second batch goes before the first, which is told as well.
    await page.getByRole('button', { name: /^Move First coat/ }).focus();
    for (const key of ['Space', 'ArrowUp', 'Space']) {
      await page.keyboard.press(key);
      await settled(page);
    }
    await expect(page.getByText(/something comes before it/)).toBeVisible();
    await page.getByRole('button', { name: /^Remove First coat/ }).click();
    // Two at a time wait for each other, though the rack has room for four.
    const inTurn = [0, 2, 4].flatMap((from) => [first, denib, second].map((ids) => ids.slice(from, from + 2)));
    await learner.plans(task, inTurn);
    await page.getByRole('button', { name: 'Check plan' }).click();
    await expect(result(page).getByText(/^You finish /)).toBeVisible();
    await expect(result(page).getByRole('img', { name: 'Wrong' }).first()).toBeVisible();
  },
);

testAlone(
  'how much: the take-off’s figures get full marks; a rule of thumb is told by how much it’s off, and remembered',
  async ({ page }) => {
    const task = madeTask(ESTIMATE, 1, 2, PRACTICE_SETTINGS);
    const learner = new LearnerOn(page);
    await learner.opens('estimate', '1-2');
    await page.getByLabel('Primer, litres').fill('lots');
    await expect(page.getByText(/between|number/i).first()).toBeVisible();
    await learner.estimates(ESTIMATE.best(task));
    await expect(result(page)).toContainText('100');

    await learner.opens('estimate', '1-2');
    await learner.estimates(ESTIMATE.firstGuess(task));
    await expect(
      result(page)
        .getByText(/% too little/)
        .first(),
    ).toBeVisible();
    await page.getByRole('link', { name: 'All exercises' }).click();
    await expect(page.getByRole('region', { name: 'Your estimates' })).toContainText('too little primer');
  },
);

testAlone(
  'with keys alone, from a list, from a job’s own piece; the score is in the backup',
  async ({ page, browser }) => {
    await page.goto('/sequence?job=demo-linen-press&piece=press-door-1');
    await page.getByRole('link', { name: 'Practise this' }).click();
    await page.locator('summary').filter({ hasText: 'Parts as a list' }).press('Enter');
    const left = page.getByRole('list', { name: 'Left to paint' }).getByRole('button');
    await expect(left.first()).toBeVisible();
    for (let parts = await left.count(); parts > 0; parts--) {
      await left.first().press('Enter');
      await expect(left).toHaveCount(parts - 1);
    }
    await page.getByRole('button', { name: 'Check order' }).press('Enter');
    await expect(result(page)).toContainText('of 100');
    await expect(page.getByRole('link', { name: 'Another from this job' })).toBeVisible();

    // The score goes into the backup, and comes back from it.
    await page.goto('/');
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Back up all' }).click(),
    ]);
    const backup = readFileSync(await file.path());
    const other = await (await browser.newContext()).newPage();
    await other.goto('/');
    await other
      .getByLabel('Job file')
      .setInputFiles({ name: 'backup.zip', mimeType: 'application/zip', buffer: backup });
    await expect(other.getByText('Imported Linen press and 1 practice score.')).toBeVisible();
    await other.goto('/practice');
    await expect(other.getByRole('img', { name: /^Last scores: \d+ of 100$/ })).toBeVisible();
  },
);

testAlone('every exercise fits a narrow phone and reads well aloud and by contrast', async ({ page }) => {
  testAlone.setTimeout(120_000);
  const learner = new LearnerOn(page);
  const reader = new AccessibilityReader(page);
  await page.setViewportSize({ width: 320, height: 700 });
  const wider = async (what: string): Promise<void> => {
    await settled(page);
    const by = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect.soft(by, `${what} is wider than a phone`).toBeLessThanOrEqual(0);
    await reader.expectNone('all', what);
  };
  await page.goto('/practice');
  await page.getByRole('region', { name: 'Course' }).waitFor();
  await wider('practice');
  for (const id of EXERCISE_IDS satisfies readonly ExerciseId[]) {
    await learner.opens(id, '2-1');
    await wider(exerciseOf(id).name);
  }
});
