import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { test } from 'node:test';
import { refusedIn } from '../../lint/phrases.mjs';
import { searchEntries } from './search-entries.ts';

/** The files below a folder whose names end so. */
const filesIn = (folder: string, ending: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith(ending))
    .map((name) => join(folder, name));

const pages = filesIn('app/guide/pages', '.mdx').map((file) => {
  const text = readFileSync(file, 'utf8');
  const body = text.replace(/^---[^]*?\n---\n/, '');
  return { id: basename(file, '.mdx'), body, text };
});
const addresses = new Set(
  pages.flatMap(({ id, body }) =>
    searchEntries({ id, title: id, question: '', body }).map(({ address }) => address.replace('/guide/', '')),
  ),
);

test('the guide speaks as the screens do', () => {
  assert.ok(pages.length > 15, 'the pages are found');
  for (const { id, text } of pages)
    for (const line of text.split('\n').filter((entry) => !/^(import|<|order:|stage:)/.test(entry)))
      assert.deepEqual(refusedIn(line), [], `${id}: ${line}`);
});

test('every link into the guide leads to a page and a heading of it', () => {
  const led = [
    ...filesIn('app', '.tsx').flatMap((file) =>
      [...readFileSync(file, 'utf8').matchAll(/(?:page=|\/guide\/)"?([a-z-]+(?:#[a-z-]+)?)"/g)].map(([, to = '']) => ({
        file,
        to,
      })),
    ),
    ...pages.flatMap(({ id, text }) =>
      [...text.matchAll(/\]\(\/guide\/([a-z-]+(?:#[a-z-]+)?)\)/g)].map(([, to = '']) => ({ file: id, to })),
    ),
  ];
  assert.ok(led.length > 10, 'links are found');
  for (const { file, to } of led) if (to !== 'booklet') assert.ok(addresses.has(to), `${file} leads to ${to}`);
});
