import type { Reporter, TestCase, TestResult } from '@playwright/test/reporter';

const TOLD = 10;

/** A reporter of the browser tests that tells at the end which took longest. */
export default class SlowestTests implements Reporter {
  readonly #ended: { name: string; milliseconds: number }[] = [];

  onTestEnd({ title, parent }: TestCase, { duration }: TestResult): void {
    this.#ended.push({ name: `${parent.title}: ${title}`, milliseconds: duration });
  }

  onEnd(): void {
    console.log(`${this.#ended.length} browser tests. The slowest:`);
    const slowest = this.#ended.sort((one, other) => other.milliseconds - one.milliseconds).slice(0, TOLD);
    for (const { name, milliseconds } of slowest) console.log(`  ${(milliseconds / 1000).toFixed(1)} s  ${name}`);
  }

  printsToStdio(): boolean {
    return false;
  }
}
