import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type BrowserContext, type Locator, type Page, type TestInfo } from '@playwright/test';
import { openArchive } from '../app/keeping/backup/read-archive.ts';
import { freePort } from '../scripts/free-port.mjs';
import { copyBuild, makeNextVersion } from '../scripts/next-version.ts';
import { fillableDisk, setFull } from './full-disk.ts';
import { PainterOn } from './painter.ts';

/** Fields of the first room, in the dialog of rooms. */
async function openRooms(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Rooms/ }).click();
  await expect(page.getByRole('dialog', { name: 'Rooms' })).toBeVisible();
}

test('two tabs that change different fields of one room, or schools of one group, at the same moment lose neither', async ({
  context,
  page,
}) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  const other = await context.newPage();
  await new PainterOn(other).openDemo('demo-linen-press', 'walk');
  await Promise.all([openRooms(page), openRooms(other)]);
  await Promise.all([
    page.getByLabel('Room name').fill('Upper landing'),
    other.getByLabel('Max. off at once').fill('3'),
  ]);
  for (const tab of [page, other]) {
    await expect(tab.getByLabel('Room name')).toHaveValue('Upper landing');
    await expect(tab.getByLabel('Max. off at once')).toHaveValue('3');
  }
  await page.reload();
  await openRooms(page);
  await expect(page.getByLabel('Room name')).toHaveValue('Upper landing');
  await expect(page.getByLabel('Max. off at once')).toHaveValue('3');

  const school = (tab: Page, question: string): Locator =>
    tab.getByRole('radiogroup', { name: question }).getByRole('radio').nth(1);
  await Promise.all([page, other].map((tab) => new PainterOn(tab).openDemo('demo-linen-press', 'build-up')));
  await Promise.all([page, other].map((tab) => expect(school(tab, 'Tools')).toBeVisible()));
  await Promise.all([school(page, 'Keying').click(), school(other, 'Tools').click()]);
  for (const tab of [page, other]) {
    await expect(school(tab, 'Keying')).toBeChecked();
    await expect(school(tab, 'Tools')).toBeChecked();
  }
});

test('on a full disk what is typed stays on the screen, is told until it is written, and can be saved as a file', async ({
  page,
}) => {
  await page.addInitScript(fillableDisk);
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.getByRole('button', { name: /^C-01,/ }).click();
  const piece = page.getByRole('complementary', { name: 'Piece C-01' });
  const picture = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  );
  await piece.getByText('Photos', { exact: true }).click();
  await page.getByLabel('Photos of C-01').setInputFiles({ name: 'crack.png', mimeType: 'image/png', buffer: picture });
  await expect(piece.getByRole('button', { name: 'Photo 1, 0 marks' })).toBeVisible();
  await setFull(page, true);
  await piece.getByLabel('Note').fill('in this tab only');
  const told = page.getByRole('alert').filter({ hasText: 'Not saved yet.' });
  await expect(told.filter({ hasText: /in this tab only: the disk/ })).toBeVisible();
  await piece.getByLabel('Width').fill('45 and a b');
  await expect(told.filter({ hasText: 'Text typed in a field' })).toBeVisible();

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    told.filter({ hasText: 'in this tab only' }).getByRole('button', { name: 'Save as file' }).click(),
  ]);
  const saved = await openArchive(new Blob([readFileSync(await file.path())]));
  expect(saved.ok && saved.value.jobs[0]?.pieces[0]?.note).toBe('in this tab only');
  expect(saved.ok && saved.value.pictures.length).toBe(1);

  // Elsewhere in the same tab it is not forgotten: a backup holds it, and the job opens with it.
  await page.getByRole('link', { name: 'All jobs', exact: true }).click();
  const [all] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up all' }).click(),
  ]);
  const backup = await openArchive(new Blob([readFileSync(await all.path())]));
  expect(backup.ok && backup.value.jobs[0]?.pieces[0]?.note).toBe('in this tab only');
  await page.getByRole('link', { name: 'Linen press' }).click();
  await new PainterOn(page).goTo('Walk');
  await page.getByRole('button', { name: /^C-01,/ }).click();
  await expect(piece.getByLabel('Note')).toHaveValue('in this tab only');

  await setFull(page, false);
  for (const text of ['in this tab only', 'Text typed in a field']) {
    const bar = told.filter({ hasText: text });
    const again = bar.getByRole('button', { name: 'Try again' });
    // It also tries by itself.
    if (await bar.isVisible()) await again.click({ timeout: 3000 }).catch(() => undefined);
    await expect(bar).toBeHidden();
  }
  await page.reload();
  await expect(piece.getByLabel('Note')).toHaveValue('in this tab only');
  await expect(piece.getByLabel('Width')).toHaveValue('45 and a b');
});

