import { database } from './database.ts';
import { isLocalRefused } from './local.ts';
import { reasonOf } from './reason.ts';

const ALLOW =
  'Allow cookies and site data for this address in the browser’s settings, or leave the private window, and load the page again.';

let found: Promise<string | null> | null = null;

/** Why this browser keeps nothing, and what to allow; null where it does. Asked once. */
export const storageFault = (): Promise<string | null> => (found ??= look());

async function look(): Promise<string | null> {
  try {
    // Some browsers throw at the name alone.
    if (typeof indexedDB === 'undefined') return `This browser keeps no data for Nivel. ${ALLOW}`;
    await database.open();
  } catch (error) {
    return `This browser keeps no data for Nivel (${reasonOf(error)}). ${ALLOW}`;
  }
  return isLocalRefused ? `This browser keeps no settings and no half-typed fields for Nivel. ${ALLOW}` : null;
}
