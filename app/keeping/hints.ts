import { keepLocally, local } from './local.ts';

const KEY = 'nivel-hints-seen';

const seen = (): string[] => (local.getItem(KEY) ?? '').split(' ').filter(Boolean);

/** Whether a hint was dismissed on this device. */
export const isHintSeen = (id: string): boolean => seen().includes(id);

/** Puts a hint away for good. */
export const putHintAway = (id: string): void => keepLocally(KEY, [...new Set([...seen(), id])].join(' '));
