import { spawn, type ChildProcess } from 'node:child_process';
import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM_ARGUMENTS, chromiumPath } from '../chromium.ts';

/** A whole browser with a profile of its own, which can be killed at any moment like a phone whose battery dies. */
export class KillableBrowser {
  readonly #process: ChildProcess;
  readonly #browser: Browser;
  readonly page: Page;

  private constructor(process: ChildProcess, browser: Browser, page: Page) {
    this.#process = process;
    this.#browser = browser;
    this.page = page;
  }

  static async open(profile: string): Promise<KillableBrowser> {
    const own = spawn(
      chromiumPath(),
      [
        ...CHROMIUM_ARGUMENTS,
        `--user-data-dir=${profile}`,
        '--remote-debugging-port=0',
        '--window-size=1280,800',
        'about:blank',
      ],
      // A group of its own: all of its processes die at once.
      { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
    );
    const address = await new Promise<string>((found, fail) => {
      let said = '';
      own.stderr.on('data', (part: Buffer) => {
        said += part.toString();
        const match = /DevTools listening on (ws:\S+)/.exec(said);
        if (match?.[1]) found(match[1]);
      });
      own.on('exit', () => fail(new Error(`The browser did not start: ${said}`)));
    });
    const browser = await chromium.connectOverCDP(address);
    const context = browser.contexts()[0] ?? (await browser.newContext());
    return new KillableBrowser(own, browser, context.pages()[0] ?? (await context.newPage()));
  }

  /** Another tab of the same browser. */
  async tab(): Promise<Page> {
    return this.page.context().newPage();
  }

  /** Kills every process of it, without a word to any. */
  async kill(): Promise<void> {
    const gone = new Promise((over) => this.#process.once('exit', over));
    if (this.#process.pid !== undefined) process.kill(-this.#process.pid, 'SIGKILL');
    await gone;
    await this.#browser.close().catch(() => undefined);
  }

  /** Kills the process that draws a page, as the system does when memory is short. */
  async killTab(page: Page): Promise<void> {
    const session = await page.context().newCDPSession(page);
    const crashed = page.waitForEvent('crash');
    session.send('Page.crash').catch(() => undefined);
    await crashed;
    await page.close();
  }
}
