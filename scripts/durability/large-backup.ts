import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../chromium.ts';

/** What a large backup came to. */
export interface LargeBackup {
  bytes: number;
  pictures: number;
  writtenIn: number;
  readIn: number;
  isSame: boolean;
  longestStill: number;
}

const PICTURE = 2_000_000;
const JOB = 'demo-linen-press';

/** Backs so many bytes of pictures up through the page, takes the file into an empty browser, and compares. */
export async function largeBackup(address: string, bytes: number, file: string): Promise<LargeBackup> {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  const pictures = Math.max(2, Math.round(bytes / PICTURE));
  const page = await pageOf(browser);
  await page.goto(`${address}/walk?job=${JOB}`);
  await page.getByRole('button', { name: /^C-01,/ }).waitFor();
  await page.evaluate(fillWithPictures, { job: JOB, pictures, size: Math.min(PICTURE, bytes / 2) });
  await page.goto(address);
  const stillness = await page.evaluateHandle(watchStillness);
  let begun = performance.now();
  const waiting = page.waitForEvent('download', { timeout: 600_000 });
  await page.getByRole('button', { name: 'Back up all' }).click();
  await (await waiting).saveAs(file);
  const writtenIn = performance.now() - begun;
  const longestStill = await stillness.evaluate(({ longest }) => longest);

  const other = await pageOf(browser);
  await other.goto(address);
  begun = performance.now();
  await other.getByLabel('Job file').setInputFiles(file);
  await other.getByText('Imported Linen press.').waitFor({ timeout: 600_000 });
  const readIn = performance.now() - begun;
  const [before, after] = [await page.evaluate(digest, JOB), await other.evaluate(digest, JOB)];
  await browser.close();
  return { bytes: before.bytes, pictures, writtenIn, readIn, longestStill, isSame: before.mark === after.mark };
}

/** A page of a browser that knows nothing yet. */
async function pageOf(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  // Functions that are handed to the page have been given their names by the compiler's helper.
  await context.addInitScript('globalThis.__name = (named) => named');
  return context.newPage();
}

/** Runs in the page: puts pictures of noise beside a job, on many pieces of it. */
export async function fillWithPictures({
  job,
  pictures,
  size,
}: {
  job: string;
  pictures: number;
  size: number;
}): Promise<void> {
  const open = await new Promise<IDBDatabase>((done) => {
    const opening = indexedDB.open('nivel');
    opening.onsuccess = () => done(opening.result);
  });
  const finished = (writing: IDBTransaction): Promise<void> =>
    new Promise((done, fail) => {
      writing.oncomplete = () => done();
      writing.onabort = () => fail(writing.error ?? new Error('The page could not be filled.'));
    });
  const photos: object[] = [];
  for (let index = 0; index < pictures; index++) {
    const bytes = new Uint8Array(size);
    for (let at = 0; at < size; at += 65_536) crypto.getRandomValues(bytes.subarray(at, Math.min(size, at + 65_536)));
    const writing = open.transaction('photos', 'readwrite');
    writing
      .objectStore('photos')
      .put({ jobId: job, id: `p${index}`, picture: new Blob([bytes], { type: 'image/jpeg' }) });
    await finished(writing);
    photos.push({ id: `p${index}`, caption: '', width: 1600, height: 1200, spots: [] });
  }
  const writing = open.transaction('jobs', 'readwrite');
  const jobs = writing.objectStore('jobs');
  const reading = jobs.get(job);
  reading.onsuccess = () => {
    const row = reading.result as { job: { pieces: { id: string; photos: object[] }[] } };
    const [first] = row.job.pieces;
    if (!first) return;
    // A piece holds two dozen: the rest stands on copies of it.
    const copies = Array.from({ length: Math.ceil(photos.length / 24) }, (_each, index) => ({
      ...first,
      ...(index === 0 ? {} : { id: `${first.id}-${index}`, mark: `C-${100 + index}` }),
      photos: photos.slice(24 * index, 24 * index + 24),
    }));
    row.job.pieces = [...copies, ...row.job.pieces.slice(1)];
    jobs.put(row);
  };
  await finished(writing);
  open.close();
}

/** Runs in the page: the longest time for which nothing could be drawn. */
function watchStillness(): { longest: number } {
  const watched = { longest: 0 };
  let last = performance.now();
  const look = (): void => {
    const now = performance.now();
    watched.longest = Math.max(watched.longest, now - last);
    last = now;
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
  return watched;
}

/** Runs in the page: how many bytes of pictures a job has, and a mark of all of them. */
async function digest(job: string): Promise<{ bytes: number; mark: string }> {
  const open = await new Promise<IDBDatabase>((done) => {
    const opening = indexedDB.open('nivel');
    opening.onsuccess = () => done(opening.result);
  });
  const asked = <T>(request: IDBRequest<T>): Promise<T> =>
    new Promise((done, fail) => {
      request.onsuccess = () => done(request.result);
      request.onerror = () => fail(request.error ?? new Error('The pictures can’t be read.'));
    });
  const keys = await asked(open.transaction('photos').objectStore('photos').index('jobId').getAllKeys(job));
  let bytes = 0;
  let mark = '';
  for (const key of keys) {
    const { picture } = (await asked(open.transaction('photos').objectStore('photos').get(key))) as { picture: Blob };
    bytes += picture.size;
    const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', await picture.arrayBuffer()));
    mark += String((key as string[])[1]) + [...hash.subarray(0, 8)].join();
  }
  open.close();
  return { bytes, mark };
}
