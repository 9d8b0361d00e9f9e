import { database } from './database.ts';
import { isLocalRefused } from './local.ts';
import { reasonOf } from './reason.ts';

const ALLOW = 'Allow cookies and site data for this address, or leave the private window. Then reload.';

let found: Promise<string | null> | null = null;

/** Why this browser keeps nothing, and what to allow; null where it does. Asked once. */
export const storageFault = (): Promise<string | null> => (found ??= look());

async function look(): Promise<string | null> {
  try {
    // Some browsers throw at the name alone.
    if (typeof indexedDB === 'undefined') return `This browser won’t let Nivel save. ${ALLOW}`;
    await database.open();
  } catch (error) {
    return `This browser won’t let Nivel save: ${reasonOf(error)}. ${ALLOW}`;
  }
  return isLocalRefused ? `This browser won’t save settings or unfinished fields. ${ALLOW}` : null;
}
