import { expect, test as base, type Browser, type BrowserContextOptions, type Page } from '@playwright/test';

export { expect, type Browser, type Download, type Locator, type Page } from '@playwright/test';

const DEMOS = ['demo-linen-press', 'demo-tern-street'] as const;
export type DemoId = (typeof DEMOS)[number];

/** How a browser is opened: a warm one as well as that of a single test. */
export const CONTEXT = {
  // It would fetch and compile all screens for every test. What works without a server allows it for itself.
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

/**
 * Leaves nothing on a device but the demo jobs as they ship and those jobs that were not there the last time: what was
 * planned for the test before may still be written into its job. Answers the ids of these.
 */
const emptied = (page: Page, last: readonly string[]): Promise<string[]> =>
  page.evaluate(
    async ([demos, former]) => {
      for (const key of Object.keys(localStorage)) if (!key.startsWith('nivel-journal')) localStorage.removeItem(key);
      return new Promise<string[]>((done, fail) => {
        const opening = indexedDB.open('nivel');
        opening.onerror = () => fail(new Error('There is no database.'));
        opening.onsuccess = () => {
          const database = opening.result;
          const names = [...database.objectStoreNames];
          const emptying = database.transaction(names, 'readwrite');
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
            database.close();
            done(left);
          };
        };
      });
    },
    [DEMOS, last] as const,
  );

/** Copies a job within a device, under an id of its own; answers whether it was there. */
const copied = (page: Page, from: string, id: string): Promise<boolean> =>
  page.evaluate(
    ([original, copy]) =>
      new Promise<boolean>((done, fail) => {
        const opening = indexedDB.open('nivel');
        opening.onerror = () => fail(new Error('There is no database.'));
        opening.onsuccess = () => {
          const database = opening.result;
          const copying = database.transaction('jobs', 'readwrite');
          const jobs = copying.objectStore('jobs');
          const asked = jobs.get(original);
          asked.onsuccess = () => {
            const row = asked.result as { job: object } | undefined;
            if (row) jobs.put({ ...row, id: copy, job: { ...row.job, id: copy } });
          };
          copying.onabort = () => fail(new Error('The copy can’t be written.'));
          copying.oncomplete = () => {
            database.close();
            done(asked.result !== undefined);
          };
        };
      }),
    [from, id] as const,
  );

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
    await goAlong(page, NOWHERE);
    await page.getByText('This job is not in this browser').waitFor();
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
 * A test on a page that was open before and stays so. What a page dies of, what begins with an empty browser and what is
 * set for the whole device is a
 * {@link testAlone}.
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
  page: async ({ warmPages, viewport, hasTouch, baseURL }, use) => {
    const page = await warmPages.ready({ viewport, hasTouch, ...(baseURL === undefined ? {} : { baseURL }) });
    WARM.set(page, warmPages);
    await use(page);
    await page.unrouteAll();
    for (const other of page.context().pages()) if (other !== page) await other.close();
  },
  context: ({ page }, use) => use(page.context()),
});
