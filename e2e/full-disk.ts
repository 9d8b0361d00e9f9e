import type { Page } from '@playwright/test';

/** Has the database take nothing from here on, as on a full disk; runs before the page's own scripts. */
export function fillableDisk(): void {
  const full = (): boolean => (window as unknown as { isFull?: boolean }).isFull === true;
  for (const name of ['add', 'put'] as const) {
    const given = IDBObjectStore.prototype[name];
    IDBObjectStore.prototype[name] = function (...args: Parameters<typeof given>) {
      if (full()) throw new DOMException('no room', 'QuotaExceededError');
      return given.apply(this, args);
    };
  }
  const set = Storage.prototype.setItem;
  Storage.prototype.setItem = function (...args) {
    if (full()) throw new DOMException('no room', 'QuotaExceededError');
    set.apply(this, args);
  };
}
/** Fills the disk of a page, or makes room on it. */
export const setFull = (page: Page, isFull: boolean): Promise<void> =>
  page.evaluate((full) => {
    (window as unknown as { isFull: boolean }).isFull = full;
  }, isFull);
