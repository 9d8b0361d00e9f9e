import { nanoid } from 'nanoid';

import { keepLocally, local } from './local.ts';

const KEY = 'nivel-device';

/** This browser's own id, by which stamps of several devices are told apart; made when first asked for. */
export function deviceId(): string {
  const known = local.getItem(KEY);
  if (known !== null) return known;
  const made = nanoid(8);
  keepLocally(KEY, made);
  return made;
}
