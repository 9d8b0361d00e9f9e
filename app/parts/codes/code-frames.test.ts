import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { codeFrames, NO_FRAMES, textOfFrames, withFrame } from './code-frames.ts';

test('a text comes back from its codes in whatever order, and however often, they are seen', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 6000, unit: 'grapheme' }), fc.infiniteStream(fc.nat()), (text, choices) => {
      const frames = codeFrames(text + Array.from({ length: 400 }, (_none, index) => Math.sin(index)).join());
      let read = NO_FRAMES;
      for (let looks = 0; textOfFrames(read) === null && looks < 10_000; looks++) {
        const [choice = 0] = choices.take(1);
        read = withFrame(read, frames[(choice + looks) % frames.length] ?? '');
      }
      const back = textOfFrames(read);
      assert.ok(back?.ok);
      assert.ok(back.value.startsWith(text));
    }),
    { numRuns: 60 },
  );
});

test('codes of something else, or of another text, do not get mixed in', () => {
  const [first] = codeFrames('one'.repeat(20));
  assert.equal(withFrame(NO_FRAMES, 'https://example.org'), NO_FRAMES);
  assert.equal(withFrame(NO_FRAMES, 'NV1.x.7.3.abc'), NO_FRAMES);
  const one = withFrame(NO_FRAMES, first ?? '');
  const other = withFrame(one, codeFrames('other'.repeat(20))[0] ?? '');
  const text = textOfFrames(other);
  assert.ok(text?.ok && text.value.startsWith('other'));
  // A code of which a part was read wrongly is told, not taken.
  const spoiled = textOfFrames(withFrame(NO_FRAMES, `${first?.slice(0, -2) ?? ''}AA`));
  assert.ok(spoiled && !spoiled.ok);
});
