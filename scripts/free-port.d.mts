/** The first free port of this machine from `from` on; any free one without it. */
export function freePort(from?: number): Promise<number>;
