import { forgetfulStorage } from './forgetful-storage.ts';

function browsers(): Storage | null {
  try {
    return localStorage;
  } catch {
    // Cookies and site data are blocked.
    return null;
  }
}

const own = browsers();

/** Whether the browser refuses its synchronous storage. */
export const isLocalRefused = own === null;

/** The browser's synchronous storage; where it is refused, one that lasts as long as the tab. */
export const local: Storage = own ?? forgetfulStorage();

/** Keeps a setting of this device; on a full disk it lasts as long as the tab shows it. */
export function keepLocally(key: string, value: string): void {
  try {
    local.setItem(key, value);
  } catch {
    // A setting is not worth a word; what is stated of a job is kept elsewhere.
  }
}
