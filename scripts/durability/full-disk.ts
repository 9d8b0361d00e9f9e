import { chromium, expect, type Page } from '@playwright/test';
import { fillableDisk, setFull } from '../../e2e/full-disk.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../chromium.ts';

const JOB = 'demo-linen-press';
const TOLD = /Not saved yet|Can’t save/;

/** A place at which something is written; `act` writes there, on a page that stands at `at`. */
interface Place {
  name: string;
  at: string;
  act(page: Page): Promise<void>;
}

const field = (
  name: string,
  at: string,
  label: string,
  value: string,
  open?: (page: Page) => Promise<void>,
): Place => ({
  name,
  at,
  act: async (page) => {
    await open?.(page);
    await page.getByLabel(label, { exact: true }).first().fill(value);
  },
});
const press = (name: string, at: string, button: string | RegExp): Place => ({
  name,
  at,
  act: (page) => page.getByRole('button', { name: button, disabled: false }).first().click(),
});
const openPiece = (page: Page): Promise<void> => page.getByRole('button', { name: /^C-01,/ }).click();
const openRooms = (page: Page): Promise<void> => page.getByRole('button', { name: /^Rooms/ }).click();
const picture = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

const PLACES: readonly Place[] = [
  {
    name: 'a new job',
    at: '/start',
    act: async (page) => {
      await page.getByLabel('Job name').fill('Mill cottage');
      await page.getByRole('button', { name: 'Start job' }).click();
    },
  },
  field('a note', 'walk', 'Note', 'sticks', openPiece),
  field('a size', 'walk', 'Width', '460', openPiece),
  field('a size that can’t be read', 'walk', 'Width', '45 and a b', openPiece),
  field('a room’s name', 'walk', 'Room', 'Hall', openRooms),
  field('what is off at once', 'walk', 'Max. off at once', '2', openRooms),
  field('the year it was built', 'walk', 'Year built', '1936', openRooms),
  field('zones at once', 'walk', 'Max. zones at once', '1', openRooms),
  field('where a room looks', 'walk', 'Faces (compass)', '180', openRooms),
  field('a line of pieces', 'walk', 'Quick add', '2 flush door 762x1981'),
  press('a test patch', 'test', 'Start a patch'),
  press('another recipe', 'quantities?view=mixes', 'Add recipe'),
  press('another climate', 'conditions', /Add a cold night|Add a room|Add a place/),
  press('a stamp', 'today', 'Start'),
  press('a step that is done', 'today', /^C-01 done$/),
  field('a height', 'walk', 'Height', '1190', openPiece),
  field('a thickness', 'walk', 'Thickness', '22', openPiece),
  {
    name: 'a copy of a job',
    at: '/',
    act: async (page) => {
      await page.getByRole('button', { name: 'More for Linen press' }).click();
      await page.getByRole('menuitem', { name: 'Duplicate' }).click();
    },
  },
  press('a demo laid out anew', '/', 'Reset the demo Linen press'),
  {
    name: 'a photo',
    at: 'walk',
    act: async (page) => {
      await openPiece(page);
      await page.getByRole('complementary').getByText('Photos', { exact: true }).click();
      await page
        .getByLabel('Photos of C-01')
        .setInputFiles({ name: 'crack.png', mimeType: 'image/png', buffer: picture });
    },
  },
];

/** What a full disk came to. */
export interface FullDisk {
  tried: string[];
  silent: string[];
  skipped: string[];
}

/** Lets the disk be full at so many places, and counts where nothing is said. */
export async function fullDisk(address: string, count: number): Promise<FullDisk> {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  const told: FullDisk = { tried: [], silent: [], skipped: [] };
  for (const { name, at, act } of PLACES) {
    if (told.tried.length >= count) break;
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    // Functions that are handed to the page have been given their names by the compiler's helper.
    await context.addInitScript('globalThis.__name = (named) => named');
    await context.addInitScript(fillableDisk);
    const page = await context.newPage();
    page.setDefaultTimeout(4000);
    try {
      await page.goto(`${address}/walk?job=${JOB}`);
      await page.getByRole('button', { name: /^C-01,/ }).waitFor({ timeout: 20_000 });
      if (at !== 'walk') {
        const path = at === '/' ? '/' : `/${at}${at.includes('?') ? '&' : '?'}job=${JOB}`;
        await page.goto(`${address}${path}`);
        await page
          .getByRole(at === '/' ? 'main' : 'heading')
          .first()
          .waitFor({ timeout: 20_000 });
      }
      await setFull(page, true);
      await act(page);
    } catch {
      told.skipped.push(name);
      await context.close();
      continue;
    }
    told.tried.push(name);
    await expect(page.getByText(TOLD).first())
      .toBeVisible({ timeout: 8000 })
      .catch(() => told.silent.push(name));
    await context.close();
  }
  await browser.close();
  return told;
}