test('a new job and a file that can’t be kept are told where they were given', async ({ page }) => {
  await page.addInitScript(fillableDisk);
  await page.goto('/start');
  await page.getByLabel('Job name').fill('Mill cottage');
  await setFull(page, true);
  await page.getByRole('button', { name: 'Start job' }).click();
  await expect(page.getByText(/Can’t save the job: the disk/)).toBeVisible();
  await expect(page.getByLabel('Job name')).toHaveValue('Mill cottage');
});

/** A browser that keeps nothing: cookies and site data are blocked. */
function refusedStorage(): void {
  Object.defineProperty(window, 'localStorage', {
    get: () => {
      throw new DOMException('Access is denied for this document.', 'SecurityError');
    },
  });
  Object.defineProperty(window, 'indexedDB', {
    value: {
      open: () => {
        throw new DOMException('Access is denied for this document.', 'SecurityError');
      },
    },
  });
}

test('backups go into the folder that was chosen once, and the day after a day with work by themselves', async ({
  page,
}) => {
  // The browser's own picker can't be pressed from here: a folder of its private file system is chosen in its place.
  await page.addInitScript(() => {
    window.showDirectoryPicker = async () =>
      (await navigator.storage.getDirectory()).getDirectoryHandle('paperwork', { create: true });
  });
  const inFolder = (): Promise<{ name: string; size: number }[]> =>
    page.evaluate(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('paperwork');
      const files: { name: string; size: number }[] = [];
      for await (const entry of folder.values())
        if (entry.kind === 'file') files.push({ name: entry.name, size: (await entry.getFile()).size });
      return files;
    });
  await new PainterOn(page).startJob('Mill cottage');
  await page.getByLabel('Quick add').fill('2 flush door 762x1981 oil gloss both sides');
  await page.getByLabel('Quick add').press('Enter');
  await expect(page.getByRole('button', { name: /^D-02,/ })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Ask the browser to keep jobs' }).click();
  await expect(page.getByText('The browser refused.')).toBeVisible();
  await page.getByRole('button', { name: 'Choose backup folder' }).click();
  await expect(page.getByText('Backups go to the folder paperwork.')).toBeVisible();
  await page.getByRole('button', { name: 'Back up all' }).click();
  await expect(page.getByText(/^Backed up and checked: 1 job, /)).toBeVisible();
  expect(await inFolder()).toEqual([
    { name: expect.stringMatching(/^nivel-backup-\d{4}-\d\d-\d\d\.zip$/), size: expect.any(Number) },
  ]);

  // Two days go by after that, with work on the first.
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        const opening = indexedDB.open('nivel');
        opening.onsuccess = () => {
          const writing = opening.result.transaction(['jobs', 'meta'], 'readwrite');
          const ago = (days: number): string => new Date(Date.now() - days * 86_400_000).toISOString();
          const rows = writing.objectStore('jobs').openCursor();
          rows.onsuccess = () => rows.result?.update({ ...rows.result.value, updatedAt: ago(1) });
          const backup = writing.objectStore('meta').get('backup');
          backup.onsuccess = () => writing.objectStore('meta').put({ ...backup.result, at: ago(2) });
          writing.oncomplete = () => {
            opening.result.close();
            done();
          };
        };
      }),
  );
  await page.reload();
  await expect(page.getByText(/^Backed up and checked: 1 job, /)).toBeVisible();
  await expect(page.getByText(/^Last backup .*Up to date\./)).toBeVisible();
  const [kept] = await inFolder();
  expect(kept?.size).toBeGreaterThan(1000);

  // A folder that is gone, as on a stick that was pulled out, is told, and the backup is a download.
  await page.evaluate(async () =>
    (await navigator.storage.getDirectory()).removeEntry('paperwork', { recursive: true }),
  );
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up all' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe(kept?.name);
  await expect(page.getByText(/^Can’t write to paperwork: .* This backup is a download\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Use downloads' }).click();
  await expect(page.getByRole('button', { name: 'Choose backup folder' })).toBeVisible();
});

