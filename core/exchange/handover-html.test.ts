import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Block } from '../handover/blocks.ts';
import { writeHandoverHtml } from './handover-html.ts';

const EVIL = '<script>alert("x")</script> & \'y\'';
const TOLD = '&lt;script&gt;alert(&quot;x&quot;)&lt;/script&gt; &amp; &#39;y&#39;';
const cell = (text: string, more: object = {}) => ({ text, hex: null, isGap: false, ...more });
const table = (rows: object[][]): Block =>
  ({ kind: 'table', label: EVIL, head: ['Piece', EVIL], rows }) as unknown as Block;

test('whatever somebody has typed is text, in every kind of block', () => {
  const blocks = [
    { kind: 'title', text: EVIL, lines: [EVIL] },
    { kind: 'heading', id: EVIL, text: EVIL },
    { kind: 'subheading', text: EVIL },
    { kind: 'text', text: EVIL },
    { kind: 'caution', text: EVIL },
    { kind: 'list', items: [EVIL] },
    table([[cell(EVIL), cell(EVIL, { hex: EVIL })]]),
  ] as unknown as Block[];
  const html = writeHandoverHtml(blocks, EVIL);
  assert.ok(!html.includes('<script'), 'no script of anybody');
  assert.equal(html.split(TOLD).length - 1, 17);
});

test('a colour is shown by its sign, and what is no colour is not', () => {
  const html = writeHandoverHtml([table([[cell('D-01', { hex: '#2f4b5c' }), cell('D-02', { hex: 'url(x)' })]])], 'en');
  assert.equal(html.match(/class="swatch"/g)?.length, 1);
  assert.ok(html.includes('background:#2f4b5c'));
});

test('the title stands first, then where everything is; gaps are told as gaps', () => {
  const html = writeHandoverHtml(
    [
      { kind: 'heading', id: 'pieces', text: 'Pieces' },
      { kind: 'title', text: 'Tern Street', lines: [] },
      table([[cell('D-01'), cell('not measured', { isGap: true })]]),
    ] as unknown as Block[],
    'en-GB',
  );
  const order = ['<html lang="en-GB">', '<h1>Tern Street</h1>', '<a href="#pieces">Pieces</a>', '<h2 id="pieces">'];
  const places = order.map((part) => html.indexOf(part));
  assert.deepEqual(
    places.toSorted((one, other) => one - other),
    places,
  );
  assert.ok(!places.includes(-1));
  assert.match(html, /<td role="cell" data-head="[^"]*" class="gap"><span>not measured/);
  assert.ok(!/https?:\/\//.test(html), 'nothing is fetched');
});
