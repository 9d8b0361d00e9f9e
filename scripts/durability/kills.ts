import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page } from '@playwright/test';
import { seededRandom } from '../../core/units/seeded-random.ts';
import { KillableBrowser } from './killed-browser.ts';
import { readOnDisk } from './on-disk.ts';

const JOB = 'demo-linen-press';
/** Ms after the last stroke or stamp within which the kill comes. */
const MAX_WAIT = 800;

/** Rounds after which the job begins anew: its steps are soon all stamped. */
const ANEW = 20;

/** What kills came to. */
export interface Killed {
  edits: number;
  stamps: number;
  /** Values and stamps that stood on the screen and were gone. */
  lostEdits: number;
  lostStamps: number;
  spoilt: number;
}

const pause = (ms: number): Promise<void> => new Promise((go) => setTimeout(go, ms));

/** Types a value into a field; it stands there when this settles. */
async function edit(page: Page, address: string, value: string): Promise<void> {
  await page.goto(`${address}/walk?job=${JOB}`);
  await page.getByRole('button', { name: /^C-01,/ }).click();
  await page.getByRole('complementary', { name: 'Piece C-01' }).getByLabel('Note').fill(value);
}

/** Stamps the first thing that can be; it is shown as done when this settles. False where nothing is left to be done. */
async function stamp(page: Page, address: string): Promise<boolean> {
  await page.goto(`${address}/today?job=${JOB}`);
  const card = page.getByRole('region', { name: 'Now' });
  await card.waitFor();
  const open = card.getByRole('button', { name: /^(?!All).* done$/, disabled: false });
  if ((await open.count()) === 0) return false;
  const before = await card.innerText();
  const count = await open.count();
  await open.first().click();
  await expect.poll(async () => (await card.innerText()) !== before || (await open.count()) !== count).toBe(true);
  return true;
}

async function layOutAnew(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('button', { name: 'Reset the demo Linen press' }).click();
  await page.getByText('Linen press reset.').waitFor();
}

/** Kills a browser, or only its tab, so many times amid edits and stamps, and counts what is gone when it is open again. */
export async function kills(address: string, count: number, what: 'browser' | 'tab', seed: number): Promise<Killed> {
  const profile = mkdtempSync(join(tmpdir(), 'nivel-kills-'));
  const random = seededRandom(seed);
  const killed: Killed = { edits: 0, stamps: 0, lostEdits: 0, lostStamps: 0, spoilt: 0 };
  let browser = await KillableBrowser.open(profile);
  let page = browser.page;
  try {
    await page.goto(`${address}/walk?job=${JOB}`);
    await page.getByRole('button', { name: /^C-01,/ }).waitFor();
    for (let round = 1; round <= count; round++) {
      if (round % ANEW === 0) await layOutAnew(page, address);
      const before = await readOnDisk(page, JOB);
      const value = `value ${seed}.${round}`;
      const isStamp = round % 2 === 0 && (await stamp(page, address));
      if (isStamp) killed.stamps++;
      else {
        await edit(page, address, value);
        killed.edits++;
      }
      await pause(random() * (isStamp ? MAX_WAIT / 8 : MAX_WAIT));
      if (what === 'browser') {
        await browser.kill();
        browser = await KillableBrowser.open(profile);
        page = browser.page;
      } else {
        const next = await browser.tab();
        await browser.killTab(page);
        page = next;
      }
      await page.goto(`${address}/vial.svg`);
      const after = await readOnDisk(page, JOB).catch(() => null);
      if (after === null) killed.spoilt++;
      else if (isStamp && after.stamps <= before.stamps) killed.lostStamps++;
      else if (!isStamp && after.note !== value) killed.lostEdits++;
    }
  } finally {
    await browser.kill();
    rmSync(profile, { recursive: true, force: true });
  }
  return killed;
}
