import { Inflate, deflateSync, strFromU8, strToU8 } from 'fflate';
import { MAX_JOB_FILE } from '../../core/exchange/job-file.ts';
import { accepted, refused, type Outcome } from '../../core/units/outcome.ts';

/** What a packed file begins with: a line for whoever opens it elsewhere, then the job. */
const HEAD = 'Nivel job. Open it in Nivel: Import.\nnivel.packed/1 ';
/** Bytes that are unpacked at a time, so that a file that swells is noticed before it fills the memory. */
const CHUNK = 16_384;

/** A file’s text packed into plain text, a tenth as long: small enough for a message, and of a kind that every share sheet takes. */
export function packedText(text: string): string {
  const bytes = deflateSync(strToU8(text), { level: 9 });
  return HEAD + btoa(strFromU8(bytes, true));
}

/** Whether a text says of itself that it is packed. */
export const isPacked = (text: string): boolean => text.startsWith(HEAD);

/** The text of a file, unpacked where it is packed; refuses what is broken, and what is longer than `largest` bytes. */
export function unpackedText(text: string, largest: number = MAX_JOB_FILE): Outcome<string> {
  if (!isPacked(text)) return accepted(text);
  let length = 0;
  const parts: Uint8Array[] = [];
  try {
    const bytes = strToU8(atob(text.slice(HEAD.length).trim()), true);
    const inflate = new Inflate((part) => {
      length += part.length;
      parts.push(part);
    });
    for (let at = 0; at < bytes.length && length <= largest; at += CHUNK)
      inflate.push(bytes.subarray(at, at + CHUNK), at + CHUNK >= bytes.length);
  } catch {
    return refused('Part of the file is missing. Send it again.');
  }
  if (length > largest)
    return refused(`The file unpacks to more than ${largest / 1e6} MB. Choose a file that Nivel sent.`);
  const whole = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return accepted(strFromU8(whole));
}
