import { expect, type Locator, type Page } from './warm-page.ts';

/** A slow hand: seconds a tap, and characters a second. */
const TAP = 1.2;
const TYPED_A_SECOND = 3;

/** What a newcomer needed, and came to. */
export interface NewcomerCount {
  taps: number;
  characters: number;
  /** At a slow hand's pace, with all waiting. */
  seconds: number;
  outcome: string;
}

/** Somebody who has never seen Nivel, with a slow hand: every tap and every character is counted. */
export class Newcomer {
  readonly page: Page;
  taps = 0;
  characters = 0;
  #waited = 0;

  constructor(page: Page) {
    this.page = page;
  }

  async tap(target: Locator): Promise<void> {
    const before = Date.now();
    await target.click({ timeout: 60_000 });
    this.#waited += (Date.now() - before) / 1000;
    this.taps += 1;
  }

  button(name: string | RegExp, within: Locator | Page = this.page): Promise<void> {
    return this.tap(within.getByRole('button', { name, exact: typeof name === 'string' }).first());
  }

  /** Taps into a field and types over what stands there. */
  async type(field: Locator, text: string): Promise<void> {
    await this.tap(field);
    await field.fill(text);
    this.characters += text.length;
  }

  /** From the first page to the start, with a kind of job chosen. */
  async start(kind: string): Promise<void> {
    await this.page.goto('/');
    await this.tap(
      this.page
        .getByRole('link', { name: 'Start a job' })
        .or(this.page.getByRole('button', { name: 'Start a job' }))
        .first(),
    );
    await this.tap(this.page.getByRole('radio', { name: kind }));
  }

  /** Begins the job, and follows the road to an accepted plan. Answers what it came to, as Today says it. */
  async toAcceptedPlan(): Promise<NewcomerCount> {
    const { page } = this;
    await this.button('Start job');
    await expect(page.getByRole('heading', { level: 1, name: 'Walk' })).toBeVisible();
    await this.button('Next: Test');
    await this.button('Next: Build-up');
    await this.button('Take the recommended');
    await this.button('Next: Quantities');
    await this.button('Next: Plan');
    await expect(page.getByText(/Nothing to plan|No plan possible/)).toBeHidden();
    await this.button('Accept this plan');
    await expect(page.getByRole('heading', { level: 1, name: 'Today' })).toBeVisible();
    const outlook = page.getByRole('region', { name: 'Before you start' });
    await expect(outlook).toContainText(/Buy \d+ (tin|can)s?, about .*Start .*All hung by/);
    return this.count();
  }

  /** What was needed so far, and what Today says that it came to. */
  async count(): Promise<NewcomerCount> {
    const said = await this.page.getByRole('region', { name: 'Before you start' }).innerText();
    const outcome = said
      .replace(/\s+/g, ' ')
      .replace(/ What to buy.*/, '')
      .replace(' How?', '');
    const seconds = this.taps * TAP + this.characters / TYPED_A_SECOND + this.#waited;
    return { taps: this.taps, characters: this.characters, seconds: Math.round(seconds), outcome };
  }
}

/** What a newcomer may need at most. */
export function expectWithinTenMinutes(job: string, { taps, characters, seconds, outcome }: NewcomerCount): void {
  console.log(`      ${job}: ${taps} taps, ${characters} characters, ${seconds} s. ${outcome}`);
  expect(taps, 'taps').toBeLessThanOrEqual(60);
  expect(seconds, 'seconds').toBeLessThanOrEqual(600);
}
