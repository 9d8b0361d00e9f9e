import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';

const ROW = /^\| (?<word>[^|]+?) +\| (?<meaning>[^|]+?) +\| \[`(?<name>\w+)`\]\(\.\.\/(?<file>[^)]+)\) +\|$/;

test('every word has a meaning, and its name stands in its file', () => {
  const rows = readFileSync('docs/words.md', 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('| Word') && !line.startsWith('| ---'));
  assert.ok(rows.length >= 40, `${rows.length} words`);
  const words = new Set<string>();
  for (const row of rows) {
    const { word = '', name = '', file = '' } = ROW.exec(row)?.groups ?? {};
    assert.ok(word !== '', `a row that can’t be read: ${row}`);
    assert.ok(!words.has(word), `${word} stands there twice`);
    words.add(word);
    assert.ok(existsSync(file), `${word}: there is no ${file}`);
    assert.match(readFileSync(file, 'utf8'), new RegExp(`\\b${name}\\b`), `${word}: ${file} has no ${name}`);
  }
});

test('every file that the documents name is there', () => {
  const files = ['app', 'bench', 'core', 'e2e', 'lint', 'scripts']
    .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => `${folder}/${file}`))
    .concat(readdirSync('.'));
  for (const document of ['README.md', 'docs/architecture.md', 'docs/formats.md']) {
    const named = readFileSync(document, 'utf8').matchAll(/`(?<name>[\w/.-]+\.(?:ts|tsx|mjs|astro))`/g);
    for (const { groups } of named) {
      const name = groups?.name ?? '';
      assert.ok(
        files.some((file) => file === name || file.endsWith(`/${name}`)),
        `${document} names ${name}, and there is no such file`,
      );
    }
  }
});
