import { chromium, type Page } from '@playwright/test';
import { ukTermsIn, VOCABULARIES, type Vocabulary } from '../core/units/vocabulary.ts';
import { withBuiltServer } from './built-server.ts';
import { CHROMIUM_ARGUMENTS, chromiumPath } from './chromium.ts';

/**
 * `npm run texts [-- JOB-PART …]`: every text of every screen, as it stands in the running app, to be read from top to
 * bottom: both demo jobs, in UK terms and in US terms, with what is folded opened. Marks sentences that are too long,
 * and UK terms in a US job. Needs a build.
 */
const STAGES = 'walk test build-up quantities conditions sequence plan today hang check handover'.split(' ');
const JOBS = ['demo-linen-press', 'demo-tern-street'] as const;
/** What is no view of its own, but a screen. */
const MORE: Readonly<Record<string, readonly string[]>> = {
  'demo-linen-press': [
    'walk?piece=press-door-1',
    'hang?piece=press-door-1',
    'check?piece=press-door-1',
    'plan?view=day-sheet',
  ],
  'demo-tern-street': ['check?defect=run-1', 'hang?piece=practice-door-4-1'],
};
const MAX_WORDS = 20;

/** All that a screen tells eyes and screen readers, a line each. */
async function textsOf(page: Page): Promise<string[]> {
  await page.evaluate(() => document.querySelectorAll('details').forEach((fold) => (fold.open = true)));
  await page.waitForTimeout(150);
  // Without a name for the inner function: a transpiler would wrap one in a helper that the page has not.
  return page.evaluate(() =>
    [...document.body.querySelectorAll('*')]
      .filter((element) => !['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(element.tagName))
      .flatMap((element) => [
        [...element.childNodes]
          .filter((node) => node.nodeType === Node.TEXT_NODE || ['STRONG', 'EM', 'B', 'CODE'].includes(node.nodeName))
          .map((node) => node.textContent ?? '')
          .join(''),
        ...['aria-label', 'placeholder', 'title', 'alt'].map((name) => element.getAttribute(name) ?? ''),
      ])
      .map((line) => line.replaceAll(/\s+/g, ' ').trim())
      .filter((line) => /\p{L}{2}/u.test(line)),
  );
}

/** Tags, spans of them and lists of them: looked at, and not read word by word. */
const TAGS = /\b[A-Z]-\d+(?: to [A-Z]-\d+)?(?:, [A-Z]-\d+(?: to [A-Z]-\d+)?)*/g;

/** What is wrong with a text by rule; empty where nothing is. */
function faultsOf(text: string, vocabulary: Vocabulary): string[] {
  const long = text
    .replaceAll(TAGS, 'tags')
    .split(/(?<=[.?!])\s/)
    .filter((sentence) => sentence.split(/\s+/).length > MAX_WORDS);
  const terms = vocabulary === 'us' ? ukTermsIn(text) : [];
  return [...(long.length > 0 ? [`over ${MAX_WORDS} words`] : []), ...terms];
}

async function readJob(page: Page, address: string, job: string, vocabulary: Vocabulary): Promise<void> {
  const seen = new Set<string>();
  const read = async (where: string): Promise<void> => {
    console.log(`\n## ${job}, ${vocabulary}: ${where}`);
    for (const text of await textsOf(page)) {
      if (seen.has(text)) continue;
      seen.add(text);
      const faults = faultsOf(text, vocabulary);
      console.log(faults.length > 0 ? `!! ${text}   [${faults.join(', ')}]` : text);
    }
  };
  const show = async (screen: string): Promise<void> => {
    await page.goto(`${address}/${screen}${screen.includes('?') ? '&' : '?'}job=${job}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(400);
  };
  for (const stage of STAGES) {
    await show(stage);
    const views = page.getByRole('group', { name: 'View' }).getByRole('button');
    const names = await views.allInnerTexts();
    await read(stage);
    for (const name of names.slice(1)) {
      await views.filter({ hasText: new RegExp(`^${name}$`) }).click();
      await page.waitForLoadState('networkidle');
      await page.waitForTimeout(300);
      await read(`${stage}, ${name}`);
    }
  }
  for (const screen of MORE[job] ?? []) {
    await show(screen);
    await read(screen);
  }
}

await withBuiltServer(async (address) => {
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
  const asked = process.argv.slice(2);
  for (const vocabulary of VOCABULARIES) {
    for (const job of JOBS.filter(
      (each) => asked.length === 0 || asked.some((part) => `${each} ${vocabulary}`.includes(part)),
    )) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 900 }, serviceWorkers: 'block' });
      await page.goto(`${address}/walk?job=${job}`);
      await page.getByRole('heading', { level: 1 }).waitFor();
      if (vocabulary === 'us') {
        await page.getByRole('button', { name: 'Settings' }).click();
        await page.getByRole('button', { name: 'US terms' }).click();
        await page.keyboard.press('Escape');
      }
      await readJob(page, address, job, vocabulary);
      await page.close();
    }
  }
  await browser.close();
});
