import { chromium } from '@playwright/test';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { CHROMIUM_ARGUMENTS, chromiumPath } from './chromium.ts';

/**
 * `npm run icons`: draws the app’s icons as PNG from its SVG, for home screens that take no SVG. A maskable icon and
 * Apple’s fill the whole square, since the device cuts it to its own shape: the drawing keeps to the middle of it. `ICONS` names another folder, to try it.
 */
const folder = process.env.ICONS ?? fileURLToPath(new URL('../app/public/icons', import.meta.url));
const svg = readFileSync(new URL('../app/public/vial.svg', import.meta.url), 'utf8');

const ICONS: readonly { name: string; size: number; isFilled: boolean }[] = [
  { name: 'icon-192', size: 192, isFilled: false },
  { name: 'icon-512', size: 512, isFilled: false },
  { name: 'icon-maskable-512', size: 512, isFilled: true },
  { name: 'apple-touch-icon', size: 180, isFilled: true },
];
/** Share of a filled icon that no device cuts away. */
const SAFE = 0.8;

mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({ executablePath: chromiumPath(), args: [...CHROMIUM_ARGUMENTS] });
const page = await browser.newPage();
for (const { name, size, isFilled } of ICONS) {
  const drawn = isFilled ? Math.round(size * SAFE) : size;
  await page.setViewportSize({ width: size, height: size });
  await page.setContent(
    `<body style="margin:0;display:grid;place-items:center;height:100vh;background:${isFilled ? '#0e4f49' : 'transparent'}">${svg.replace('<svg ', `<svg width="${drawn}" height="${drawn}" `)}</body>`,
  );
  writeFileSync(`${folder}/${name}.png`, await page.screenshot({ omitBackground: true }));
}
await browser.close();
console.log(`${ICONS.length} icons`);
