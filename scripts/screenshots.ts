import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { withBuiltServer } from './built-server.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from './chromium.ts';

/**
 * `npm run screenshots [-- NAME…]`: one picture of every main view, from the demo jobs, into docs/screenshots.
 * Needs a build. `SHOTS` names another folder, for looking.
 */
const folder = process.env.SHOTS ?? fileURLToPath(new URL('../docs/screenshots', import.meta.url));

interface Shot {
  name: string;
  path: string;
  phone?: boolean;
  before?: (page: Page) => Promise<void>;
}

/** Stages, whose hints are put away. */
const STAGES = [
  'walk',
  'test',
  'build-up',
  'quantities',
  'conditions',
  'sequence',
  'plan',
  'today',
  'hang',
  'check',
  'handover',
];

const TERN = 'job=demo-tern-street';
/** A panelled door of the course. */
const DOOR_TO_ORDER = '/practice?view=order&task=course-3-9';
const SHOTS: readonly Shot[] = [
  { name: 'first', path: '/' },
  {
    name: 'start-phone',
    path: '/start',
    phone: true,
    before: async (page) => {
      await page.getByRole('button', { name: 'Cupboard doors: more' }).click();
    },
  },
  {
    name: 'jobs',
    path: '/',
    before: async (page) => {
      for (const job of ['demo-linen-press', 'demo-tern-street']) {
        await page.goto(new URL(`/walk?job=${job}`, page.url()).href);
        await page.getByRole('heading', { name: 'Walk' }).waitFor();
      }
      await page.goto(new URL('/', page.url()).href);
      await page.getByRole('link', { name: 'Linen press' }).waitFor();
    },
  },
  { name: 'walk', path: `/walk?${TERN}&piece=practice-door-4-1` },
  { name: 'test', path: `/test?${TERN}&group=group-5` },
  {
    name: 'build-up',
    path: `/build-up?${TERN}&group=group-12`,
    before: async (page) => {
      const compare = page.getByRole('checkbox', { name: 'compare' });
      for (const index of [0, 1, 2]) await compare.nth(index).check();
      await page.getByRole('region', { name: 'Side by side' }).scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'quantities',
    path: `/quantities?${TERN}`,
    before: async (page) => {
      const enamel = page.getByRole('listitem', { name: 'Trim enamel, acrylic, reed' });
      await enamel.getByText('Boxing, and where to change tins').click();
      await enamel.scrollIntoViewIfNeeded();
    },
  },
  { name: 'sequence-card-phone', path: `/sequence?${TERN}&view=card`, phone: true },
  { name: 'conditions', path: `/conditions?${TERN}` },
  { name: 'conditions-outside', path: `/conditions?${TERN}&view=outside` },
  {
    name: 'sequence',
    path: `/sequence?${TERN}`,
    before: async (page) => {
      await page.getByRole('combobox', { name: 'Painted in' }).click();
      await page.getByRole('option', { name: /^Boiler room/ }).click();
      const slider = page.getByRole('slider', { name: 'Time since the first stroke' });
      await slider.focus();
      for (let step = 0; step < 860; step++) await page.keyboard.press('ArrowRight');
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  { name: 'plan-school', path: `/plan?${TERN}` },
  { name: 'today', path: `/today?${TERN}` },
  { name: 'today-phone', path: `/today?${TERN}`, phone: true },
  { name: 'hang', path: `/hang?${TERN}&piece=practice-door-5-1` },
  { name: 'check', path: `/check?${TERN}&defect=run-1` },
  { name: 'handover', path: `/handover?${TERN}` },
  {
    name: 'practice-painting-phone',
    path: DOOR_TO_ORDER,
    phone: true,
    before: async (page) => {
      const drawing = page.getByRole('img', { name: /to paint by tapping/ });
      for (const part of ['stile-left', 'stile-right', 'rail-0', 'edge-hinge', 'panel-0-0', 'panel-0-1', 'rail-1']) {
        const stroke = drawing.locator(`[data-stroke^="front/${part}"]`).first();
        const [box, at] = [await drawing.boundingBox(), await stroke.getAttribute('data-at')];
        const [x = 0, y = 0] = (at ?? '').split(' ').map(Number);
        if (box) await page.mouse.click(box.x + x, box.y + y);
      }
    },
  },
  {
    name: 'practice-judged',
    path: DOOR_TO_ORDER,
    before: async (page) => {
      await page.getByText('Parts as a list').click();
      const left = page.getByRole('list', { name: 'Left to paint' }).getByRole('button');
      for (let parts = await left.count(); parts > 0; parts--) await left.first().click();
      await page.getByRole('button', { name: 'Check order' }).click();
      await page.getByRole('button', { name: 'Show your oldest lap' }).click();
      await page.getByRole('region', { name: 'Both orders' }).evaluate((node) => node.scrollIntoView());
    },
  },
];

await withBuiltServer(async (address) => {
  mkdirSync(folder, { recursive: true });
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  const wanted = process.argv.slice(2);
  for (const shot of SHOTS.filter(({ name }) => wanted.length === 0 || wanted.includes(name))) {
    const context = await browser.newContext({
      viewport: shot.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
      serviceWorkers: 'block',
      // A door in the middle of its film would be another picture each time.
      reducedMotion: 'reduce',
      locale: 'en-GB',
      timezoneId: 'Europe/Berlin',
    });
    // Pictures show the screens, not what helps at the first use.
    await context.addInitScript((seen) => localStorage.setItem('nivel-hints-seen', seen), STAGES.join(' '));
    const page = await context.newPage();
    page.on('pageerror', (error) => console.error(`${shot.name}: ${error.message}`));
    await page.goto(`${address}${shot.path}`);
    await page.getByRole('main').waitFor();
    await page.waitForLoadState('networkidle');
    await page.getByText(/^Opening /).waitFor({ state: 'hidden' });
    // On a large job the ladder comes after the screen.
    if (shot.path.includes('job=')) await page.getByRole('navigation').first().waitFor();
    await shot.before?.(page);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(700);
    await page.screenshot({ path: `${folder}/${shot.name}.png` });
    console.log(shot.name);
    await context.close();
  }
  await browser.close();
});
