import { expectWithinTenMinutes, Newcomer } from './newcomer.ts';
import { expect, test, testAlone } from './warm-page.ts';

// The first real job stands in ten minutes on a phone, without a manual, and is right enough to buy paint by.
test.use({ viewport: { width: 390, height: 844 } });
test.setTimeout(120_000);

test.describe('in the UK', () => {
  test.use({ locale: 'en-GB' });

  test('a newcomer’s kitchen, typed in a line', async ({ page }) => {
    const newcomer = new Newcomer(page);
    await newcomer.start('Kitchen');
    const line = page.getByLabel('Type what there is, or choose below');
    await newcomer.type(line, '14 kitchen cupboard doors 400x720 laminate');
    await expect(page.getByText(/^14 cupboard doors, 400 × 720 mm/)).toBeVisible();
    await newcomer.button('Add');
    await newcomer.type(line, '5 kitchen drawers 400x175 laminate');
    await expect(page.getByText('19 pieces, first day')).toBeVisible();
    expectWithinTenMinutes('Kitchen', await newcomer.toAcceptedPlan());
  });

  test('a newcomer’s doors and trim: counted, two painters at weekends, the sizes put right afterwards', async ({
    page,
  }) => {
    const newcomer = new Newcomer(page);
    await newcomer.start('Doors and trim');
    await newcomer.button('Doors: fewer');
    await newcomer.button('Skirting: more');
    await newcomer.button('Skirting: more');
    await newcomer.button('Oil gloss');
    await newcomer.button('Painters: more');
    await newcomer.button('Weekends');
    await newcomer.button('Start job');
    await newcomer.tap(page.getByText(/^Assumed: \d+$/));
    await newcomer.button(/^Change 5 panelled doors: 762 × 1981 mm/);
    const dialog = page.getByRole('dialog');
    await newcomer.type(dialog.getByLabel('Width'), '838');
    await newcomer.button('Done', dialog);
    // What was put right is assumed no longer.
    await expect(page.getByRole('button', { name: /^Change 5 panelled doors/ })).toBeHidden();
    await newcomer.button('Next: Test');
    await newcomer.button('Next: Build-up');
    await newcomer.button('Take the recommended');
    await newcomer.button('Next: Quantities');
    await newcomer.button('Next: Plan');
    await newcomer.button('Accept this plan');
    const outlook = page.getByRole('region', { name: 'Before you start' });
    await expect(outlook).toContainText(/Start (Sat|Sun) /);
    expectWithinTenMinutes('Doors and trim', await newcomer.count());
    // “Make it surer” says what three tests could change.
    await newcomer.button('Make it surer');
    await expect(page.getByRole('button', { name: 'Do this test' })).toHaveCount(3, { timeout: 60_000 });
    await expect(page.getByRole('region', { name: 'Make it surer' })).toContainText(/h (more|less)|at risk/);
  });
});

test('a newcomer’s windows, flaking', async ({ page }) => {
  const newcomer = new Newcomer(page);
  await newcomer.start('Windows');
  await newcomer.button('Casement windows: fewer');
  await newcomer.button('Sash windows: more');
  await newcomer.button('Sash windows: more');
  await newcomer.button('Flaking');
  await newcomer.button('Done it before');
  expectWithinTenMinutes('Windows', await newcomer.toAcceptedPlan());
});

test('a newcomer’s front door and railing outside, begun when it is warm enough', async ({ page }) => {
  const newcomer = new Newcomer(page);
  await newcomer.start('Outside');
  await newcomer.button('Railing: more');
  await newcomer.button('Varnished wood');
  await newcomer.button('Every day');
  expectWithinTenMinutes('Outside', await newcomer.toAcceptedPlan());
});

test('a newcomer’s one piece, in an unheated workshop', async ({ page }) => {
  const newcomer = new Newcomer(page);
  await newcomer.start('One piece');
  await newcomer.tap(page.getByRole('combobox', { name: 'What it is' }));
  await newcomer.tap(page.getByRole('option', { name: 'Glazed door', exact: true }));
  await newcomer.button('In a workshop');
  await newcomer.button('Not heated');
  expectWithinTenMinutes('One piece', await newcomer.toAcceptedPlan());
});

