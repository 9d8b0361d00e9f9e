import { expect, type Locator, type Page } from '@playwright/test';
import { goAlong, putDemo, type DemoId } from './warm-page.ts';

/** What a painter does on the screens, by the words that stand there. */
export class PainterOn {
  readonly page: Page;
  #jobId: string | null = null;

  constructor(page: Page) {
    this.page = page;
  }

  /** The job that is worked on, by its id. Throws before one was opened. */
  get jobId(): string {
    if (this.#jobId === null) throw new Error('No job was opened yet.');
    return this.#jobId;
  }

  /** Opens a demo job on a stage, or on a view of one: `air?view=outside`. */
  async openDemo(demo: DemoId, stage: string): Promise<this> {
    const put = await putDemo(this.page, demo);
    if (put !== null) return this.goAlong(stage, put);
    this.#jobId = demo;
    await this.page.goto(`/${stage}${stage.includes('?') ? '&' : '?'}job=${demo}`);
    await expect(this.page.getByRole('heading', { level: 1 })).toBeVisible();
    return this;
  }

  /** Goes from an open screen to another one, of any job that is in this browser, as links do: without loading it anew. */
  async goAlong(stage: string, jobId = this.jobId): Promise<this> {
    this.#jobId = jobId;
    await goAlong(this.page, `/${stage}${stage.includes('?') ? '&' : '?'}job=${jobId}`);
    const [name = ''] = stage.split('?');
    await expect(this.page.getByRole('heading', { level: 1, name: new RegExp(`^${name}$`, 'i') })).toBeVisible();
    return this;
  }

  async startJob(name: string): Promise<this> {
    await this.page.goto('/start');
    await this.page.getByLabel('Job name').fill(name);
    await this.page.getByRole('button', { name: 'Start empty' }).click();
    await expect(this.page.getByRole('heading', { name: 'Walk', level: 1 })).toBeVisible();
    return this;
  }

  async goTo(stage: string): Promise<this> {
    await this.page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('link', { name: new RegExp(`^${stage} `) })
      .first()
      .click();
    await expect(this.page.getByRole('heading', { name: stage, level: 1 })).toBeVisible();
    return this;
  }

  /** Opens a view of the stage, by the name on its button. */
  async view(name: string): Promise<this> {
    await this.page.getByRole('group', { name: 'View' }).getByRole('button', { name, exact: true }).click();
    return this;
  }

  async choose(field: string, option: string, within: Locator | Page = this.page): Promise<this> {
    await within.getByRole('combobox', { name: field, exact: true }).click();
    await this.page.getByRole('option', { name: option, exact: true }).click();
    return this;
  }

  /** Adds like pieces through the dialog; sizes by the labels of their fields. */
  async addPieces(kind: string, preset: string, sizes: Record<string, string>, howMany = '1'): Promise<this> {
    await this.page
      .getByRole('button', { name: /^Add (pieces|first piece)$/ })
      .first()
      .click();
    const dialog = this.page.getByRole('dialog', { name: 'Add pieces' });
    await dialog.getByRole('button', { name: kind, exact: true }).click();
    await dialog.getByRole('button', { name: preset, exact: true }).click();
    for (const [field, text] of Object.entries(sizes)) await dialog.getByLabel(field, { exact: true }).fill(text);
    await this.choose('Existing finish', 'Oil gloss', dialog);
    await dialog.getByLabel('How many').fill(howMany);
    await dialog.getByRole('button', { name: /^Add [A-Z]-\d/ }).click();
    await expect(dialog).toBeHidden();
    return this;
  }

  /** Opens the steps of the chosen build-up. */
  async openSteps(): Promise<Locator> {
    const chosen = this.page.getByRole('region', { name: 'Chosen build-up' });
    await chosen.getByText('Edit steps').click();
    return chosen;
  }

  /** Logs the answer to a test, by the names of both. */
  async stamp(question: string, answer: string): Promise<this> {
    const card = this.page.getByRole('listitem', { name: new RegExp(`^${question}:`) });
    await card.getByRole('button', { name: answer, exact: true }).click();
    await expect(this.page.getByRole('listitem', { name: `${question}: ${answer}` })).toBeVisible();
    return this;
  }

  /** Steps the simulated workshop clock. */
  async stepClock(step: string): Promise<this> {
    await this.page.getByRole('button', { name: /Practice clock/ }).click();
    await this.page.getByRole('menuitem', { name: step }).click();
    await this.page.keyboard.press('Escape');
    await expect(this.page.getByRole('menu')).toBeHidden();
    return this;
  }

  /** The cell of a piece's row in the table of dates, by the column's heading. */
  async dateOf(mark: string, column: string): Promise<string> {
    await this.view('Dates');
    const table = this.page.getByRole('table').filter({ hasText: 'Hang from' });
    const headings = await table.getByRole('columnheader').allTextContents();
    const row = table.getByRole('row').filter({ has: this.page.getByRole('img', { name: mark, exact: true }) });
    return (await row.getByRole('cell').nth(headings.indexOf(column)).textContent()) ?? '';
  }
}