test('where the browser keeps nothing, every page says so and what to allow', async ({ page }) => {
  await page.addInitScript(refusedStorage);
  for (const address of ['/', '/walk?job=demo-linen-press', '/today?job=gone', '/plan']) {
    await page.goto(address);
    await expect(page.getByRole('alert').filter({ hasText: 'Nothing is being saved.' })).toContainText(
      /Allow cookies and site data/,
    );
  }
  await page.goto('/start');
  await page.getByLabel('Job name').fill('Mill cottage');
  await page.getByRole('button', { name: 'Start job' }).click();
  await expect(page.getByText(/Can’t save the job/)).toBeVisible();
});

test('a device whose date was set back asks which time is right before it stamps', async ({ page }) => {
  await page.clock.setFixedTime(new Date('2027-03-06T08:00:00+01:00'));
  await new PainterOn(page).openDemo('demo-linen-press', 'today');
  await page.getByRole('button', { name: /^Practice clock/ }).click();
  await page.getByRole('menuitem', { name: /Use device clock/ }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await now.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(now.getByRole('button', { name: 'Start', exact: true })).toBeHidden();

  await page.clock.setFixedTime(new Date('2027-03-05T09:30:00+01:00'));
  await page.reload();
  await now.getByRole('button', { name: /done$/ }).first().click();
  const asked = page.getByRole('dialog', { name: 'Which time is right?' });
  await expect(asked).toContainText('This device says Friday 5 March, 09:30');
  await asked.getByRole('button', { name: 'Log at Saturday 6 March, 08:00' }).click();
  await expect(asked).toBeHidden();
  const stamps = await page.evaluate(
    () =>
      new Promise<string[]>((done) => {
        const opening = indexedDB.open('nivel');
        opening.onsuccess = () => {
          const reading = opening.result.transaction('jobs').objectStore('jobs').get('demo-linen-press');
          reading.onsuccess = () => {
            opening.result.close();
            done((reading.result as { job: { log: { at: string }[] } }).job.log.map(({ at }) => at));
          };
        };
      }),
  );
  expect(stamps.every((at) => at >= '2027-03-06T08:00')).toBe(true);
});

test('a change of an earlier version that can’t be carried out is set aside and shown, and the job opens', async ({
  page,
}) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  await page.evaluate(() => {
    const entry = { id: 'old', name: 'paint-itself', args: { colour: 'reed' }, strokes: null };
    localStorage.setItem('nivel-journal/demo-linen-press/old', JSON.stringify({ order: '1', entry }));
  });
  await page.reload();
  const bar = page.getByRole('alert').filter({ hasText: 'One change couldn’t be applied' });
  await bar.getByRole('button', { name: 'Show' }).click();
  await expect(bar).toContainText('paint itself: Unknown command');
  await expect(bar).toContainText('reed');
  await bar.getByRole('button', { name: 'Discard' }).click();
  await expect(bar).toBeHidden();
  await expect(page.getByRole('button', { name: /^C-01,/ })).toBeVisible();
});

let server: ChildProcess | null = null;
test.afterEach(() => server?.kill());

/** A copy of the build on a server of its own, at a port that no other test is given meanwhile. */
async function serve(testInfo: TestInfo): Promise<{ build: string; address: string }> {
  // Below the project, so that the server finds its packages.
  const build = testInfo.outputPath('version');
  copyBuild('dist', build);
  const port = await freePort();
  server = spawn(process.execPath, [join(build, 'server', 'entry.mjs')], {
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1' },
    stdio: 'ignore',
  });
  const address = `http://127.0.0.1:${port}`;
  await expect
    .poll(() =>
      fetch(address).then(
        ({ status }) => status,
        () => 0,
      ),
    )
    .toBe(200);
  return { build, address };
}

test('where nothing keeps the scripts of the version before, what can’t be loaded is told, and planning works after the reload', async ({
  context,
}, testInfo) => {
  const { build, address } = await serve(testInfo);
  const page = await context.newPage();
  await page.goto(`${address}/walk?job=demo-linen-press`);
  await expect(page.getByRole('button', { name: /^C-01,/ })).toBeVisible();
  await page.goto(address);
  const other = await context.newPage();
  await other.goto(`${address}/walk?job=demo-linen-press`);
  await expect(other.getByRole('button', { name: /^C-01,/ })).toBeVisible();

  makeNextVersion(build, 'n');
  await page.getByRole('button', { name: 'Back up all' }).click();
  const told = page.getByRole('alert').filter({ hasText: 'no connection, or a newer version' });
  await told.getByRole('button', { name: 'Reload' }).click();
  await expect(told).toBeHidden();
  await page.getByRole('button', { name: 'Back up all' }).click();
  await expect(page.getByText(/^Backed up and checked: 1 job, /)).toBeVisible();

  // The screen offers it, and so does the bar where a worker did not load either.
  const reloadOther = (): Promise<void> =>
    other
      .getByRole('button', { name: /^Reload/ })
      .first()
      .click();
  const plan = other.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: /^Plan / });
  await plan.first().click();
  await reloadOther();
  await other.getByRole('button', { name: 'Replan' }).click();
  await expect(other.getByRole('button', { name: 'Accept this plan' })).toBeVisible();

  // While there is no server, what stands on the screen is not thrown away for nothing.
  server?.kill();
  await other
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /^Hang / })
    .first()
    .click();
  await reloadOther();
  await expect(other.getByText('Can’t reload right now: no connection.')).toBeVisible();
});

