import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type axe from 'axe-core';
import { expect, type Page } from '@playwright/test';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What is read: by every rule of these, or by how colours stand off from each other alone. */
const WHAT = {
  all: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] },
  contrast: { type: 'rule', values: ['color-contrast'] },
} as const satisfies Record<string, axe.RunOnly>;

/** Elements of one look that are read in a list or drawing: the others say and show the same. */
const ALIKE_READ = 3;
/** Rows of one table, or entries of one list, that are read at all. */
const MOST_ROWS = 12;
/** Lists of no more than these are read whole. */
const SHORT_LIST = 8;

/** Reads what stands on a page with the eyes of whoever hears it, or sees little of it. */
export class AccessibilityReader {
  readonly #page: Page;

  constructor(page: Page) {
    this.#page = page;
  }

  /** What there is against what stands on the page, a line a rule. What repeats itself is not read again. */
  async faults(what: keyof typeof WHAT, where: string): Promise<string[]> {
    await settled(this.#page);
    if (!(await this.#page.evaluate(() => 'axe' in window))) await this.#page.evaluate(AXE);
    const found = await this.#page.evaluate(
      async ([runOnly, alikeRead, shortList, mostRows]) => {
        // Elements look alike when only their words and sizes differ.
        const looks = (element: Element): string => {
          const { color, background, fill, stroke } = (element as HTMLElement).style;
          const drawn = ['class', 'role', 'fill', 'stroke'].map((name) => element.getAttribute(name));
          const own = [element.tagName, ...element.getAttributeNames(), ...drawn, color, background, fill, stroke];
          return `${own.join(' ')}(${Array.from(element.children, looks).join()})`;
        };
        const alike = Array.from(document.querySelectorAll('body *'), ({ children }) => {
          if (children.length <= shortList) return [];
          const seen = new Map<string, number>();
          let rows = 0;
          return Array.from(children).filter((element) => {
            const look = looks(element);
            const before = seen.get(look) ?? 0;
            seen.set(look, before + 1);
            return before >= alikeRead || (element.matches('tr, li') && ++rows > mostRows);
          });
        }).flat();
        const places = alike.map((element) => [element.parentNode, element.nextSibling, element] as const);
        for (const element of alike) element.remove();
        const reader = (window as unknown as { axe: typeof axe }).axe;
        const { violations } = await reader.run({ runOnly, resultTypes: ['violations'] } as axe.RunOptions);
        for (const [parent, next, element] of places.reverse()) parent?.insertBefore(element, next);
        return violations.map(
          ({ id, nodes }) =>
            `${id} at ${nodes[0]?.target.join(' ') ?? ''} (${nodes.length}) ${nodes[0]?.failureSummary ?? ''}`,
        );
      },
      [WHAT[what], ALIKE_READ, SHORT_LIST, MOST_ROWS] as const,
    );
    return found.map((line) => `${where}: ${line}`);
  }

  /** Expects that nothing is against what stands on the page, and goes on where something is. */
  async expectNone(what: keyof typeof WHAT, where: string): Promise<void> {
    expect.soft(await this.faults(what, where)).toEqual([]);
  }
}

/** Pictures for which nothing is added to a page or taken from it before it counts as drawn. */
const STILL_FOR = 3;
/** Ms after which a picture is looked at though the page is not idle. */
const IDLE_WITHIN = 300;
/** Pictures after which what goes on moving, as a clock does, is taken as it is. */
const MOST_PICTURES = 120;

/** Waits until a page has drawn all that it has to draw. */
export async function settled(page: Page): Promise<void> {
  await page.evaluate(
    ([stillFor, most, timeout]) =>
      new Promise<void>((done) => {
        let nodes = -1;
        let still = 0;
        const look = (picture: number): void => {
          const now = document.querySelectorAll('*').length;
          still = now === nodes ? still + 1 : 0;
          nodes = now;
          if (still >= stillFor || picture > most) done();
          else requestAnimationFrame(() => requestIdleCallback(() => look(picture + 1), { timeout }));
        };
        look(0);
      }),
    [STILL_FOR, MOST_PICTURES, IDLE_WITHIN] as const,
  );
}
