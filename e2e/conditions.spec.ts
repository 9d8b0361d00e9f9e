import { expect, test } from './warm-page.ts';
import { PainterOn } from './painter.ts';

/** A forecast of nine hours of rain on the afternoon of the sixth, and two rows that can't be. */
const FORECAST = [
  'Time;Temperature;RH;Wind km/h;Cloud %;Rain mm',
  ...Array.from({ length: 48 }, (_unused, index) => {
    const [day, hour] = [6 + Math.floor(index / 24), index % 24];
    const rain = day === 6 && hour >= 12 && hour <= 20 ? '1,2' : '0';
    const warm = hour >= 8 && hour <= 18 ? 16 : 12;
    return `2027-03-0${day} ${String(hour).padStart(2, '0')}:00;${warm};55;7,2;90;${rain}`;
  }),
  'tomorrow;16;55;7;90;0',
  '2027-03-08 09:00;16;155;7;90;0',
].join('\n');

test('the question turned round: when it must be painted, and how warm it has to be', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'conditions');
  await page.getByRole('button', { name: 'Drying times' }).click();
  await painter.choose('Product', 'Trim enamel, acrylic (chosen)');
  const stages = page.getByRole('region', { name: 'Ready when' });
  await expect(stages.getByRole('listitem').filter({ hasText: 'recoat' })).toContainText('recoat21:20');

  const turned = page.getByRole('region', { name: 'Work back' });
  await painter.choose('Ready to', 'recoat', turned);
  const by = turned.getByRole('group', { name: 'By' });
  await by.getByRole('spinbutton', { name: 'Hours' }).click();
  await page.keyboard.type('21');
  const latest = turned.getByRole('listitem', { name: 'Paint by' });
  await expect(latest).toContainText(/Too late: it needed painting by Friday 5 March, 1[34]:\d\d/);
  const warmth = turned.getByRole('listitem', { name: 'Heat needed' });
  await expect(warmth).toContainText(/Keep the room at \d\d\.\d °C or above/);

  // Painted at the latest time that it says, it is there by then: the two questions agree.
  const time = /5 March, (\d\d):(\d\d)/.exec((await latest.textContent()) ?? '');
  const painted = page.getByRole('group', { name: 'Painted' });
  await painted.getByRole('spinbutton', { name: 'Hours' }).click();
  await page.keyboard.type(`${time?.[1] ?? ''}${time?.[2] ?? ''}`);
  await expect(stages.getByRole('listitem').filter({ hasText: 'recoat' })).toContainText('recoat21:00');
  await expect(warmth).toContainText('No extra heat needed');

  // A film half as thick again, of a paint that gives its water to the air, takes half as long again and more at night.
  await page.getByLabel('Wet film, µm').fill('137');
  await expect(stages.getByRole('listitem').filter({ hasText: 'recoat' })).not.toContainText('21:00');
});

test('what if it were heated: the waits shrink, and doing it moves the plan', async ({ page }) => {
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'conditions');
  const what = page.getByRole('region', { name: 'What if' });
  const enamel = what.getByRole('row').filter({ hasText: 'Trim enamel, acrylic' }).getByRole('cell').last();
  const waits = async (): Promise<number[]> =>
    [...((await enamel.textContent()) ?? '').matchAll(/([\d.]+) (h|days)(?: (\d\d))?/g)].map(
      ([, number, unit, minutes]) => Number(number) * (unit === 'days' ? 24 : 1) + Number(minutes ?? 0) / 60,
    );
  const [before, after] = await waits();
  expect(after).toBeLessThan((before ?? 0) * 0.85);
  await what.getByLabel('To °C').fill('warm');
  await expect(what.getByText('Type 0 to 40.')).toBeVisible();
  await what.getByLabel('To °C').fill('26');
  await expect.poll(async () => (await waits())[1]).toBeLessThan(after ?? 0);
  await what.getByRole('button', { name: 'Apply' }).click();
  await expect.poll(async () => (await waits())[0]).toBeLessThan((before ?? 0) * 0.85);
  await painter.goTo('Plan');
  await expect(page.getByText('All hung by')).not.toContainText('Thu 11 Mar', { timeout: 20_000 });
});

