import { readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import type { Job } from '../core/job/document/schema.ts';
import { expect, test, testAlone, type Browser, type Download, type Page } from './warm-page.ts';
import { asTime } from './dates.ts';
import { PainterOn } from './painter.ts';

/** In the hand, on a phone. */
const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true };
test.use(PHONE);

/** The piece of the demo job that has a run, with the film that a comb read in it, as its story has told them. */
const DEMO = JSON.parse(readFileSync('demo/tern-street.nivel.json', 'utf8')) as Job;
const RUN_ON = DEMO.pieces.find(({ id }) => id === DEMO.defects[0]?.pieceId);
const RUN_IN = DEMO.rooms.find(({ id }) => id === RUN_ON?.roomId);
const COMBED = DEMO.readings.find((reading) => reading.kind === 'film');

const quiet = async (page: Page): Promise<void> => {
  await expect(page.getByText('Replanning…')).toBeHidden({ timeout: 30_000 });
};

/** A picture, as small as can be. */
const ONE_PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

async function downloaded(page: Page, button: string): Promise<{ name: string; text: string }> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  const download: Download = await waiting;
  return { name: download.suggestedFilename(), text: await readFile(await download.path(), 'utf8') };
}

/** The day that one device gives away, opened on another; the dialog of the first stays open. */
async function onAnotherPhone(page: Page, browser: Browser): Promise<Page> {
  await page.getByRole('button', { name: 'Two devices' }).click();
  const day = await downloaded(page, 'Save day as file');
  expect(day.name).toMatch(/nivel-day\.json$/);
  const other = await browser.newContext(PHONE);
  const phone = await other.newPage();
  await phone.goto('/');
  await phone
    .getByLabel('Job file')
    .setInputFiles({ name: day.name, mimeType: 'application/json', buffer: Buffer.from(day.text) });
  await expect(phone.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  return phone;
}

test('a day on the phone: reminders, a correction, a tacky door, and its replan in three lines with undo', async ({
  page,
}) => {
  test.setTimeout(90_000);
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'today');
  const reminders = page.getByRole('region', { name: 'Reminders' });
  const due = reminders.getByRole('list', { name: 'Due now' });
  // A roller was wrapped, and is Not needed until after it has hardened; seen once, it does not come back with the page.
  await due.getByRole('button', { name: /^Show \d+ more$/ }).click();
  await expect(due).toContainText(/Wash out the roller .* Not needed until/);
  await due.getByRole('button', { name: /^Clear all \d+$/ }).click();
  await expect(due).toBeHidden();
  await page.reload();
  await expect(reminders).toContainText(/\d\d:\d\d/);
  await expect(due).toBeHidden();

  // The helper's coat is found tacky where the clock says ready: the rest moves, and three lines say how.
  const touch = page.getByRole('list', { name: 'What’s dry' });
  await touch.getByText(/^recoat now: \d+ pieces$/).click();
  const together = touch.getByRole('list', { name: /^recoat now/ });
  const door = together.getByRole('listitem').first();
  const mark = await door.getByRole('img').first().getAttribute('aria-label');
  await door.getByRole('button', { name: `${mark ?? ''} still tacky` }).click();
  const told = page.getByRole('status', { name: 'Replanned' });
  await expect(told).toBeVisible({ timeout: 30_000 });
  await expect(told).toContainText(new RegExp(`${mark ?? ''} still tacky\. Finish`));
  await expect(told.locator(':scope > strong, :scope > span')).toHaveCount(3);
  const rowOfDoor = touch
    .getByRole('listitem')
    .filter({ has: page.getByRole('img', { name: mark ?? '', exact: true }) });
  await expect(together.getByRole('img', { name: mark ?? '', exact: true })).toBeHidden();
  await expect(rowOfDoor.last()).toContainText(/recoat from/);
  await told.getByRole('button', { name: 'Undo' }).click();
  await expect(together.getByRole('img', { name: mark ?? '', exact: true })).toBeVisible();

  // Done, and then put right: it was a quarter of an hour earlier.
  const now = page.getByRole('region', { name: 'Now' });
  const before = await now.textContent();
  const what = (await now.getByRole('paragraph').nth(1).textContent()) ?? '';
  await now.getByRole('button', { name: /done$/i }).last().click();
  await expect.poll(() => now.textContent()).not.toBe(before);
  await quiet(page);
  const runs = page.getByRole('list', { name: 'Today’s jobs' });
  await runs
    .getByRole('button', { name: / done$/ })
    .filter({ hasText: what })
    .last()
    .click();
  const stamps = runs.getByRole('list', { name: 'Log' });
  await expect(stamps.getByRole('listitem').last()).toContainText(/done 10:10Lead painter · \d+ °C, \d\d% RH/);
  await stamps
    .getByRole('button', { name: /^Correct the time/ })
    .last()
    .click();
  await page.getByLabel('Actual time').fill('10:02');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(stamps).toContainText('done 10:02');
  await expect(stamps).toContainText('corrected');
  await quiet(page);

  // The rack as a picture knows the same pieces.
  await page.getByRole('button', { name: 'Rack', exact: true }).click();
  await expect(page.getByRole('img', { name: /^Rack and hooks: \d+ of 20 spaces used/ })).toBeVisible();
  await painter.stepClock('4 hours on');
});

