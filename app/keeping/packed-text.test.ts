import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import fc from 'fast-check';
import { isPacked, packedText, unpackedText } from './packed-text.ts';

const unpacked = (text: string, largest?: number): string => {
  const read = unpackedText(text, largest);
  return read.ok ? read.value : `refused: ${read.message}`;
};

test('what is packed comes out again, and what is not packed stays as it is', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      assert.equal(unpacked(packedText(text)), text);
      if (!isPacked(text)) assert.equal(unpacked(text), text);
    }),
  );
});

test('a job is a fifth as long, and a cut or a swelling file is refused', () => {
  const job = readFileSync('demo/linen-press.nivel.json', 'utf8');
  const packed = packedText(job);
  assert.ok(packed.length < job.length / 5, `${packed.length} of ${job.length}`);
  assert.equal(unpacked(packed), job);
  assert.notEqual(unpacked(packed.slice(0, -400)), job);
  assert.match(unpacked(`${packed.slice(0, 60)}%%%`), /^refused: Part of the file is missing/);
  assert.match(unpacked(packedText('a'.repeat(3_000_000)), 1_000_000), /^refused: .*more than 1 MB/);
});
