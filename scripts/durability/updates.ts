import { rmSync } from 'node:fs';
import { chromium, expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { withBuiltServer } from '../built-server.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../chromium.ts';
import { copyBuild, makeNextVersion } from '../next-version.ts';
import { fillWithPictures } from './large-backup.ts';
import { readOnDisk } from './on-disk.ts';

const JOB = 'demo-linen-press';

/** A moment in the life of a tab at which a new version comes. */
interface Moment {
  name: string;
  /** Where the tab stands: the list of jobs, or a stage. */
  at: string;
  /** Brings the tab to that moment. */
  before?(page: Page): Promise<void>;
  /** Throws unless what stood there is there after the reload as well. */
  after?(page: Page): Promise<void>;
  /** What the painter does once it is offered, before reloading. */
  offered?(page: Page, offer: Locator): Promise<void>;
}

const openPiece = (page: Page): Promise<void> => page.getByRole('button', { name: /^C-01,/ }).click();
const own = (page: Page, label: string): Locator =>
  page.getByRole('complementary', { name: 'Piece C-01' }).getByLabel(label, { exact: true });
const typed = (name: string, label: string, value: string): Moment => ({
  name,
  at: 'walk',
  before: async (page) => {
    await openPiece(page);
    await own(page, label).fill(value);
  },
  after: async (page) => {
    if (!(await own(page, label).isVisible())) await openPiece(page);
    await expect(own(page, label)).toHaveValue(value);
  },
});

const stampsBefore = new WeakMap<BrowserContext, number>();
const replan = (page: Page): Promise<void> => page.getByRole('button', { name: 'Replan' }).click();
const canAccept = (page: Page): Promise<void> =>
  expect(page.getByRole('button', { name: 'Accept this plan' })).toBeVisible({ timeout: 30_000 });

const MOMENTS: readonly Moment[] = [
  typed('while a note is typed', 'Note', 'typed before the update'),
  typed('with a size that Check the sizes', 'Width', '45 and a b'),
  {
    name: 'amid a line of pieces',
    at: 'walk',
    before: (page) => page.getByLabel('Quick add').fill('2 flush door 762x'),
    after: (page) => expect(page.getByLabel('Quick add')).toHaveValue('2 flush door 762x'),
  },
  {
    name: 'just after a stamp',
    at: 'today',
    before: async (page) => {
      const { stamps } = await readOnDisk(page, JOB);
      stampsBefore.set(page.context(), stamps);
      await page.getByRole('region', { name: 'Now' }).getByRole('button', { name: 'Start' }).first().click();
      await expect.poll(async () => (await readOnDisk(page, JOB)).stamps).toBeGreaterThan(stamps);
    },
    after: async (page) => {
      const { stamps } = await readOnDisk(page, JOB);
      expect(stamps).toBeGreaterThan(stampsBefore.get(page.context()) ?? Infinity);
    },
  },
  { name: 'while a plan is looked for', at: 'plan', before: replan },
  {
    name: 'with a plan that is not accepted yet',
    at: 'plan',
    before: async (page) => {
      await replan(page);
      await canAccept(page);
    },
  },
  {
    name: 'while a backup is written',
    at: '/',
    before: async (page) => {
      await page.evaluate(fillWithPictures, { job: JOB, pictures: 24, size: 8_000_000 });
    },
    offered: async (page, offer) => {
      const written = page.waitForEvent('download', { timeout: 120_000 });
      await page.getByRole('button', { name: 'Back up all' }).click();
      await expect(offer).toContainText('after the backup or photos are done');
      await expect(offer.getByRole('button', { name: 'Reload' })).toBeDisabled();
      await written;
      await expect(page.getByText(/^Backed up and checked: .* 24 photos/)).toBeVisible();
    },
    after: (page) => expect(page.getByText(/^Last backup/)).toBeVisible(),
  },
  { name: 'while the sequence is shown', at: 'sequence' },
  {
    name: 'after the server is gone',
    at: 'build-up',
    offered: async (page) => {
      await page.context().setOffline(true);
    },
    after: async (page) => {
      await page.context().setOffline(false);
    },
  },
  {
    name: 'with another tab that takes it first',
    at: 'quantities',
    offered: async (page) => {
      const other = await page.context().newPage();
      await other.goto(new URL(`/walk?job=${JOB}`, page.url()).href);
      await reload(other, newVersionOn(other));
      await other.close();
      // This tab runs the old version still, which plans, and goes on being offered the new one.
      await replanOn(page);
    },
  },
];

const newVersionOn = (page: Page): Locator => page.getByRole('alert').filter({ hasText: 'New version' });

async function reload(page: Page, offer: Locator): Promise<void> {
  await Promise.all([page.waitForEvent('load'), offer.getByRole('button', { name: 'Reload' }).click()]);
}

/** Goes to Plan as a painter does, without a load, and has the job planned from now. */
async function replanOn(page: Page): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /^Plan / })
    .first()
    .click();
  await replan(page);
  await canAccept(page);
}

/** What updates under an open tab came to. */
export interface Updates {
  tried: string[];
  /** Moments after which something was gone, the old version still ran, or nothing could be planned, with the reason. */
  failed: string[];
}

/** Brings a new version at so many moments, takes it when it is offered, looks for what was there, and plans. */
export async function updates(count: number): Promise<Updates> {
  // Beside the build, so that the server finds its packages.
  const build = `.nivel/updated-${process.pid}`;
  const told: Updates = { tried: [], failed: [] };
  copyBuild('dist', build);
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  try {
    await withBuiltServer(async (address) => {
      let mark = '';
      for (const moment of MOMENTS.slice(0, count)) {
        mark += 'n';
        const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
        await context.addInitScript('globalThis.__name = (named) => named');
        told.tried.push(moment.name);
        await updateAt(await context.newPage(), address, build, mark, moment).catch((error: unknown) =>
          told.failed.push(`${moment.name} (${error instanceof Error ? error.message : String(error)})`),
        );
        await context.close();
      }
    }, build);
  } finally {
    await browser.close();
    rmSync(build, { recursive: true, force: true });
  }
  return told;
}

async function updateAt(page: Page, address: string, build: string, mark: string, moment: Moment): Promise<void> {
  page.setDefaultTimeout(20_000);
  await page.goto(`${address}/walk?job=${JOB}`);
  await page.getByRole('button', { name: /^C-01,/ }).waitFor();
  const { at } = moment;
  if (at !== 'walk') await page.goto(at === '/' ? address : `${address}/${at}?job=${JOB}`);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await moment.before?.(page);

  makeNextVersion(build, mark.slice(-1));
  await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
  const offer = newVersionOn(page);
  await offer.waitFor();
  await moment.offered?.(page, offer);
  await reload(page, offer);

  await page
    .getByRole(at === '/' ? 'main' : 'heading')
    .first()
    .waitFor();
  await expect(offer).toBeHidden();
  const scripts = await page.evaluate(() => performance.getEntriesByType('resource').map(({ name }) => name));
  const old = scripts.filter((name) => /_astro\/.*\.js$/.test(name) && !name.endsWith(`${mark}.js`));
  if (old.length > 0) throw new Error(`the old version still runs: ${old.join(', ')}`);
  await moment.after?.(page);
  if (at === '/') await page.goto(`${address}/walk?job=${JOB}`);
  await replanOn(page);
}
