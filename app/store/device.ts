import { nanoid } from 'nanoid';

const KEY = 'nivel-device';

/** This browser's own id, by which stamps of several devices are told apart; made when first asked for. */
export function deviceId(): string {
  const known = localStorage.getItem(KEY);
  if (known !== null) return known;
  const made = nanoid(8);
  localStorage.setItem(KEY, made);
  return made;
}
