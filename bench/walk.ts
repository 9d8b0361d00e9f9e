import { chromium, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { readJobFile, writeJobFile } from '../core/exchange/job-file.ts';
import { nextMarks } from '../core/job/marks.ts';
import type { Job } from '../core/job/document/schema.ts';
import { withBuiltServer } from '../scripts/built-server.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../scripts/chromium.ts';
import { givenNumber, load } from './load.ts';

/** `npm run bench:walk [-- PIECES]`: how the walk answers with so many pieces, in the real interface. Needs a build. */
const PIECES = givenNumber(load(1000, 60));

/** What tells of pieces by their ids: those here have other ones. */
const NOTHING_HAS_HAPPENED = {
  log: [],
  plan: null,
  defects: [],
  pins: [],
  leftOut: [],
  inspections: [],
  filmChecks: [],
} satisfies Partial<Job>;

/** The school's pieces over and over, each time with the next marks. */
function large(): Job {
  const read = readJobFile(readFileSync(new URL('../demo/tern-street.nivel.json', import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(read.message);
  const job = read.value;
  const marks: string[] = [];
  const pieces = Array.from({ length: PIECES }, (_unused, index) => {
    const piece = job.pieces[index % job.pieces.length];
    if (!piece) throw new Error('The demo job has no pieces.');
    const [mark = ''] = nextMarks(marks, piece.kind, 1);
    marks.push(mark);
    return { ...piece, id: `piece-${index}`, mark };
  });
  return { ...job, id: 'bench-walk', name: `${PIECES} pieces`, pieces, ...NOTHING_HAS_HAPPENED };
}

/** Milliseconds from each event to the next picture, as the browser measures them; it says nothing below 16. */
async function answers(page: Page, types: string[], act: () => Promise<void>): Promise<number[]> {
  await page.evaluate((watched) => {
    const kept: number[] = [];
    const observer = new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (watched.includes(entry.name)) kept.push(entry.duration);
    });
    observer.observe({ type: 'event', durationThreshold: 16, buffered: false } as PerformanceObserverInit);
    Object.assign(window, { kept });
  }, types);
  await act();
  await page.waitForTimeout(load(500, 100));
  return page.evaluate(() => (window as unknown as { kept: number[] }).kept);
}

function told(what: string, count: number, durations: readonly number[]): void {
  const sorted = [...durations].sort((one, other) => one - other);
  const worst = sorted.at(-1) ?? 0;
  const middle = sorted.length * 2 > count ? (sorted[Math.floor(sorted.length / 2)] ?? 0) : 0;
  console.log(`${what}: median ${middle > 0 ? `${middle} ms` : 'under 16 ms'}, worst ${worst} ms of ${count}`);
}

await withBuiltServer(async (address) => {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  const serviceWorkers = load('allow', 'block');
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers })).newPage();
  await page.goto(address);
  await page.getByLabel('Job file').setInputFiles({
    name: 'large.nivel.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeJobFile(large())),
  });
  await page.getByText('Imported').first().waitFor();

  // What compiles this file names functions by this helper, which the page does not have.
  await page.addInitScript({ content: 'globalThis.__name = (named) => named;' });
  await page.addInitScript(() => {
    const look = (): void => {
      if (document.querySelector('ul[aria-label^="Pieces of"] button'))
        Object.assign(window, { shown: performance.now() });
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  for (const round of load(['cold', 'warm', 'warm'], ['cold'])) {
    await page.goto(`${address}/walk?job=bench-walk`);
    await page.waitForFunction(() => 'shown' in window);
    const shown = await page.evaluate(() => (window as unknown as { shown: number }).shown);
    console.log(`Walk with ${PIECES} pieces stands after ${shown.toFixed(0)} ms (${round})`);
  }
  await page.waitForTimeout(load(1500, 100));

  const line = 'door 6p 1981x762x35 oil gloss both sides';
  await page.keyboard.press('n');
  told(
    'typing a line, a stroke',
    line.length,
    await answers(page, ['keydown'], () => page.keyboard.type(line, { delay: load(60, 0) })),
  );
  told('adding its piece', 1, await answers(page, ['keydown'], () => page.keyboard.press('Enter')));
  await page.waitForTimeout(load(1000, 100));
  await page.getByRole('button', { name: /^Open D-/ }).click();
  const note = 'sticks at the top, hinge bent';
  await page.getByRole('complementary').getByLabel('Note').click();
  told(
    'typing a note, a stroke',
    note.length,
    await answers(page, ['keydown'], () => page.keyboard.type(note, { delay: load(60, 0) })),
  );

  await page.getByRole('button', { name: 'Close piece' }).click();
  await page.evaluate(() => window.scrollTo(0, 0));
  await page.waitForTimeout(load(500, 100));
  await page.evaluate(() => {
    const frames: number[] = [];
    let before = performance.now();
    const look = (now: number): void => {
      frames.push(now - before);
      before = now;
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
    Object.assign(window, { frames });
  });
  await page.mouse.move(700, 500);
  for (let turn = 0; turn < load(60, 5); turn++) {
    await page.mouse.wheel(0, 240);
    await page.waitForTimeout(30);
  }
  const frames = await page.evaluate(() => (window as unknown as { frames: number[] }).frames);
  const sorted = [...frames].sort((one, other) => one - other);
  const at = (share: number): string => (sorted[Math.floor(sorted.length * share)] ?? 0).toFixed(0);
  console.log(
    `scrolling: median frame ${at(0.5)} ms, 95% within ${at(0.95)} ms, worst ${sorted.at(-1)?.toFixed(0)} ms`,
  );

  await page.getByRole('button', { name: 'Table' }).click();
  await page.getByRole('columnheader', { name: 'Width' }).waitFor();
  await page.waitForTimeout(load(1000, 100));
  told(
    'sorting the table',
    1,
    await answers(page, ['click', 'pointerup'], () => page.getByRole('columnheader', { name: 'Width' }).click()),
  );
  await browser.close();
});
