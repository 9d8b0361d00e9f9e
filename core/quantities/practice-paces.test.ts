import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import type { Piece } from '../job/document/piece-schema.ts';
import { sketchOf } from '../job/document/usual-piece.ts';
import { readLine } from '../typing/typed-line/read-line.ts';
import { FACE_IDS } from '../pieces/elevation.ts';
import { coatMinutes, keyMinutes, SKILL_FACTOR } from './pace.ts';

const PAPER = readFileSync(new URL('../../docs/paces.md', import.meta.url), 'utf8');

/** The cells of the rows under a heading of the paper. */
const tableOf = (heading: string): string[][] => {
  const [, after = ''] = PAPER.split(`## ${heading}\n`);
  const [part = ''] = after.split('\n## ');
  return part
    .split('\n')
    .filter((line) => line.startsWith('| `'))
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    );
};

const pieceOf = (line: string): Piece => {
  const read = readLine(line, { units: 'metric', rooms: [], roomId: 'room-1' });
  assert.ok(read.ok, line);
  return sketchOf(read.kind, read.piece, 'X-01');
};

const WORK: Readonly<Record<string, (piece: Piece) => number>> = {
  roller: (piece) => coatMinutes(piece, 'front', { tool: 'roller', extent: 'all' }),
  'open pores': (piece) => keyMinutes(piece, 'abrade', FACE_IDS),
  brush: (piece) => coatMinutes(piece, 'front', { tool: 'brush', extent: 'all' }),
};

test('the paces of the paper are those of Nivel, and lie within practice', () => {
  const rows = tableOf('Minutes a piece');
  assert.ok(rows.length >= 6);
  for (const [line = '', what = '', stated = '', practice = ''] of rows) {
    const work = WORK[what];
    assert.ok(work, what);
    const minutes = work(pieceOf(line.replaceAll('`', '')));
    const figures = [SKILL_FACTOR.professional, SKILL_FACTOR.steady, SKILL_FACTOR['first-timer']].map(
      (factor) => minutes * factor,
    );
    assert.equal(stated, figures.map((figure) => figure.toFixed(figure < 10 ? 1 : 0)).join(' / '), line);
    practice.split(' / ').forEach((range, index) => {
      const [from = 0, until = 0] = range.split('–').map(Number);
      const figure = figures[index] ?? NaN;
      assert.ok(figure >= from && figure <= until, `${line}: ${figure} is not within ${range}`);
    });
  }
});
