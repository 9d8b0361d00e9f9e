import { settled } from './accessibility.ts';
import { PainterOn } from './painter.ts';
import { expect, test } from './warm-page.ts';

/** Every view of every stage, by its address. */
const VIEWS: Readonly<Record<string, readonly string[]>> = {
  walk: ['', 'table', 'cut-list'],
  test: ['', 'surer'],
  'build-up': ['', 'shelf', 'protection'],
  quantities: ['', 'take-off', 'mixes', 'price'],
  conditions: ['', 'outside', 'clock', 'instruments'],
  sequence: ['', 'compare', 'turning', 'card'],
  plan: ['', 'days', 'dates', 'why', 'sooner', 'risk', 'changes', 'settings', 'day-sheet'],
  today: [''],
  hang: ['', 'labels'],
  check: ['', 'defects', 'film'],
  handover: ['', 'care', 'coats', 'inspection', 'left', 'real'],
};

/** Phones as they are sold, the widest first. */
const WIDTHS = [430, 390, 360, 320];

test('nothing is wider than a phone, on any view', async ({ page }) => {
  test.setTimeout(240_000);
  const wider = async (what: string): Promise<void> => {
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 740 });
      if (width === WIDTHS[0]) await settled(page);
      const by = await page.evaluate(
        () =>
          new Promise<number>((done) =>
            requestAnimationFrame(() =>
              requestAnimationFrame(() => done(document.documentElement.scrollWidth - window.innerWidth)),
            ),
          ),
      );
      expect.soft(by, `${what} is wider than ${width} px`).toBeLessThanOrEqual(0);
    }
  };
  const painter = await new PainterOn(page).openDemo('demo-linen-press', 'walk');
  for (const [stage, views] of Object.entries(VIEWS)) {
    for (const view of views) {
      await painter.goAlong(view === '' ? stage : `${stage}?view=${view}`);
      await wider(`${stage} ${view}`);
    }
  }
  // The list of jobs, with a job of many pieces in it.
  await new PainterOn(page).openDemo('demo-tern-street', 'walk');
  for (const address of [
    '/',
    '/start',
    '/guide',
    '/guide/build-up',
    '/guide/methods',
    '/guide/sequence',
    '/guide/keys',
  ]) {
    await page.goto(address);
    await wider(address);
  }
});
