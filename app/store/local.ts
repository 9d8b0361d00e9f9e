/** A storage that forgets with the tab, for browsers that refuse one that does not. */
function forgetful(): Storage {
  const kept: Record<string, string> = {};
  return Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, value: string) => Object.assign(kept, { [key]: value }) },
    removeItem: { value: (key: string) => Reflect.deleteProperty(kept, key) },
  }) as unknown as Storage;
}

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
export const local: Storage = own ?? forgetful();

/** Keeps a setting of this device; on a full disk it lasts as long as the tab shows it. */
export function keepLocally(key: string, value: string): void {
  try {
    local.setItem(key, value);
  } catch {
    // A setting is not worth a word; what is stated of a job is kept elsewhere.
  }
}
