import assert from 'node:assert/strict';
import { test } from 'node:test';
import { searchEntries } from './search-entries.ts';

test('a page is found by its question, its headings and its words, without its make-up', () => {
  const body =
    "import A from './a.tsx';\n\nFirst **look**.\n\n<A client:visible />\n\n## How it’s done\n\nSee [there](x.png).\n";
  assert.deepEqual(searchEntries({ id: 'plan', title: 'Plan', question: 'When?', body }), [
    { address: '/guide/plan', words: 'Plan: When?', text: 'First look.' },
    { address: '/guide/plan#how-its-done', words: 'Plan: How it’s done', text: 'See there.' },
  ]);
});