test('a start that was begun is still there in another visit, with the line that was not added', async ({ page }) => {
  const newcomer = new Newcomer(page);
  await newcomer.start('Windows');
  await newcomer.button('Sash windows: more');
  await newcomer.button('Flaking');
  await newcomer.type(page.getByLabel('Type what there is, or choose below'), '3 front doors oil gloss');
  await page.goto('/start');
  await expect(page.getByLabel('Type what there is, or choose below')).toHaveValue('3 front doors oil gloss');
  // A line says what kind of job it is.
  await expect(page.getByRole('radio', { name: 'Outside' })).toBeChecked();
  await expect(page.getByText('3 pieces, first day')).toBeVisible();
  await newcomer.button('Start job');
  await newcomer.button('Next: Test');
  await newcomer.button('Next: Build-up');
  await newcomer.button('Take the recommended');
  await expect(page.getByRole('button', { name: 'Next: Quantities' })).toBeVisible();
  // All groups at once are one step back.
  await newcomer.button('Undo');
  await expect(page.getByRole('button', { name: 'Take the recommended' })).toBeVisible();
});

test.describe('where the device says where it is', () => {
  testAlone.use({
    viewport: { width: 390, height: 844 },
    geolocation: { latitude: 57.1497, longitude: -2.0943 },
    permissions: ['geolocation'],
  });

  testAlone('a start takes address and location along', async ({ page }) => {
    const newcomer = new Newcomer(page);
    await newcomer.start('Outside');
    await newcomer.type(page.getByLabel('Address'), '4 Hill Street');
    await newcomer.button('Use my location');
    await expect(page.getByText('57.15°, -2.09°')).toBeVisible();
    await newcomer.button('Start job');
    await newcomer.button('Rooms');
    const rooms = page.getByRole('dialog', { name: 'Rooms' });
    await expect(rooms.getByLabel('Address')).toHaveValue('4 Hill Street');
    await newcomer.type(rooms.getByLabel('Address'), '6 Hill Street');
    await newcomer.button('Done', rooms);
    await page.keyboard.press('a');
    await newcomer.button('Outside');
    // The sun has its place, and asks for none.
    await expect(page.getByRole('heading', { name: 'This week, face by face' })).toBeVisible();
    await expect(page.getByText('Set the job’s location')).toBeHidden();
  });
});

testAlone('the first page comes alive on a device that is too busy ever to be idle', async ({ page }) => {
  await page.addInitScript(() => {
    const never = (tell: IdleRequestCallback, options?: IdleRequestOptions): number =>
      options?.timeout === undefined
        ? 0
        : window.setTimeout(() => tell({ didTimeout: true, timeRemaining: () => 0 }), options.timeout);
    Object.assign(window, { requestIdleCallback: never });
  });
  await page.goto('/');
  await expect(page.getByLabel('Job file')).toBeAttached();
});

// A page that is told that its scripts did not arrive, and has them after a reload.
for (const [address, script] of [
  ['/', 'App'],
  ['/', 'FirstThenApp'],
  ['/', 'Jobs'],
  ['/start', 'App'],
  ['/start', 'client'],
] as const)
  testAlone(
    `a first visit to ${address} on which ${script} does not arrive says so, and a reload mends it`,
    async ({ page }) => {
      const SCRIPT = new RegExp(`/${script}\\.[^/]*\\.js$`);
      await page.route(SCRIPT, (route) => route.abort());
      await page.goto(address);
      const reload = page.getByRole('button', { name: /^Reload/ });
      await expect(reload).toBeVisible();
      const told = page.getByText(/didn’t load/).filter({ visible: true });
      await expect(told).toHaveCount(1);
      await page.unroute(SCRIPT);
      await reload.click();
      await expect(address === '/' ? page.getByLabel('Job file') : page.getByLabel('Job name')).toBeAttached();
      await expect(page.getByText(/didn’t load/)).toBeHidden();
    },
  );
