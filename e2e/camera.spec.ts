import { readFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { tmpdir } from 'node:os';
import { expect, test } from '@playwright/test';
import { codeFrames } from '../app/parts/codes/code-frames.ts';
import { writeStampsFile } from '../core/exchange/day-file.ts';
import { readJobFile } from '../core/exchange/job-file.ts';
import { labelCode } from '../core/hanging/label-strip.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../scripts/chromium.ts';
import { writeCameraFilm } from './camera-film.ts';
import { PainterOn } from './painter.ts';

/** The simulated camera sees a label of the press, and then the stamps of another phone, code by code. */
const FILM = `${tmpdir()}/nivel-camera-${process.pid}.y4m`;
const read = readJobFile(readFileSync(new URL('../demo/linen-press.nivel.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.message);
const press = read.value;
const door = press.pieces.find(({ mark }) => mark === 'C-02');
if (!door) throw new Error('The press has no C-02.');
/** Ids that do not pack, so that there is more than one code of them. */
const entries = Array.from({ length: 60 }, (_none, index) => ({
  id: createHash('sha256').update(String(index)).digest('hex').slice(0, 40),
  at: `2027-03-01T08:${String(index).padStart(2, '0')}`,
  taskId: `${door.id}/wash`,
  event: index === 59 ? 'done' : 'partly',
  by: null,
  minutes: 1,
  share: index === 59 ? 1 : 0.5,
  device: 'other-phone',
}));
const stamps = writeStampsFile({ ...press, log: entries as typeof press.log }, 'other-phone', '2027-03-01T09:00:00Z');
const series = codeFrames(stamps);

test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  permissions: ['camera'],
  launchOptions: {
    executablePath: chromiumPath(),
    args: [
      ...CHROMIUM_ARGUMENTS,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${FILM}`,
    ],
  },
});

test('the camera reads a label and opens its piece', async ({ page }) => {
  await new PainterOn(page).openDemo('demo-linen-press', 'hang');
  await page.getByRole('button', { name: 'Scan' }).click();
  await expect(page).toHaveURL(new RegExp(`piece=${door.id}`), { timeout: 40_000 });
  await expect(page.getByRole('region', { name: 'Bag C-02' })).toBeVisible();
});

test('the camera reads the stamps of another phone, code by code, and takes them in', async ({ page }) => {
  expect(series.length).toBeGreaterThan(1);
  await new PainterOn(page).openDemo('demo-linen-press', 'today');
  await page.getByRole('button', { name: 'Two devices' }).click();
  await page.getByRole('button', { name: 'Use camera' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText(
    '60 new entries loaded. Duplicates skipped.',
    {
      timeout: 60_000,
    },
  );
});

writeCameraFilm(FILM, [labelCode(press.id, door), ...series]);