// On a page that no other test has used: what was fetched once is not fetched again.
testAlone('the card of the day can be stamped when what lies beside it can’t be fetched', async ({ page }) => {
  const BESIDE = /\/TodaySidebar\.[^/]*\.js$/;
  await page.route(BESIDE, (route) => route.abort());
  await new PainterOn(page).openDemo('demo-tern-street', 'today');
  const failed = page.getByText('Part of this screen didn’t load');
  await expect(failed).toBeVisible();
  const now = page.getByRole('region', { name: 'Now' });
  await now.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(now.getByRole('button', { name: 'Start', exact: true })).toBeHidden();

  await page.unroute(BESIDE);
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByRole('region', { name: 'Open tins' })).toBeVisible();
  await expect(failed).toBeHidden();
});

testAlone('a tap is kept when the tab dies with it', async ({ page, context }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'today');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('Take off and bag hardware');
  // The tap and the end of the tab in one breath: nothing is drawn, nothing is written to the database yet.
  await page.evaluate(() => {
    const buttons = [...document.querySelectorAll('button')];
    buttons.find((button) => /^All 5 done$/.test(button.textContent ?? ''))?.click();
  });
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await new PainterOn(again).openDemo('demo-linen-press', 'today');
  await expect(again.getByRole('region', { name: 'Now' })).toContainText('Wash and rinse');
});

