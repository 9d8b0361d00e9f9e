import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';

const HEAD = 'NV1';
/**
 * Characters in one code: about 85 modules a side, five pixels each where the code fills a picture of 480. With 1000 the
 * reader loses most codes even of a still picture.
 */
const FRAME = 600;
/** More than this, in characters, is no day. */
const MAX_CHARACTERS = 400_000;

/** FNV-1a over a text, in base 36: by it frames of one text know each other. */
function markOf(text: string): string {
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193) >>> 0;
  return hash.toString(36);
}

const toBase64 = (bytes: Uint8Array): string => btoa(strFromU8(bytes, true));
const fromBase64 = (text: string): Uint8Array => strToU8(atob(text), true);

/** A text as codes to be shown one after another: packed, numbered, and marked as belonging together. */
export function codeFrames(text: string): string[] {
  const packed = toBase64(deflateSync(strToU8(text), { level: 9 }));
  const mark = markOf(packed);
  const count = Math.max(1, Math.ceil(packed.length / FRAME));
  return Array.from(
    { length: count },
    (_none, index) => `${HEAD}.${mark}.${index + 1}.${count}.${packed.slice(index * FRAME, (index + 1) * FRAME)}`,
  );
}

/** Codes that were read so far, in whatever order; `mark` tells apart what belongs together. */
export interface ReadFrames {
  mark: string | null;
  count: number;
  parts: ReadonlyMap<number, string>;
}

export const NO_FRAMES: ReadFrames = { mark: null, count: 0, parts: new Map() };

/** Adds a code that was read; a code of something else begins anew, and what is no code of Nivel's changes nothing. */
export function withFrame(read: ReadFrames, code: string): ReadFrames {
  const [head, mark, number, count, part] = code.split('.');
  const [index, all] = [Number(number), Number(count)];
  if (head !== HEAD || mark === undefined || part === undefined) return read;
  if (!(index >= 1 && index <= all && all * FRAME <= MAX_CHARACTERS)) return read;
  const before = read.mark === mark && read.count === all ? read.parts : new Map<number, string>();
  if (before.has(index)) return read;
  return { mark, count: all, parts: new Map([...before, [index, part]]) };
}

/** The text, once all its codes are read; null before that; a refusal where they do not fit together. */
export function textOfFrames({ mark, count, parts }: ReadFrames): Outcome<string> | null {
  if (mark === null || parts.size < count) return null;
  const packed = Array.from({ length: count }, (_none, index) => parts.get(index + 1) ?? '').join('');
  if (markOf(packed) !== mark) return refused('Misread codes. Hold the camera still and start again.');
  try {
    return accepted(strFromU8(inflateSync(fromBase64(packed))));
  } catch {
    return refused('These codes are from two files. Start again.');
  }
}
