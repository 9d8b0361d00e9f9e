import { CAUSES } from '../core/checking/causes/registry.ts';
import { DEFECTS } from '../core/checking/defects.ts';
import { shelfOf } from '../core/job/queries/shelf.ts';
import { FOUND } from '../core/pieces/found.ts';
import type { CoatsAnswer, CoatsTask } from '../core/practising/exercises/coats-task.ts';
import { batchKindsIn, type DayTask } from '../core/practising/exercises/day-task.ts';
import type { EstimateAnswer } from '../core/practising/exercises/estimate.ts';
import { TOUCHES, type TouchAnswer, type TouchTask } from '../core/practising/exercises/touch.ts';
import { CARES, type WrongAnswer } from '../core/practising/exercises/wrong-task.ts';
import type { PracticeSettings } from '../core/practising/exercise.ts';
import type { ExerciseId } from '../core/practising/exercise-ids.ts';
import { EXTENT_WORDS } from '../app/parts/extent-words.ts';
import { KEY_WORDS } from '../app/parts/key-words.ts';
import { REACHED_WORDS } from '../app/parts/reached-words.ts';
import { expect, type Page } from './warm-page.ts';

/** What a browser of these tests reads. */
export const PRACTICE_SETTINGS: PracticeSettings = { units: 'metric', vocabulary: 'uk', currency: 'GBP' };

/** Somebody who practises on a phone. */
export class LearnerOn {
  readonly #page: Page;

  constructor(page: Page) {
    this.#page = page;
  }

  async opens(exercise: ExerciseId, task: string): Promise<void> {
    await this.#page.goto(`/practice?view=${exercise}&task=${task}`);
    await this.#page.getByRole('button', { name: /^Check/ }).waitFor();
  }

  async #checks(): Promise<void> {
    await this.#page.getByRole('button', { name: /^Check/ }).click();
  }

  /** Taps parts of the drawing with a thumb. */
  async paints(parts: readonly string[]): Promise<void> {
    const drawing = this.#page.getByRole('img', { name: /to paint by tapping/ });
    await drawing.scrollIntoViewIfNeeded();
    const box = await drawing.boundingBox();
    const counted = this.#page.getByText(/\d+ of \d+ parts/);
    let painted = Number.parseInt(await counted.innerText(), 10);
    for (const part of parts) {
      const at = await drawing.locator(`[data-stroke="${part}"]`).getAttribute('data-at');
      const [x = 0, y = 0] = (at ?? '').split(' ').map(Number);
      await this.#page.touchscreen.tap((box?.x ?? 0) + x, (box?.y ?? 0) + y);
      await expect(counted).toHaveText(new RegExp(`^${++painted} of`));
    }
  }

  async touches({ job }: TouchTask, answer: TouchAnswer): Promise<void> {
    for (const [id, touch] of Object.entries(answer)) {
      const mark = job.pieces.find((piece) => piece.id === id)?.mark ?? '';
      const piece = this.#page.getByRole('listitem').filter({ hasText: mark });
      await piece.getByRole('button', { name: TOUCHES[touch] }).click();
    }
    await this.#checks();
  }

  async #chooses(field: string, option: string): Promise<void> {
    await this.#page.getByRole('combobox', { name: field, exact: true }).click();
    await this.#page.getByRole('option', { name: option, exact: true }).click();
  }

  async coats({ job }: CoatsTask, { tests, cleaning, key, coats }: CoatsAnswer): Promise<void> {
    const page = this.#page;
    const { cleaners, coatings } = shelfOf(job);
    for (const test of tests) await page.getByRole('button', { name: new RegExp(`^${FOUND[test].name}, `) }).click();
    for (const [index, { product, rinsed }] of cleaning.entries()) {
      const name = cleaners.find(({ id }) => id === product)?.name ?? '';
      await this.#chooses(index === 0 ? 'Cleaner' : 'Another cleaner', name);
      if (rinsed) await page.getByRole('switch', { name: 'rinsed' }).nth(index).check();
    }
    await page.getByRole('group', { name: 'Key' }).getByRole('button', { name: KEY_WORDS[key] }).click();
    for (const [index, { product, extent }] of coats.entries()) {
      await this.#chooses('Add a coat', coatings.find(({ id }) => id === product)?.name ?? '');
      if (extent === 'all') continue;
      await page.getByRole('combobox', { name: 'Where' }).nth(index).click();
      await page.getByRole('option', { name: EXTENT_WORDS[extent] }).click();
    }
    await this.#checks();
  }

  async explains({ cause, remedy, wait, care }: WrongAnswer): Promise<void> {
    const choose = (group: string, words: string): Promise<void> =>
      this.#page.getByRole('group', { name: group }).getByRole('button', { name: words, exact: true }).click();
    await choose('Cause', CAUSES[cause].name);
    await choose('Fix', DEFECTS[remedy].remedy);
    await choose('Wait until it’s', REACHED_WORDS[wait]);
    await choose('Before you sand', CARES[care]);
    await this.#checks();
  }

  /** Adds batches; tasks of one kind that follow each other become one. */
  async plans(task: DayTask, batches: readonly (readonly string[])[]): Promise<void> {
    const kinds = batchKindsIn(task);
    const kindOf = (id: string) => kinds.find(({ steps }) => steps.some((step) => step.id === id));
    const joined: string[][] = [];
    for (const batch of batches) {
      const last = joined.at(-1);
      if (last && kindOf(last[0] ?? '') === kindOf(batch[0] ?? '')) last.push(...batch);
      else joined.push([...batch]);
    }
    for (const batch of joined) {
      const kind = kindOf(batch[0] ?? '');
      const wanted = kind?.steps.flatMap(({ id, piece }) => (batch.includes(id) ? [piece.mark] : [])) ?? [];
      const row = this.#page
        .getByRole('list', { name: 'To do' })
        .getByRole('listitem')
        .filter({ hasText: kind?.words ?? '' });
      for (const mark of await row.getByRole('button', { pressed: true }).allInnerTexts()) {
        if (!wanted.includes(mark)) await row.getByRole('button', { name: mark }).click();
      }
      await row.getByRole('button', { name: /^Add/ }).click();
    }
  }

  async estimates({ amounts, tins }: EstimateAnswer): Promise<void> {
    const page = this.#page;
    await page.getByLabel('Primer, litres').fill(amounts.primer.toFixed(2));
    await page.getByLabel('Topcoat, litres').fill(amounts.topcoat.toFixed(2));
    await page.getByLabel('Work, hours').fill(amounts.hours.toFixed(2));
    for (const [index, count] of tins.entries()) {
      const more = page
        .getByRole('region', { name: 'Tins of topcoat' })
        .getByRole('button', { name: /more$/ })
        .nth(index);
      for (let tapped = 0; tapped < count; tapped++) await more.click();
    }
    await this.#checks();
  }
}
