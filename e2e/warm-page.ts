import {
  expect,
  test as base,
  type Browser,
  type BrowserContextOptions,
  type JSHandle,
  type Page,
} from '@playwright/test';

export { expect, type Browser, type Download, type Locator, type Page } from '@playwright/test';

const DEMOS = ['demo-linen-press', 'demo-tern-street'] as const;
export type DemoId = (typeof DEMOS)[number];

/** How a browser is opened: a warm one as well as that of a single test. */
export const CONTEXT = {
  // It would fetch and compile all screens for every test. The test without a server allows it.
  serviceWorkers: 'block',
  reducedMotion: 'reduce',
} as const satisfies BrowserContextOptions;

/** An address at which Nivel stands and shows no job. */
const NOWHERE = '/walk?job=none';

/** Goes to an address as links do, without loading the page anew. */
export async function goAlong(page: Page, address: string): Promise<void> {
  await page.evaluate((to) => {
    window.history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate'));
  }, address);
}

/** The device's database, within its page. */
const databaseOf = (page: Page): Promise<JSHandle<IDBDatabase>> =>
  page.evaluateHandle(
    () =>
      new Promise<IDBDatabase>((done, fail) => {
        const opening = indexedDB.open('nivel');
        opening.onerror = () => fail(new Error('There is no database.'));
        opening.onsuccess = () => done(opening.result);
      }),
  );

/**
 * Leaves only demo jobs as they ship, and the jobs of the test that has just ended: a plan for one of them may still be
 * written. Deletes the jobs of the test before that, `last`. Answers the ids of the jobs that are left to be deleted.
 */
async function emptied(page: Page, last: readonly string[]): Promise<string[]> {
  await page.evaluate(() => {
    for (const key of Object.keys(localStorage)) if (!key.startsWith('nivel-journal')) localStorage.removeItem(key);
  });
  const database = await databaseOf(page);
  return database.evaluate(
    (open, [demos, former]) =>
      new Promise<string[]>((done, fail) => {
        const names = [...open.objectStoreNames];
        const emptying = open.transaction(names, 'readwrite');
        for (const name of names.filter((each) => each !== 'jobs')) emptying.objectStore(name).clear();
        const jobs = emptying.objectStore('jobs');
        const left: string[] = [];
        const asked = jobs.getAllKeys();
        asked.onsuccess = () => {
          for (const id of asked.result.map(String)) {
            if (former.includes(id)) jobs.delete(id);
            else if (!demos.some((demo) => demo === id)) left.push(id);
          }
        };
        emptying.onabort = () => fail(new Error('The database can’t be emptied.'));
        emptying.oncomplete = () => {
          open.close();
          done(left);
        };
      }),
    [DEMOS, last] as const,
  );
}

/** Copies a job within a device, under another id; answers whether the original was there. */
async function copied(page: Page, from: string, id: string): Promise<boolean> {
  const database = await databaseOf(page);
  return database.evaluate(
    (open, [original, copy]) =>
      new Promise<boolean>((done, fail) => {
        const copying = open.transaction('jobs', 'readwrite');
        const jobs = copying.objectStore('jobs');
        const asked = jobs.get(original);
        asked.onsuccess = () => {
          const row = asked.result as { job: object } | undefined;
          if (row) jobs.put({ ...row, id: copy, job: { ...row.job, id: copy } });
        };
        copying.onabort = () => fail(new Error('The copy can’t be written.'));
        copying.oncomplete = () => {
          open.close();
          done(asked.result !== undefined);
        };
      }),
    [from, id] as const,
  );
}

/**
 * Pages that stay open over many tests: scripts are read and compiled, and demo jobs read and laid out, once and not with
 * every test. Each test works on jobs of its own, so that nothing of one comes into another.
 */
class WarmPages {
  readonly #browser: Browser;
  /** Pages by their kind, with the ids of the jobs of the test before. */
  readonly #pages = new Map<string, { page: Page; left: readonly string[] }>();
  #jobs = 0;

  constructor(browser: Browser) {
    this.#browser = browser;
  }

  /** The page of that kind, with no job on it and nothing of an earlier test on the device. */
  async ready(options: BrowserContextOptions): Promise<Page> {
    const kind = JSON.stringify(options);
    const { page, left } = this.#pages.get(kind) ?? { page: await this.#open(options), left: [] };
    if (options.viewport) await page.setViewportSize(options.viewport);
    await page.emulateMedia({ media: null, colorScheme: null, reducedMotion: CONTEXT.reducedMotion });
    // Pages of the guide are no screens: from there Nivel is loaded anew.
    if (new URL(page.url()).pathname.startsWith('/guide')) await page.goto(NOWHERE);
    else await goAlong(page, NOWHERE);
    await page.getByText('This job isn’t in this browser').waitFor();
    const notices = page.locator('[aria-describedby=notistack-snackbar]');
    await notices.evaluateAll(([first]) => (first as HTMLElement | undefined)?.click());
    await expect(notices).toHaveCount(0);
    this.#pages.set(kind, { page, left: await emptied(page, left) });
    return page;
  }

  /** Puts a demo job in place as it ships, under an id that no other test has, and answers that. */
  async put(page: Page, demo: DemoId): Promise<string> {
    this.#jobs += 1;
    const id = `${demo}-${this.#jobs}`;
    if (await copied(page, demo, id)) return id;
    // The first time Nivel lays it out itself.
    await goAlong(page, `/walk?job=${demo}`);
    await page.getByRole('heading', { level: 1, name: 'Walk' }).waitFor();
    await copied(page, demo, id);
    return id;
  }

  async #open(options: BrowserContextOptions): Promise<Page> {
    const context = await this.#browser.newContext({ ...CONTEXT, ...options });
    const page = await context.newPage();
    await page.goto(NOWHERE);
    return page;
  }

  async close(): Promise<void> {
    for (const { page } of this.#pages.values()) await page.context().close();
  }
}

const WARM = new WeakMap<Page, WarmPages>();

/** Puts a demo job in place on a page that is warm, and answers its id; null on the page of a single test. */
export const putDemo = (page: Page, demo: DemoId): Promise<string> | null => WARM.get(page)?.put(page, demo) ?? null;

/** A test with a browser of its own, empty at first. */
export const testAlone = base;

/**
 * A test on a page that stays open for the next test. A test that closes its page, begins with an empty browser or
 * changes the whole device is a `testAlone`.
 */
export const test = base.extend<object, { warmPages: WarmPages }>({
  warmPages: [
    async ({ browser }, use) => {
      const pages = new WarmPages(browser);
      await use(pages);
      await pages.close();
    },
    { scope: 'worker' },
  ],
  page: async ({ warmPages, viewport, hasTouch, baseURL, locale }, use) => {
    const page = await warmPages.ready({
      viewport,
      hasTouch,
      ...(baseURL === undefined ? {} : { baseURL }),
      ...(locale === undefined ? {} : { locale }),
    });
    WARM.set(page, warmPages);
    await use(page);
    await page.unrouteAll();
    for (const other of page.context().pages()) if (other !== page) await other.close();
  },
  context: ({ page }, use) => use(page.context()),
});