test('two devices: the day goes over as a file, the stamps come back, once and not twice', async ({
  page,
  browser,
}) => {
  test.setTimeout(90_000);
  const lead = await new PainterOn(page).openDemo('demo-linen-press', 'today');
  const phone = await onAnotherPhone(page, browser);
  const there = phone.getByRole('region', { name: 'Now' });
  await expect(there).toContainText('Take off and bag hardware');
  await there.getByRole('button', { name: 'Start' }).click();
  await there.getByRole('button', { name: 'All 5 done' }).click();
  await expect(there).toContainText('Wash and rinse');
  await quiet(phone);
  await phone.getByRole('button', { name: 'Two devices' }).click();
  await expect(phone.getByRole('dialog')).toContainText('6 entries from this device');
  const stamps = await downloaded(phone, 'Save log as file');
  await phone.context().close();

  const dialog = page.getByRole('dialog', { name: 'Share with another device' });
  const takeIn = async (text: string): Promise<void> =>
    dialog
      .getByLabel('Day or log of another device')
      .setInputFiles({ name: stamps.name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await takeIn('{"format":"something else"}');
  await expect(dialog.getByRole('alert')).toContainText('Not a day or log file');
  await takeIn(stamps.text);
  await expect(dialog.getByRole('alert')).toContainText('6 new entries loaded. Duplicates skipped.');
  await takeIn(stamps.text);
  await expect(dialog.getByRole('alert')).toContainText('Already loaded. Duplicates skipped.');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await quiet(page);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Wash and rinse');
  // As codes, the same day is a series that a camera can follow.
  await page.getByRole('button', { name: 'Two devices' }).click();
  await page.getByRole('button', { name: 'Show day as codes' }).click();
  await expect(page.getByRole('img', { name: /^The day, code 1 of \d+/ })).toBeVisible();
  await lead.page.keyboard.press('Escape');
});

test('what the other device has found comes back with its photo', async ({ page, browser }) => {
  test.setTimeout(90_000);
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'today');
  const phone = await onAnotherPhone(page, browser);
  const other = await new PainterOn(phone).goAlong('check', painter.jobId);
  await phone.getByRole('link', { name: /C-01/ }).click();
  await phone
    .getByRole('group', { name: /^C-01, .*: tap/ })
    .first()
    .click({ position: { x: 90, y: 60 } });
  await phone
    .getByRole('region', { name: 'Which defect?' })
    .getByRole('button', { name: /^Run or sag/ })
    .click();
  await phone
    .getByLabel('Photos of the defect on C-01')
    .setInputFiles({ name: 'run.png', mimeType: 'image/png', buffer: ONE_PIXEL });
  await expect(phone.getByRole('img', { name: 'Run or sag on C-01, photo 1' })).toBeVisible();
  await other.goAlong('today');
  await phone.getByRole('button', { name: 'Two devices' }).click();
  await expect(phone.getByRole('dialog')).toContainText('The file has 1 photo too. Codes don’t.');
  const stamps = await downloaded(phone, 'Save log as file');
  await phone.context().close();

  await page
    .getByLabel('Day or log of another device')
    .setInputFiles({ name: stamps.name, mimeType: 'application/json', buffer: Buffer.from(stamps.text) });
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('loaded. Duplicates skipped');
  await painter.goAlong('check');
  await page.getByRole('link', { name: /C-01/ }).click();
  await page
    .getByRole('link', { name: /Run or sag/ })
    .first()
    .click();
  await expect(page.getByRole('img', { name: 'Run or sag on C-01, photo 1' })).toBeVisible();
});

test('a bag is short of a screw: the label opens the piece, the count says which, and it goes back on screw by screw', async ({
  page,
}) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'hang');
  await page.getByLabel('Tag on the label').fill('x9');
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(page.getByText('No piece x9. Type it as on the tag, e.g. D-05.')).toBeVisible();
  await page.getByLabel('Tag on the label').fill('d5');
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  const bag = page.getByRole('region', { name: 'Bag D-05' });
  await expect(bag.getByRole('status')).toContainText('1 × hinge screw missing');
  const risks = page.getByRole('list', { name: 'Risks' });
  await expect(risks).toContainText('Missing from the bag: 1 × hinge screw.');
  await expect(risks).toContainText(/\d coats not logged/);
  await bag.getByRole('button', { name: 'Hinge screw: one more in bag D-05' }).click();
  await expect(bag.getByRole('status')).toBeHidden();
  await expect(risks).not.toContainText('Missing from the bag');
  await bag.getByRole('button', { name: 'Refitting' }).click();
  await bag.getByRole('button', { name: 'Hinge screw: one more on D-05' }).click();
  await expect(bag.getByRole('status')).toContainText('Still in the bag: 2 × hinge, 15 × hinge screw');
  await page.getByRole('button', { name: 'Wedge in' }).click();
  await expect(page.getByText(/Wedge in since/)).toBeVisible();
});

