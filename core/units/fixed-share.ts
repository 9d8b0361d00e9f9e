/** A number from 0 to 1 that is the same for the same text (FNV-1a, then mixed): for what is simulated and must repeat. */
export function fixedShare(text: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193) >>> 0;
  // Texts that differ in their last letter alone would else lie close together.
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d) >>> 0;
  hash = Math.imul(hash ^ (hash >>> 12), 0x297a2d39) >>> 0;
  return ((hash ^ (hash >>> 15)) >>> 0) / 0xffffffff;
}
