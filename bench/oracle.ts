import { readFileSync } from 'node:fs';
import type * as MiniZincModule from 'minizinc';
import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../scripts/chromium.ts';
import type { PlanProblem } from '../core/scheduling/problem.ts';
import { oracleModel, planOf, type OracleAnswer } from './oracle-model.ts';

type MiniZinc = typeof MiniZincModule;

const ORIGIN = 'http://oracle.invalid/';
const CONTENT_TYPES: Readonly<Record<string, string>> = {
  mjs: 'text/javascript',
  js: 'text/javascript',
  wasm: 'application/wasm',
  data: 'application/octet-stream',
};

export interface OracleFound {
  /** Whether nothing better exists; otherwise the time was up. */
  isProved: boolean;
  /** The best it found before the horizon; null where it found none. */
  plan: ReturnType<typeof planOf> | null;
}

/**
 * A second program that solves planning problems: Chuffed, a solver by constraints and learning, from the package
 * `minizinc`, whose WebAssembly runs in Chromium.
 */
export class Oracle {
  readonly #browser: Browser;
  readonly #page: Page;

  private constructor(browser: Browser, page: Page) {
    this.#browser = browser;
    this.#page = page;
  }

  static async open(): Promise<Oracle> {
    const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_ARGUMENTS });
    const context = await browser.newContext();
    await context.route(`${ORIGIN}**`, (route) => {
      const name = new URL(route.request().url()).pathname.slice(1);
      if (name === '') return route.fulfill({ contentType: 'text/html', body: '<!doctype html>' });
      return route.fulfill({
        contentType: CONTENT_TYPES[name.split('.').at(-1) ?? ''] ?? 'text/plain',
        body: readFileSync(new URL(`../node_modules/minizinc/dist/${name}`, import.meta.url)),
      });
    });
    const page = await context.newPage();
    await page.goto(ORIGIN);
    return new Oracle(browser, page);
  }

  /** The earliest finish of a problem before a horizon, looked for so many seconds. Throws where the model is refused. */
  async solve(problem: PlanProblem, horizon: number, seconds: number): Promise<OracleFound> {
    const model = oracleModel(problem, horizon);
    const { isProved, answer, refused } = await this.#page.evaluate(
      async ({ text, limit, module }) => {
        const { Model } = (await import(module)) as MiniZinc;
        const asked = new Model();
        asked.addFile('plan.mzn', text);
        const run = asked.solve({ jsonOutput: true, options: { solver: 'chuffed', 'free-search': true } });
        // What is wrong with a model is told by events; the promise only says that it failed.
        const told: { answer: unknown; refused: string[] } = { answer: null, refused: [] };
        run.on('solution', ({ output }) => (told.answer = output.json ?? null));
        run.on('error', (error) => told.refused.push(JSON.stringify(error)));
        // Its own limit of time is not kept to while it propagates.
        const timer = setTimeout(() => run.cancel(), limit);
        try {
          const { status } = await run;
          return { isProved: status === 'OPTIMAL_SOLUTION' || status === 'UNSATISFIABLE', ...told };
        } catch {
          return { isProved: false, ...told };
        } finally {
          clearTimeout(timer);
        }
      },
      { text: model, limit: seconds * 1000, module: `${ORIGIN}minizinc.mjs` },
    );
    if (refused.length > 0) throw new Error(refused.join('\n'));
    return { isProved, plan: answer === null ? null : planOf(problem, answer as OracleAnswer) };
  }

  close(): Promise<void> {
    return this.#browser.close();
  }
}