test('a run is found: tapped on the drawing, its cause named by the log, its planned after its wait', async ({
  page,
}) => {
  test.setTimeout(90_000);
  await new PainterOn(page).openDemo('demo-tern-street', 'check');
  const mark = RUN_ON?.mark ?? '';
  await page.getByRole('link', { name: new RegExp(mark) }).click();
  const face = page.getByRole('group', { name: new RegExp(`^${mark}, (front|room side): tap`) });
  await face.click({ position: { x: 140, y: 60 } });
  await page
    .getByRole('region', { name: 'Which defect?' })
    .getByRole('button', { name: /^Run or sag/ })
    .click();
  await expect(page.getByText(/\d+ mm from the left and \d+ mm from the top/)).toBeVisible();

  const causes = page.getByRole('list', { name: 'Likely causes' });
  await expect(causes.getByRole('listitem').first()).toContainText('Too much paint');
  await expect(causes.getByRole('listitem').first()).toContainText(
    /The comb read 13\d% of the tin’s wet film in coat 2/,
  );
  await causes.getByRole('button', { name: 'This was it: Too much paint' }).click();

  const wait = await page.getByText(/^Leave until/).textContent();
  await page.getByRole('button', { name: 'Add to plan' }).click();
  const told = page.getByRole('status', { name: 'Replanned' });
  await expect(told).toContainText('2 steps of rework in the plan.', { timeout: 30_000 });
  const steps = page.getByRole('list', { name: 'Repair steps' });
  await expect(steps.getByRole('listitem').first()).toContainText('planned');
  const level = await steps.getByRole('listitem').first().textContent();
  const from = asTime(/^Leave until (.+)\.$/.exec(wait ?? '')?.[1] ?? '');
  expect(asTime(/planned (\w{3} \d+ \w{3}, \d\d:\d\d)/.exec(level ?? '')?.[1] ?? '')).toBeGreaterThanOrEqual(from);
  await expect(page.getByText('planned', { exact: true })).toBeVisible();
});

test('a door that hangs is taken down again for its run: back onto the rack, and hung when its new coat is hard enough', async ({
  page,
}) => {
  test.setTimeout(90_000);
  const painter = new PainterOn(page);
  await painter.openDemo('demo-tern-street', 'hang');
  await page.getByLabel('Tag on the label').fill('d8');
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  await page.getByRole('button', { name: 'Mark as hung anyway' }).click();
  await expect(page.getByText(/^Hung 5 Mar, /)).toBeVisible();
  await quiet(page);

  await painter.goAlong('check');
  await page.getByRole('link', { name: /D-08/ }).click();
  await page
    .getByRole('group', { name: /^D-08, .*: tap/ })
    .first()
    .click({ position: { x: 90, y: 120 } });
  await page
    .getByRole('region', { name: 'Which defect?' })
    .getByRole('button', { name: /^Run or sag/ })
    .click();
  const steps = page.getByRole('list', { name: 'Repair steps' }).getByRole('listitem');
  await expect(steps).toHaveCount(2);
  await page.getByRole('group', { name: 'Where to make good' }).getByRole('button', { name: 'Take it down' }).click();
  await expect(steps).toHaveCount(4);
  await expect(steps.first()).toContainText('Take it down');
  await page.getByRole('button', { name: 'Add to plan' }).click();
  await expect(page.getByRole('status', { name: 'Replanned' })).toContainText('4 steps of rework in the plan', {
    timeout: 40_000,
  });
  for (const step of await steps.all()) await expect(step).toContainText(/planned \w{3}/);
  const days = (await steps.allTextContents()).map((text) =>
    Date.parse(`${/planned \w{3} (\d+ \w{3}), (\d\d:\d\d)/.exec(text)?.slice(1).join(' 2027 ') ?? ''} UTC`),
  );
  const [down = NaN, level = NaN, touched = NaN, hung = NaN] = days;
  expect(down).toBeLessThan(level);
  expect(level).toBeLessThan(touched);
  // Its enamel asks for a day and more before it is hung.
  expect(hung - touched).toBeGreaterThan(24 * 3_600_000);
});

test('what the handover lacks leads to the coats of a room, and paper has the whole record', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'handover');
  const record = page.getByRole('article', { name: 'Handover record' });
  await expect(record.getByRole('table', { name: 'Finishes' })).toBeVisible();
  await expect(record.getByRole('heading', { name: 'Coats on each face' })).toBeHidden();
  await page
    .getByRole('region', { name: 'Before handover' })
    .getByRole('link', { name: /coats not logged/ })
    .click();
  await expect(page).toHaveURL(/view=coats/);
  const coats = record.getByRole('table', { name: `Coats in ${RUN_IN?.name ?? ''}` });
  await expect(coats).toBeHidden();
  await record.getByText(RUN_IN?.name ?? '', { exact: true }).click();
  await expect(
    coats
      .getByRole('row')
      .filter({ hasText: `${COMBED?.film ?? 0} µm` })
      .first(),
  ).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  for (const heading of ['Paints used', 'Care', 'Coats on each face', 'Inspection and sign-off', 'Maintenance']) {
    await expect(record.getByRole('heading', { name: heading })).toBeVisible();
  }
  await expect(coats).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  await expect(coats).toBeHidden();
  // And so when it is really printed, which lays it out at once: the coats of one room would be two pages.
  const pages = (await page.pdf()).toString('latin1').match(/\/Type \/Page\b/g) ?? [];
  expect(pages.length).toBeGreaterThan(9);
});