test('a wet spell from a list with bad rows: told, taken without them, and seen on every outside face', async ({
  page,
}) => {
  await new PainterOn(page).openDemo('demo-tern-street', 'conditions');
  await page.getByRole('button', { name: 'Outside' }).click();
  const yard = page.getByRole('listitem', { name: 'Yard, front, 90° east' }).last();
  await expect(yard.getByRole('button', { name: /^Sat 6: OK to paint 1\d:00/ })).toBeVisible();
  await expect(yard.getByRole('button', { name: 'Tue 9: don’t paint, rain' })).toBeVisible();

  await page.getByRole('button', { name: 'Rooms' }).click();
  await page.getByRole('button', { name: /^Open air, harbour/ }).click();
  const file = { name: 'forecast.csv', mimeType: 'text/csv', buffer: Buffer.from(FORECAST) };
  await page.getByLabel('Hours of Open air, harbour, CSV').setInputFiles(file);
  await expect(page.getByText('forecast.csv: 2 rows can’t be imported.')).toBeVisible();
  await expect(page.getByText('Row 50: Time: can’t read “tomorrow”.')).toBeVisible();
  await expect(page.getByText(/Row 51: Humidity %: 155 – must be 1 to 100/)).toBeVisible();
  await page.getByRole('button', { name: 'Import the 48 good hours' }).click();
  await expect(page.getByText(/^Hourly data for \d+ h \(forecast\.csv/)).toBeVisible();

  // Under cloud there is no sun to wait for, and four hours before the rain nothing may be begun.
  await page.getByRole('button', { name: 'Outside' }).click();
  const saturday = yard.getByRole('button', { name: /^Sat 6: OK to paint/ });
  await expect(saturday).toHaveAccessibleName(/paint \d+:00–8:00/);
  await saturday.click();
  const row = (hour: string) => page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: hour }) });
  await expect(row('07:00')).toContainText('yes');
  await expect(row('08:00')).toContainText('no: rain soon');
  await expect(row('12:00')).toContainText('no: rain');
  await expect(row('12:00')).toContainText('1.2 mm');

  // What went in comes out again, hour by hour.
  await page.getByRole('button', { name: 'Rooms' }).click();
  await page.getByRole('button', { name: /^Open air, harbour/ }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export CSV' }).click();
  const text = await (await (await download).createReadStream()).toArray();
  expect(Buffer.concat(text as Buffer[]).toString()).toContain('2027-03-06 12:00,16,55,2,90,1.2');
});

test('an instrument that is read corrects the forecast of its place', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'conditions');
  const garage = page.getByRole('list', { name: 'Rooms' }).getByRole('button', { name: /^Garage/ });
  await expect(garage).toContainText('19 °C');
  await page.getByRole('button', { name: 'Readings', exact: true }).click();
  const hygrometer = page.getByRole('listitem', { name: 'Thermo-hygrometer' });
  await hygrometer.getByRole('button', { name: 'Hang up' }).click();
  await expect(hygrometer.getByText('settling…')).toBeVisible();
  await expect(hygrometer.getByRole('button', { name: 'Log reading', exact: true })).toBeDisabled();
  await expect(hygrometer.getByText(/dew point/)).toBeVisible({ timeout: 25_000 });
  await hygrometer.getByRole('button', { name: 'Log reading', exact: true }).click();
  const log = page.getByRole('region', { name: 'Readings log' });
  await expect(log.getByRole('row').filter({ hasText: 'Garage' })).toContainText('simulated');

  // One's own instrument counts the same; the last reading stands for this hour.
  await hygrometer.getByLabel('Typed °C').fill('11.5');
  await hygrometer.getByLabel('Typed % RH').fill('cold');
  await hygrometer.getByRole('button', { name: 'Log typed reading' }).click();
  await expect(hygrometer.getByRole('alert')).toHaveText('Humidity: Type a number from 1 to 100.');
  await hygrometer.getByLabel('Typed % RH').fill('72');
  await hygrometer.getByRole('button', { name: 'Log typed reading' }).click();
  await page.getByRole('button', { name: 'Rooms' }).click();
  await expect(garage).toContainText(/1[1-6] °C/);

  // A file of readings is played in; a place that the job does not have is told.
  await page.getByRole('button', { name: 'Readings', exact: true }).click();
  const rows = ['time,place,temperature,humidity', '2027-03-05 14:50,Garage,12,70', '2027-03-05 14:50,Cellar,12,70'];
  await page.getByLabel('Readings, CSV').setInputFiles({
    name: 'readings.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(rows.join('\n')),
  });
  await expect(page.getByText(/Row 3: No room called “Cellar”/)).toBeVisible();
  await page.getByRole('button', { name: 'Import the 1 good one' }).click();
  await expect(log.getByRole('row').filter({ hasText: 'from a file' })).toHaveCount(1);
});