test.describe('with a service worker', () => {
  test.use({ serviceWorkers: 'allow' });
  const controlled = async (page: Page): Promise<void> => {
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  };
  const open = async (context: BrowserContext, address: string, stage: string): Promise<Page> => {
    const page = await context.newPage();
    await page.goto(`${address}/${stage}?job=demo-linen-press`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    return page;
  };

  test('a new version waits, is offered, and takes over; another tab of the old one still plans', async ({
    context,
  }, testInfo) => {
    const { build, address } = await serve(testInfo);
    const [page, other] = [await open(context, address, 'walk'), await open(context, address, 'walk')];
    await Promise.all([controlled(page), controlled(other)]);
    await page.getByRole('button', { name: /^C-01,/ }).click();
    await page.getByRole('complementary').getByLabel('Note').fill('typed before the update');

    makeNextVersion(build, 'n');
    await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
    const offer = page.getByRole('alert').filter({ hasText: 'New version. Reload – your work is saved.' });
    await expect(offer).toBeVisible();
    await Promise.all([page.waitForEvent('load'), offer.getByRole('button', { name: 'Reload' }).click()]);
    await expect(offer).toBeHidden();
    await expect(page.getByRole('complementary').getByLabel('Note')).toHaveValue('typed before the update');
    const scripts = await page.evaluate(() => performance.getEntriesByType('resource').map(({ name }) => name));
    expect(scripts.filter((name) => /_astro\/.*\.js$/.test(name)).every((name) => name.endsWith('n.js'))).toBe(true);

    // The other tab runs the old scripts, one of which it has not fetched yet, and goes on being offered the new ones.
    await expect(other.getByRole('alert').filter({ hasText: 'New version. Reload' })).toBeVisible();
    await new PainterOn(other).goTo('Plan');
    await other.getByRole('button', { name: 'Replan' }).click();
    await expect(other.getByRole('button', { name: 'Accept this plan' })).toBeVisible();
  });

  test('what could not be fetched whole for later, as where a connection broke off, is fetched again', async ({
    context,
  }, testInfo) => {
    const { build, address } = await serve(testInfo);
    const manifest = join(build, 'client', 'nivel.webmanifest');
    renameSync(manifest, `${manifest}.away`);
    await context.addInitScript(() => {
      const { serviceWorker } = navigator;
      const register = serviceWorker.register.bind(serviceWorker);
      serviceWorker.register = async (...given) => {
        const registration = await register(...given);
        const { installing } = registration;
        installing?.addEventListener('statechange', () => {
          if (installing.state === 'redundant') Object.assign(window, { hasFailed: true });
        });
        return registration;
      };
    });
    const page = await open(context, address, 'walk');
    await page.waitForFunction(() => 'hasFailed' in window);
    renameSync(`${manifest}.away`, manifest);
    await controlled(page);
  });

  test('a page with a slash at its end opens without a server', async ({ context, page }) => {
    await new PainterOn(page).openDemo('demo-linen-press', 'walk');
    await controlled(page);
    await context.setOffline(true);
    await page.goto('/walk/?job=demo-linen-press');
    await expect(page.getByRole('heading', { name: 'Walk', level: 1 })).toBeVisible();
    // The guide as well, with its parts that compute.
    await page.goto('/guide/conditions');
    await expect(page.locator('astro-island[ssr]')).toHaveCount(0);
    const drying = page.getByRole('figure').filter({ hasText: 'Tin hours are for 23 °C' });
    await drying.getByLabel(/^Temperature/).fill('5');
    await expect(drying.getByRole('row').filter({ hasText: 'Recoat' })).toContainText('not at all');
  });
});