test('the handover file is opened and read back, by itself and in the other vocabulary', async ({ page, context }) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'handover');
  const file = await downloaded(page, 'Save as web page');
  expect(file.name).toBe('tern-street-music-school-handover.html');
  const reader = await context.newPage();
  const asked: string[] = [];
  reader.on('request', (request) => asked.push(request.url()));
  await reader.setContent(file.text);
  expect(asked).toEqual([]);
  await expect(reader.getByRole('heading', { name: 'Tern Street Music School', level: 1 })).toBeVisible();
  const finishes = reader.getByRole('table', { name: 'Finishes' });
  const joinery = finishes.getByRole('row').filter({ hasText: 'Inside joinery, old oil gloss' });
  await expect(joinery).toContainText('TE 2207');
  const rooms = reader.getByRole('table', { name: `Coats in ${RUN_IN?.name ?? ''}` });
  // The coat that was combed, as the log has it: product, batch, air and film, and what is still to come is a gap.
  const combed = rooms.getByRole('row').filter({ hasText: `${COMBED?.film ?? 0} µm` });
  await expect(combed.first()).toContainText(/(Trim enamel.*TE 2207|Exterior acrylic.*XA 0093).*[345] Mar.*°C/);
  await expect(rooms).toContainText('not logged');
  // On a phone each row is a card, its words named, and nothing is wider than the screen.
  await reader.setViewportSize({ width: 390, height: 844 });
  expect(await reader.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expect(joinery).toContainText('TE 2207');
  await reader.close();

  await page.getByRole('button', { name: 'US terms' }).click();
  const american = await downloaded(page, 'Save as web page');
  expect(american.text).toContain('Color');
  expect(american.text).not.toContain('Colour');
  const calendar = await downloaded(page, 'Maintenance calendar');
  expect(calendar.text).toContain('BEGIN:VEVENT');
  expect(calendar.text).toContain('Six-month check');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const pdf = await readFile(await (await waiting).path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.length).toBeGreaterThan(30_000);
});

test('planned against real: a pace is taken over with one touch and carried into the next job', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-tern-street', 'handover?view=real');
  const lessons = page.getByRole('list', { name: 'Adjust your figures' });
  await lessons.getByRole('button', { name: /^Update: Sanding/ }).click();
  await expect(lessons.getByRole('button', { name: /^Update: Sanding/ })).toBeHidden();
  // All that are left in one tap, and all back by one undo.
  const updates = lessons.getByRole('button', { name: /^Update: / });
  const left = await updates.count();
  expect(left).toBeGreaterThan(1);
  await lessons.getByRole('button', { name: `Update all ${left}` }).click();
  await expect(updates).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(updates).toHaveCount(left);
  await lessons.getByRole('button', { name: 'Use for next job' }).click();
  await expect(page.getByText('Saved. Your next job starts with these figures.')).toBeVisible();
  await painter.startJob('Next house');
  const id = new URL(page.url()).searchParams.get('job') ?? '';
  await page.goto(`/handover?job=${id}&view=real`);
  await page.goto(`/walk?job=${id}`);
  const kept = await page.evaluate(async (jobId) => {
    const open = indexedDB.open('nivel');
    const database = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)));
    const asked = database.transaction('jobs').objectStore('jobs').get(jobId);
    return new Promise<unknown>(
      (done) => (asked.onsuccess = () => done((asked.result as { job: { paces: unknown } }).job.paces)),
    );
  }, id);
  expect(kept).toEqual({ abrade: expect.any(Number) as unknown });
});
