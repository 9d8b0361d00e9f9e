import { readFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { readJobFile, writeJobFile } from '../core/exchange/job-file.ts';
import type { LogEntry } from '../core/job/document/log-schema.ts';
import type { Job } from '../core/job/document/schema.ts';
import { withBuiltServer } from '../scripts/built-server.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../scripts/chromium.ts';
import { givenNumber, load } from './load.ts';

/**
 * `npm run bench:today`: how long Today takes on a phone whose processor is slowed four times (`-- 1` for one that is
 * not), with the demo school's log and with one of 5,000 entries: from load until it can be used, and from a tap until
 * the next frame shows it. Needs a build.
 */
const SLOWED = givenNumber(load(4, 1));
const ENTRIES = load(5000, 400);
const LOADS = load(7, 1);
/** Ms between loads, so that none pays for what the one before left running. */
const QUIET = load(2000, 0);

const school = readJobFile(readFileSync(new URL('../demo/tern-street.nivel.json', import.meta.url), 'utf8'));
if (!school.ok) throw new Error(school.message);

/** The job with its stamps corrected over and over, until the log is so long. */
function withLongLog(job: Job): Job {
  const log: LogEntry[] = [...job.log];
  const last = new Map(job.log.map((entry) => [entry.taskId, entry]));
  const tasks = [...last.keys()];
  for (let index = 0; log.length < ENTRIES; index++) {
    const before = last.get(tasks[index % tasks.length] ?? '');
    if (!before) continue;
    const entry = { ...before, id: `more-${index}`, replaces: before.id };
    log.push(entry);
    last.set(before.taskId, entry);
  }
  return { ...job, id: 'long-log', name: 'Long log', log };
}

const LONG_LOG = withLongLog(school.value);
const JOBS = load([school.value, LONG_LOG], [LONG_LOG]);

const median = (figures: number[]): number =>
  figures.toSorted((one, other) => one - other)[Math.floor(figures.length / 2)] ?? NaN;

/** Marks, in the page itself, when the card of the day can be pressed: asking from outside would cost the page time. */
const MARKED = `new MutationObserver((_changes, seen) => {
  if (!document.querySelector('section[aria-label="Now"] button:not([disabled])')) return;
  seen.disconnect();
  requestAnimationFrame(() =>
    setTimeout(() => {
      performance.mark('usable');
      console.log('usable');
    }),
  );
}).observe(document, { childList: true, subtree: true, attributes: true });`;

/** Ms from the beginning of the navigation until the card of the day stands there and can be pressed. */
async function loadsIn(page: Page, address: string): Promise<number> {
  const times: number[] = [];
  for (let load = 0; load < LOADS; load++) {
    await page.goto('about:blank');
    await page.waitForTimeout(QUIET);
    const usable = page.waitForEvent('console', (message) => message.text() === 'usable');
    await page.goto(address, { waitUntil: 'commit' });
    await usable;
    times.push(await page.evaluate("performance.getEntriesByName('usable')[0].startTime"));
  }
  return median(times);
}

/** Ms from a tap on a button until the frame after it is drawn. */
const tapped = (page: Page, label: RegExp): Promise<number> =>
  page.evaluate(
    (pattern) =>
      new Promise<number>((done) => {
        const button = [...document.querySelectorAll('button')].find((each) =>
          new RegExp(pattern).test(each.getAttribute('aria-label') ?? each.textContent),
        );
        if (!button) throw new Error(`There is no button ${pattern}.`);
        const from = performance.now();
        button.click();
        requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)));
      }),
    label.source,
  );

await withBuiltServer(async (address) => {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: load('allow', 'block'),
  });
  const page = await context.newPage();
  await page.addInitScript(MARKED);
  await page.goto(address);
  for (const job of JOBS) {
    await page.getByLabel('Job file').setInputFiles({
      name: 'job.nivel.json',
      mimeType: 'application/json',
      buffer: Buffer.from(writeJobFile({ ...job, id: `bench-${job.id}` })),
    });
    await page.getByText(`Imported ${job.name}.`).waitFor();
  }
  const devtools = await context.newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  for (const { id, log } of JOBS) {
    const today = `${address}/today?job=bench-${id}`;
    await page.goto(today);
    await page.getByRole('region', { name: 'Now' }).waitFor();
    // Once the service worker has everything, as on every later morning.
    await page.waitForTimeout(load(4000, 0));
    const ready = await loadsIn(page, today);
    await page.waitForTimeout(load(1500, 100));
    const taps: [string, number][] = [];
    for (const [name, label] of [
      ['Seen, all', /^Clear all/],
      ['Helper', /^Helper$/],
      ['Start', /^Start$/],
      ['Rack', /^Rack$/],
      ['Done', /^(All \d+ done|Done)$/],
    ] as const) {
      taps.push([name, await tapped(page, label).catch(() => NaN)]);
      await page.waitForTimeout(load(2500, 100));
    }
    console.log(
      `${log.length} entries, processor slowed ${SLOWED} times: usable after ${Math.round(ready)} ms; taps ${taps.map(([name, ms]) => `${name} ${Math.round(ms)} ms`).join(', ')}`,
    );
  }
  await browser.close();
});
