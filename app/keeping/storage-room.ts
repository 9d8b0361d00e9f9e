/** How much of the device Nivel uses, and whether the browser promises to keep it. */
export interface Room {
  isPersistent: boolean;
  /** Whether the browser can be asked to. */
  canAsk: boolean;
  /** Bytes; undefined where the browser does not say. */
  used?: number;
  left?: number;
}

/** What the browser says of the room that it gives. */
export async function readRoom(): Promise<Room> {
  // Some browsers, and pages that are not secure, have no such manager.
  const manager = navigator.storage as Partial<StorageManager> | undefined;
  const [isPersistent, estimate] = await Promise.all([
    manager?.persisted?.().catch(() => false) ?? false,
    manager?.estimate?.().catch(() => null) ?? null,
  ]);
  const room: Room = { isPersistent, canAsk: manager?.persist !== undefined };
  if (estimate?.usage === undefined) return room;
  return { ...room, used: estimate.usage, left: Math.max(0, (estimate.quota ?? 0) - estimate.usage) };
}

/** Asks the browser to keep what lies here until the painter removes it: whether it will. It may ask the painter first. */
export async function askToKeep(): Promise<boolean> {
  const manager = navigator.storage as Partial<StorageManager> | undefined;
  return (await manager?.persist?.().catch(() => false)) ?? false;
}
