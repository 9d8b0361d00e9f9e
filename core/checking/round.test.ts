import assert from 'node:assert/strict';
import { test } from 'node:test';
import { WorkedDays } from '../testing/worked-days.ts';
import { inspectionOrder, type FaceToCheck } from './round.ts';

test('what asks for a look comes first, then what was looked over, then what is still painted; else as it is walked', () => {
  const { piece } = new WorkedDays();
  const face = (id: string, laid: number, lookedAt: string | null, openDefects = 0): FaceToCheck => ({
    piece: { ...piece, id },
    face: 'front',
    coats: { laid, all: 3 },
    paintedAt: null,
    lookedAt,
    openDefects,
  });
  const order = inspectionOrder([
    face('bare', 0, null),
    face('looked over', 3, '2027-03-03T15:00'),
    face('run in its first coat', 1, null, 1),
    face('one coat', 1, null),
    face('finished', 3, null),
  ]).map(([{ id }]) => id);
  assert.deepEqual(order, ['run in its first coat', 'finished', 'looked over', 'bare', 'one coat']);
});
